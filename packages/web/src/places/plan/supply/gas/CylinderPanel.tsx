import { choiceWords, gasKitWords, gasSheetWords } from '@jovrin/contract'
import {
  commonAnswers,
  endSurgeWorking,
  gasGPerDay,
  gasWaterOf,
  openLeak,
  openRunningPart,
  runningParts,
  surgedPeakMgPerL,
  surgeTimes,
  type GasLine,
} from '@jovrin/core'
import { Box } from '@mui/material'
import { Link } from 'react-router'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { significant, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { PlanChoice, PlanField } from '../../PlanField.js'
import { SumFigure } from '../../../shared/SumFigure.js'
import { dayIn, SwapDay } from '../../../shared/SwapDay.js'
import { useCylinder } from '../../../shared/useCylinder.js'
import { WorkingFigure } from '../../../shared/WorkingFigure.js'
import { Heading } from '../light/LampsPanel.js'
import { SharedCylinder } from './SharedCylinder.js'

const SHORT_DAYS = 7

/** What the cylinder weighs by the journal, what that is a day, and when to swap it. */
export function CylinderPanel({ desk }: { readonly desk: Desk }) {
  const { tankId, plan, figures } = desk
  const forecast = useCylinder(tankId, plan)
  const line = plan.gasLines.find(({ control }) => control !== 'none')
  const text = gasSheetWords
  const cost = runningParts(plan, figures).find(({ kind }) => kind === 'gas')
  return (
    <>
      <SharedCylinder desk={desk} forecast={forecast} />
      {line?.sharedWith === null ? (
        <OwnCylinder desk={desk} />
      ) : (
        forecast !== null && (
          <Box className="figures" sx={{ fontSize: 14 }}>
            {text.swap} <SwapDay forecast={forecast} timeZone={plan.timeZone} />
          </Box>
        )
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

/** The weighings of a cylinder of one's own, what they say, and how it ends. */
function OwnCylinder({ desk }: { readonly desk: Desk }) {
  const { tankId, plan, figures } = desk
  const units = useUnits()
  const forecast = useCylinder(tankId, plan)
  const line = plan.gasLines.find(({ control }) => control !== 'none')
  const text = gasSheetWords
  const day = dayIn(plan.timeZone)
  const byBubbles = gasGPerDay(plan, figures.gasLines)
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
      {line !== undefined && <Surge desk={desk} line={line} />}
    </>
  )
}

/** What the end of the cylinder does behind its regulator. */
function Surge({ desk: { figures }, line }: { readonly desk: Desk; readonly line: GasLine }) {
  const text = gasKitWords
  const units = useUnits()
  const workingBar = commonAnswers().number('gasLines/*/workingBar', line.workingBar)
  const regulator = line.regulator ?? 'single'
  const times = surgeTimes(regulator, workingBar)
  const peak = surgedPeakMgPerL(figures.gasLevels.peak, gasWaterOf(figures).equilibriumMgPerL, times.high)
  const told = (one: number): string => significant(one, 2)
  return (
    <section aria-labelledby="gas-surge">
      <Heading id="gas-surge">{text.surge}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <PlanChoice path="gasLines/*/regulator" item={line} />
        <Grid min={150}>
          <PlanField path="gasLines/*/workingBar" item={line} />
        </Grid>
        {regulator === 'dual' ? (
          <div>{text.surgeNone}</div>
        ) : (
          <div>
            {text.surgeTold(told(times.low), told(times.high), units.show('concentration', peak, 2))}{' '}
            <WorkingFigure
              working={endSurgeWorking}
              figure={times}
              inputs={{
                regulator: { value: choiceWords['gasLines/*/regulator'][regulator], from: line.regulator === null ? 'assumed' : 'typed' },
                workingBar: { value: workingBar, from: line.workingBar === null ? 'assumed' : 'typed' },
              }}
            >
              × {told(times.value)}
            </WorkingFigure>{' '}
            {line.regulator === null && text.surgeUnknown}
          </div>
        )}
      </Box>
    </section>
  )
}
