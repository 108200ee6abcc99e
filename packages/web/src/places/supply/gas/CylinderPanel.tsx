import { gasSheetWords } from '@jovrin/contract'
import { commonAnswers, cylinderForecast, gasHoursOf, openLeak, openRunningPart, runningParts } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { readingsOfTank } from '../../../api/journal.queries.js'
import { Grid } from '../../../ui/QuestionGroup.js'
import { locale } from '../../../ui/locale.js'
import { significant, useUnits } from '../../../ui/units.js'
import type { Desk } from '../../plan/desk.js'
import { PlanField } from '../../plan/PlanField.js'
import { SumFigure } from '../../plan/SumFigure.js'
import { Heading } from '../light/LampsPanel.js'

const SHORT_DAYS = 7

/** What the cylinder weighs by the journal, what that is a day, and when to swap it. */
export function CylinderPanel({ desk: { tankId, plan, figures } }: { readonly desk: Desk }) {
  const units = useUnits()
  const series = useQuery(readingsOfTank(tankId, 'cylinderMass')).data
  const line = plan.gasLines.find(({ control }) => control !== 'none')
  const fullKg = commonAnswers().number('gasLines/*/cylinderKg', line?.cylinderKg ?? null)
  const forecast = useMemo(
    () =>
      series === undefined
        ? null
        : cylinderForecast(
            series.at.map((atMs, place) => ({ atMs, kg: series.value[place] ?? 0 })),
            { emptyKg: line?.emptyKg ?? null, fullKg },
          ),
    [series, line?.emptyKg, fullKg],
  )
  const text = gasSheetWords
  const day = (ms: number): string => new Date(ms).toLocaleDateString(locale(), { dateStyle: 'medium', timeZone: plan.timeZone })
  const last = forecast?.weighings.at(-1)
  const isOver = forecast?.swap != null && last !== undefined && forecast.swap.onMs <= last.atMs
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
            {forecast.swap === null ? (
              <span>{text.swapUnknown}</span>
            ) : (
              <b>
                {isOver ? text.swapNow : text.swapTold(day(forecast.swap.onMs), day(forecast.swap.earliestMs), day(forecast.swap.latestMs))}
              </b>
            )}
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
