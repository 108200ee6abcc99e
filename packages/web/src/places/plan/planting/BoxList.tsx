import { plantingWords, plantKindWords } from '@jovrin/contract'
import { boxOf, civilDate, type PlantsChanged } from '@jovrin/core'
import { Box } from '@mui/material'
import { shortDate, significant, useUnits } from '../../../ui/units.js'

const text = plantingWords.box

interface BoxListProps {
  readonly records: readonly (PlantsChanged & { readonly id: string })[]
  readonly timeZone: string
}

/** Plants that arrived and wait for their place, with the days that they have been kept. Nothing where none wait. */
export function BoxList({ records, timeZone }: BoxListProps) {
  const units = useUnits()
  const dateOf = (at: string): string => civilDate(new Date(at), timeZone)
  const box = boxOf(records, { today: civilDate(new Date(), timeZone), dateOf })
  if (box.length === 0) return null
  return (
    <Box role="region" aria-label={text.title} sx={{ display: 'grid', gap: 0.5, pb: 0.5 }}>
      <Box className="lettering" sx={{ fontSize: 15 }}>
        {text.title}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {box.map(({ id, plant, plantKind, portions, daysKept, keepsDays, heldUntil }) => (
          <Box component="li" key={id} className="figures">
            {text.portions(significant(portions, 3))} <i>{plant ?? plantKindWords[plantKind]}</i>,{' '}
            {text.kept(units.show('days', daysKept), units.show('days', keepsDays))}
            {heldUntil !== null && `; ${text.held(shortDate(heldUntil))}`}
            {daysKept > keepsDays && heldUntil === null && <b>; {text.past}</b>}
          </Box>
        ))}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{text.why}</Box>
    </Box>
  )
}
