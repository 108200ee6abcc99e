import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { tries } from '../../testing/properties.js'
import { referenceTable } from '../../testing/referenceTable.js'
import { linePpfd } from '../lineSource.js'
import { budgetOf } from './budget.js'
import { cellsOf } from './cells.js'
import type { FieldLamp, WaterBox } from './fieldLamp.js'
import { fieldOf } from './fieldOf.js'
import { paneReturns, returned, RETURNS_IN_WATER, surfacePasses, WATER_INDEX } from './optics.js'

interface Case {
  readonly id: string
  readonly inputs: {
    readonly vessel: { readonly lengthCm: number; readonly widthCm: number; readonly waterDepthCm: number }
    readonly water: { readonly kPerM: number }
    readonly walls: { readonly perBounce: number }
    readonly lamps: readonly (Omit<FieldLamp, 'aboveWaterCm'> & { readonly heightAboveWaterCm: number })[]
    readonly gridCm: number
  }
}
const { cases } = JSON.parse(readFileSync(new URL('../../../reference/light-field/cases.json', import.meta.url), 'utf8')) as {
  cases: readonly Case[]
}
const boxOfCase = ({ vessel, water, walls }: Case['inputs']): WaterBox => ({
  lengthCm: vessel.lengthCm,
  widthCm: vessel.widthCm,
  depthCm: vessel.waterDepthCm,
  attenuationPerM: water.kPerM,
  paneKeeps: walls.perBounce,
  surfaceKeeps: 1,
})
const lampsOfCase = ({ lamps }: Case['inputs']): FieldLamp[] =>
  lamps.map(({ heightAboveWaterCm, ...lamp }) => ({ ...lamp, aboveWaterCm: heightAboveWaterCm }))

describe('ray-traced tanks', () => {
  const summary = referenceTable('light-field/summary')
  expect(cases).toHaveLength(4)
  test.each(cases.map((one) => [one.id, one] as const))('%s', (id, { inputs }) => {
    const row = summary.find((one) => one.text('id') === id)!
    const [lamps, box] = [lampsOfCase(inputs), boxOfCase(inputs)]
    const field = cellsOf(lamps, box, inputs.gridCm)
    expect(Math.abs(field.mean / row.number('mean_umol_m2_s') - 1)).toBeLessThan(0.01)
    expect(Math.abs(field.minOverMean - row.number('min_over_mean'))).toBeLessThan(0.02)
    for (const cell of referenceTable(`light-field/${id}`)) {
      const ppfd = field.ppfd[field.yEdgesCm.indexOf(cell.number('y0_cm'))]![field.xEdgesCm.indexOf(cell.number('x0_cm'))]!
      const off = Math.abs(ppfd / cell.number('ppfd_umol_m2_s') - 1)
      expect(off, `${cell.text('x0_cm')}, ${cell.text('y0_cm')}`).toBeLessThan(0.015)
    }
    const budget = budgetOf(lamps, box)
    for (const [part, column, most] of [
      ['missed', 'missed_opening', 0.01],
      ['surfaceReflection', 'surface_reflection', 0.005],
      ['wallTransmitted', 'wall_transmitted', 0.005],
      ['wallAbsorbed', 'wall_absorbed', 0.005],
      ['water', 'water_absorption', 0.005],
      ['floor', 'floor', 0.01],
    ] as const)
      expect(Math.abs(budget[part] - row.number(column)), part).toBeLessThan(most)
  })
})

const anyLamp: fc.Arbitrary<FieldLamp> = fc.record({
  xCm: fc.double({ min: -10, max: 90, noNaN: true }),
  yCm: fc.double({ min: -10, max: 50, noNaN: true }),
  lengthCm: fc.double({ min: 2, max: 120, noNaN: true }),
  widthCm: fc.double({ min: 2, max: 30, noNaN: true }),
  aboveWaterCm: fc.double({ min: 3, max: 60, noNaN: true }),
  fluxUmolPerS: fc.constant(100),
  beamExponent: fc.double({ min: 0.6, max: 8, noNaN: true }),
  tiltDeg: fc.double({ min: -40, max: 40, noNaN: true }),
})
const anyBox: fc.Arbitrary<WaterBox> = fc.record({
  lengthCm: fc.double({ min: 30, max: 90, noNaN: true }),
  widthCm: fc.double({ min: 25, max: 50, noNaN: true }),
  depthCm: fc.double({ min: 8, max: 50, noNaN: true }),
  attenuationPerM: fc.double({ min: 0, max: 3, noNaN: true }),
  paneKeeps: fc.double({ min: 0.7, max: 1, noNaN: true }),
  surfaceKeeps: fc.double({ min: 0.2, max: 1, noNaN: true }),
})
const box: WaterBox = { lengthCm: 80, widthCm: 40, depthCm: 35, attenuationPerM: 0.45, paneKeeps: 0.9, surfaceKeeps: 1 }
const lamp: FieldLamp = {
  ...{ xCm: 40, yCm: 20, lengthCm: 70, widthCm: 8, aboveWaterCm: 12, fluxUmolPerS: 60, beamExponent: 1, tiltDeg: 0 },
}
const meanOf = (lamps: readonly FieldLamp[], change: Partial<WaterBox> = {}): number => cellsOf(lamps, { ...box, ...change }, 5).mean

describe('energy', () => {
  test('all shares add up, and the field holds what the rays bring to the floor', () =>
    fc.assert(
      fc.property(anyLamp, anyBox, (one, tank) => {
        const budget = budgetOf([one], tank)
        expect(Object.values(budget).reduce((sum: number, share: number) => sum + share, 0)).toBeCloseTo(1, 9)
        const onFloor = (cellsOf([one], tank, 5).mean * tank.lengthCm * tank.widthCm) / 10_000 / one.fluxUmolPerS
        // Rays are few, and a beam that only grazes the opening is cut coarsely.
        expect(Math.abs(onFloor - budget.floor)).toBeLessThan(0.03)
      }),
      { numRuns: tries(25) },
    ))
  test('two lamps give what each gives alone', () => {
    const other = { ...lamp, yCm: 8, tiltDeg: 20, beamExponent: 3 }
    expect(meanOf([lamp, other])).toBeCloseTo(meanOf([lamp]) + meanOf([other]), 6)
  })
  test('higher lamps, deeper or stained water, dull panes and floating plants each take light; flux scales it', () => {
    const now = meanOf([lamp])
    expect(meanOf([{ ...lamp, aboveWaterCm: 30 }])).toBeLessThan(now)
    for (const change of [{ depthCm: 50 }, { attenuationPerM: 2 }, { paneKeeps: 0.6 }, { surfaceKeeps: 0.7 }])
      expect(meanOf([lamp], change)).toBeLessThan(now)
    expect(meanOf([lamp], { surfaceKeeps: 0.7 })).toBeCloseTo(now * 0.7, 6)
    expect(meanOf([{ ...lamp, fluxUmolPerS: 30 }])).toBeCloseTo(now / 2, 9)
  })
  test('a raised spot lights more evenly; raised too far, a strip as long as the tank leaves its ends dim', () => {
    const evenness = (one: FieldLamp): number => cellsOf([one], box, 5).minOverMean
    const spot = { ...lamp, lengthCm: 8, beamExponent: 3 }
    expect(evenness({ ...spot, aboveWaterCm: 35 })).toBeGreaterThan(evenness({ ...spot, aboveWaterCm: 8 }) * 1.3)
    expect(evenness({ ...lamp, aboveWaterCm: 40 })).toBeLessThan(evenness(lamp))
  })
})

describe('shape', () => {
  test('a centred lamp lights both halves alike; one that leans to the back favours the back', () => {
    const { ppfd } = cellsOf([lamp], box, 5)
    for (const row of ppfd) expect(row[0]).toBeCloseTo(row.at(-1)!, 9)
    expect(ppfd[0]![3]).toBeCloseTo(ppfd.at(-1)![3]!, 9)
    const leaning = cellsOf([{ ...lamp, tiltDeg: 25, beamExponent: 3 }], box, 5).ppfd
    expect(leaning.at(-1)![8]!).toBeGreaterThan(leaning[0]![8]! * 1.2)
  })
  test('without water to speak of and far from the panes it is the line of the books', () => {
    const wide = { lengthCm: 2000, widthCm: 2000, depthCm: 0.01, attenuationPerM: 0, paneKeeps: 0, surfaceKeeps: 1 }
    const line = { ...lamp, xCm: 1000, yCm: 1000, lengthCm: 100, widthCm: 0.1, aboveWaterCm: 50 }
    const [x, y] = [1010, 1015]
    const [ppfd] = fieldOf([line], wide, Float64Array.of(x), Float64Array.of(y), { pitchCm: 0.5 }).ppfd
    // The surface sends back what the angle asks for: 2 % and a little more.
    expect(ppfd! / linePpfd(60, 1, 0.1, 0.15, 0.5)).toBeGreaterThan(0.975)
    expect(ppfd! / linePpfd(60, 1, 0.1, 0.15, 0.5)).toBeLessThan(0.981)
  })
})

describe('optics', () => {
  test('by hand: 2 % at a plumb surface, all at a grazing one; panes send back all that is flat', () => {
    expect(1 - surfacePasses(1)).toBeCloseTo(((WATER_INDEX - 1) / (WATER_INDEX + 1)) ** 2, 12)
    expect(surfacePasses(0)).toBeCloseTo(0, 12)
    expect(paneReturns(0.5)).toBe(1)
    // Both faces of a plain pane: 0.43 % and 4.26 %, and what runs to and fro.
    expect(paneReturns(1)).toBeCloseTo(0.0465, 3)
  })
  test('the table of panes keeps to them', () => {
    for (let cos = 0.7; cos <= 1; cos += 0.01) expect(returned(RETURNS_IN_WATER, cos)).toBeCloseTo(paneReturns(cos), 2)
  })
})
