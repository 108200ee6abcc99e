import { enRefused, enWorkings, enWorkingTitle } from '@jovrin/contract'
import { WORKINGS } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useCallback, useMemo } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { useNotice } from '../../ui/notice.js'
import { searchOf, textsOf, type SumTexts } from '../shared/sum.js'
import { SumForm } from '../shared/SumForm.js'

const groupOf = (id: string): string => id.split('.')[0] ?? id

/** Every worked figure as a quick sum; what is filled in stands in the address. */
export function WorkingsPlace() {
  const { workingId } = useParams()
  const tell = useNotice()
  const [search, setSearch] = useSearchParams()
  const working = WORKINGS.find(({ id }) => id === workingId) ?? null
  const texts = useMemo(() => (working === null ? {} : textsOf(working, search)), [working, search])
  const change = useCallback((next: SumTexts) => setSearch(searchOf(next), { replace: true }), [setSearch])
  const copy = async (): Promise<void> => {
    const address = `${window.location.origin}${window.location.pathname}?${searchOf(texts).toString()}`
    try {
      await navigator.clipboard.writeText(address)
      tell({ text: enWorkings.shared })
    } catch {
      tell({ text: address }) // a page without a secure context may not write there
    }
  }
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: '290px minmax(0,1fr)' }, flexGrow: 1 }}>
      <Box
        component="nav"
        aria-label={enWorkings.title}
        sx={{
          borderRight: { md: '2px solid var(--ink)' },
          background: 'var(--sheet)',
          px: 2,
          py: 1.5,
          display: { xs: working === null ? 'block' : 'none', md: 'block' },
        }}
      >
        {Object.entries(enWorkings.groups).map(([group, title]) => (
          <Box key={group} sx={{ mb: 1.5 }}>
            <Box className="lettering" sx={{ fontSize: 15, borderBottom: '1px solid var(--ink)' }}>
              {title}
            </Box>
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
              {WORKINGS.filter(({ id }) => groupOf(id) === group).map(({ id }) => (
                <li key={id}>
                  <Box
                    component={Link}
                    to={`/workings/${id}`}
                    aria-current={id === workingId ? 'page' : undefined}
                    sx={{
                      color: 'inherit',
                      textDecoration: 'none',
                      display: 'block',
                      py: { xs: 0.75, md: 0.15 },
                      minHeight: 24,
                      fontWeight: id === workingId ? 700 : 400,
                      '&:hover': { textDecoration: 'underline' },
                    }}
                  >
                    {enWorkingTitle[id] ?? id}
                  </Box>
                </li>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
      <Box sx={{ px: { xs: 2, md: 4 }, py: 2, maxWidth: 860, minWidth: 0 }}>
        <Box component="h1" className="lettering" sx={{ m: 0, mb: 1, fontSize: 26 }}>
          {working === null ? enWorkings.title : (enWorkingTitle[working.id] ?? working.id)}
        </Box>
        {working === null ? (
          <p>{workingId === undefined ? enWorkings.intro : enRefused.noSuchWorking}</p>
        ) : (
          <>
            <SumForm key={working.id} working={working} texts={texts} onChange={change} />
            <Box sx={{ display: 'flex', gap: 1, mt: 2 }}>
              <Button onClick={() => void copy()}>{enWorkings.share}</Button>
              <Button component={Link} to="/workings" sx={{ display: { md: 'none' } }}>
                {enWorkings.title}
              </Button>
            </Box>
          </>
        )}
      </Box>
    </Box>
  )
}
