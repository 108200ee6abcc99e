import { animalsWords } from '@jovrin/contract'
import { Box } from '@mui/material'
import { useState } from 'react'
import { Measured } from '../../../drawing/Measured.js'
import { Section } from '../../../drawing/section/Section.js'
import { QueryState } from '../../../ui/QueryState.js'
import { significant, useUnits } from '../../../ui/units.js'
import { GateList } from '../../shared/animals/GateList.js'
import { nameOfSpecies } from '../../shared/animals/nameOfGroup.text.js'
import { useGates } from '../../shared/animals/useGates.js'
import { useFindings, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { sectionLabels } from '../sectionLabels.js'
import { SheetFrame } from '../SheetFrame.js'
import { AnimalGroups } from './AnimalGroups.js'
import { ArrivalsTable } from './ArrivalsTable.js'
import { DripPanel } from './DripPanel.js'
import { LoadPanel } from './LoadPanel.js'
import { ZoneMarks } from './ZoneMarks.js'

/** Who lives in the tank and who is to come: how they fit, what they eat, in which order, and whether they may come today. */
export function AnimalsSheet({ desk }: { readonly desk: Desk }) {
  const { plan, figures, change } = desk
  const units = useUnits()
  const text = animalsWords
  const findings = useFindings(desk)
  const [isFilmSeen, setFilmSeen] = useState<boolean | null>(null)
  const gates = useGates(desk.tankId, isFilmSeen)
  if (gates === null) return <QueryState error={null} onRetry={() => undefined} />
  const next = gates.groups.filter(({ group }) => gates.gates.has(group.id)).sort((a, b) => a.group.fromDay - b.group.fromDay)[0]
  const gate = next === undefined ? undefined : gates.gates.get(next.group.id)
  return (
    <SheetFrame
      marginWidth={460}
      drawing={
        <>
          <Measured usual={760}>
            {(width) => (
              <Section
                width={width}
                plan={plan}
                figures={figures}
                ageDays={gates.today}
                mostHeight={360}
                labels={{
                  ...sectionLabels(plan, figures, units, [[text.loadClass, units.show('fodder', figures.foodGPerDay, 2)]]),
                  description: text.sheetDescription(plan.name),
                }}
                marks={(layout) => <ZoneMarks layout={layout} figures={figures} />}
              />
            )}
          </Measured>
          {figures.kept.length > 0 && <ArrivalsTable desk={desk} gates={gates} isFilmSeen={isFilmSeen} onFilmSeen={setFilmSeen} />}
          {next !== undefined && gate !== undefined && (
            <Box component="section" aria-label={text.gateOf(nameOfSpecies(next.species))} sx={{ mt: 1.5, display: 'grid', gap: 0.5 }}>
              <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16 }}>
                {text.gateOf(
                  next.group.count === null
                    ? nameOfSpecies(next.species)
                    : text.someOf(significant(next.group.count), nameOfSpecies(next.species)),
                )}
              </Box>
              <Box role="status" sx={{ fontWeight: 600, color: gate.verdict === 'wait' ? 'var(--algae)' : undefined }}>
                {text.verdict[gate.verdict]}
              </Box>
              <GateList gate={gate} label={text.gateOf(nameOfSpecies(next.species))} />
            </Box>
          )}
          <FindingsList tankId={desk.tankId} muted={plan.muted} change={change} findings={findings} sheet="animals" />
        </>
      }
      margin={
        <>
          <AnimalGroups desk={desk} today={gates.today} losses={gates.losses} />
          <LoadPanel desk={desk} gates={gates} />
          {next !== undefined && <DripPanel desk={desk} species={next.species} />}
        </>
      }
    />
  )
}
