import { figureWords } from '@jovrin/contract'
import type { Provenance } from '@jovrin/core'
import { Box, Popover } from '@mui/material'
import { useState, type ReactNode } from 'react'
import { bareButton } from './bareButton.js'
import { RemoveIcon } from './icons/RemoveIcon.js'
import { significant } from './units.js'

/** What a figure's working shows: everything needed to reckon it again. */
export interface Explained {
  readonly title: string
  readonly formula: string
  /** The formula with the user's own values put in. */
  readonly worked?: string
  readonly inputs: readonly { readonly name: string; readonly value: string; readonly from: Provenance }[]
  readonly source: string
  /** `null` when exact for its inputs. */
  readonly range: readonly [low: string, high: string] | null
}

interface FigureProps {
  readonly children: ReactNode
  readonly explained: Explained
}

/** A computed figure that opens: formula, the user's own values, where each came from, source and range. */
export function Figure({ children, explained }: FigureProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  return (
    <>
      <Box
        component="button"
        type="button"
        aria-haspopup="dialog"
        aria-expanded={anchor !== null}
        title={figureWords.open(explained.title)}
        onClick={(event) => setAnchor(event.currentTarget)}
        className="figures"
        sx={{
          ...bareButton,
          borderBottom: '1.5px dotted var(--ink-2)',
          '&:hover': { borderBottomStyle: 'solid' },
        }}
      >
        {children}
      </Box>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { role: 'dialog', 'aria-label': explained.title, sx: { p: 2, maxWidth: 460 } } }}
      >
        <WorkingSheet explained={explained} onClose={() => setAnchor(null)} />
      </Popover>
    </>
  )
}

function WorkingSheet({ explained, onClose }: { explained: Explained; onClose: () => void }) {
  return (
    <Box sx={{ fontSize: 14 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, borderBottom: '2px solid var(--ink)', mb: 1 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 17 }}>
          {explained.title}
        </Box>
        <Box
          component="button"
          type="button"
          aria-label={figureWords.close}
          onClick={onClose}
          autoFocus
          sx={{ font: 'inherit', color: 'inherit', border: 0, background: 'none', cursor: 'pointer' }}
        >
          <RemoveIcon />
        </Box>
      </Box>
      <Row head={figureWords.formula}>{explained.formula}</Row>
      {explained.worked !== undefined && <Row head={figureWords.worked}>{explained.worked}</Row>}
      <Row head={figureWords.inputs}>
        <Box component="table" className="figures" sx={{ borderCollapse: 'collapse', width: '100%' }}>
          <tbody>
            {explained.inputs.map((input, place) => (
              <tr key={place}>
                <td>{input.name}</td>
                <Box component="td" sx={{ textAlign: 'right', px: 1 }}>
                  {input.value}
                </Box>
                <Box component="td" sx={{ color: 'text.secondary', fontStyle: input.from === 'assumed' ? 'italic' : 'normal' }}>
                  {figureWords.from[input.from]}
                </Box>
              </tr>
            ))}
          </tbody>
        </Box>
      </Row>
      <Row head={figureWords.range}>{explained.range === null ? figureWords.exact : `${explained.range[0]} – ${explained.range[1]}`}</Row>
      <Row head={figureWords.source}>{explained.source}</Row>
    </Box>
  )
}

const Row = ({ head, children }: { head: string; children: ReactNode }) => (
  <Box sx={{ display: 'grid', gridTemplateColumns: '64px 1fr', gap: 1, py: 0.5, borderBottom: '1px solid var(--hair)' }}>
    <Box className="lettering" sx={{ fontSize: 12.5, color: 'text.secondary', pt: '2px' }}>
      {head}
    </Box>
    <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>{children}</Box>
  </Box>
)

export const spanOf = (low: number, high: number, unit: string): readonly [string, string] => [
  `${significant(low)} ${unit}`,
  `${significant(high)} ${unit}`,
]
