import { fieldOf } from './fieldOf.js'
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

/** Spots within a cell, to the side. */
const SPOT_CM = 1

export const edgesOf = (sizeCm: number, cellCm: number): number[] => {
  const count = Math.max(1, Math.ceil(sizeCm / cellCm - 1e-9))
  return [...Array.from({ length: count }, (_, place) => place * cellCm), sizeCm]
}
/** Centres of equal spots in every cell. */
const spotsOf = (edges: readonly number[]): { readonly atCm: Float64Array; readonly perCell: readonly number[] } => {
  const perCell = edges.slice(1).map((to, place) => Math.max(1, Math.round((to - edges[place]!) / SPOT_CM)))
  const atCm = perCell.flatMap((count, place) => {
    const [from, to] = [edges[place]!, edges[place + 1]!]
    return Array.from({ length: count }, (_, spot) => from + ((spot + 0.5) / count) * (to - from))
  })
  return { atCm: Float64Array.from(atCm), perCell }
}

/** The field as means of cells so wide [µmol m⁻² s⁻¹]. */
export function cellsOf(lamps: readonly FieldLamp[], box: WaterBox, cellCm: number): CellField {
  const [xEdgesCm, yEdgesCm] = [edgesOf(box.lengthCm, cellCm), edgesOf(box.widthCm, cellCm)]
  const [across, deep] = [spotsOf(xEdgesCm), spotsOf(yEdgesCm)]
  const { ppfd: spots } = fieldOf(lamps, box, across.atCm, deep.atCm)
  const ppfd: number[][] = []
  let [sum, least] = [0, Infinity]
  let firstRow = 0
  deep.perCell.forEach((rows, m) => {
    let first = 0
    const means = across.perCell.map((columns, k) => {
      let total = 0
      for (let row = firstRow; row < firstRow + rows; row++)
        for (let column = first; column < first + columns; column++) total += spots[row * across.atCm.length + column]!
      first += columns
      const mean = total / (rows * columns)
      sum += mean * (xEdgesCm[k + 1]! - xEdgesCm[k]!) * (yEdgesCm[m + 1]! - yEdgesCm[m]!)
      least = Math.min(least, mean)
      return mean
    })
    firstRow += rows
    ppfd.push(means)
  })
  const mean = sum / (box.lengthCm * box.widthCm)
  return { xEdgesCm, yEdgesCm, ppfd, mean, minOverMean: mean > 0 ? least / mean : 1 }
}
