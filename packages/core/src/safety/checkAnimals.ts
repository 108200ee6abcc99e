import type { TankFigures } from '../ecosystem/tankFigures.js'
import { GROUND } from '../ground/kinds.js'
import { arrivalsOf, LIGHT_FOOD_G_PER_L, MOST_SHARE_AT_ONCE } from '../livestock/arrivals.js'
import { ownEarliestDay } from '../livestock/earliest.js'
import { commonWarmth, conflictsOf } from '../livestock/company.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import { animalGroups, nameOfAnimal, type AnimalGroup, type NamedGroup } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'
import type { Verdict } from '../species/standing.js'
import { PLANT_KINDS } from '../species/plantKinds.js'
import { plannedShare } from '../planting/standOf.js'
import type { AnimalSpecies, Bearing } from '../species/animals/index.js'
import { toldNewWater } from '../water/newWater.js'
import { MENDS } from './mends.js'

export const ANIMAL_FINDINGS = findingsOf('animals', {
  'animal-warmth': { severity: 'warn', values: { here: 'temperature', low: 'temperature', high: 'temperature' }, names: ['animal'] },
  'animal-summer': { severity: 'warn', values: { summer: 'temperature', most: 'temperature' }, names: ['animal'] },
  'animal-hardness': { severity: 'warn', values: { here: 'hardness', low: 'hardness', high: 'hardness' }, names: ['animal'] },
  'animal-alkalinity': { severity: 'warn', values: { here: 'alkalinity', low: 'alkalinity', high: 'alkalinity' }, names: ['animal'] },
  'animal-litres': { severity: 'warn', values: { here: 'volume', least: 'volume' }, names: ['animal'] },
  'animal-length': { severity: 'warn', values: { here: 'length', least: 'length' }, names: ['animal'] },
  'animal-few': { severity: 'note', values: { count: 'count', least: 'count' }, names: ['animal'] },
  'animal-only-one': { severity: 'warn', values: { count: 'count' }, names: ['animal'] },
  'animal-rivals': { severity: 'note', values: {}, names: ['animal'] },
  'animal-wants-still': { severity: 'note', values: { turnover: 'turnover' }, names: ['animal'] },
  'animal-wants-flow': { severity: 'note', values: { turnover: 'turnover' }, names: ['animal'] },
  'animal-bare': { severity: 'note', values: {}, names: ['animal'] },
  'animals-may-jump': { severity: 'note', values: {} },
  'animal-jumps': { severity: 'warn', values: {}, names: ['animal'] },
  'animal-digs': { severity: 'warn', values: {}, names: ['animal'] },
  'animal-eats-plants': { severity: 'warn', values: {}, names: ['animal'] },
  'animal-eats': { severity: 'warn', values: {}, names: ['animal', 'other'] },
  'animal-eats-young': { severity: 'note', values: {}, names: ['animal', 'other'] },
  'animal-nips': { severity: 'warn', values: {}, names: ['animal', 'other'] },
  'animal-breeds': { severity: 'note', values: {}, names: ['animal'] },
  'animal-listed': { severity: 'warn', values: {}, names: ['animal'] },
  'animal-week': { severity: 'note', values: { planned: 'day', earliest: 'day' }, names: ['animal'] },
  'animals-no-warmth': { severity: 'warn', values: { low: 'temperature', high: 'temperature' }, names: ['cool', 'warm'] },
  'animals-at-once': { severity: 'warn', values: { share: 'fraction', most: 'fraction', day: 'day' } },
})
const F = ANIMAL_FINDINGS

/** Over a softening ground, for its first months. Rule of thumb 0–2 °dKH. */
const SOFTENED_MEQ_PER_L = 0.5
/** Fish of still water are blown about above this, those of streams tire of less than the other [volumes an hour]. Rules of thumb 6–10, 4–6. */
const MUCH_FLOW_PER_H = 8
const LITTLE_FLOW_PER_H = 5
/** Of the floor under plants so tall that a shy fish hides. Rule of thumb. */
const COVERED_SHARE = 0.3
/** From this share of the floor on a carpet is worth a word. */
const SOME_CARPET = 0.1
/** Below this many degrees in common one of them is the wrong one. */
const LEAST_COMMON_C = 1

/** How the planned animals fit this tank, one another and its plants. A danger is told whatever its figure rests on. */
export function checkAnimals(plan: Plan, figures: TankFigures, facts: Age): Finding[] {
  const groups = animalGroups(plan)
  const isNamed = (one: NamedGroup): boolean => nameOfAnimal(one.species) !== ''
  return [
    ...groups
      .filter(isNamed)
      .flatMap((one) => [
        ...ofWater(one, plan, figures),
        ...ofRoom(one, figures),
        ...ofPlants(one, plan, figures),
        ...ofDay(one, plan, facts),
      ]),
    ...(plan.vessel.top === 'open' &&
    groups.some((one) => isNamed(one) && one.species.jumps === 'may') &&
    !groups.some(({ species }) => species.jumps === 'readily')
      ? [raise(F['animals-may-jump'], {}, { mend: coverOf(plan) })]
      : []),
    ...ofCompany(groups.filter(isNamed)),
    ...ofArrivals(figures, facts.ageDays),
  ]
}

interface Age {
  /** By the model, where it was asked. */
  readonly allowedFromDay?: number | null | undefined
  /** Those that are in are past it. */
  readonly ageDays: number
}

const about = ({ group: { id }, species }: NamedGroup) => ({ id, names: { animal: nameOfAnimal(species) } })
/** `null` where it is well; a warning where it does not bear it. */
const outside = (here: number, { min, goodLow, goodHigh, max }: Bearing): 'warn' | 'note' | null =>
  here < min || here > max ? 'warn' : here < goodLow || here > goodHigh ? 'note' : null

function ofWater(one: NamedGroup, plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const { temperatureC: warmth, hardnessMmolPerL: hardness, alkalinityMeqPerL: alkalinity } = one.species
  const here = figures.room.waterC
  const severity = outside(here, warmth)
  if (severity !== null)
    found.push(raise(F['animal-warmth'], { here, low: warmth.goodLow, high: warmth.goodHigh }, { ...about(one), severity }))
  const isCooled = plan.climate.coolerW !== null && plan.climate.coolerW > 0
  const summer = Math.max(here, ...plan.room.monthlyC.map((month) => month ?? -Infinity))
  if (!isCooled && here <= warmth.max && summer > warmth.max)
    found.push(raise(F['animal-summer'], { summer, most: warmth.max }, about(one)))
  const told = toldNewWater(plan)
  if (told.hardnessMmolPerL !== null) {
    const how = outside(told.hardnessMmolPerL, hardness)
    const values = { here: told.hardnessMmolPerL, low: hardness.goodLow, high: hardness.goodHigh }
    if (how !== null) found.push(raise(F['animal-hardness'], values, { ...about(one), severity: how }))
  }
  if (told.alkalinityMeqPerL !== null) {
    const isSoftened = figures.layers.some((layer) => layer.volumeL > 0 && GROUND[layer.ground].isSoftener)
    const kept = isSoftened ? Math.min(told.alkalinityMeqPerL, SOFTENED_MEQ_PER_L) : told.alkalinityMeqPerL
    const how = outside(kept, alkalinity)
    const values = { here: kept, low: alkalinity.goodLow, high: alkalinity.goodHigh }
    if (how !== null) found.push(raise(F['animal-alkalinity'], values, { ...about(one), severity: how }))
  }
  return found
}

function ofRoom(one: NamedGroup, { waterL, inner, turnoverPerH: turnover, hardscapeKg, stand }: TankFigures): Finding[] {
  const { species, group } = one
  const found: Finding[] = []
  if (waterL < species.leastL) found.push(raise(F['animal-litres'], { here: waterL, least: species.leastL }, about(one)))
  if (inner.lengthCm < species.leastLengthCm)
    found.push(raise(F['animal-length'], { here: inner.lengthCm, least: species.leastLengthCm }, about(one)))
  const { count } = group
  if (species.isAlone) {
    if (count !== null && count > 1) found.push(raise(F['animal-only-one'], { count }, about(one)))
  } else {
    if (count !== null && count < species.leastCount) found.push(raise(F['animal-few'], { count, least: species.leastCount }, about(one)))
    if (species.hasRivals && count !== 1) found.push(raise(F['animal-rivals'], {}, about(one)))
  }
  if (species.flow === 'still' && turnover > MUCH_FLOW_PER_H) found.push(raise(F['animal-wants-still'], { turnover }, about(one)))
  if (species.flow === 'brisk' && turnover < LITTLE_FLOW_PER_H) found.push(raise(F['animal-wants-flow'], { turnover }, about(one)))
  const planted = PLANT_KINDS.reduce((sum, kind) => sum + stand[kind].footFraction, 0)
  if (species.cover === 'needs-cover' && hardscapeKg === 0 && planted < COVERED_SHARE) found.push(raise(F['animal-bare'], {}, about(one)))
  return found
}

const coverOf = ({ vessel }: Plan) => mendWith(MENDS.top, {}, [{ path: '/vessel/top', from: vessel.top, to: 'covered' }])

function ofPlants(one: NamedGroup, plan: Plan, figures: TankFigures): Finding[] {
  const { species } = one
  const found: Finding[] = []
  if (plan.vessel.top === 'open' && species.jumps === 'readily')
    found.push(raise(F['animal-jumps'], {}, { ...about(one), mend: coverOf(plan) }))
  const share = (kind: Plan['patches'][number]['kind']): number => plannedShare(plan, figures.stand, kind)
  const isLoose = share('carpet') > SOME_CARPET || share('stems') > SOME_CARPET
  if (species.digs !== 'no' && isLoose)
    found.push(raise(F['animal-digs'], {}, { ...about(one), severity: species.digs === 'digs' ? 'warn' : 'note' }))
  const isPlanted = plan.patches.length > 0 || plan.beds.length > 0 || plan.spots.length > 0
  if (species.eatsPlants !== 'no' && isPlanted)
    found.push(raise(F['animal-eats-plants'], {}, { ...about(one), severity: species.eatsPlants === 'yes' ? 'warn' : 'note' }))
  if (species.breeds === 'freely') found.push(raise(F['animal-breeds'], {}, about(one)))
  if (species.legal !== 'none-known')
    found.push(raise(F['animal-listed'], {}, { ...about(one), severity: species.legal === 'widely-listed' ? 'warn' : 'note' }))
  return found
}

/** Before the day on which tests can allow them, that day is told. */
function ofDay(one: NamedGroup, plan: Plan, { allowedFromDay, ageDays }: Age): Finding[] {
  const { fromDay: planned, id } = one.group
  const earliest = ownEarliestDay(plan, one.species)
  if (planned < ageDays || planned >= earliest || planned < (allowedFromDay ?? 0)) return []
  const mend = mendWith(MENDS['later-animals'], { day: earliest }, [{ path: `/animals/groups/${id}/fromDay`, from: planned, to: earliest }])
  return [raise(F['animal-week'], { planned, earliest }, { ...about(one), mend })]
}

const OF_CONFLICT = { eats: F['animal-eats'], 'eats-young': F['animal-eats-young'], nips: F['animal-nips'] } as const

function ofCompany(groups: readonly NamedGroup[]): Finding[] {
  const found = conflictsOf(groups).map(({ kind, of, suffers }) =>
    raise(
      OF_CONFLICT[kind],
      {},
      { id: `${of.group.id}-${suffers.group.id}`, names: { animal: of.species.name, other: suffers.species.name } },
    ),
  )
  const warmth = commonWarmth(groups)
  if (warmth === null || warmth.high - warmth.low >= LEAST_COMMON_C || warmth.coolest === warmth.warmest) return found
  const { low, high, coolest, warmest } = warmth
  return [...found, raise(F['animals-no-warmth'], { low, high }, { names: { cool: coolest.species.name, warm: warmest.species.name } })]
}

/** What joins at once is told of those that are named: of others nobody knows whether they come together. */
function ofArrivals({ kept, foodGPerDay, waterL }: TankFigures, ageDays: number): Finding[] {
  const isLight = (share: number): boolean => share * foodGPerDay <= LIGHT_FOOD_G_PER_L * waterL
  return arrivalsOf(kept, foodGPerDay).flatMap(({ day, foodShare, groups: [first, ...others] }) =>
    first === undefined ||
    day < ageDays ||
    isLight(foodShare) ||
    foodShare <= MOST_SHARE_AT_ONCE + 1e-9 ||
    [first, ...others].some(({ species }) => nameOfAnimal(species) === '')
      ? []
      : [raise(F['animals-at-once'], { share: foodShare, most: MOST_SHARE_AT_ONCE, day }, { id: first.group.id })],
  )
}

/** How a species would stand in this tank with those that are planned: it fits, fits with something to mend or to bear, or will not do. As many as are well together, on its own day. */
export function animalVerdict(plan: Plan, figures: TankFigures, species: AnimalSpecies): Verdict {
  const group: AnimalGroup = {
    id: ASKED,
    species: species.id,
    count: species.leastCount,
    fromDay: ownEarliestDay(plan, species),
    origin: '',
  }
  const asked: NamedGroup = { group, species }
  const others = animalGroups(plan).filter((one) => nameOfAnimal(one.species) !== '' && one.species.id !== species.id)
  const found = [
    ...ofWater(asked, plan, figures),
    ...ofRoom(asked, figures),
    ...ofPlants(asked, plan, figures),
    ...ofCompany([...others, asked]).filter(({ id, names }) =>
      id === undefined ? [names['cool'], names['warm']].includes(species.name) : id.split('-').includes(ASKED),
    ),
  ].filter(({ code }) => code !== F['animal-breeds'].code && code !== F['animal-rivals'].code)
  if (found.some(({ severity, mend }) => severity !== 'note' && mend === undefined)) return 'fails'
  return found.length > 0 ? 'marginal' : 'fits'
}
const ASKED = 'asked'
