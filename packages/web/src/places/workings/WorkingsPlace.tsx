import { refusedWords, workingsWords, workingTitleWords, nameIn } from '@jovrin/contract'
import { WORKINGS } from '@jovrin/core'
import { Box, Button, TextField } from '@mui/material'
import { useCallback, useMemo, useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { useNotice } from '../../ui/notice.js'
import { fieldName, searchOf, textsOf, type SumTexts } from '../shared/sum.js'
import { SumForm } from '../shared/SumForm.js'

/** What a first visit shows: the sum that growers do most, with common values. */
const EXAMPLE = { id: 'gas.co2-from-ph', values: { pH: '6.6', khDkh: '4', temperatureC: '25' } } as const

const groupOf = (id: string): string => id.split('.')[0] ?? id

/** Every word that is typed stands in the name of the sum, of its group or of what it asks for. */
function isFound(id: string, find: string): boolean {
  const fields = WORKINGS.find((working) => working.id === id)?.fields ?? []
  const text = [workingTitleWords[id], nameIn(workingsWords.groups, groupOf(id)), ...fields.map(({ name }) => fieldName(name))]
    .join(' ')
    .toLowerCase()
  return find
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word))
}

/** Every worked figure as a quick sum; what is filled in stands in the address. */
export function WorkingsPlace() {
  const { workingId } = useParams()
  const tell = useNotice()
  const [search, setSearch] = useSearchParams()
  const [find, setFind] = useState('')
  const shown = workingId ?? EXAMPLE.id
  const working = WORKINGS.find(({ id }) => id === shown) ?? null
  const isExample = workingId === undefined && search.size === 0
  const texts = useMemo(
    () => (working === null ? {} : textsOf(working, isExample ? new URLSearchParams(EXAMPLE.values) : search)),
    [working, search, isExample],
  )
  const found = WORKINGS.filter(({ id }) => isFound(id, find))
  const change = useCallback((next: SumTexts) => setSearch(searchOf(next), { replace: true }), [setSearch])
  const copy = async (): Promise<void> => {
    const address = `${window.location.origin}/workings/${shown}?${searchOf(texts).toString()}`
    try {
      await navigator.clipboard.writeText(address)
      tell({ text: workingsWords.shared })
    } catch {
      tell({ text: address }) // a page without a secure context may not write there
    }
  }
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: '290px minmax(0,1fr)' }, flexGrow: 1 }}>
      <Box
        component="nav"
        aria-label={workingsWords.title}
        sx={{
          borderRight: { md: '2px solid var(--ink)' },
          background: 'var(--sheet)',
          px: 2,
          py: 1.5,
          display: { xs: workingId === undefined ? 'block' : 'none', md: 'block' },
        }}
      >
        <TextField
          type="search"
          label={workingsWords.find}
          value={find}
          onChange={(event) => setFind(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          fullWidth
          sx={{ mb: 1.5 }}
        />
        {found.length === 0 && <Box role="status">{workingsWords.notFound}</Box>}
        {Object.entries(workingsWords.groups).map(
          ([group, title]) =>
            found.some(({ id }) => groupOf(id) === group) && (
              <Box key={group} sx={{ mb: 1.5 }}>
                <Box className="lettering" sx={{ fontSize: 15, borderBottom: '1px solid var(--ink)' }}>
                  {title}
                </Box>
                <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                  {found
                    .filter(({ id }) => groupOf(id) === group)
                    .map(({ id }) => (
                      <li key={id}>
                        <Box
                          component={Link}
                          to={`/workings/${id}`}
                          aria-current={id === shown ? 'page' : undefined}
                          sx={{
                            color: 'inherit',
                            textDecoration: 'none',
                            display: 'block',
                            py: { xs: 0.75, md: 0.15 },
                            minHeight: 24,
                            fontWeight: id === shown ? 700 : 400,
                            '&:hover': { textDecoration: 'underline' },
                          }}
                        >
                          {workingTitleWords[id] ?? id}
                        </Box>
                      </li>
                    ))}
                </Box>
              </Box>
            ),
        )}
      </Box>
      <Box sx={{ px: { xs: 2, md: 4 }, py: 2, maxWidth: 860, minWidth: 0 }}>
        <Box component="h1" className="lettering" sx={{ m: 0, mb: 1, fontSize: 26 }}>
          {working === null ? workingsWords.title : (workingTitleWords[working.id] ?? working.id)}
        </Box>
        {working === null ? (
          <p>{refusedWords.noSuchWorking}</p>
        ) : (
          <>
            {isExample && <Box sx={{ color: 'text.secondary', mb: 1 }}>{workingsWords.example}</Box>}
            <SumForm key={working.id} working={working} texts={texts} onChange={change} />
            <Box sx={{ display: 'flex', gap: 1, mt: 2 }}>
              <Button onClick={() => void copy()}>{workingsWords.share}</Button>
              <Button component={Link} to="/workings" sx={{ display: { md: 'none' } }}>
                {workingsWords.title}
              </Button>
            </Box>
          </>
        )}
      </Box>
    </Box>
  )
}
