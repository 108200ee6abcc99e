import {
  answersWords,
  gasWords,
  gasDoubtWords,
  gasMomentWords,
  gasSourceWords,
  gasVerdictWords,
  readingQuantityWords,
  workingTitleWords,
  type TankEntry,
} from '@jovrin/contract'
import { clockOf, lightsOnMin, WORKINGS, type GasEvidence, type GasJudgement } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { conditionOfTank } from '../../api/tanks.queries.js'
import { WithTerms } from '../../ui/terms.js'
import { Figure, type Explained } from '../../ui/Figure.js'
import { MarginTable } from '../../ui/MarginTable.js'
import { QueryState } from '../../ui/QueryState.js'
import { dayOf, shortDate, significant, useUnits, type Units } from '../../ui/units.js'
import { gasAdvice } from '../gas.text.js'
import { valueText } from '../quantity.text.js'
import { gasReadingsOf } from '../shared/gasReadings.js'
import { formulaInWords } from '../shared/sum.js'
import { addressOfSheet } from '../shared/sheetPlace.js'
import { Sums } from './Sums.js'

const WORKING_OF = { 'ph-kh': 'gas.co2-from-ph', drop: 'gas.co2-from-drop' } as const

const text = (value: number): string => String(Number(value.toPrecision(4)))

/** The newest readings, as the sums take them. */
function knownOf(gas: GasJudgement): Readonly<Record<string, string>> {
  const { pH, ...rest } = gasReadingsOf(gas)
  const told = Object.entries(rest).map(([name, value]) => [name, text(value)] as const)
  return Object.fromEntries(pH === undefined ? told : [...told, ['pH', text(pH)], ['pHNow', text(pH)]])
}

/** Whether the gas is enough and safe, by everything that is known of it; what to do; and when it goes on and off. */
export function GasAnswer({ tank }: { tank: TankEntry }) {
  const units = useUnits()
  const condition = useQuery(conditionOfTank(tank.id))
  if (!condition.data) return <QueryState error={condition.error} onRetry={() => void condition.refetch()} />
  const { gas } = condition.data
  const line = tank.plan.gasLines.find(({ control }) => control !== 'none')
  const [window] = tank.plan.lightWindows
  const onMin = lightsOnMin(tank.plan)
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box
        role="status"
        sx={{ fontSize: 17, fontWeight: 600, color: gas.severity === 'alarm' || gas.severity === 'warn' ? 'var(--algae)' : undefined }}
      >
        {gas.by?.source === 'plan' && `${gasWords.byPlan} `}
        {gasVerdictWords[gas.verdict]}
      </Box>
      <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
        {gas.advice.map((code) => (
          <li key={code}>
            <WithTerms>{gasAdvice(code, gas.limitMgPerL, units)}</WithTerms>
          </li>
        ))}
      </Box>
      {gas.evidence.length > 0 && (
        <MarginTable caption={answersWords.gasTable}>
          {gas.evidence.map((piece) => (
            <EvidenceRow key={`${piece.source} ${piece.moment}`} piece={piece} timeZone={tank.plan.timeZone} units={units} />
          ))}
        </MarginTable>
      )}
      {line !== undefined && window !== undefined && (
        <div>
          {answersWords.gasTimes(clockOf(onMin - line.beforeLightMin), clockOf(onMin + window.hours * 60 - line.beforeDarkMin))}{' '}
          <Link to={addressOfSheet(tank.id, 'gas')}>{answersWords.timerPlace}</Link>
        </div>
      )}
      <Link to={`${addressOfSheet(tank.id, 'gas')}?part=level`}>{answersWords.levelPlace}</Link>
      <div>{answersWords.gasWait}</div>
      <Box sx={{ color: 'text.secondary' }}>{answersWords.gasErr}</Box>
      <Sums ids={['gas.co2-from-ph', 'gas.co2-from-drop']} tank={tank} given={knownOf(gas)} />
    </Box>
  )
}

function EvidenceRow({ piece, timeZone, units }: { piece: GasEvidence; timeZone: string; units: Units }) {
  const { source, moment, at, co2, doubts, from } = piece
  const [own] = from
  const range = `${significant(co2.low, 2)}–${significant(co2.high, 2)} mg/L`
  const explained = explainedOf(piece, units)
  return (
    <tr>
      <td>{gasMomentWords[moment]}</td>
      <td>
        {[
          own === undefined
            ? gasSourceWords[source]
            : `${readingQuantityWords[own.quantity]} ${valueText(own.quantity, own.value, own.qualifier, units)}`,
          source === 'drop' ? gasSourceWords.drop : null,
          at === null ? null : shortDate(dayOf(at, timeZone)),
        ]
          .filter((part) => part !== null)
          .join(' · ')}
      </td>
      <td>{explained === null ? range : <Figure explained={explained}>{`${significant(co2.value, 2)} mg/L (${range})`}</Figure>}</td>
      <td>{doubts.length === 0 ? answersWords.gasTrust : doubts.map((doubt) => gasDoubtWords[doubt]).join(', ')}</td>
    </tr>
  )
}

/** The working of a reckoned level; a colour has none. */
function explainedOf({ source, from, taken, co2 }: GasEvidence, units: Units): Explained | null {
  if (source !== 'ph-kh' && source !== 'drop') return null
  const working = WORKINGS.find(({ id }) => id === WORKING_OF[source])
  if (working === undefined) return null
  return {
    title: workingTitleWords[working.id] ?? '',
    formula: formulaInWords(working),
    inputs: [
      ...from.map(({ quantity, value, qualifier, moment }) => ({
        name: moment === 'degassed' ? `${readingQuantityWords[quantity]}, ${gasSourceWords.drop}` : readingQuantityWords[quantity],
        value: valueText(quantity, value, qualifier, units),
        from: 'measured' as const,
      })),
      ...(taken.temperatureC === undefined
        ? []
        : [{ name: readingQuantityWords.temperature, value: units.show('temperature', taken.temperatureC), from: 'assumed' as const }]),
      ...(taken.ionicStrengthMolPerKg === undefined
        ? []
        : [
            { name: answersWords.ionicStrength, value: `${significant(taken.ionicStrengthMolPerKg, 2)} mol/kg`, from: 'reckoned' as const },
          ]),
      ...(taken.roomCo2Ppm === undefined
        ? []
        : [{ name: answersWords.roomAir, value: units.show('airShare', taken.roomCo2Ppm), from: 'assumed' as const }]),
    ],
    source: working.source,
    range: [`${significant(co2.low, 2)} mg/L`, `${significant(co2.high, 2)} mg/L`],
  }
}
