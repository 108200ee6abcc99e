import { animalsWords, answersWords, readingQuantityWords, type TankEntry } from '@jovrin/contract'
import { UNIONISED_HARM, UNIONISED_TROUBLE, type NitrogenJudgement } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { agedTimeline, conditionOfTank, timelineOfTank } from '../../api/tanks.queries.js'
import { GateList } from '../shared/animals/GateList.js'
import { nameOfSpecies } from '../shared/animals/nameOfGroup.text.js'
import { useGates } from '../shared/animals/useGates.js'
import { addressOfSheet } from '../shared/sheetPlace.js'
import { startNow } from '../shared/start/startNow.js'
import { MarginTable } from '../../ui/MarginTable.js'
import { QueryState } from '../../ui/QueryState.js'
import { longDate, significant, useUnits } from '../../ui/units.js'
import { valueText } from '../quantity.text.js'
import { Sums } from './Sums.js'

/** Whether animals may come, by two tests at zero; and how dangerous ammonia and nitrite are now. */
export function AnimalsAnswer({ tank }: { tank: TankEntry }) {
  const units = useUnits()
  const condition = useQuery(conditionOfTank(tank.id))
  const timeline = useQuery(timelineOfTank(tank.id)).data
  if (!condition.data) return <QueryState error={condition.error} onRetry={() => void condition.refetch()} />
  const phase = (timeline === undefined ? null : startNow(agedTimeline(timeline)))?.phase ?? 'planted'
  const { readiness, danger, ammonia, nitrite, pH, unionisedMgNPerL, withoutGasMgNPerL } = condition.data.nitrogen
  const limits = `${significant(UNIONISED_TROUBLE)} / ${significant(UNIONISED_HARM)}`
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box role="status" sx={{ fontSize: 17, fontWeight: 600 }}>
        {phase === 'planted' ? answersWords.readiness[readiness] : answersWords.beforePlanted[phase]}
      </Box>
      <Box sx={{ color: danger === 'harm' || danger === 'trouble' ? 'var(--algae)' : undefined }}>{answersWords.danger[danger]}</Box>
      <MarginTable caption={answersWords.newestTests}>
        {[ammonia, nitrite, pH].map((test) =>
          test === null ? null : (
            <tr key={test.id}>
              <td>{test === pH ? answersWords.highestPh : readingQuantityWords[test.quantity]}</td>
              <td>{valueText(test.quantity, test.value, test.qualifier, units)}</td>
              <td>{longDate(test.at.slice(0, 10))}</td>
            </tr>
          ),
        )}
        {(
          [
            [answersWords.unionised, unionisedMgNPerL],
            [answersWords.unionisedWithoutGas, withoutGasMgNPerL],
          ] as const
        ).map(([name, mgNPerL]) =>
          mgNPerL === null ? null : (
            <tr key={name}>
              <td>{name}</td>
              <td>{`${significant(mgNPerL, 2)} mg N/L`}</td>
              <td>{limits}</td>
            </tr>
          ),
        )}
      </MarginTable>
      {phase === 'planted' && <NextAtGate tankId={tank.id} />}
      <Box sx={{ color: 'text.secondary' }}>{answersWords.never}</Box>
      <Sums ids={['water.unionised-ammonia', 'water.changes-needed']} tank={tank} given={knownOf(condition.data.nitrogen)} />
    </Box>
  )
}

/** What has to be so before those come that are planned next. */
function NextAtGate({ tankId }: { readonly tankId: string }) {
  const gates = useGates(tankId, null)
  const next = gates?.groups.filter(({ group }) => gates.gates.has(group.id)).sort((a, b) => a.group.fromDay - b.group.fromDay)[0]
  const gate = next === undefined ? undefined : gates?.gates.get(next.group.id)
  return (
    <>
      {next !== undefined && gate !== undefined && (
        <Box component="section" aria-label={animalsWords.gateOf(nameOfSpecies(next.species))} sx={{ display: 'grid', gap: 0.5 }}>
          <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16 }}>
            {animalsWords.gateOf(nameOfSpecies(next.species))}
          </Box>
          <Box sx={{ fontWeight: 600, color: gate.verdict === 'wait' ? 'var(--algae)' : undefined }}>
            {animalsWords.verdict[gate.verdict]}
          </Box>
          <GateList gate={gate} label={animalsWords.gateOf(nameOfSpecies(next.species))} />
        </Box>
      )}
      <Link to={addressOfSheet(tankId, 'animals')} style={{ color: 'inherit' }}>
        {answersWords.toAnimals}
      </Link>
    </>
  )
}

/** The tests as the sums take them. */
function knownOf({ ammonia, pH }: NitrogenJudgement): Readonly<Record<string, string>> {
  const total = ammonia === null ? null : String(Number(ammonia.value.toPrecision(3)))
  return {
    ...(total === null ? {} : { tanMgNPerL: total, startMgPerL: total }),
    ...(pH === null ? {} : { pH: String(pH.value) }),
  }
}
