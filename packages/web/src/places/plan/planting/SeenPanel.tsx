import { plantingWords } from '@jovrin/contract'
import { LOOKS, seenOf, type Hider, type SeenBed } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { useSearchParams } from 'react-router'
import { supplyIn } from '../../../drawing/section/supplyIn.js'
import { useUnits } from '../../../ui/units.js'
import { useSettled, type Desk } from '../desk.js'
import { weekOf } from './weekOf.js'

interface SeenPanelProps {
  readonly desk: Desk
  readonly chosen: string | null
}

/** How much of each patch is seen from each side, and what stands before it. */
export function SeenPanel({ desk: { plan, figures: newest }, chosen }: SeenPanelProps) {
  const figures = useSettled(newest)
  const units = useUnits()
  const [search] = useSearchParams()
  const isCut = search.get('cut') === '1'
  const weeks = useSettled(weekOf(search))
  const { views } = plan.intent
  const scene = useMemo(
    () => ({ ...figures, pieces: figures.pieces.flatMap(({ placed }) => (placed === null ? [] : [placed])) }),
    [figures],
  )
  // The rear only where somebody looks through it.
  const looks = useMemo(
    () =>
      LOOKS.filter((look) => look !== 'back' || views.includes(look)).map((look) => {
        const seen = seenOf(scene, {
          look,
          weeks,
          supplyOf: (plant) => supplyIn(figures, plant),
          cutAtPpfd: isCut ? figures.ppfd : undefined,
        })
        return [look, new Map(seen.map((one) => [one.bed.bed.id, one]))] as const
      }),
    [scene, figures, weeks, views, isCut],
  )
  const numberOf = new Map(plan.beds.map(({ id }, index) => [id, index + 1]))
  const hiderText = (by: Hider): string =>
    by.kind === 'ground'
      ? plantingWords.seen.ground
      : by.kind === 'bed'
        ? plantingWords.seen.patchNumber(String(numberOf.get(by.id) ?? ''))
        : (plan.hardscape.find(({ id }) => id === by.id)?.name ?? '')
  const beds = figures.beds.filter(({ plants, isFloating }) => plants.length > 0 && !isFloating)
  return (
    <Box sx={{ fontSize: 14.5 }} className="figures">
      <table style={{ width: '100%', borderCollapse: 'collapse' }}>
        <caption style={{ textAlign: 'left', fontSize: 12.5, color: 'var(--ink-2)' }}>{plantingWords.seen.caption(String(weeks))}</caption>
        <thead>
          <tr>
            <th style={HEAD}>{plantingWords.seen.patch}</th>
            {looks.map(([look]) => (
              <th key={look} style={{ ...HEAD, textAlign: 'right' }}>
                {plantingWords.seen.looks[look]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {beds.map(({ bed, plants }) => {
            const hider = looks[0]?.[1].get(bed.id)?.hider ?? null
            return (
              <tr key={bed.id} style={{ fontWeight: bed.id === chosen ? 700 : 400, verticalAlign: 'top' }}>
                <td>
                  {numberOf.get(bed.id)} <i>{plants[0]?.plant.name}</i>
                  {hider !== null && hider.share >= TOLD_FROM && (
                    <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{plantingWords.seen.hidden(hiderText(hider.by))}</Box>
                  )}
                </td>
                {looks.map(([look, seen]) => (
                  <td key={look} style={{ textAlign: 'right', whiteSpace: 'nowrap', paddingLeft: 8 }}>
                    {shown(seen.get(bed.id), (share) => units.show('fraction', share, 2))}
                  </td>
                ))}
              </tr>
            )
          })}
        </tbody>
      </table>
      <Box sx={{ fontSize: 13.5, color: 'text.secondary', mt: 0.5 }}>{plantingWords.seen.why}</Box>
    </Box>
  )
}
const HEAD = { textAlign: 'left', fontWeight: 400, fontSize: 12.5, color: 'var(--ink-2)' } as const
/** Less hidden than that is no remark. */
const TOLD_FROM = 0.3

/** To tenths of the whole: the outlines are a sketch. */
const shown = (seen: SeenBed | undefined, show: (share: number) => string): string =>
  seen === undefined || seen.seen === null ? '–' : show(Math.round(seen.seen * 10) / 10)
