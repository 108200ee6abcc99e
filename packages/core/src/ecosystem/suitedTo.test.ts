import { describe, expect, test } from 'vitest'
import type { Bed, Plan } from '../plan/plan.js'
import { PLANT_GROUPS } from '../planting/kinds.js'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import { compile } from './compile.js'
import { DAY, DAY_STRIDE } from './daySeries.js'
import { drawParameters } from './drawParameters.js'
import { DEFAULT_PARAMETERS, type Parameters } from './parameters.js'
import { simulate } from './simulate.js'

const STEMS = PLANT_GROUPS.indexOf('stems')
const bed = (id: string, plants: readonly PlantSpecies[], start: Bed['start'] = 'pot'): Bed =>
  potBed(
    id,
    box(0, 20, 60, 40),
    plants.map(({ id: species }) => [species, 1] as const),
    { start },
  )
const mapped = (plants: readonly PlantSpecies[], start: Bed['start'] = 'pot'): Plan => ({
  ...samplePlan,
  beds: [bed('b1', plants, start)],
  flora: [...plants],
})
const compiled = (plan: Plan, parameters: Parameters = DEFAULT_PARAMETERS) =>
  compile({ timeline: [{ fromDay: 0, plan }], days: 42, stepMin: 30, parameters })
const of = (
  plan: Plan,
  name: 'maxGrowthPerH' | 'meltPerDay' | 'rootShare' | 'halfCo2MgPerL' | 'optimumC',
  parameters?: Parameters,
): number => compiled(plan, parameters).parameters[name][STEMS]!

const usual = { light: { ...anyPlant().light, good: 80 } }
const quick = anyPlant({ ...usual, doublingDays: datum(5) }, { id: 'quick' })
const slow = anyPlant({ ...usual, doublingDays: datum(20) }, { id: 'slow' })

describe('species make their group', () => {
  test('without a map nothing is other than the standard', () => expect(compiled(samplePlan).parameters).toBe(DEFAULT_PARAMETERS))
  test('growth by hand: ln 2 / 20 days is 0.0347 a day, 0.381 of the usual 0.091, held at 0.4; ln 2 / 5 days is 1.52 of it', () => {
    const [standard] = [DEFAULT_PARAMETERS.maxGrowthPerH[STEMS]!]
    expect(of(mapped([slow]), 'maxGrowthPerH')).toBeCloseTo(standard * 0.4, 9)
    expect(of(mapped([quick]), 'maxGrowthPerH') / standard).toBeCloseTo(Math.LN2 / 5 / 0.091, 9)
  })
  test('two species in one patch are weighed by mass, not counted', () => {
    const heavy = anyPlant({ ...usual, doublingDays: datum(20), startGPerPot: datum(9 * slow.startGPerPot.value) }, { id: 'heavy' })
    const rate = (first: number, second: number): number => (first * (Math.LN2 / 5) + second * (Math.LN2 / 20)) / (first + second) / 0.091
    expect(of(mapped([quick, slow]), 'maxGrowthPerH') / DEFAULT_PARAMETERS.maxGrowthPerH[STEMS]!).toBeCloseTo(rate(1, 1), 1)
    expect(of(mapped([quick, heavy]), 'maxGrowthPerH') / DEFAULT_PARAMETERS.maxGrowthPerH[STEMS]!).toBeCloseTo(rate(1, 9), 1)
  })
  test('what melts follows the start: a pot that melts fully, a cup that does not', () => {
    const tender = anyPlant({ melt: { pot: 'full', cup: 'none' } }, { id: 'tender' })
    expect(of(mapped([tender]), 'meltPerDay')).toBeCloseTo(0.18, 9)
    expect(of(mapped([tender], 'cup'), 'meltPerDay')).toBeCloseTo(0.005, 9)
  })
  test('roots, gas and warmth: by the classes of the plant', () => {
    const rooted = anyPlant(
      { feeding: 'root', carbon: ['needed'], temperatureC: { ...anyPlant().temperatureC, goodHigh: 35 } },
      { id: 'r' },
    )
    expect(of(mapped([rooted]), 'rootShare')).toBeCloseTo(0.8, 9)
    expect(of(mapped([rooted]), 'halfCo2MgPerL')).toBeCloseTo(DEFAULT_PARAMETERS.halfCo2MgPerL[STEMS]! * 1.4, 9)
    expect(of(mapped([rooted]), 'optimumC')).toBeCloseTo(DEFAULT_PARAMETERS.optimumC[STEMS]! + 2, 9)
  })
  test('the spread of drawn tanks stays as wide as it was', () => {
    const [one, two] = [drawParameters(4, 1), drawParameters(4, 2)]
    const ratio = (name: 'maxGrowthPerH' | 'meltPerDay'): number => of(mapped([quick]), name, one) / of(mapped([quick]), name, two)
    for (const name of ['maxGrowthPerH', 'meltPerDay'] as const) expect(ratio(name)).toBeCloseTo(one[name][STEMS]! / two[name][STEMS]!, 9)
    expect(of(mapped([quick]), 'rootShare', one) - one.rootShare[STEMS]!).toBeCloseTo(
      of(mapped([quick]), 'rootShare', two) - two.rootShare[STEMS]!,
      9,
    )
  })
  test('groups that are not on the map keep theirs', () => {
    const { parameters } = compiled(mapped([quick]))
    for (const group of [0, 2, 3, 4, 5]) expect(parameters.maxGrowthPerH[group]).toBe(DEFAULT_PARAMETERS.maxGrowthPerH[group])
  })
  test('a tank of quick stems has grown more after six weeks than one of slow ones, from the same start', () => {
    const grown = (plant: PlantSpecies): number => {
      const { forcing, startState, parameters } = compiled({ ...mapped([plant]), isTrimmed: false })
      return simulate({ forcing, startState, parameters, days: 42 }).rows[41 * DAY_STRIDE + DAY.biomassG + STEMS]!
    }
    expect(grown(quick)).toBeGreaterThan(1.3 * grown(slow))
  })
})

test('plants out of culture cups begin lighter than potted ones, and with less that melts', () => {
  const stand = (start: Bed['start']) => compiled(mapped([anyPlant({ soldAs: ['pot-emersed', 'cup'] })], start)).figures.stand.stems
  const [pot, cup] = [stand('pot'), stand('cup')]
  expect(cup.massG).toBeLessThan(pot.massG)
  expect(cup.airG / cup.massG).toBeCloseTo((0.5 * pot.airG) / pot.massG, 9)
})
