import { lightAt } from '../lightAt.js'
import { fieldOf, type LightGrid } from './fieldOf.js'
import type { FieldLamp, WaterBox } from './fieldLamp.js'

/** Means of cells, row by row from the front; the last row and column are narrower where the size is no multiple. */
export interface CellField {
  readonly xEdgesCm: readonly number[]
  readonly yEdgesCm: readonly number[]
  /** Row 0 in front. */
  readonly ppfd: readonly (readonly number[])[]
  readonly mean: number
  readonly minOverMean: number
}

/** Spots of the field, to the side; farther apart in large tanks. */
const SPOT_CM = 1
const MOST_SPOTS = 10_000
/** Length of a lamp's elements over the way to the plane: fine enough for means within a hundredth. */
const FINE = 0.1
const MOST_ELEMENTS = 60

const edgesOf = (sizeCm: number, cellCm: number): number[] => {
  const count = Math.max(1, Math.ceil(sizeCm / cellCm - 1e-9))
  return [...Array.from({ length: count }, (_, place) => place * cellCm), sizeCm]
}

/** The field as means of cells so wide [µmol m⁻² s⁻¹]: of equal spots within each, between which the field is a straight line. */
export function cellsOf(lamps: readonly FieldLamp[], box: WaterBox, cellCm: number): CellField {
  const [xEdgesCm, yEdgesCm] = [edgesOf(box.lengthCm, cellCm), edgesOf(box.widthCm, cellCm)]
  const field = fineField(lamps, box)
  const inCell = (edges: readonly number[], place: number): readonly number[] => {
    const [from, to] = [edges[place]!, edges[place + 1]!]
    const count = Math.max(1, Math.round((to - from) / SPOT_CM))
    return Array.from({ length: count }, (_, spot) => from + ((spot + 0.5) / count) * (to - from))
  }
  let [sum, least] = [0, Infinity]
  const ppfd = yEdgesCm.slice(1).map((back, row) =>
    xEdgesCm.slice(1).map((right, column) => {
      const [xs, ys] = [inCell(xEdgesCm, column), inCell(yEdgesCm, row)]
      let light = 0
      for (const y of ys) for (const x of xs) light += lightAt(field, x, y)
      const mean = light / (xs.length * ys.length)
      sum += mean * (right - xEdgesCm[column]!) * (back - yEdgesCm[row]!)
      least = Math.min(least, mean)
      return mean
    }),
  )
  const mean = sum / (box.lengthCm * box.widthCm)
  return { xEdgesCm, yEdgesCm, ppfd, mean, minOverMean: mean > 0 ? least / mean : 1 }
}

function fineField(lamps: readonly FieldLamp[], box: WaterBox): LightGrid {
  const spotCm = Math.max(SPOT_CM, Math.sqrt((box.lengthCm * box.widthCm) / MOST_SPOTS))
  const spots = (sizeCm: number): Float64Array => {
    const count = Math.max(2, Math.round(sizeCm / spotCm))
    return Float64Array.from({ length: count }, (_, place) => ((place + 0.5) / count) * sizeCm)
  }
  const [xsCm, ysCm] = [spots(box.lengthCm), spots(box.widthCm)]
  const ppfd = new Float64Array(xsCm.length * ysCm.length)
  for (const lamp of lamps) {
    const pitchCm = Math.max(1, FINE * (lamp.aboveWaterCm + box.depthCm), Math.sqrt((lamp.lengthCm * lamp.widthCm) / MOST_ELEMENTS))
    fieldOf([lamp], box, xsCm, ysCm, { pitchCm }).ppfd.forEach((light, spot) => (ppfd[spot]! += light))
  }
  return { xsCm, ysCm, ppfd }
}
