import { weatherWords, type TankEntry } from '@jovrin/contract'
import {
  clockOf,
  COOL_PLANTS_C,
  entryAt,
  FAN_WORTH_K,
  HEAT_UNSURE_K,
  heatWave,
  minutesOf,
  powerCut,
  tankFigures,
  timeOfDayMin,
  type HeatWave,
  type Plan,
  type TankFigures,
} from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { agedTimeline, timelineOfTank } from '../../api/tanks.queries.js'
import { HeadRow } from '../../ui/HeadRow.js'
import { NumberField } from '../../ui/NumberField.js'
import { Grid } from '../../ui/QuestionGroup.js'
import { useUnits } from '../../ui/units.js'
import { monthNow } from '../shared/water/roomNow.js'
import { AnswerPart } from './AnswerPart.js'

/** What to do in a heat wave and in a power cut, for this tank. What is typed here is kept nowhere. */
export function WeatherAnswer({ tank }: { readonly tank: TankEntry }) {
  const told = useQuery(timelineOfTank(tank.id)).data
  if (told === undefined) return null
  const { timeline, today } = agedTimeline(told)
  const plan = entryAt(timeline, today)?.plan
  if (plan === undefined) return null
  const figures = tankFigures(plan)
  return (
    <Box sx={{ display: 'grid', gap: 3 }}>
      <Heat plan={plan} figures={figures} />
      <Power plan={plan} figures={figures} ageDays={today} />
    </Box>
  )
}
const Steps = ({ label, steps }: { readonly label: string; readonly steps: readonly string[] }) => (
  <>
    <Box component="h3" className="lettering" sx={{ m: 0, fontSize: 16 }}>
      {label}
    </Box>
    <Box component="ol" aria-label={label} sx={{ m: 0, pl: 2.5 }}>
      {steps.map((step) => (
        <li key={step}>{step}</li>
      ))}
    </Box>
  </>
)

function Heat({ plan, figures }: { readonly plan: Plan; readonly figures: TankFigures }) {
  const text = weatherWords
  const [highC, setHigh] = useState<number | null>(null)
  const [nightC, setNight] = useState<number | null>(null)
  const [humidityFraction, setHumidity] = useState<number | null>(null)
  const { humidityFraction: usual } = figures.room
  return (
    <AnswerPart title={text.heat}>
      <Grid min={150}>
        <NumberField
          question="heat/high"
          label={text.high}
          why={text.highWhy}
          dimension="temperature"
          range={[15, 50]}
          value={highC}
          onChange={setHigh}
        />
        <NumberField
          question="heat/night"
          label={text.night}
          why={text.nightWhy}
          dimension="temperature"
          range={[5, 50]}
          value={nightC}
          onChange={setNight}
        />
        <NumberField
          question="heat/humidity"
          label={text.humidity}
          why={text.humidityWhy}
          dimension="fraction"
          range={[0.05, 1]}
          value={humidityFraction}
          unknown={{ value: usual, low: usual, high: usual }}
          onChange={setHumidity}
        />
      </Grid>
      {highC === null ? <Box role="status">{text.fill}</Box> : <Hot wave={heatWave(plan, figures, { highC, nightC, humidityFraction })} />}
    </AnswerPart>
  )
}

function Hot({ wave }: { readonly wave: HeatWave }) {
  const units = useUnits()
  const text = weatherWords
  const warm = (temperatureC: number): string => units.show('temperature', temperatureC, 3)
  const kelvin = (k: number): string => units.words(`{${k.toFixed(1)} K}`)
  const cooler = wave.dimmed.meanC - wave.blown.meanC
  if (wave.asIs.highestC < wave.nowC + 0.5) return <Box role="status">{text.fine}</Box>
  return (
    <>
      <Box
        component="table"
        className="figures"
        aria-label={text.table}
        sx={{ borderCollapse: 'collapse', '& td, & th': { textAlign: 'left', pr: 3, fontWeight: 'normal' } }}
      >
        <HeadRow heads={[text.table, text.heads.mean, text.heads.highest, text.heads.lost]} />
        <tbody>
          {(['asIs', 'dimmed', 'blown'] as const).map((way) => (
            <tr key={way}>
              <td>{text.ways[way]}</td>
              <td>{warm(wave[way].meanC)}</td>
              <td>{warm(wave[way].highestC)}</td>
              <td>{units.show('volume', wave[way].lostL, 2)}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
        {text.unsure(kelvin(HEAT_UNSURE_K))} {text.reached(units.show('days', wave.daysToGo, 1))}{' '}
        {text.oxygen(units.show('concentration', wave.saturationNowMgPerL, 2), units.show('concentration', wave.saturationHotMgPerL, 2))}
      </Box>
      <Steps
        label={text.steps}
        steps={[
          cooler >= FAN_WORTH_K ? text.fan(kelvin(cooler)) : text.fanPoor,
          text.topUp(units.show('volume', wave.blown.lostL, 2)),
          text.lamp,
          text.air,
          text.food,
          units.words(text.change),
          text.watch,
          text.after,
        ]}
      />
      <Box component="h3" className="lettering" sx={{ m: 0, fontSize: 16 }}>
        {text.sufferers}
      </Box>
      {wave.sufferers.length === 0 ? (
        <div>{text.nobody(warm(COOL_PLANTS_C))}</div>
      ) : (
        <Box component="ul" aria-label={text.sufferers} sx={{ m: 0, pl: 2.5 }}>
          {wave.sufferers.map(({ name, goodHighC, maxC }) => (
            <li key={name}>{text.sufferer(name, warm(goodHighC), warm(maxC))}</li>
          ))}
        </Box>
      )}
    </>
  )
}

function Power({ plan, figures, ageDays }: { readonly plan: Plan; readonly figures: TankFigures; readonly ageDays: number }) {
  const units = useUnits()
  const text = weatherWords
  const [hours, setHours] = useState<number | null>(null)
  const [roomC, setRoom] = useState<number | null>(null)
  const usualC = figures.room.monthlyC[monthNow()] ?? figures.room.waterC
  const cut = powerCut(figures, { hours: hours ?? 0, ageDays, roomC: roomC ?? usualC })
  const told = (value: number): string => units.show('hours', value, value < 10 ? 1 : 2)
  return (
    <AnswerPart title={text.power}>
      <Grid min={150}>
        <NumberField
          question="power/hours"
          label={text.hours}
          why={text.hoursWhy}
          dimension="hours"
          range={[0, 96]}
          value={hours}
          onChange={setHours}
        />
        <NumberField
          question="power/room"
          label={text.roomC}
          why={text.roomWhy}
          dimension="temperature"
          range={[-5, 45]}
          value={roomC}
          unknown={{ value: usualC, low: usualC, high: usualC }}
          onChange={setRoom}
        />
      </Grid>
      <Box role="status">
        {cut.hoursToTrouble === null ? text.oxygenKept : text.oxygenLeft(told(cut.hoursToTrouble.value), told(cut.hoursToTrouble.low))}{' '}
        {hours !== null && hours > 0 && text.cooled(units.show('temperature', cut.temperatureAfterC, 3), told(hours))}
      </Box>
      <Steps label={text.powerNow} steps={[...(cut.hasGas ? [text.shut] : []), text.stir, text.noFood, text.leave, text.warm]} />
      <Steps
        label={text.before}
        steps={[
          text.unplug,
          ...(hours === null ? [text.rinse, text.noRinse] : [cut.mustRinse ? text.rinse : text.noRinse]),
          units.words(text.heater),
          `${text.clocks} ${text.clockTimes(lightTimes(plan), gasTimes(plan, figures))}`,
          text.test,
        ]}
      />
    </AnswerPart>
  )
}

const span = (onMin: number, minutes: number): string => `${clockOf(timeOfDayMin(onMin))}–${clockOf(timeOfDayMin(onMin + minutes))}`
const lightTimes = ({ lightWindows }: Plan): string =>
  lightWindows.map(({ on, hours }) => span(minutesOf(on), hours * 60)).join(', ') || weatherWords.noGas
function gasTimes({ lightWindows }: Plan, { gasLines: [line] }: TankFigures): string {
  if (line === undefined) return weatherWords.noGas
  return lightWindows
    .map(({ on, hours }) => span(minutesOf(on) - line.beforeLightMin, hours * 60 + line.beforeLightMin - line.beforeDarkMin))
    .join(', ')
}
