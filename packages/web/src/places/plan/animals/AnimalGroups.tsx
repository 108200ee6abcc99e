import { animalsWords } from '@jovrin/contract'
import { animalGroups, plainName, SOME_FISH, type AnimalGroup, type AnimalSpecies, type JournalRecord, type Plan } from '@jovrin/core'
import { Box, Button, TextField } from '@mui/material'
import { useState } from 'react'
import { localId } from '../../../api/localId.js'
import { RemoveIcon } from '../../../ui/icons/RemoveIcon.js'
import { Grid } from '../../../ui/QuestionGroup.js'
import { significant, useUnits } from '../../../ui/units.js'
import { animalFacts } from '../../shared/animals/animalFacts.text.js'
import { nameOfSpecies } from '../../shared/animals/nameOfGroup.text.js'
import type { Desk } from '../desk.js'
import { PlanField } from '../PlanField.js'
import { AnimalSearch } from './AnimalSearch.js'
import { MoveAnimals } from './MoveAnimals.js'

interface GroupsProps {
  readonly desk: Desk
  /** The tank's age. */
  readonly today: number
  readonly losses: readonly JournalRecord[]
}

/** A species with its first group; it comes on the day on which it usually may, or today where that is past. */
function withGroup(plan: Plan, species: AnimalSpecies | null, today: number): Plan {
  const group: AnimalGroup = {
    id: localId('a'),
    species: species?.id ?? SOME_FISH.id,
    count: species === null ? null : species.leastCount,
    fromDay: Math.max(today + 1, Math.round((species?.earliestWeek ?? 5) * 7)),
    origin: '',
  }
  const isKnown = species === null || plan.fauna.some(({ id }) => id === species.id)
  return {
    ...plan,
    animals: { ...plan.animals, groups: [...plan.animals.groups, group] },
    fauna: isKnown ? plan.fauna : [...plan.fauna, species],
  }
}
function withoutGroup(plan: Plan, id: string): Plan {
  const groups = plan.animals.groups.filter((group) => group.id !== id)
  return {
    ...plan,
    animals: { ...plan.animals, groups },
    fauna: plan.fauna.filter((species) => groups.some((group) => group.species === species.id)),
  }
}

/** The register: each group with its number, its day, and where it came from. */
export function AnimalGroups({ desk, today, losses }: GroupsProps) {
  const { plan, form, change } = desk
  const text = animalsWords
  const named = new Map(
    animalGroups({ ...plan, animals: { ...plan.animals, foodGPerDay: null } }).map((one) => [one.group.id, one.species]),
  )
  return (
    <Box component="section" aria-label={text.register} sx={{ display: 'grid', gap: 1 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {text.register}
      </Box>
      {form.draft.animals.groups.length === 0 && <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{text.none}</Box>}
      {form.draft.animals.groups.map((group) => (
        <OneGroup
          key={group.id}
          desk={desk}
          group={group}
          species={named.get(group.id) ?? plan.fauna.find(({ id }) => id === group.species) ?? null}
          today={today}
          losses={losses}
          onDelete={() => change((now) => withoutGroup(now, group.id))}
        />
      ))}
      <Box className="no-print">
        <AnimalSearch desk={desk} onPick={(species) => change((now) => withGroup(now, species, today))} />
        <Button variant="text" sx={{ px: 0 }} onClick={() => change((now) => withGroup(now, null, today))}>
          {text.addUnknown}
        </Button>
      </Box>
    </Box>
  )
}

interface OneGroupProps extends GroupsProps {
  readonly group: AnimalGroup
  readonly species: AnimalSpecies | null
  readonly onDelete: () => void
}

function OneGroup({ desk, group, species, today, losses, onDelete }: OneGroupProps) {
  const { form, commit, changeFromToday } = desk
  const units = useUnits()
  const text = animalsWords
  const name = species === null ? (text.some[group.species] ?? group.species) : nameOfSpecies(species)
  const lost = species === null ? 0 : lossesOf(losses, species)
  const left = Math.max(0, (group.count ?? 0) - lost)
  const [isMoving, setMoving] = useState(false)
  const movable =
    species !== null && group.fromDay <= today && group.count !== null && group.count > 0
      ? { species, group: { ...group, count: group.count } }
      : null
  return (
    <Box role="group" aria-label={name} sx={{ borderBottom: '1px solid var(--hair)', pb: 0.75 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
        <Box sx={{ fontStyle: 'italic', flexGrow: 1 }}>{name}</Box>
        <Box sx={{ fontSize: 13, color: 'text.secondary' }}>
          {group.count === 0
            ? text.noneAnyMore
            : group.fromDay <= today
              ? text.here(significant(group.fromDay))
              : text.toCome(significant(group.fromDay))}
        </Box>
        {movable !== null && (
          <Button
            className="no-print"
            variant="text"
            sx={{ minWidth: 0, py: 0, px: 0 }}
            aria-label={text.move.openOf(name)}
            onClick={() => setMoving(true)}
          >
            {text.move.open}
          </Button>
        )}
        <Button className="no-print" variant="text" sx={{ minWidth: 0, py: 0 }} aria-label={text.delete(name)} onClick={onDelete}>
          <RemoveIcon />
        </Button>
      </Box>
      <Grid min={96}>
        <PlanField path="animals/groups/*/count" of={[group.id]} />
        <PlanField path="animals/groups/*/fromDay" of={[group.id]} />
        <TextField
          label={text.origin}
          value={group.origin}
          slotProps={{ htmlInput: { maxLength: 80 } }}
          title={text.originWhy}
          onChange={({ target }) => form.answer(`/animals/groups/${group.id}/origin`, target.value)}
          onBlur={() => commit()}
        />
      </Grid>
      {species !== null && nameOfSpecies(species) === species.name && (
        <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{animalFacts(species, units).join(' · ')}</Box>
      )}
      {isMoving && movable !== null && <MoveAnimals desk={desk} {...movable} onClose={() => setMoving(false)} />}
      {lost > 0 && group.count !== null && group.fromDay <= today && (
        <Box sx={{ fontSize: 14 }}>
          {text.lost(lost, significant(lost))}{' '}
          {left < group.count && (
            <Button
              className="no-print"
              variant="text"
              sx={{ px: 0, py: 0 }}
              onClick={() =>
                changeFromToday((now) => ({
                  ...now,
                  animals: {
                    ...now.animals,
                    groups: now.animals.groups.map((one) => (one.id === group.id ? { ...one, count: left } : one)),
                  },
                }))
              }
            >
              {text.setTo(significant(left))}
            </Button>
          )}
        </Box>
      )}
    </Box>
  )
}

/** Deaths of the journal that name the species, its older names or its plain word. */
function lossesOf(losses: readonly JournalRecord[], { name, olderNames, word }: AnimalSpecies): number {
  const names = [name, ...olderNames, word, `${word}s`].map(plainName)
  return losses.reduce((sum, record) => (record.kind === 'death' && names.includes(plainName(record.animal)) ? sum + record.count : sum), 0)
}
