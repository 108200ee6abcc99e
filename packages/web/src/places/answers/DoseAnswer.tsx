import { answersWords, nutrientWords, portionText, type TankEntry } from '@jovrin/contract'
import { dayDose, entryAt, isChangeDay, jobPortion, NUTRIENT_DIMENSION, tankFigures, TESTED_NUTRIENTS } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { agedTimeline, timelineOfTank } from '../../api/tanks.queries.js'
import { useUnits } from '../../ui/units.js'
import { addressOfSheet } from '../shared/sheetPlace.js'

/** What this tank is dosed today by its plan, and where that is planned. */
export function DoseAnswer({ tank }: { readonly tank: TankEntry }) {
  const units = useUnits()
  const told = useQuery(timelineOfTank(tank.id)).data
  if (told === undefined) return null
  const { timeline, today } = agedTimeline(told)
  const entry = entryAt(timeline, today)
  if (entry === undefined) return null
  const { waterL } = tankFigures(entry.plan)
  const { kind, portions, mgPerL } = dayDose(entry, today, isChangeDay(entry.plan, today))
  const levels = TESTED_NUTRIENTS.map(
    (nutrient) => `${nutrientWords[nutrient]} ${units.show(NUTRIENT_DIMENSION[nutrient], mgPerL[nutrient], 2)}`,
  )
  const doses =
    kind === 'up-to'
      ? answersWords.doseByTest(levels.join(', '))
      : portions.map((portion) => portionText(jobPortion(portion, waterL), units.reader)).join(' · ')
  const sheet = addressOfSheet(tank.id, 'feed')
  return (
    <Box className="figures" sx={{ mb: 1.5, display: 'grid', gap: 0.5 }}>
      <div>{answersWords.doseToday(entry.plan.name, doses === '' ? answersWords.doseNone : doses)}</div>
      <div>
        <Link to={sheet}>{answersWords.dosePlace}</Link> · <Link to={`${sheet}?part=overdose`}>{answersWords.overdosePlace}</Link>
      </div>
    </Box>
  )
}
