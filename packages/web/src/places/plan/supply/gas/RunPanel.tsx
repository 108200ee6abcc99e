import { gasSheetWords } from '@jovrin/contract'
import {
  alkalinityOfDkh,
  clockOf,
  co2FromPh,
  dkhOfAlkalinity,
  fitGasLog,
  fittedLevels,
  measuredGas,
  minutesOf,
  readLog,
  timeOfDayMin,
  windowOf,
  withMeasuredGas,
  type AnsweredLine,
  type DailyWindow,
  type FittedFigure,
  type GasFit,
} from '@jovrin/core'
import { Box, Button, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo } from 'react'
import { readingsOfTank } from '../../../../api/journal.queries.js'
import type { GasPoint, Stretch } from '../../../../drawing/gas/GasCurve.js'
import { FileDrop } from '../../../../ui/FileDrop.js'
import { NumberField } from '../../../../ui/NumberField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { useKeptState } from '../../../../ui/useKeptState.js'
import { significant, useUnits } from '../../../../ui/units.js'
import { useSettled, type Desk } from '../../desk.js'
import { Heading } from '../light/LampsPanel.js'
import { gasStretches, lightStretches } from './gasTimes.js'

interface RunPanelProps {
  readonly desk: Desk
  readonly line: AnsweredLine
  /** For the curve. */
  readonly onMeasured: (run: MeasuredRun) => void
}
/** What was logged, and the fit at the same minutes, as CO2 on the clock. */
export interface MeasuredRun {
  readonly points: readonly GasPoint[]
  readonly fitted: readonly GasPoint[]
}
/** What was typed for a run; kept over a reload. */
interface Typed {
  readonly text: string
  readonly khDkh: number | null
  readonly start: string | null
  readonly gas: string | null
  readonly light: string | null
}
const UNTYPED: Typed = { text: '', khDkh: null, start: null, gas: null, light: null }
const readTyped = (kept: unknown): Typed | null => (typeof kept === 'object' && kept !== null ? { ...UNTYPED, ...kept } : null)
/** Where nobody has tested a KH. */
const USUAL_KH = 4
const FAULTS_TOLD = 5
const MOST_BYTES = 2_000_000

const toldWindows = (stretches: readonly Stretch[]): string =>
  stretches.map(({ fromMin, toMin }) => `${clockOf(timeOfDayMin(fromMin))}-${clockOf(timeOfDayMin(toMin))}`).join(' ')
/** Windows as typed; `null` where one of them is none. */
function readWindows(text: string): DailyWindow[] | null {
  const windows = text
    .split(/[\s,;]+/)
    .filter((one) => one !== '')
    .map(windowOf)
  return windows.some((one) => one === null) ? null : windows.flatMap((one) => one ?? [])
}

/** pH over some hours, typed, pasted or from a file: how fast this tank loses gas, or why the run cannot tell. Shown once the newest KH is known: a figure that is looked at does not change by itself. */
export function RunPanel(props: RunPanelProps) {
  const { data, isPending } = useQuery(readingsOfTank(props.desk.tankId, 'alkalinity'))
  const newest = data?.value.at(-1)
  return isPending ? null : <KnownRun {...props} usualKhDkh={newest === undefined ? USUAL_KH : dkhOfAlkalinity(newest)} />
}

function KnownRun({ desk, line, onMeasured, usualKhDkh }: RunPanelProps & { readonly usualKhDkh: number }) {
  const { plan, figures } = desk
  const [typed, setTyped] = useKeptState<Typed>(`jovrin.gasRun.${desk.tankId}`, UNTYPED, readTyped)
  const change = (part: Partial<Typed>): void => setTyped({ ...typed, ...part })
  const khDkh = typed.khDkh ?? usualKhDkh
  const gasText = typed.gas ?? toldWindows(gasStretches(plan, line))
  const lightText = typed.light ?? toldWindows(lightStretches(plan))
  const settledText = useSettled(typed.text)
  const log = useMemo(() => readLog(settledText), [settledText])
  const { temperatureC } = figures
  const roomCo2Ppm = figures.room.co2Ppm
  const [gas, light] = [readWindows(gasText), readWindows(lightText)]
  const start = typed.start ?? (log.startMin === null ? '00:00' : clockOf(log.startMin))
  const startMin = /^\d{1,2}:\d{2}$/.test(start) ? minutesOf(start) : (log.startMin ?? 0)
  const windowsKey = JSON.stringify([gas, light])
  const known = useMemo(() => {
    const [gasWindows, lightWindows] = JSON.parse(windowsKey) as [DailyWindow[] | null, DailyWindow[] | null] // as written above
    if (log.readings.length === 0 || gasWindows === null || lightWindows === null) return null
    return { readings: log.readings, khDkh, temperatureC, roomCo2Ppm, startMin, gas: gasWindows, light: lightWindows }
  }, [log, khDkh, temperatureC, roomCo2Ppm, startMin, windowsKey])
  const fit = useMemo(() => (known === null ? null : fitGasLog(known)), [known])
  useEffect(() => {
    const sample = { alkalinityMeqPerL: alkalinityOfDkh(khDkh), temperatureC }
    const levels = known === null || fit === null ? null : fittedLevels(known, fit)
    onMeasured({
      points: log.readings.flatMap(({ minute, pH }) => {
        const co2MgPerL = co2FromPh(pH, sample)
        return co2MgPerL === null ? [] : [{ minute: startMin + minute, co2MgPerL }]
      }),
      fitted:
        levels === null ? [] : log.readings.map(({ minute }, place) => ({ minute: startMin + minute, co2MgPerL: levels[place] ?? 0 })),
    })
  }, [log, known, fit, khDkh, temperatureC, startMin, onMeasured])
  const text = gasSheetWords
  return (
    <>
      <section aria-labelledby="gas-run">
        <Heading id="gas-run">{text.run}</Heading>
        <Box sx={{ fontSize: 14 }}>{text.runWhy}</Box>
        <FileDrop
          label={text.runFile}
          kind="table"
          onFiles={([file]) =>
            void file
              ?.slice(0, MOST_BYTES)
              .text()
              .then((content) => change({ text: content }))
          }
        />
        <TextField
          multiline
          minRows={5}
          maxRows={9}
          fullWidth
          label={text.runLines}
          placeholder={text.runPlaceholder}
          value={typed.text}
          onChange={(event) => change({ text: event.target.value })}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <Box className="figures" sx={{ fontSize: 14 }}>
          {text.runCount(log.readings.length, String(log.readings.length))}
          {log.faults.length > 0 && (
            <Box sx={{ color: 'var(--algae)' }}>
              {text.runFaults(`${log.faults.slice(0, FAULTS_TOLD).join(', ')}${log.faults.length > FAULTS_TOLD ? ' …' : ''}`)}
            </Box>
          )}
        </Box>
        <Grid min={150}>
          <NumberField
            label={text.runKh}
            why={text.runKhWhy}
            dimension="alkalinity"
            value={alkalinityOfDkh(khDkh)}
            range={[0, alkalinityOfDkh(30)]}
            canBeUnknown={false}
            onChange={(alkalinity) => alkalinity !== null && change({ khDkh: alkalinity / alkalinityOfDkh(1) })}
          />
          {log.startMin === null && (
            <TextField
              label={text.runStart}
              value={start}
              onChange={(event) => change({ start: event.target.value })}
              slotProps={{ inputLabel: { shrink: true } }}
            />
          )}
          {(
            [
              ['gas', text.gasWindow, gasText, gas],
              ['light', text.lightWindow, lightText, light],
            ] as const
          ).map(([name, label, value, read]) => (
            <TextField
              key={name}
              label={label}
              title={text.windowWhy}
              value={value}
              error={read === null}
              helperText={read === null ? text.windowFault : undefined}
              onChange={(event) => change({ [name]: event.target.value })}
              slotProps={{ inputLabel: { shrink: true } }}
            />
          ))}
        </Grid>
        <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{text.runNotThen}</Box>
      </section>
      {fit !== null && <FitOfRun desk={desk} fit={fit} />}
    </>
  )
}

/** The figures of a run with their ranges, and taking them for the tank; or why there are none. */
function FitOfRun({ desk: { plan, figures, change }, fit }: { readonly desk: Desk; readonly fit: GasFit }) {
  const units = useUnits()
  const text = gasSheetWords
  const level = (mgPerL: number): string => units.show('concentration', mgPerL, 2)
  const ranged = ({ value, low, high }: FittedFigure, show: (value: number) => string): string =>
    `${show(value)} (${significant(low, 2)}–${significant(high, 2)})`
  const { kPerH, halfTimeH, plateauMgPerL, plateauInLightMgPerL, injectionMgPerLPerH, uptakeMgPerLPerH } = fit
  const measured = measuredGas(fit, figures)
  const dissolved = measured?.dissolved ?? null
  const isOdd = dissolved !== null && dissolved > 1
  const rows: readonly (readonly [string, string])[] = [
    ...(kPerH === null ? [] : [[text.k, ranged(kPerH, (value) => `${significant(value, 2)} /h`)] as const]),
    ...(halfTimeH === null ? [] : [[text.half, ranged(halfTimeH, (value) => units.show('hours', value, 2))] as const]),
    ...(injectionMgPerLPerH === null ? [] : [[text.injection, text.anHour(ranged(injectionMgPerLPerH, level))] as const]),
    ...(uptakeMgPerLPerH === null ? [] : [[text.uptake, text.anHour(ranged(uptakeMgPerLPerH, level))] as const]),
    ...(plateauMgPerL === null ? [] : [[text.plateau, ranged(plateauMgPerL, level)] as const]),
    ...(plateauInLightMgPerL === null ? [] : [[text.plateauLight, ranged(plateauInLightMgPerL, level)] as const]),
  ]
  const isTaken = measured !== null && plan.flow.lossTimes === measured.lossTimes
  return (
    <section aria-labelledby="gas-fit" data-verdict={fit.verdict}>
      <Heading id="gas-fit">{fit.verdict === 'fit' ? text.k : text.cannotTell}</Heading>
      <Box component="table" className="figures" sx={{ fontSize: 14, '& td': { pr: 2 } }}>
        <tbody>
          {rows.map(([name, value]) => (
            <tr key={name}>
              <td>{name}</td>
              <td>{value}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Box sx={{ fontSize: 14, display: 'grid', gap: 0.25 }}>
        {measured !== null && <span>{text.ofExpected(significant(measured.lossTimes, 2))}</span>}
        {dissolved !== null && (
          <Box component="span" sx={isOdd ? { color: 'var(--algae)' } : {}}>
            {isOdd ? text.dissolvesOdd(units.show('fraction', dissolved, 2)) : text.dissolves(units.show('fraction', dissolved, 2))}
          </Box>
        )}
        {fit.reasons.map((reason) => (
          <Box key={reason} component="span" sx={{ color: fit.verdict === 'fit' ? 'text.secondary' : 'var(--algae)' }}>
            {text.reasons[reason]}
          </Box>
        ))}
      </Box>
      {measured !== null &&
        (isTaken ? (
          <Box sx={{ fontSize: 14, mt: 0.5 }}>{text.taken}</Box>
        ) : (
          <Button title={text.takeWhy} sx={{ mt: 0.5 }} onClick={() => change((now) => withMeasuredGas(now, measured))}>
            {text.take}
          </Button>
        ))}
    </section>
  )
}
