import { appWords, glossaryWords, helpWords } from '@jovrin/contract'
import { Box, Button, TextField } from '@mui/material'
import { useState } from 'react'
import { useLocation } from 'react-router'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { holdsAll } from '../find.js'
import { GUIDE, sectionOf } from './guide.js'

interface HelpSheetProps {
  /** A term that is asked for; else the guide opens at the place that is shown. */
  readonly term: string | null
  readonly onShortcuts: () => void
  readonly onClose: () => void
}
/** What help was opened for is seen first. */
const scrollTo = (element: Element | null): void => element?.scrollIntoView({ block: 'start' })
const TERMS = Object.entries(glossaryWords).sort(([, [a]], [, [b]]) => a.localeCompare(b))

/** The guide and the words of the field, searched together. */
export function HelpSheet({ term, onShortcuts, onClose }: HelpSheetProps) {
  const here = sectionOf(useLocation().pathname)
  const [typed, setTyped] = useState('')
  const sections = GUIDE.filter(({ text }) => holdsAll(text, typed))
  const terms = TERMS.filter(([, entry]) => holdsAll(entry.join(' '), typed))
  return (
    <SheetDialog title={helpWords.title} isOpen isWide onClose={onClose}>
      <Box sx={{ p: 2, width: { md: 820 }, maxWidth: '100%', display: 'grid', gap: 1.5, gridTemplateRows: 'auto 1fr', maxHeight: '78vh' }}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 1.5 }}>
          <TextField
            type="search"
            label={helpWords.search}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            sx={{ flexGrow: 1, minWidth: 220 }}
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 80 } }}
            autoFocus={term === null}
          />
          <Button onClick={onShortcuts}>{helpWords.keys}</Button>
          <Button onClick={onClose}>{appWords.close}</Button>
        </Box>
        <Box tabIndex={0} role="region" aria-label={helpWords.title} sx={{ overflowY: 'auto', minHeight: 0, pr: 1 }}>
          {sections.length + terms.length === 0 && <Box role="status">{helpWords.none}</Box>}
          {sections.length > 0 && <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{helpWords.guide}</Box>}
          {sections.length > 0 && (
            <Box lang="en">
              {sections.map(({ id, title, html }) => (
                <Box
                  key={id}
                  component="section"
                  aria-label={title}
                  {...(term === null && id === here ? { ref: scrollTo } : {})}
                  sx={{
                    '& p, & li': { maxWidth: '72ch', my: 0.75, lineHeight: 1.45 },
                    '& pre': { whiteSpace: 'pre-wrap', overflowWrap: 'anywhere', fontSize: 13 },
                  }}
                >
                  <Box component="h2" className="lettering" sx={{ m: 0, mt: 1.5, fontSize: 18, borderBottom: '1px solid var(--ink)' }}>
                    {title}
                    {id === here && (
                      <Box component="span" sx={{ color: 'text.secondary', ml: 1, fontSize: 14 }}>
                        {helpWords.here}
                      </Box>
                    )}
                  </Box>
                  <div dangerouslySetInnerHTML={{ __html: html }} />
                </Box>
              ))}
            </Box>
          )}
          {terms.length > 0 && (
            <Box component="section" aria-label={helpWords.terms}>
              <Box component="h2" className="lettering" sx={{ m: 0, mt: 2, fontSize: 18, borderBottom: '1px solid var(--ink)' }}>
                {helpWords.terms}
              </Box>
              <Box component="dl" sx={{ m: 0 }}>
                {terms.map(([id, [name, , meaning]]) => (
                  <Box
                    key={id}
                    {...(id === term ? { ref: scrollTo } : {})}
                    sx={{ py: 0.5, px: 0.5, borderBottom: '1px solid var(--hair)', background: id === term ? 'var(--water-fill)' : 'none' }}
                  >
                    <Box component="dt" sx={{ fontWeight: 600 }}>
                      {name}
                    </Box>
                    <Box component="dd" sx={{ m: 0, maxWidth: '72ch' }}>
                      {meaning}
                    </Box>
                  </Box>
                ))}
              </Box>
            </Box>
          )}
        </Box>
      </Box>
    </SheetDialog>
  )
}
