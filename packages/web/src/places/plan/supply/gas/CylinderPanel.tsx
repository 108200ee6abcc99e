import { gasSheetWords } from '@jovrin/contract'
import { gasHoursOf, openLeak, openRunningPart, runningParts } from '@jovrin/core'
import { Box } from '@mui/material'
import { Link } from 'react-router'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { significant, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { PlanField } from '../../PlanField.js'
import { SumFigure } from '../../SumFigure.js'
import { dayIn, SwapDay } from '../../../shared/SwapDay.js'
import { useCylinder } from '../../../shared/useCylinder.js'
import { Heading } from '../light/LampsPanel.js'

const SHORT_DAYS = 7

/** What the cylinder weighs by the journal, what that is a day, and when to swap it. */
export function CylinderPanel({ desk: { tankId, plan, figures } }: { readonly desk: Desk }) {
  const units = useUnits()
  const forecast = useCylinder(tankId, plan)
  const line = plan.gasLines.find(({ control }) => control !== 'none')
  const text = gasSheetWords
  const day = dayIn(plan.timeZone)
  const byBubbles = figures.gasLines.reduce((sum, one) => sum + (one.mgPerH * gasHoursOf(plan, one)) / 1000, 0)
  const cost = runningParts(plan, figures).find(({ kind }) => kind === 'gas')
  const perDay = (g: number): string => units.show('gasADay', g, 2)
  return (
    <>
      <section aria-labelledby="gas-scale">
        <Heading id="gas-scale">{text.weighings}</Heading>
        {forecast === null ? (
          <Box sx={{ fontSize: 14 }}>{text.noWeighings}</Box>
        ) : (
          <Box component="ul" className="figures" sx={{ fontSize: 14, m: 0, pl: 2.5 }}>
            {forecast.weighings.slice(-6).map(({ atMs, kg }) => (
              <li key={atMs}>
                {day(atMs)}: {units.show('mass', kg, 4)}
              </li>
            ))}
          </Box>
        )}
        <Box component={Link} to={`/tanks/${tankId}/journal`} sx={{ color: 'inherit', fontSize: 14 }}>
          {text.toJournal}
        </Box>
        {line !== undefined && (
          <Grid min={150}>
            <PlanField path="gasLines/*/cylinderKg" item={line} />
            <PlanField path="gasLines/*/emptyKg" item={line} />
          </Grid>
        )}
      </section>
      {forecast !== null && (
        <section aria-labelledby="gas-swap">
          <Heading id="gas-swap">{text.swap}</Heading>
          <Box className="figures" sx={{ fontSize: 14, display: 'grid', gap: 0.25 }}>
            <span>
              {text.perDay} {perDay(forecast.gPerDay.value)} ({significant(forecast.gPerDay.low, 2)}–{significant(forecast.gPerDay.high, 2)}
              )
            </span>
            <SwapDay forecast={forecast} timeZone={plan.timeZone} />
            {forecast.spanDays < SHORT_DAYS && <span>{text.shortSpan}</span>}
            {byBubbles > 0 && <Box sx={{ color: 'text.secondary' }}>{text.byBubbles(perDay(byBubbles))}</Box>}
          </Box>
        </section>
      )}
      <Box className="figures" sx={{ fontSize: 14, display: 'grid', gap: 0.5 }}>
        {cost !== undefined && (
          <span>
            {text.costMonth} <SumFigure sum={openRunningPart(cost, plan.money.currency)} />
          </span>
        )}
        <span>
          {text.leak} <SumFigure sum={openLeak(plan)} />
        </span>
        <Box sx={{ color: 'var(--algae)' }}>{text.cautions}</Box>
      </Box>
    </>
  )
}
