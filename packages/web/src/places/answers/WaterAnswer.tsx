import { answersWords, type TankEntry } from '@jovrin/contract'
import { entryAt, plannedCard, tankFigures } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { agedTimeline, timelineOfTank } from '../../api/tanks.queries.js'
import { clockSpan } from '../../ui/timers/timers.js'
import { percent, useUnits } from '../../ui/units.js'
import { addressOfSheet } from '../shared/sheetPlace.js'
import { cardStepText } from '../shared/water/cardStepText.js'
import { monthNow } from '../shared/water/roomNow.js'

/** The next change of this tank in a line: which waters, salts, conditioner, and when to stop. */
export function WaterAnswer({ tank }: { readonly tank: TankEntry }) {
  const units = useUnits()
  const told = useQuery(timelineOfTank(tank.id)).data
  if (told === undefined) return null
  const { timeline, today } = agedTimeline(told)
  const entry = entryAt(timeline, today)
  if (entry === undefined) return null
  const { card, fraction } = plannedCard({
    plan: entry.plan,
    figures: tankFigures(entry.plan),
    ageDays: today,
    month: monthNow(),
  })
  const taken = card.steps.filter(({ code, minerals }) => code.startsWith('take-') || minerals.length > 0)
  const stop = card.steps.find(({ code }) => code === 'fill')?.seconds ?? null
  const treated = card.conditioning
  const sheet = addressOfSheet(tank.id, 'water')
  return (
    <Box className="figures" sx={{ mb: 1.5, display: 'grid', gap: 0.5 }}>
      <div>
        {answersWords.waterNext(
          entry.plan.name,
          `${percent(fraction)} %`,
          units.show('volume', card.litres),
          taken.map((step) => cardStepText(step, units).short).join(' · '),
        )}
      </div>
      {treated.kind === 'dose' && (
        <div>
          {treated.millilitres === null
            ? answersWords.waterLabel(units.show('volume', treated.litres))
            : answersWords.waterDose(units.show('dosing', treated.millilitres))}
        </div>
      )}
      <div>
        {answersWords.waterDrain(units.show('length', card.drainCm))}{' '}
        {stop === null ? answersWords.waterNoHose : answersWords.waterStop(clockSpan(stop * 1000))}
      </div>
      <div>
        <Link to={`${sheet}?part=card`}>{answersWords.waterCard}</Link> ·{' '}
        <Link to={`${sheet}?part=planner`}>{answersWords.waterPlanner}</Link>
      </div>
    </Box>
  )
}
