import { appWords, signInWords } from '@jovrin/contract'
import { Box, Button, TextField } from '@mui/material'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { z } from 'zod'
import { changeJson } from '../api/http.js'

/** Stands in the place of everything until the passphrase is given. */
export function SignIn() {
  const client = useQueryClient()
  const [passphrase, setPassphrase] = useState('')
  const [error, setError] = useState<string | null>(null)
  const go = async (): Promise<void> => {
    try {
      await changeJson('POST', '/api/session', z.null(), { body: { passphrase } })
      await client.invalidateQueries()
    } catch (failure) {
      setError(failure instanceof Error ? failure.message : appWords.failed)
    }
  }
  return (
    <Box
      component="form"
      sx={{ p: 4, maxWidth: 420, display: 'grid', gap: 2 }}
      onSubmit={(event) => {
        event.preventDefault()
        void go()
      }}
    >
      <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 24 }}>
        {signInWords.title}
      </Box>
      {signInWords.body}
      <TextField
        type="password"
        autoComplete="current-password"
        label={signInWords.field}
        value={passphrase}
        onChange={(event) => setPassphrase(event.target.value)}
        error={error !== null}
        helperText={error ?? ''}
        autoFocus
      />
      <Button type="submit" variant="contained" disabled={passphrase === ''}>
        {signInWords.go}
      </Button>
    </Box>
  )
}
