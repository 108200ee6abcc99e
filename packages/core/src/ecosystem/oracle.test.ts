import { expect, test } from 'vitest'
import { PROTOTYPE_METHOD, PROTOTYPE_PARAMETERS, runScenario, SCENARIO_NAMES, type ScenarioName } from '../testing/ecosystem/scenarios.js'
import { referenceTable, type ReferenceRow } from '../testing/referenceTable.js'
import { PROTOTYPE_CHEMISTRY } from '../testing/ecosystem/prototypeChemistry.js'
import { DAY, DAY_STRIDE } from './daySeries.js'
import { ALGAE_GUILDS } from './state.js'

const COLUMN_OF: Readonly<Record<string, readonly [column: number, scale: number]>> = {
  B_carpet_gDW: [DAY.biomassG, 1],
  B_stems_gDW: [DAY.biomassG + 1, 1],
  B_epiphyte_gDW: [DAY.biomassG + 2, 1],
  B_rosette_gDW: [DAY.biomassG + 3, 1],
  B_moss_gDW: [DAY.biomassG + 4, 1],
  B_floater_gDW: [DAY.biomassG + 5, 1],
  algae_diatom_gDW: [DAY.algaeG, 1],
  algae_dust_gDW: [DAY.algaeG + 1, 1],
  algae_hair_gDW: [DAY.algaeG + 2, 1],
  algae_redtuft_gDW: [DAY.algaeG + 3, 1],
  algae_cyano_gDW: [DAY.algaeG + 4, 1],
  NH4: [DAY.ammonium, 1],
  NO2: [DAY.nitrite, 1],
  NO3: [DAY.nitrate, 62 / 14],
  PO4: [DAY.phosphate, 95 / 31],
  K: [DAY.potassium, 1],
  Fe: [DAY.iron, 1],
  Alk: [DAY.alkalinity, 1],
  AOB: [DAY.ammoniaOxidisers, 1],
  NOB: [DAY.nitriteOxidisers, 1],
  O2min: [DAY.oxygenMin, 1],
  CO2max: [DAY.co2Max, 1],
  CO2on: [DAY.co2AtLightsOn, 1],
}

test('every weekly value of all scenarios meets the independent trajectories, 10-minute step', () => {
  const rowsOf = new Map<string, ReferenceRow[]>()
  for (const row of referenceTable('ecosystem_trajectories'))
    rowsOf.set(row.text('scenario'), [...(rowsOf.get(row.text('scenario')) ?? []), row])
  expect([...rowsOf.keys()].sort()).toEqual([...SCENARIO_NAMES].sort())
  let compared = 0
  const misses: string[] = []
  for (const [name, rows] of rowsOf) {
    const { rows: series } = runScenario(name as ScenarioName, { stepMin: 10, method: PROTOTYPE_METHOD, parameters: PROTOTYPE_PARAMETERS })
    for (const row of rows)
      for (const [column, [offset, scale]] of Object.entries(COLUMN_OF)) {
        const expected = row.number(column)
        const actual = series[(row.number('day') - 1) * DAY_STRIDE + offset]! * scale
        compared++
        // Printed with five digits; amounts below a microgram are the numerical floor.
        if (Math.abs(actual - expected) > 5e-4 * Math.abs(expected) + 1e-9)
          misses.push(`${name} day ${row.text('day')} ${column}: ${actual} for ${expected}`)
      }
  }
  expect(compared).toBeGreaterThan(30_000)
  expect(misses.slice(0, 12), `${misses.length} of ${compared} differ`).toEqual([])
}, 240_000)

test('functions at 25 °C meet the fixtures', () => {
  const at = PROTOTYPE_CHEMISTRY.constantsAt(25, 500)
  expect(-Math.log10(at.k1)).toBeCloseTo(6.3519, 4)
  expect(at.oxygenSaturationMgPerL).toBeCloseTo(8.1757, 4)
  expect(at.airCo2MmolPerL * 44).toBeCloseTo(0.749, 3)
  const water = { hydrogen: 1e-7, co2MmolPerL: 0, bicarbonateMmolPerL: 0 }
  for (const [carbon, alkalinity, pH, co2, bicarbonate] of [
    [2, 1.4, 6.7194, 0.6003, 1.3993],
    [1, 0.35, 6.083, 0.65, 0.35],
    [1.45, 1.4, 7.7648, 0.0538, 1.3924],
  ] as const) {
    PROTOTYPE_CHEMISTRY.speciate(water, carbon, alkalinity, at)
    expect(-Math.log10(water.hydrogen)).toBeCloseTo(pH, 4)
    expect(water.co2MmolPerL).toBeCloseTo(co2, 4)
    expect(water.bicarbonateMmolPerL).toBeCloseTo(bicarbonate, 4)
  }
})

test('a run names as many guilds as its rows hold', () => expect(DAY.invasionPerDay - DAY.algaeG).toBe(ALGAE_GUILDS.length))
