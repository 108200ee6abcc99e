import { describe, expect, test } from 'vitest'
import { compareWays, type GasMeasured } from './compareWays.js'

const NOTHING: GasMeasured = {
  pH: null,
  khDkh: null,
  temperatureC: 25,
  ionicStrengthMolPerKg: 0.003,
  pHDegassed: null,
  roomCo2Ppm: null,
  blueShare: null,
  referenceKhDkh: 4,
}
const compared = (measured: Partial<GasMeasured>) => compareWays({ ...NOTHING, ...measured })
const share = (value: number) => ({ low: value - 0.03, value, high: value + 0.03 })

describe('ways of telling CO2 beside each other', () => {
  test('nothing measured tells nothing', () =>
    expect(compared({})).toEqual({ phKh: null, drop: null, dye: null, apart: null, degassedPh: null, forAnimals: null, forPlants: null }))
  test('pH and KH, the drop and the dye agree in clean water', () => {
    // KH 4 at 700 ppm stands at a pH of 8.1 or so; at 6.75 it holds 24 mg/L.
    const clean = compared({ pH: 6.75, khDkh: 4, roomCo2Ppm: 700, pHDegassed: 8.1, blueShare: share(0.31) })
    expect(clean.apart).toBeNull()
    expect(clean.degassedPh).toBeCloseTo(8.09, 1)
    expect(clean.phKh!.value).toBeGreaterThan(20)
    expect(clean.phKh!.value).toBeLessThan(30)
  })
  test('other acids: pH and KH show more than the drop, and the degassed sample lies lower than its KH would have it', () => {
    const stained = compared({ pH: 6.3, khDkh: 4, roomCo2Ppm: 700, pHDegassed: 7.4 })
    expect(stained.apart).toBe('drop-below')
    expect(stained.degassedPh! - 7.4).toBeGreaterThan(0.3)
    expect(stained.forAnimals).toEqual(stained.phKh)
    expect(stained.forPlants).toEqual(stained.drop)
  })
  test('a KH that was read too low: the drop shows more', () => {
    const low = compared({ pH: 6.9, khDkh: 2, roomCo2Ppm: 600, pHDegassed: 8.5 })
    expect(low.apart).toBe('drop-above')
    expect(low.forAnimals).toEqual(low.drop)
  })
  test('an indicator that parts from pH and KH', () => {
    expect(compared({ pH: 6.4, khDkh: 5, blueShare: share(0.5) }).apart).toBe('dye-below')
    expect(compared({ pH: 7.3, khDkh: 3, blueShare: share(0.15) }).apart).toBe('dye-above')
  })
  test('an indicator that parts from the drop, where nobody tested KH', () => {
    const drop = { pH: 6.6, pHDegassed: 8, roomCo2Ppm: 600 }
    expect(compared({ ...drop, blueShare: share(0.6) }).apart).toBe('dye-below-drop')
    expect(compared({ ...drop, blueShare: share(0.1) }).apart).toBe('dye-above-drop')
    expect(compared({ ...drop, blueShare: share(0.33) }).apart).toBeNull()
  })
  test('an unknown room leaves the drop wide', () => {
    const width = (roomCo2Ppm: number | null): number => {
      const { drop } = compared({ pH: 6.8, pHDegassed: 8.2, roomCo2Ppm })
      return drop!.high / drop!.low
    }
    expect(width(null)).toBeGreaterThan(1.5 * width(700))
  })
  test('the last of the dye is a bound, not a figure without end', () => {
    const yellow = compared({ blueShare: { low: 0, value: 0.01, high: 0.04 } })
    expect(yellow.dye!.high).toBeLessThan(1000)
    expect(yellow.dye!.low).toBeGreaterThan(60)
  })
})
