import { gasSheetWords } from '@jovrin/contract'
import {
  AT_LIGHTS_ON_SHARE,
  clockOf,
  gasWaterOf,
  gradeOf,
  minutesOf,
  MUCH_MG_PER_L,
  plannedCo2,
  SENSITIVE_MG_PER_L,
  tankFigures,
  timeOfDayMin,
  timerWays,
  withTimer,
  type GasAnimals,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useMemo } from 'react'
import { useSearchParams } from 'react-router'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { NumberField } from '../../../../ui/NumberField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { useSetParam } from '../../../../ui/useSetParam.js'
import { decimals, significant, useUnits } from '../../../../ui/units.js'
import { useSettled, type Desk } from '../../desk.js'
import { PlanField } from '../../PlanField.js'
import { Heading } from '../light/LampsPanel.js'

const TARGET = { least: 3, most: 60 } as const
const FLAT_HALF_TIME_H = 1.2
const LESS_MG_PER_L = 0.5

/** What is wanted at lights-on, and the times and gas that bring it, each with the peak that comes with it. */
export function TimerPanel({ desk: newest, animals }: { readonly desk: Desk; readonly animals: GasAnimals }) {
  const desk = useSettled(newest)
  const { plan, figures, change } = desk
  const units = useUnits()
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const usual = Math.round((animals === 'sensitive' ? SENSITIVE_MG_PER_L : MUCH_MG_PER_L) * AT_LIGHTS_ON_SHARE)
  const asked = Number(search.get('target'))
  const target = search.get('target') !== null && asked >= TARGET.least && asked <= TARGET.most ? asked : usual
  const water = useMemo(() => gasWaterOf(figures), [figures])
  const ways = useMemo(
    () =>
      timerWays({ lines: figures.gasLines, windows: plan.lightWindows, water, targetMgPerL: target }).map((way) => {
        const then = withTimer(plan, way)
        const thenFigures = tankFigures(then)
        const grade = gradeOf(plannedCo2(thenFigures).peak, animals)
        const isTooMuch = grade === 'much' || grade === 'too-much' || grade === 'dangerous'
        // What is too much still, but less than today, may be taken: it is a step the right way.
        const isLess = thenFigures.gasLevels.peak < figures.gasLevels.peak - LESS_MG_PER_L
        return { way, levels: thenFigures.gasLevels, isTooMuch, canTake: !isTooMuch || isLess }
      }),
    [figures, plan, water, target, animals],
  )
  const [window] = plan.lightWindows
  const onMin = window === undefined ? 0 : minutesOf(window.on)
  const half = Math.LN2 / water.kPerH
  const level = (mgPerL: number): string => units.show('concentration', mgPerL, 2)
  return (
    <>
      <section aria-labelledby="gas-loss">
        <Heading id="gas-loss">{gasSheetWords.loss}</Heading>
        <Box className="figures" sx={{ fontSize: 14 }}>
          {gasSheetWords.lossTold(units.show('fraction', 1 - Math.exp(-water.kPerH), 2), units.show('hours', half, 2))}{' '}
          {plan.flow.lossTimes === null ? gasSheetWords.lossAssumed : gasSheetWords.lossMeasured}
        </Box>
        {half > FLAT_HALF_TIME_H && (
          <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{gasSheetWords.flat(units.show('hours', half, 2))}</Box>
        )}
      </section>
      <section aria-labelledby="gas-ways">
        <Heading id="gas-ways">{gasSheetWords.ways}</Heading>
        <Grid min={150}>
          <NumberField
            label={gasSheetWords.target}
            why={gasSheetWords.targetWhy}
            dimension="concentration"
            value={target}
            range={[TARGET.least, TARGET.most]}
            canBeUnknown={false}
            onChange={(mgPerL) => mgPerL !== null && setParam('target', mgPerL === usual ? null : String(mgPerL))}
          />
        </Grid>
        {ways.length === 0 ? (
          <Box sx={{ fontSize: 14 }}>{gasSheetWords.wayNone}</Box>
        ) : (
          <Box
            component="table"
            className="figures"
            sx={{
              width: '100%',
              fontSize: 14,
              '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' },
              '& td': { verticalAlign: 'top', pr: 1 },
            }}
          >
            <HeadRow heads={gasSheetWords.wayHead} />
            <tbody>
              {ways.map(({ way, levels, isTooMuch, canTake }) => {
                const on = clockOf(timeOfDayMin(onMin - way.beforeLightMin))
                return (
                  <tr key={way.kind}>
                    <td>
                      {gasSheetWords.wayKinds[way.kind]} {way.kind === 'more' && gasSheetWords.wayMore(significant(way.rateTimes, 2))}
                    </td>
                    <td>
                      {!canTake ? (
                        on
                      ) : (
                        <Button sx={{ py: 0, whiteSpace: 'nowrap' }} onClick={() => change((now) => withTimer(now, way))}>
                          {gasSheetWords.wayTake(on)}
                        </Button>
                      )}
                    </td>
                    <td>{level(levels.atLightsOn)}</td>
                    <td style={isTooMuch ? { color: 'var(--algae)' } : undefined}>{level(levels.peak)}</td>
                  </tr>
                )
              })}
            </tbody>
          </Box>
        )}
        {ways.some(({ isTooMuch }) => isTooMuch) && <Box sx={{ fontSize: 14, color: 'var(--algae)' }}>{gasSheetWords.tooMuch}</Box>}
        <Box sx={{ fontSize: 14, mt: 0.5 }}>{gasSheetWords.noNight}</Box>
      </section>
      <section aria-label={gasSheetWords.now}>
        {plan.gasLines
          .filter(({ control }) => control !== 'none')
          .map((line) => (
            <Grid key={line.id} min={120}>
              <PlanField path="gasLines/*/beforeLightMin" item={line} />
              <PlanField path="gasLines/*/beforeDarkMin" item={line} />
              <PlanField path="gasLines/*/bubblesPerS" item={line} />
              <PlanField path="gasLines/*/dissolvedFraction" item={line} />
              <PlanField path="flow/lossTimes" />
            </Grid>
          ))}
        <Box className="figures" sx={{ fontSize: 13, color: 'text.secondary' }}>
          k {decimals(water.kPerH, 2)} /h
        </Box>
      </section>
    </>
  )
}
