import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { monthsBetween } from '../plan/clock.js'
import { tries } from '../testing/properties.js'
import { samplePlan } from '../testing/samplePlan.js'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { waterDensityKgPerM3 } from '../water/density.js'
import { COOLER_MARGIN, coolerNeededW, HEATER_MARGIN, heaterNeededW, heatLossW, heatTerms } from './climate.js'
import { evaporationMmPerDay, vapourKPa } from './evaporation.js'
import { deadCells, headShare, isStirred, jetReachCm, MEDIA_SHARE, realFlowLPerH } from './filterFlow.js'
import { levelOf } from './level.js'
import { floorLoadKgPerM2, floorRemark, footLoad, totalKg } from './load.js'
import { paneSafety, paneShape } from './pane.js'
import { glassMassKg } from './vessel.js'
import { waterCInMonth } from './waterTemperature.js'

describe('weight', () => {
  test('masses and floor load of the geometry table', () => {
    for (const row of referenceTable('geometry')) {
      const vessel = {
        lengthCm: row.number('length_cm'),
        widthCm: row.number('width_cm'),
        heightCm: row.number('height_cm'),
        glassCm: row.number('glass_cm'),
        freeboardCm: row.number('freeboard_cm'),
      }
      const glassKg = glassMassKg(vessel, row.number('glass_kg_m3'))
      expectRelative(glassKg, row.number('glass_kg'))
      const waterKg = (row.number('water_volume_l') * waterDensityKgPerM3(row.number('t_c'))) / 1000
      expectRelative(waterKg, row.number('water_kg'))
      const kg = totalKg({
        glassKg,
        waterKg,
        groundKg: row.number('substrate_kg'),
        hardscapeKg: row.number('hardscape_kg'),
        standKg: row.number('stand_kg'),
        kitKg: 0,
      })
      expectRelative(kg, row.number('total_kg'))
      expectRelative(floorLoadKgPerM2(kg, vessel), row.number('floor_load_kg_m2'))
    }
  })
  test('200 kg on four feet of 10 cm²: 50 kg and 490 kPa by hand; on the base of 1 m² 1.96 kPa', () => {
    const vessel = { lengthCm: 100, widthCm: 100 }
    expect(footLoad(200, vessel, 'feet', 4, 10)).toEqual({ perFootKg: 50, pressureKPa: (50 * 9.80665) / 0.001 / 1000 })
    expect(footLoad(200, vessel, 'base', 4, 10).pressureKPa).toBeCloseTo(1.96133, 5)
    expect(() => footLoad(200, vessel, 'feet', 0, 10)).toThrow(/feet is 0/)
  })
  test('remarks change at 150, 250 (timber) and 350 kg', () => {
    expect([149, 150, 350, 351].map((kg) => floorRemark(kg, 'solid'))).toEqual(['none', 'by-wall', 'by-wall', 'structural'])
    expect([250, 251].map((kg) => floorRemark(kg, 'timber'))).toEqual(['by-wall', 'structural'])
  })
})

describe('level', () => {
  const vessel = { lengthCm: 100, widthCm: 50 }
  test('a tilt by hand: 2 mm along, none across, no twist; the left side is shimmed', () => {
    const level = levelOf({ frontLeft: 0, frontRight: 2, backLeft: 0, backRight: 2 }, vessel)
    expect(level).toMatchObject({ alongMm: 2, acrossMm: 0, alongMmPerM: 2, twistMm: 0, waterLineMm: 2 })
    expect(level.shimsMm).toEqual({ frontLeft: 2, frontRight: 0, backLeft: 2, backRight: 0 })
  })
  test('one corner 6 mm high: means of the diagonals differ by 3', () =>
    expect(levelOf({ frontLeft: 0, frontRight: 6, backLeft: 0, backRight: 0 }, vessel).twistMm).toBe(3))
  test('shims bring every corner to the highest, and a tilted plane never shows as twist', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.double({ min: -5, max: 5, noNaN: true }),
        (a, along, across) => {
          const corners = { frontLeft: a, frontRight: a + along, backLeft: a + across, backRight: a + along + across }
          const level = levelOf(corners, vessel)
          expect(level.twistMm).toBeLessThan(1e-9)
          const heights = (Object.keys(corners) as (keyof typeof corners)[]).map((corner) => corners[corner] + level.shimsMm[corner])
          for (const height of heights) expect(height).toBeCloseTo(Math.max(...Object.values(corners)), 9)
        },
      ),
    ))
})

describe('pane', () => {
  test('as long as twice its height, 40 cm of water, 1 cm of glass by hand: 19.2/(0.32·9.80665e-6·400³/100)', () =>
    expect(paneSafety(80, 40, 1)).toBeCloseTo(19.2 / ((0.32 * 9.80665e-6 * 400 ** 3) / 100), 9))
  test('twice the glass is four times as strong; higher and longer is weaker', () => {
    expect(paneSafety(100, 40, 2) / paneSafety(100, 40, 1)).toBeCloseTo(4, 9)
    expect(paneSafety(100, 50, 1)).toBeLessThan(paneSafety(100, 40, 1))
    expect(paneSafety(90, 40, 1)).toBeLessThan(paneSafety(60, 40, 1))
  })
  test('beyond three to one it no longer changes; no glass is refused', () => {
    expect(paneSafety(300, 40, 1)).toBe(paneSafety(120, 40, 1))
    expect(() => paneSafety(100, 40, 0)).toThrow(/glassCm is 0/)
  })
})

describe('evaporation and heat', () => {
  const air = { roomC: 21, humidityFraction: 0.5 }
  test('vapour pressure at 25 °C is 3.17 kPa (steam tables)', () => expect(vapourKPa(25)).toBeCloseTo(3.168, 1))
  test('an open tank of usual depth loses half to two percent a day', () => {
    const percent = (evaporationMmPerDay(25, air, 'open') / 400) * 100
    expect(percent).toBeGreaterThan(0.5)
    expect(percent).toBeLessThan(2)
  })
  test('a cover keeps it in, damp air stops it, drier air draws more', () => {
    expect(evaporationMmPerDay(25, air, 'covered')).toBeLessThan(0.2 * evaporationMmPerDay(25, air, 'open'))
    expect(evaporationMmPerDay(20, { roomC: 30, humidityFraction: 1 }, 'open')).toBe(0)
    expect(evaporationMmPerDay(25, { ...air, humidityFraction: 0.3 }, 'open')).toBeGreaterThan(evaporationMmPerDay(25, air, 'open'))
    expect(() => evaporationMmPerDay(25, { roomC: 20, humidityFraction: 1.2 }, 'open')).toThrow(/humidityFraction/)
  })
  const load = {
    vessel: { lengthCm: 100, widthCm: 40, heightCm: 45, glassCm: 1, freeboardCm: 2 },
    top: 'covered' as const,
    targetC: 25,
    air: { roomC: 25, humidityFraction: 1 },
    lampW: 0,
    litFraction: 0,
    pumpW: 0,
  }
  test('without a gap and without kit no heat flows', () => expect(heatLossW(load)).toBeCloseTo(0, 9))
  test('a lamp in a warm room asks for cooling, a cold room for heating, never for both', () => {
    expect(coolerNeededW({ ...load, lampW: 60 })).toBeCloseTo(60 * 0.6 * 1.25, 9)
    expect(heaterNeededW({ ...load, air: { roomC: 15, humidityFraction: 0.5 } })).toBeGreaterThan(50)
    expect(coolerNeededW({ ...load, air: { roomC: 15, humidityFraction: 0.5 } })).toBe(0)
  })
})

describe('flow', () => {
  test('1000 L/h with usual media lifted a metre by hand: 1000·0.65·0.8', () =>
    expect(realFlowLPerH(1000, 100, 'usual')).toBeCloseTo(520, 9))
  test('a lifted pump keeps a tenth at least', () => expect(realFlowLPerH(1000, 500, 'light')).toBeCloseTo(80, 9))
  test('reach of a jet by hand: 600 L/h from 12 mm, 6.2·u·d/0.05', () => {
    const speed = 600 / 3_600_000 / ((Math.PI * 0.012 ** 2) / 4)
    expect(jetReachCm(600, 12)).toBeCloseTo(((6.2 * speed * 0.012) / 0.05) * 100, 9)
    expect(jetReachCm(600, 24)).toBeCloseTo(jetReachCm(600, 12) / 2, 9)
  })
  const floor = { lengthCm: 100, widthCm: 40 }
  const outlet = { xCm: 2, yCm: 20, zCm: 30, headingDeg: 0, pitchDeg: 0, boreMm: 12 }
  test('stirs ahead of it within reach, not behind, not beyond, not far aside', () => {
    expect(isStirred(outlet, 60, 40, 20, floor)).toBe(true)
    expect(isStirred(outlet, 60, 80, 20, floor)).toBe(false)
    expect(isStirred({ ...outlet, xCm: 50 }, 60, 20, 20, floor)).toBe(false)
    expect(isStirred(outlet, 60, 10, 38, floor)).toBe(false)
  })
  test('a jet that meets the far wall is turned along it', () => {
    expect(isStirred({ ...outlet, yCm: 15 }, 150, 98, 30, floor)).toBe(true)
    expect(isStirred({ ...outlet, yCm: 15 }, 90, 98, 38, floor)).toBe(false)
  })
  test('without outlets all is dead; with more reach never more of it', () => {
    expect(deadCells([], [], floor).share).toBe(1)
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 150, noNaN: true }),
        fc.double({ min: 5, max: 150, noNaN: true }),
        fc.integer({ min: -180, max: 180 }),
        (a, b, headingDeg) => {
          const share = (reach: number): number => deadCells([{ ...outlet, headingDeg }], [reach], floor).share
          expect(share(Math.max(a, b))).toBeLessThanOrEqual(share(Math.min(a, b)) + 1e-9)
        },
      ),
      { numRuns: tries(30) },
    )
  })
})

describe('where the heat goes', () => {
  const load = {
    vessel: { lengthCm: 102, widthCm: 52, heightCm: 46, glassCm: 1, freeboardCm: 5 },
    top: 'covered' as const,
    targetC: 25,
    air: { roomC: 20, humidityFraction: 0.5 },
    lampW: 60,
    litFraction: 0.4,
    pumpW: 8,
  }
  test('by hand: inside 100×50 cm, 40 cm of water; walls and floor 1.7 m², surface 0.5 m², 5 degrees', () => {
    const terms = heatTerms(load)
    expect(terms.wallsW).toBeCloseTo(5 * 1.7 * 5, 9)
    expect(terms.surfaceW).toBeCloseTo(7 * 0.5 * 5, 9)
    expect(terms.lampW).toBeCloseTo(-60 * 0.4 * 0.6, 9)
    expect(terms.pumpW).toBe(-8)
    expect(terms.vapourW).toBeGreaterThan(0)
    expect(Object.values(terms).reduce((sum: number, watts: number) => sum + watts, 0)).toBeCloseTo(heatLossW(load), 9)
  })
  test('what evaporates carries its heat: a kilogram takes 2440 kJ', () => {
    const mm = evaporationMmPerDay(25, load.air, 'covered')
    expect(heatTerms(load).vapourW).toBeCloseTo((mm * 0.5 * 2_440_000) / 86_400, 6)
  })
  test('a heater is chosen for the night, cooling for the lit hour', () => {
    expect(heaterNeededW(load)).toBeCloseTo(heatLossW({ ...load, litFraction: 0 }) * HEATER_MARGIN, 9)
    const warm = { ...load, air: { roomC: 31, humidityFraction: 0.5 } }
    expect(coolerNeededW(warm)).toBeCloseTo(-heatLossW({ ...warm, litFraction: 1 }) * COOLER_MARGIN, 9)
  })
})

describe('filters', () => {
  test('media and lift are factors of the rated flow; a tenth always trickles', () => {
    expect(realFlowLPerH(1000, 120, 'usual')).toBeCloseTo(1000 * MEDIA_SHARE.usual * headShare(120), 9)
    expect(headShare(120)).toBeCloseTo(0.76, 9)
    expect(headShare(490)).toBeCloseTo(0.1, 9)
    for (const headCm of [0, 50, 150, 300]) expect(realFlowLPerH(800, headCm, 'packed')).toBeLessThan(realFlowLPerH(800, headCm, 'light'))
  })
})

describe('the shape of a pane', () => {
  test('between its bounds it grows with length; beyond three times it counts as three', () => {
    expect(paneShape(80, 40)).toBe(0.32)
    expect(paneShape(400, 40)).toBe(paneShape(120, 40))
    expect(paneShape(5, 40)).toBe(paneShape(20, 40))
    for (let length = 25; length < 120; length += 5) expect(paneShape(length + 5, 40)).toBeGreaterThanOrEqual(paneShape(length, 40))
  })
})

describe('water that nothing holds follows the room', () => {
  const plan = {
    room: { ...samplePlan.room, monthlyC: [17, ...samplePlan.room.monthlyC.slice(1, 7), 29, ...samplePlan.room.monthlyC.slice(8)] },
    climate: { heaterW: 100, coolerW: null },
  }
  test('a heater holds it in January, nothing in August but a cooler', () => {
    expect(waterCInMonth(plan, 24, 0)).toBe(24)
    expect(waterCInMonth({ ...plan, climate: { heaterW: 0, coolerW: null } }, 24, 0)).toBe(17)
    expect(waterCInMonth(plan, 24, 7)).toBe(29)
    expect(waterCInMonth({ ...plan, climate: { heaterW: 100, coolerW: 60 } }, 24, 7)).toBe(24)
    expect(waterCInMonth(plan, 24, 3)).toBe(24)
  })
  test('months by the calendar, over a new year and a leap day', () => {
    expect(monthsBetween('2027-12-20', 0, 80)).toEqual([
      { day: 0, month: 11 },
      { day: 12, month: 0 },
      { day: 43, month: 1 },
      { day: 72, month: 2 },
    ])
  })
})
