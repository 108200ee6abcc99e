import { awayWords } from '@jovrin/contract'
import { datePlusDays, RISE_AFTER_DAYS, type Absence, type Plan, type TankFigures } from '@jovrin/core'
import { Box } from '@mui/material'
import { longDate, useUnits } from '../../../ui/units.js'

interface ReturnProps {
  readonly plan: Plan
  readonly figures: TankFigures
  readonly absence: Absence
}

/** The way back, in its order. */
export function AwayReturn({ plan, figures, absence }: ReturnProps) {
  const units = useUnits()
  const { returnSteps: text } = awayWords
  const { fraction } = plan.changes
  const dates = RISE_AFTER_DAYS.map((days) => longDate(datePlusDays(absence.backOn, days))).join(', ')
  return (
    <Box component="ol" aria-label={awayWords.returning} sx={{ m: 0, pl: 2.5 }}>
      {[
        text.animals,
        text.look,
        text.change(units.show('fraction', fraction), units.show('volume', fraction * figures.waterL, 2)),
        ...(figures.foodGPerDay > 0 ? [text.food] : []),
        absence.lowerFrom === null ? text.lightStays : text.light(dates),
        text.trim,
      ].map((step) => (
        <li key={step}>{step}</li>
      ))}
    </Box>
  )
}
