import { enAnswers, enMoment, enReadingQuantity, enWorkingTitle, type TankEntry } from '@jovrin/contract'
import { clockOf, dkhOfAlkalinity, gasCheck, hasAnimalsAt, lightsOnMin, WORKINGS, type GasCheck, type Reading } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { latestReadings } from '../../api/journal.queries.js'
import { agedTimeline, timelineOfTank } from '../../api/tanks.queries.js'
import { Figure } from '../../ui/Figure.js'
import { MarginTable } from '../../ui/MarginTable.js'
import { shortDate, significant, useUnits } from '../../ui/units.js'
import { valueText } from '../quantity.text.js'
import { Sums } from './Sums.js'

const CO2_FROM_PH = WORKINGS.find(({ id }) => id === 'gas.co2-from-ph')

/** The newest readings, as the sums take them. */
function knownOf({ moments, alkalinity, temperature }: GasCheck): Readonly<Record<string, string>> {
  const newest = moments.at(-1)?.pH
  const degassed = moments.find(({ moment }) => moment === 'gas-on')?.pH
  const text = (value: number): string => String(Number(value.toPrecision(4)))
  return {
    ...(newest ? { pH: text(newest.value), pHNow: text(newest.value) } : {}),
    ...(degassed ? { pHDegassed: text(degassed.value) } : {}),
    ...(alkalinity ? { khDkh: text(dkhOfAlkalinity(alkalinity.value)) } : {}),
    ...(temperature ? { temperatureC: text(temperature.value) } : {}),
  }
}

/** Whether the gas is enough and safe, from what was measured over the gas day; and when it goes on and off. */
export function GasAnswer({ tank }: { tank: TankEntry }) {
  const units = useUnits()
  const page = useQuery(latestReadings(tank.id)).data
  const timeline = useQuery(timelineOfTank(tank.id)).data
  if (page === undefined || timeline === undefined) return null
  const readings = page.entries.flatMap(({ record }): Reading[] => (record.kind === 'reading' ? [record] : []))
  const check = gasCheck(readings, hasAnimalsAt(tank.plan, agedTimeline(timeline).today))
  const line = tank.plan.gasLines.find(({ control }) => control !== 'none')
  const [window] = tank.plan.lightWindows
  const onMin = lightsOnMin(tank.plan)
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box
        role="status"
        sx={{ fontSize: 17, fontWeight: 600, color: check.verdict === 'alarm' || check.verdict === 'much' ? 'var(--algae)' : undefined }}
      >
        {enAnswers.verdict[check.verdict]}
      </Box>
      {(check.moments.length > 0 || check.indicator !== null) && (
        <MarginTable caption={enAnswers.gasTable}>
          {check.moments.map(({ moment, pH, co2 }) => (
            <tr key={moment}>
              <td>{enMoment[moment]}</td>
              <td>{`pH ${significant(pH.value)} · ${shortDate(pH.at.slice(0, 10))}`}</td>
              <td>
                <Figure
                  explained={{
                    title: enWorkingTitle['gas.co2-from-ph'] ?? '',
                    formula: CO2_FROM_PH?.formula ?? '',
                    inputs: [
                      { name: 'pH', value: significant(pH.value), from: 'measured' },
                      {
                        name: enReadingQuantity.alkalinity,
                        value: check.alkalinity ? valueText('alkalinity', check.alkalinity.value, check.alkalinity.qualifier, units) : '',
                        from: 'measured',
                      },
                      {
                        name: enReadingQuantity.temperature,
                        value: check.temperature
                          ? valueText('temperature', check.temperature.value, '=', units)
                          : units.show('temperature', 24.5),
                        from: check.temperature ? 'measured' : 'assumed',
                      },
                    ],
                    source: CO2_FROM_PH?.source ?? '',
                    range: [`${significant(co2.low ?? co2.value, 2)} mg/L`, `${significant(co2.high ?? co2.value, 2)} mg/L`],
                  }}
                >
                  {`${significant(co2.value, 2)} mg/L (${significant(co2.low ?? co2.value, 2)}–${significant(co2.high ?? co2.value, 2)})`}
                </Figure>
              </td>
            </tr>
          ))}
          {check.indicator !== null && (
            <tr>
              <td>{enReadingQuantity.indicator}</td>
              <td>{`${valueText('indicator', check.indicator.reading.value, '=', units)} · ${shortDate(check.indicator.reading.at.slice(0, 10))}`}</td>
              <td>{`${significant(check.indicator.range[0])}–${significant(check.indicator.range[2])} mg/L`}</td>
            </tr>
          )}
        </MarginTable>
      )}
      {line !== undefined && window !== undefined && (
        <div>{enAnswers.gasTimes(clockOf(onMin - line.beforeLightMin), clockOf(onMin + window.hours * 60 - line.beforeDarkMin))}</div>
      )}
      <div>{enAnswers.gasWait}</div>
      <Box sx={{ color: 'text.secondary' }}>{enAnswers.gasErr}</Box>
      <Sums ids={['gas.co2-from-ph', 'gas.co2-from-drop']} tank={tank} given={knownOf(check)} />
    </Box>
  )
}
