import { libraryWords, navWords } from '@jovrin/contract'
import { Box } from '@mui/material'
import type { ReactNode } from 'react'
import { Link, NavLink } from 'react-router'

const SHELVES = [
  ['/library', libraryWords.species],
  ['/library/animals', libraryWords.animals],
  ['/library/products', libraryWords.products],
] as const

/** The library's name, its parts, and what else is found by looking it up. */
export function LibraryHead({ children }: { readonly children?: ReactNode }) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 2, rowGap: 0.5 }}>
      <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 22 }}>
        {libraryWords.title}
      </Box>
      <Box component="nav" aria-label={libraryWords.title} sx={{ display: 'flex', gap: 2, fontSize: 16, flexGrow: 1 }}>
        {SHELVES.map(([to, name]) => (
          <Box
            key={to}
            component={NavLink}
            to={to}
            end
            className="lettering"
            sx={{
              color: 'inherit',
              textDecoration: 'none',
              '&.active': { fontWeight: 700, borderBottom: '2px solid var(--ink)' },
              '&:hover': { textDecoration: 'underline' },
            }}
          >
            {name}
          </Box>
        ))}
        <Box
          component={Link}
          to="/workings"
          className="lettering"
          sx={{ color: 'inherit', textDecoration: 'none', '&:hover': { textDecoration: 'underline' } }}
        >
          {navWords.workings}
        </Box>
      </Box>
      {children}
    </Box>
  )
}
