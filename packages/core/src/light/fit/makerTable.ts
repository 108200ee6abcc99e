import { elementsOf } from '../field/fieldLamp.js'

/** One value of a maker's table: light in air so far below the lamp's middle, and beside the plumb line. */
export interface MakerValue {
  readonly belowCm: number
  /** Along the lamp, and across it. */
  readonly alongCm: number
  readonly acrossCm: number
  readonly ppfd: number
}
interface Shape {
  readonly lengthCm: number
  readonly widthCm: number
  readonly beamExponent: number
}
export interface MakerFit {
  readonly fluxUmolPerS: number
  /** How far the values stray from one lamp of this shape, as a share; `null` of a single value. */
  readonly strays: number | null
}

const PITCH_CM = 2
const CM2_PER_M2 = 10_000

/** Flux of a lamp from a table of light in air, with the lamp at full power: the mean ratio of what was printed to what one µmol/s of this shape would give. `null` without values. */
export function fluxOfTable(shape: Shape, values: readonly MakerValue[]): MakerFit | null {
  const logs = values.map((value) => Math.log(value.ppfd / unitPpfd(shape, value)))
  if (logs.length === 0 || !logs.every(Number.isFinite)) return null
  const mean = logs.reduce((sum, log) => sum + log, 0) / logs.length
  const strays = logs.length < 2 ? null : Math.sqrt(logs.reduce((sum, log) => sum + (log - mean) ** 2, 0) / (logs.length - 1))
  return { fluxUmolPerS: Math.exp(mean), strays }
}

/** PPFD in open air below a lamp of one µmol/s. */
function unitPpfd({ lengthCm, widthCm, beamExponent }: Shape, { belowCm, alongCm, acrossCm }: MakerValue): number {
  const rows = elementsOf({ xCm: 0, yCm: 0, lengthCm, widthCm, aboveWaterCm: belowCm, fluxUmolPerS: 1, beamExponent, tiltDeg: 0 }, PITCH_CM)
  const count = rows.reduce((sum, { xsCm }) => sum + xsCm.length, 0)
  let sum = 0
  for (const { yCm, xsCm } of rows)
    for (const xCm of xsCm) {
      const way2 = (alongCm - xCm) ** 2 + (acrossCm - yCm) ** 2 + belowCm * belowCm
      sum += (belowCm / Math.sqrt(way2)) ** (beamExponent + 1) / way2
    }
  return ((sum / count) * (beamExponent + 1) * CM2_PER_M2) / (2 * Math.PI)
}
