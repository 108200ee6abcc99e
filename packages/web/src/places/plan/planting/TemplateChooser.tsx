import { layoutWords, plantingWords } from '@jovrin/contract'
import { fitTemplate, LAYOUT_KINDS, LAYOUT_TEMPLATES, lineOf, plantSiteOf, type LayoutKind } from '@jovrin/core'
import { Box, Button, ButtonBase } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { localId } from '../../../api/localId.js'
import { allPlants } from '../../library/species/species.queries.js'
import type { Desk } from '../desk.js'

const text = plantingWords.templates

/** Compositions to begin with: a click lays one on the floor, fitted to this tank. */
export function TemplateChooser({ desk, isOpenFirst }: { readonly desk: Desk; readonly isOpenFirst: boolean }) {
  const { plan, figures, change } = desk
  const plants = useQuery(allPlants()).data
  const [isOpen, setOpen] = useState(isOpenFirst)
  const lay = (kind: LayoutKind): void => {
    if (plants === undefined) return
    const garden = { all: plants, siteOf: (place: Parameters<typeof plantSiteOf>[2]) => plantSiteOf(plan, figures, place) }
    change((now) => fitTemplate(now, kind, figures, garden, localId))
    setOpen(false)
  }
  if (!isOpen)
    return (
      <Button variant="text" sx={{ justifySelf: 'start', p: 0 }} onClick={() => setOpen(true)}>
        {text.open}
      </Button>
    )
  // The layout that was meant comes first.
  const kinds = [...LAYOUT_KINDS].sort((a, b) => Number(b === plan.intent.layout) - Number(a === plan.intent.layout))
  return (
    <Box component="section" aria-label={text.title} sx={{ display: 'grid', gap: 0.75 }}>
      <Box sx={{ fontSize: 13.5, color: 'text.secondary' }}>{plan.beds.length === 0 ? text.why : text.replaces}</Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(118px, 1fr))', gap: 1 }}>
        {kinds.map((kind) => (
          <ButtonBase
            key={kind}
            disabled={plants === undefined}
            onClick={() => lay(kind)}
            sx={{
              font: 'inherit',
              display: 'grid',
              gap: 0.25,
              p: 0.5,
              border: '1px solid var(--hair)',
              '&:hover': { borderColor: 'var(--ink)' },
            }}
          >
            <Preview kind={kind} lengthCm={figures.inner.lengthCm} widthCm={figures.inner.widthCm} />
            <Box sx={{ fontSize: 14, lineHeight: 1.2 }}>{layoutWords[kind]}</Box>
          </ButtonBase>
        ))}
      </Box>
    </Box>
  )
}

/** The groups of a composition on a floor of this shape; decoration beside its name. */
function Preview({ kind, lengthCm, widthCm }: { readonly kind: LayoutKind; readonly lengthCm: number; readonly widthCm: number }) {
  const { isRound, beds } = LAYOUT_TEMPLATES[kind]
  return (
    <svg viewBox={`-1 -1 ${lengthCm + 2} ${widthCm + 2}`} width="108" height={Math.min(60, (108 * widthCm) / lengthCm)} aria-hidden="true">
      <rect width={lengthCm} height={widthCm} fill="var(--sheet)" stroke="var(--ink)" vectorEffect="non-scaling-stroke" />
      {beds.map(({ role, corners }, index) => {
        const line = lineOf(
          corners.map(([x, y]) => ({ xCm: x * lengthCm, yCm: y * widthCm, isRound: isRound && x > 0 && x < 1 && y > 0 && y < 1 })),
        )
        return (
          <path
            key={index}
            d={`M${line.map(({ xCm, yCm }) => `${xCm} ${widthCm - yCm}`).join('L')}Z`}
            fill={role === 'red' ? 'var(--shade-red)' : 'var(--shade-green)'}
            fillOpacity={DEPTH_OF_ROLE[role]}
            stroke="var(--ink-2)"
            vectorEffect="non-scaling-stroke"
          />
        )
      })}
    </svg>
  )
}
/** The taller a group, the darker. */
const DEPTH_OF_ROLE = { carpet: 0.15, meadow: 0.3, fore: 0.35, mid: 0.45, red: 0.5, bush: 0.6, ribbon: 0.75, tall: 0.85 } as const
