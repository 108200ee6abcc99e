import { balanceWords, fieldWords, lightWords } from '@jovrin/contract'
import {
  clockOf,
  GASLESS_PPFD,
  hoursForSameLight,
  levelMeanWith,
  underFilmPpfd,
  lightScore,
  longestRampMin,
  MOST_LIGHT_HOURS,
  minutesOf,
  openDailyLight,
  openEqualLight,
  openRunningPart,
  PROGRAMME_DAYS,
  runningParts,
  tankFigures,
  withLight,
} from '@jovrin/core'
import { Box, Button, Slider } from '@mui/material'
import { useMemo, useState } from 'react'
import { localId } from '../../../../api/localId.js'
import { DayStrip } from '../../../../drawing/day/DayStrip.js'
import { Measured } from '../../../../drawing/Measured.js'
import { RemoveIcon } from '../../../../ui/icons/RemoveIcon.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { decimals, useUnits } from '../../../../ui/units.js'
import { useSettled, type Desk } from '../../desk.js'
import { PlanChoice, PlanField } from '../../PlanField.js'
import { SumFigure } from '../../../shared/SumFigure.js'
import { WindowClock } from './WindowClock.js'
import { Heading } from './LampsPanel.js'
import { STAIN_PER_M } from './lightView.js'
import { SunTable } from './SunTable.js'

const LIGHT_EDGES = ['lightOn', 'ramp', 'lightOff'] as const
const SPLIT_REST_H = 3

/** When the lamps burn: windows and ramps, the start, the same light at another power, what it costs, what a tank without gas bears. */
export function HoursPanel({ desk, age }: { readonly desk: Desk; readonly age: number }) {
  const { plan, figures, form, change } = desk
  const units = useUnits()
  const power = runningParts(plan, figures).find(({ kind }) => kind === 'light')
  const split = (): void =>
    change((now) => {
      const [first, ...rest] = now.lightWindows
      if (first === undefined) return { ...now, lightWindows: [{ id: localId('t'), on: '12:00', hours: 7, rampMin: 30 }] }
      const hours = Math.max(0.5, Math.round((first.hours / 2) * 4) / 4)
      const rampMin = Math.min(first.rampMin, longestRampMin(hours))
      const second = {
        ...first,
        id: localId('t'),
        on: clockOf((minutesOf(first.on) + (hours + SPLIT_REST_H) * 60) % 1440),
        hours,
        rampMin,
      }
      return { ...now, lightWindows: [{ ...first, hours, rampMin }, ...rest, second] }
    })
  return (
    <>
      <section aria-labelledby="light-day">
        <Heading id="light-day">{lightWords.dayLabel}</Heading>
        <Measured usual={408} least={300}>
          {(width) => (
            <DayStrip
              plan={plan}
              labels={{ description: lightWords.dayLabel, lanes: balanceWords.lanes, edges: balanceWords.edges, format: decimals }}
              curve={null}
              width={width}
              edges={LIGHT_EDGES}
              onMove={(next, isFinal) => change(() => next, isFinal)}
            />
          )}
        </Measured>
        {form.draft.lightWindows.map((window, place) => (
          <Box
            key={window.id}
            role="group"
            aria-label={lightWords.window(String(place + 1))}
            sx={{ display: 'grid', gridTemplateColumns: '1fr auto' }}
          >
            <Grid min={92}>
              <WindowClock desk={desk} window={window} />
              <PlanField path="lightWindows/*/hours" item={window} />
              <PlanField path="lightWindows/*/rampMin" item={window} />
            </Grid>
            {form.draft.lightWindows.length > 1 && (
              <Button
                variant="text"
                sx={{ minWidth: 26, p: 0 }}
                aria-label={lightWords.removeWindow(String(place + 1))}
                onClick={() => change((now) => ({ ...now, lightWindows: now.lightWindows.filter(({ id }) => id !== window.id) }))}
              >
                <RemoveIcon />
              </Button>
            )}
          </Box>
        ))}
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap', fontSize: 14 }}>
          {form.draft.lightWindows.length < 4 && (
            <Button variant="text" sx={{ px: 0 }} onClick={split}>
              {lightWords.addWindow}
            </Button>
          )}
          <span>
            {lightWords.daily} <SumFigure sum={openDailyLight(plan, figures)} />
          </span>
          {power !== undefined && (
            <span>
              {lightWords.monthly} <SumFigure sum={openRunningPart(power, plan.money.currency)} />
            </span>
          )}
        </Box>
      </section>
      <section aria-label={fieldWords['light/start'][0]}>
        <PlanChoice path="light/start" />
        <Box sx={{ fontSize: 14 }}>{age >= PROGRAMME_DAYS ? lightWords.startLong : lightWords.starts[plan.light.start ?? 'ramp']}</Box>
      </section>
      <SameLight desk={desk} />
      <Box sx={{ fontSize: 14 }}>{lightWords.noGas(units.show('ppfd', GASLESS_PPFD, 2))}</Box>
      <DryAndFlooded desk={desk} />
      <SunTable desk={desk} />
    </>
  )
}

/** A stronger or weaker lamp with the hours that make the day's light the same. */
function SameLight({ desk: newest }: { readonly desk: Desk }) {
  const units = useUnits()
  const desk = useSettled(newest)
  const { plan, figures } = desk
  const now = Math.max(0.01, ...figures.lamps.map(({ dimFraction }) => dimFraction))
  const [power, setPower] = useState(() => Math.round(now * 100) / 100)
  const settled = useSettled(power)
  const { hours, isTooLong } = hoursForSameLight(plan.lightWindows, power / now)
  const dim = useMemo(() => {
    const then = withLight(plan, { hours, dimFraction: settled })
    return lightScore(then, tankFigures(then)).dim
  }, [plan, hours, settled])
  const [told, taken] = [units.show('hours', hours, 2), units.show('fraction', power, 2)]
  const isSame = Math.abs(power - now) < 0.005
  return (
    <section aria-labelledby="light-same">
      <Heading id="light-same">{lightWords.same}</Heading>
      <Slider
        aria-label={lightWords.samePower}
        value={power}
        min={0.05}
        max={1}
        step={0.01}
        valueLabelDisplay="auto"
        valueLabelFormat={(value) => units.show('fraction', value, 2)}
        onChange={(_, next) => setPower(next)}
      />
      <Box sx={{ fontSize: 14 }}>
        {taken} <SumFigure sum={openEqualLight(plan.lightWindows, power / now)}>{lightWords.sameTold(told)}</SumFigure>
        {isTooLong && <Box sx={{ color: 'var(--algae)' }}>{lightWords.sameTooLong(units.show('hours', MOST_LIGHT_HOURS, 2))}</Box>}
        {dim > 0 && power < now && <Box sx={{ color: 'var(--algae)' }}>{lightWords.sameDim(dim, String(dim))}</Box>}
      </Box>
      {!isTooLong && !isSame && (
        <Button onClick={() => desk.change((before) => withLight(before, { hours: toFiveMinutes(hours), dimFraction: power }))}>
          {lightWords.sameTake(taken, told)}
        </Button>
      )}
    </section>
  )
}

const toFiveMinutes = (hours: number): number => Math.round(hours * 12) / 12

/** A dry start sees another light than the same tank under water. */
function DryAndFlooded({ desk: newest }: { readonly desk: Desk }) {
  const units = useUnits()
  const { figures } = useSettled(newest)
  const { dry, film, stained } = useMemo(
    () => ({
      dry: levelMeanWith(figures, { isEmpty: true }),
      film: underFilmPpfd(figures),
      stained: levelMeanWith(figures, { attenuationPerM: figures.attenuationPerM + STAIN_PER_M.much }),
    }),
    [figures],
  )
  if (figures.ppfd <= 0) return null
  return (
    <section aria-labelledby="light-dry">
      <Heading id="light-dry">{lightWords.dry}</Heading>
      <Box sx={{ fontSize: 14 }}>
        {lightWords.dryTold(
          units.show('ppfd', dry, 2),
          units.show('ppfd', film, 2),
          units.show('ppfd', figures.ppfd, 2),
          units.show('ppfd', stained, 2),
        )}
      </Box>
    </section>
  )
}
