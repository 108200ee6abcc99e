import type { TankFigures } from '../ecosystem/tankFigures.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import { animalGroups, nameOfAnimal } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'
import { plantedAge } from '../plan/startPhase.js'
import { MEQ_PER_DKH } from '../quantity/physicalConstants.js'
import { dryWaterLineCm } from '../startup/dryWeeks.js'
import { leachesAmmonia } from '../startup/feedPhases.js'
import { CYCLE_C, CYCLE_MEQ_PER_L, feedsRoots } from '../startup/waysToStart.js'
import { newWater } from '../water/newWater.js'
import { ownEarliestDay } from '../livestock/earliest.js'
import { MENDS } from './mends.js'

/** Two tests a day or more apart, and a film to graze, take at least this long, whatever the tank. General practice. */
const AT_LEAST_DAY = 14
/** Food [g a day for each litre] above which it rots faster than plants and filter take it up. Rule of thumb 0.004–0.008. */
const MOST_FOOD_G_PER_L = 0.006

export const START_FINDINGS = findingsOf('programme', {
  'animals-early': { severity: 'warn', values: { planned: 'day', earliest: 'day' }, names: ['animal'] },
  'dark-soft': { severity: 'warn', values: { alkalinity: 'alkalinity', least: 'alkalinity' } },
  'dark-cold': { severity: 'note', values: { water: 'temperature', least: 'temperature' } },
  'dark-nothing': { severity: 'note', values: {} },
  'dry-species': { severity: 'warn', values: {}, names: ['plant'] },
  'dry-poor': { severity: 'note', values: {} },
  'dry-no-ground': { severity: 'warn', values: {} },
  'dry-thin-ground': { severity: 'warn', values: {} },
  'food-heavy': { severity: 'warn', values: { food: 'fodder', most: 'fodder' } },
})

interface Start {
  /** By the model, where it was asked; `null` in a tank that is long past its start. */
  readonly allowedFromDay?: number | null | undefined
  /** Animals that were to come before are in: tests speak of them now. */
  readonly ageDays: number
}

/** Whether animals are planned for a day on which tests can allow them, and fed what the tank can take up. */
export function checkStart(plan: Plan, figures: TankFigures, { allowedFromDay = AT_LEAST_DAY, ageDays }: Start): Finding[] {
  const found: Finding[] = []
  const earliest = allowedFromDay ?? 0
  for (const { group, species } of animalGroups(plan)) {
    const { id, fromDay: planned } = group
    if (planned < ageDays || planned >= earliest) continue
    const day = Math.max(earliest, ownEarliestDay(plan, species))
    const mend = mendWith(MENDS['later-animals'], { day }, [{ path: `/animals/groups/${id}/fromDay`, from: planned, to: day }])
    found.push(raise(START_FINDINGS['animals-early'], { planned, earliest }, { id, names: { animal: nameOfAnimal(species) }, mend }))
  }
  const most = MOST_FOOD_G_PER_L * figures.waterL
  if (figures.foodGPerDay > most) found.push(raise(START_FINDINGS['food-heavy'], { food: figures.foodGPerDay, most }))
  return [...found, ...(isBefore(plan, ageDays) ? [...checkDark(plan, figures), ...checkDry(plan, figures)] : [])]
}

/** What speaks of a start is told until it has ended. */
const isBefore = (plan: Plan, ageDays: number): boolean => plantedAge(plan, ageDays) < 0

/** New water is aimed at so much: room for what the cycle takes. General practice, KH 3–4. */
const AIMED_MEQ_PER_L = 4 * MEQ_PER_DKH
const BICARBONATE = 'potassium-bicarbonate'

function checkDark(plan: Plan, figures: TankFigures): Finding[] {
  if (plan.start.method !== 'dark') return []
  const found: Finding[] = []
  const alkalinity = newWater(plan).mineralised.alkalinityMeqPerL
  if (alkalinity < CYCLE_MEQ_PER_L) {
    const { water } = plan
    const edits = [
      { path: '/water/alkalinityMeqPerL', from: water.alkalinityMeqPerL, to: AIMED_MEQ_PER_L },
      { path: '/water/minerals', from: water.minerals, to: [...new Set([...water.minerals, BICARBONATE])] },
    ]
    const mend = mendWith(MENDS['raise-alkalinity'], { wanted: AIMED_MEQ_PER_L }, edits)
    found.push(raise(START_FINDINGS['dark-soft'], { alkalinity, least: CYCLE_MEQ_PER_L }, { mend }))
  }
  if (figures.temperatureC < CYCLE_C) found.push(raise(START_FINDINGS['dark-cold'], { water: figures.temperatureC, least: CYCLE_C }))
  if (!leachesAmmonia(plan)) found.push(raise(START_FINDINGS['dark-nothing'], {}))
  return found
}

function checkDry(plan: Plan, figures: TankFigures): Finding[] {
  if (plan.start.method !== 'dry') return []
  if (figures.volumes.groundL <= 0) return [raise(START_FINDINGS['dry-no-ground'], {})]
  const found: Finding[] = []
  if (dryWaterLineCm(figures) <= 0) found.push(raise(START_FINDINGS['dry-thin-ground'], {}))
  const unfit = new Map<string, string>()
  for (const { plants } of [...figures.beds.filter(({ isOut }) => !isOut), ...figures.spots])
    for (const { plant } of plants) if (plant.dryStart === 'no' || plant.kind === 'floater') unfit.set(plant.id, plant.name)
  for (const [id, plant] of unfit) found.push(raise(START_FINDINGS['dry-species'], {}, { id, names: { plant } }))
  if (!feedsRoots(figures)) found.push(raise(START_FINDINGS['dry-poor'], {}))
  return found
}
