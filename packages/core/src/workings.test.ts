import { describe, expect, test } from 'vitest'
import { FEED_NUTRIENTS } from './feed/nutrients.js'
import { schoolAmounts } from './feed/schoolAmounts.js'
import { weekRecipe } from './feed/weekRecipe.js'
import { newPlan } from './plan/newPlan.js'
import { FEEDING_SCHOOLS } from './plan/plan.js'
import { ContradictionError, work, type WorkingInputs } from './quantity/working.js'
import { WORKINGS } from './workings.js'

const value = (id: string, inputs: WorkingInputs): number => {
  const working = WORKINGS.find((candidate) => candidate.id === id)
  if (!working) throw new Error(`no working ${id}`)
  return work(working, inputs).figure.value
}

describe('quick sums, by hand', () => {
  test('10 mg/L nitrate in 100 L from KNO3: 1 g NO3 · 101.10/62.004 = 1.631 g', () =>
    expect(value('feed.salt-grams', { saltId: 'potassium-nitrate', species: 'NO3', addMgPerL: 10, litres: 100 })).toBeCloseTo(1.631, 3))
  test('salt grams and salt dose are inverse', () => {
    const grams = value('feed.salt-grams', { saltId: 'monopotassium-phosphate', species: 'PO4', addMgPerL: 2, litres: 54 })
    expect(value('feed.salt-dose', { saltId: 'monopotassium-phosphate', species: 'PO4', grams, litres: 54 })).toBeCloseTo(2, 10)
  })
  test('3 mg/L in 60 L from 20 mg/mL is 9 mL; 2 % at 1.05 g/mL is 21 mg/mL', () => {
    expect(value('feed.bottle-dose', { addMgPerL: 3, litres: 60, strengthMgPerMl: 20 })).toBeCloseTo(9, 12)
    expect(value('feed.label-strength', { percentByMass: 2 })).toBeCloseTo(21, 12)
  })
  test('5 °dGH from tap of 12 takes 5/12 of tap; what tap lacks is refused', () => {
    expect(value('water.blend-share', { wanted: 5, tap: 12 })).toBeCloseTo(5 / 12, 12)
    expect(() => value('water.blend-share', { wanted: 14, tap: 12 })).toThrow(ContradictionError)
    expect(() => value('water.blend-share', { wanted: 3, tap: 0, purified: 0 })).toThrow(ContradictionError)
  })
  test('120 L at 10 L in 40 s take 8 minutes', () => expect(value('water.fill-time', { litres: 120, bucketS: 40 })).toBeCloseTo(8, 12))
  test('from 40 to 10 by halves takes two changes, to 9 three, and none where it is low already', () => {
    const changes = (limitMgPerL: number): number => value('water.changes-needed', { startMgPerL: 40, limitMgPerL, fraction: 0.5 })
    expect([changes(10), changes(9), changes(40)]).toEqual([2, 3, 0])
    expect(() => value('water.changes-needed', { startMgPerL: 40, limitMgPerL: 5, sourceMgPerL: 6 })).toThrow(ContradictionError)
  })
  test('60 L at 25 °C from 10 and 50 °C takes 22.5 L hot', () =>
    expect(value('water.hot-water', { litres: 60, wantedC: 25, coldC: 10 })).toBeCloseTo(22.5, 12))
  test('5 mL for 100 L is 3 mL for 60', () =>
    expect(value('water.conditioner', { litres: 60, labelMl: 5, labelL: 100 })).toBeCloseTo(3, 12))
  test('1 °dKH in 100 L from NaHCO3: 35.66 mmol · 84.007 = 3.00 g; a salt without alkalinity is refused', () => {
    expect(value('water.kh-salt', { saltId: 'sodium-bicarbonate', riseDkh: 1, litres: 100 })).toBeCloseTo(2.996, 2)
    expect(() => value('water.kh-salt', { saltId: 'potassium-nitrate', riseDkh: 1, litres: 100 })).toThrow(ContradictionError)
    expect(value('water.gh-salt', { saltId: 'calcium-sulfate-dihydrate', riseDgh: 1, litres: 100 })).toBeCloseTo(3.07, 2)
  })
  test('one unit of drop at 700 ppm is ten times what open water holds', () => {
    const open = value('gas.co2-air-equilibrium', { temperatureC: 24.5, co2PpmDry: 700 })
    expect(value('gas.co2-from-drop', { pHDegassed: 7.6, pHNow: 6.6 })).toBeCloseTo(10 * open, 9)
  })
  test('2.4 kg of gas less 0.2, at 11 g a day, last 200 days; an empty one none', () => {
    expect(value('gas.cylinder-days', { scaleKg: 6.4, emptyKg: 4, gPerDay: 11 })).toBeCloseTo(200, 9)
    expect(value('gas.cylinder-days', { scaleKg: 4, emptyKg: 4, gPerDay: 11 })).toBe(0)
  })
  test('6500 lux of white light are 100 µmol', () => expect(value('light.ppfd-from-lux', { lux: 6500 })).toBeCloseTo(100, 9))
})

test('ids are unique', () => expect(new Set(WORKINGS.map(({ id }) => id)).size).toBe(WORKINGS.length))

test('a school’s salts bring what the school says, potassium never counted twice', () => {
  for (const feeding of FEEDING_SCHOOLS) {
    const { givenMgPerL, portions } = weekRecipe({ ...newPlan('x', '2026-01-01', 'UTC'), feeding })
    const wanted = schoolAmounts(feeding)
    for (const nutrient of FEED_NUTRIENTS) expect(givenMgPerL[nutrient], `${feeding} ${nutrient}`).toBeCloseTo(wanted[nutrient], 9)
    if (feeding === 'rich-column') expect(portions.map(({ product }) => product.salt)).toContain('potassium-sulfate')
  }
})
