import { enApp, enBalance, enSettings, Problem, RestoreReport } from '@jovrin/contract'
import { Box, Button, LinearProgress } from '@mui/material'
import { useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { significant } from '../../ui/units.js'
import { Section } from './Section.js'

/** Everything out in one archive, and back in. */
export function BackupPanel() {
  const client = useQueryClient()
  const input = useRef<HTMLInputElement>(null)
  const [file, setFile] = useState<File | null>(null)
  const [state, setState] = useState<{ readonly isBusy: boolean; readonly said: string | null; readonly isFailure: boolean }>({
    isBusy: false,
    said: null,
    isFailure: false,
  })
  const restore = async (archive: File): Promise<void> => {
    setFile(null)
    setState({ isBusy: true, said: null, isFailure: false })
    try {
      const answer = await fetch('/api/restore', { method: 'POST', headers: { 'Content-Type': 'application/zip' }, body: archive })
      const json: unknown = await answer.json().catch(() => null)
      if (!answer.ok) throw new Error(Problem.safeParse(json).data?.detail ?? enApp.failed)
      const report = RestoreReport.parse(json)
      setState({
        isBusy: false,
        said: enSettings.restored(significant(report.tanks, 7), significant(report.records, 9), report.keptOld),
        isFailure: false,
      })
      await client.invalidateQueries()
    } catch (error) {
      setState({
        isBusy: false,
        said: error instanceof TypeError ? enApp.offline : error instanceof Error ? error.message : enApp.failed,
        isFailure: true,
      })
    }
  }
  return (
    <Section title={enSettings.backup}>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{enSettings.backupHint}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button component="a" href="/api/backup.zip" download>
          {enSettings.download}
        </Button>
        <input
          ref={input}
          type="file"
          accept="application/zip,.zip"
          hidden
          aria-label={enSettings.restore}
          onChange={(event) => {
            setFile(event.target.files?.[0] ?? null)
            event.target.value = ''
          }}
        />
        <Button disabled={state.isBusy} onClick={() => input.current?.click()}>
          {enSettings.restore}
        </Button>
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{enSettings.restoreHint}</Box>
      {state.isBusy && <LinearProgress aria-label={enSettings.restore} />}
      {state.said !== null && (
        <Box
          role={state.isFailure ? 'alert' : 'status'}
          sx={{ color: state.isFailure ? 'var(--algae)' : undefined, overflowWrap: 'anywhere' }}
        >
          {state.said}
        </Box>
      )}
      <SheetDialog title={enSettings.restore} isOpen={file !== null} onClose={() => setFile(null)}>
        <Box sx={{ p: 3, maxWidth: 440 }}>
          <p>{enSettings.restoreSure(file?.name ?? '')}</p>
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button variant="contained" onClick={() => file !== null && void restore(file)}>
              {enSettings.restoreYes}
            </Button>
            <Button onClick={() => setFile(null)}>{enBalance.cancel}</Button>
          </Box>
        </Box>
      </SheetDialog>
    </Section>
  )
}
