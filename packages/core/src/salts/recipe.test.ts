import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { referenceTable } from '../testing/referenceTable.js'
import { SALT_IDS, saltDoseMgPerL, type SaltId } from './salts.js'
import { RECIPE_NUTRIENTS, saltRecipe, type Recipe, type SaltRecipeTask } from './saltRecipe.js'
import {
  blend,
  blendAndRemineralise,
  hardnessOfIons,
  ionsOfHardness,
  remineralise,
  type HardTargets,
  type HardWater,
} from './waterRecipe.js'

interface Task {
  readonly id: string
  readonly kind: 'recipe' | 'remineralise' | 'blend'
  readonly litres: number
  readonly changeLitres: number
  readonly targetsMgPerL: SaltRecipeTask['targetsMgPerL']
  readonly salts: readonly SaltId[]
  readonly baseWater: HardWater
  readonly targets: HardTargets
  readonly first: { readonly ghDgh: number; readonly khDkh: number }
  readonly second: { readonly ghDgh: number; readonly khDkh: number }
}
const { tasks } = JSON.parse(readFileSync(new URL('../../reference/recipes/tasks.json', import.meta.url), 'utf8')) as {
  readonly tasks: readonly Task[]
}
const answers = referenceTable('recipes/answers').map((row) => ({
  task: row.text('task'),
  section: row.text('section'),
  item: row.text('item'),
  value: row.text('value'),
}))
const solve = (task: Task): Recipe =>
  task.kind === 'recipe'
    ? saltRecipe(task)
    : task.kind === 'remineralise'
      ? remineralise({ litres: task.changeLitres, base: task.baseWater, targets: task.targets, salts: task.salts })
      : blend(task)
const sum = (grams: Recipe['grams']): number => Object.values(grams).reduce((all, amount) => all + amount, 0)

test('the table holds its tasks', () => expect(tasks.length).toBeGreaterThanOrEqual(10))
test.each(tasks.map((task) => [task.id, task] as const))('task %s meets the table', (id, task) => {
  const found = solve(task)
  const told = answers.filter((row) => row.task === id)
  const value = (section: string, item: string): number => Number(told.find((row) => row.section === section && row.item === item)?.value)
  expect(found.status).toBe(told.find(({ item }) => item === 'status')?.value)
  for (const { section, item, value: text } of told) {
    const expected = Number(text)
    const near = (actual: number | undefined, tolerance: number): void =>
      expect(Math.abs((actual ?? NaN) - expected), `${section} ${item}: ${actual} for ${expected}`).toBeLessThanOrEqual(tolerance)
    if (section === 'grams' && item === 'total') near(sum(found.grams), 0.01 * expected)
    else if (section === 'grams') near(found.grams[item as SaltId], Math.max(0.01 * expected, 0.005 * value('grams', 'total')))
    else if (section === 'achieved') near((found.achieved as Record<string, number>)[item], 0.01 * Math.max(1e-6, expected))
    else if (section === 'deviation') near((found.deviations as Record<string, number>)[item], 0.01)
    else if (section === 'partner') near((found.partners as Record<string, number>)[item], Math.max(1e-6, 0.01 * expected))
    else if (item === 'share_first') near(found.shareFirst, 0.005)
  }
})

describe('grams of salts', () => {
  const salts = fc.uniqueArray(fc.constantFrom(...SALT_IDS), { minLength: 1, maxLength: 8 })
  const targets = fc.dictionary(fc.constantFrom(...RECIPE_NUTRIENTS), fc.double({ min: 0.05, max: 40, noNaN: true }), {
    minKeys: 1,
    maxKeys: 5,
  })
  test('what salts gave is met exactly by a recipe that weighs no more', () =>
    fc.assert(
      fc.property(salts, fc.array(fc.double({ min: 0.01, max: 20, noNaN: true }), { minLength: 8, maxLength: 8 }), (used, grams) => {
        const targetsMgPerL: Record<string, number> = {}
        for (const nutrient of RECIPE_NUTRIENTS) {
          const brought = used.reduce((all, salt, at) => all + (saltDoseMgPerL(salt, nutrient, grams[at]!, 100) ?? 0), 0)
          if (brought > 0) targetsMgPerL[nutrient] = brought
        }
        fc.pre(Object.keys(targetsMgPerL).length > 0)
        const found = saltRecipe({ litres: 100, targetsMgPerL, salts: used })
        expect(found.status).toBe('exact')
        expect(sum(found.grams)).toBeLessThanOrEqual(used.reduce((all, _, at) => all + grams[at]!, 0) * (1 + 1e-5))
      }),
      { seed: 14, numRuns: 400 },
    ))
  test('no other amounts come nearer', () =>
    fc.assert(
      fc.property(
        salts,
        targets,
        fc.array(fc.double({ min: 0, max: 3, noNaN: true }), { minLength: 8, maxLength: 8 }),
        (used, wanted, times) => {
          const found = saltRecipe({ litres: 100, targetsMgPerL: wanted, salts: used })
          const missOf = (grams: Recipe['grams']): number =>
            Object.entries(wanted).reduce((all, [nutrient, target]) => {
              const brought = used.reduce((one, salt) => one + (saltDoseMgPerL(salt, nutrient as 'K', grams[salt] ?? 0, 100) ?? 0), 0)
              return all + (brought / target - 1) ** 2
            }, 0)
          const other = Object.fromEntries(
            used.map((salt, at) => [salt, (found.grams[salt] ?? 0) * times[at]! + (times[at]! > 2.5 ? 0.1 : 0)]),
          )
          expect(missOf(found.grams)).toBeLessThanOrEqual(missOf(other) + 1e-6)
          for (const amount of Object.values(found.grams)) expect(amount).toBeGreaterThanOrEqual(0)
        },
      ),
      { seed: 15, numRuns: 400 },
    ))
  test('zero means none: a salt that brings it is left out, and what falls short is told', () => {
    const found = saltRecipe({ litres: 100, targetsMgPerL: { NO3: 0, K: 5 }, salts: ['potassium-nitrate', 'potassium-sulfate'] })
    expect(found.grams['potassium-nitrate']).toBe(0)
    expect(found.status).toBe('exact')
    expect(saltRecipe({ litres: 100, targetsMgPerL: { NO3: 0, K: 5 }, salts: ['potassium-nitrate'] }).deviations.K).toBe(-1)
  })
  test('what comes along is told: sodium, sulfate, a rise of KH, nitrogen of urea', () => {
    const found = saltRecipe({ litres: 100, targetsMgPerL: { K: 10 }, salts: ['potassium-bicarbonate'] })
    expect(found.partners.KH_rise).toBeCloseTo(0.717, 2)
    expect(saltRecipe({ litres: 10, targetsMgPerL: { Mg: 5 }, salts: ['magnesium-nitrate-hexahydrate'] }).partners.NO3).toBeCloseTo(
      25.51,
      1,
    )
  })
})

describe('minerals and blends', () => {
  test('hardness and ratio are ions and back', () => {
    const { caMgPerL, mgMgPerL } = ionsOfHardness(6, 3.2)
    expect(caMgPerL / mgMgPerL).toBeCloseTo(3.2, 9)
    expect(hardnessOfIons(caMgPerL, mgMgPerL)).toBeCloseTo(6, 9)
  })
  test('tap and purified water with minerals at once: exact, and lighter than with purified water alone', () => {
    const targets = { ghDgh: 6, caMgMassRatio: 3, khDkh: 3 }
    const salts = ['calcium-sulfate-dihydrate', 'magnesium-sulfate-heptahydrate', 'potassium-bicarbonate'] as const
    const none = { caMgPerL: 0, mgMgPerL: 0, khDkh: 0 }
    const tap = { caMgPerL: 60, mgMgPerL: 8, khDkh: 8 }
    const both = blendAndRemineralise({ litres: 50, first: tap, second: none, targets, salts })
    const alone = remineralise({ litres: 50, base: none, targets, salts })
    expect(both.status).toBe('exact')
    expect(both.shareFirst).toBeGreaterThan(0.2)
    expect(both.shareFirst).toBeLessThanOrEqual(1)
    expect(sum(both.grams)).toBeLessThan(sum(alone.grams))
  })
  test('a first water that is too soft is used whole, and no more than whole', () => {
    const found = blendAndRemineralise({
      litres: 50,
      first: { caMgPerL: 20, mgMgPerL: 5, khDkh: 2 },
      second: { caMgPerL: 0, mgMgPerL: 0, khDkh: 0 },
      targets: { ghDgh: 12, caMgMassRatio: 4, khDkh: 6 },
      salts: [],
    })
    expect(found.shareFirst).toBe(1)
    expect(found.status).toBe('infeasible')
  })
})
