import {
  lineOf,
  UNPLACED,
  type Fixing,
  type GroundKind,
  type GroundLayer,
  type GroundZone,
  type HardscapeMaterial,
  type Piece,
  type Vertex,
} from '@jovrin/core'

/** Corners as pairs; a third value of 1 bends the edge. */
export const outline = (...corners: readonly (readonly [xCm: number, yCm: number, isRound?: 0 | 1])[]): Vertex[] =>
  corners.map(([xCm, yCm, isRound]) => ({ xCm, yCm, isRound: isRound === 1 }))
/** A barrier along the part of an outline that a rule chooses, in the order of the outline. */
export function bank(corners: readonly Vertex[], isOn: (xCm: number, yCm: number) => boolean) {
  const line = lineOf(corners)
  const first = line.findIndex(({ xCm, yCm }, index) => isOn(xCm, yCm) && !isOn(line.at(index - 1)!.xCm, line.at(index - 1)!.yCm))
  return [...line.slice(first), ...line.slice(0, first)]
    .filter(({ xCm, yCm }) => isOn(xCm, yCm))
    .map(({ xCm, yCm }) => ({ xCm: Math.round(xCm * 10) / 10, yCm: Math.round(yCm * 10) / 10 }))
}
export const layer = (id: string, ground: GroundKind, frontCm: number, backCm: number): GroundLayer => ({
  id,
  ground,
  frontCm,
  backCm,
  product: null,
})
export const zone = (
  id: string,
  name: string,
  purpose: GroundZone['purpose'],
  corners: readonly Vertex[],
  layers: readonly GroundLayer[],
  heights: GroundZone['heights'] = [],
): GroundZone => ({ id, name, purpose, outline: corners, layers, heights })

interface Look {
  readonly name: string
  readonly material: HardscapeMaterial
  readonly massKg: number
  readonly heightCm: number
  readonly sunkCm?: number
  readonly fixing?: Fixing
  /** Silhouette by share of its length and of its height. */
  readonly profile?: readonly (readonly [share: number, height: number])[]
}
/** A piece with its place; the silhouette follows the outline's reach along the tank. */
export function piece(id: string, look: Look, corners: readonly Vertex[]): Piece {
  const xs = corners.map(({ xCm }) => xCm)
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const { profile, ...rest } = look
  return {
    ...UNPLACED,
    id,
    ...rest,
    outline: corners,
    profile:
      profile?.map(([share, height]) => ({
        xCm: Math.round((left + (right - left) * share) * 10) / 10,
        zCm: Math.round(look.heightCm * height * 10) / 10,
      })) ?? null,
  }
}

/** Silhouettes that stones and branches have. */
export const PROFILE = {
  peak: [
    [0, 0],
    [0.05, 0.35],
    [0.2, 0.62],
    [0.36, 1],
    [0.5, 0.84],
    [0.62, 0.9],
    [0.82, 0.5],
    [1, 0.12],
    [0.98, 0],
  ],
  slab: [
    [0, 0],
    [0.02, 0.6],
    [0.18, 0.86],
    [0.45, 1],
    [0.78, 0.9],
    [0.97, 0.55],
    [1, 0],
  ],
  lean: [
    [0, 0],
    [0.12, 0.5],
    [0.4, 0.8],
    [0.72, 1],
    [0.92, 0.86],
    [1, 0.4],
    [0.94, 0],
  ],
  branchRight: [
    [0, 0],
    [0.02, 0.2],
    [0.18, 0.34],
    [0.36, 0.42],
    [0.5, 0.66],
    [0.66, 0.76],
    [0.84, 1],
    [1, 0.94],
    [0.86, 0.78],
    [0.72, 0.58],
    [0.6, 0.42],
    [0.78, 0.36],
    [0.9, 0.24],
    [0.74, 0.22],
    [0.5, 0.18],
    [0.3, 0.06],
    [0.2, 0],
  ],
  branchLeft: [
    [1, 0],
    [0.98, 0.22],
    [0.8, 0.36],
    [0.66, 0.5],
    [0.44, 0.72],
    [0.2, 0.9],
    [0, 1],
    [0.14, 0.76],
    [0.32, 0.52],
    [0.2, 0.4],
    [0.38, 0.34],
    [0.56, 0.2],
    [0.72, 0.06],
    [0.8, 0],
  ],
} as const
