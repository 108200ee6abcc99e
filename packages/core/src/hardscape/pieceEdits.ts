import { MATERIAL } from './materials.js'
import { plainProfile } from './piece.js'
import { lineOf, outlineFault } from '../numeric/outline.js'
import { boundsOf, centreOf, type Spot } from '../numeric/ring.js'
import type { HardscapeMaterial, Piece, Plan, Vertex } from '../plan/plan.js'
import { UNPLACED } from '../plan/unplanned.js'
import type { NewId } from '../plan/id.js'

type Floor = { readonly lengthCm: number; readonly widthCm: number }
const round = (cm: number): number => Math.round(cm * 100) / 100

export const withPiece = (plan: Plan, id: string, edit: (piece: Piece) => Piece): Plan => ({
  ...plan,
  hardscape: plan.hardscape.map((piece) => (piece.id === id ? edit(piece) : piece)),
})

/** Irregular corners of a lying stone or a branch, by its number, so that no two look stamped. */
function rawOutline(material: HardscapeMaterial, centre: Spot, sizeCm: number, number: number): Vertex[] {
  const isWood = MATERIAL[material].newDensityKgPerL < 1
  const corners = isWood ? 8 : 7
  return Array.from({ length: corners }, (_, index) => {
    const angle = (2 * Math.PI * index) / corners + number * 0.7
    const uneven = 0.82 + 0.18 * Math.sin(number * 2.3 + index * 1.7)
    const [wide, deep] = isWood ? [sizeCm * 0.9, sizeCm * 0.28] : [sizeCm * 0.55, sizeCm * 0.4]
    const lean = isWood ? 0.35 : 0.1
    const [x, y] = [Math.cos(angle) * wide * uneven, Math.sin(angle) * deep * uneven]
    return {
      xCm: round(centre.xCm + x * Math.cos(lean) - y * Math.sin(lean)),
      yCm: round(centre.yCm + x * Math.sin(lean) + y * Math.cos(lean)),
      isRound: false,
    }
  })
}

/** As wide as its mass makes it. */
const sizeOfMass = (material: HardscapeMaterial, massKg: number): number =>
  Math.cbrt((massKg / MATERIAL[material].densityKgPerL) * 1000) * 1.5

export function addPiece(
  plan: Plan,
  floor: Floor,
  material: HardscapeMaterial,
  name: string,
  newId: NewId,
): { readonly plan: Plan; readonly id: string } {
  const id = newId('s')
  const number = plan.hardscape.length
  const centre = { xCm: floor.lengthCm * (((0.36 + number * 0.27) % 0.8) + 0.1), yCm: floor.widthCm * (0.4 + ((number * 0.17) % 0.3)) }
  const outline = rawOutline(material, centre, Math.min(16, floor.widthCm * 0.35), number + 1)
  return {
    id,
    plan: {
      ...plan,
      hardscape: [
        ...plan.hardscape,
        {
          ...UNPLACED,
          id,
          name,
          material,
          outline,
          heightCm: round(Math.min(16, floor.widthCm * 0.35) * 0.8),
          fixing: MATERIAL[material].newDensityKgPerL < 1 ? 'screwed' : 'none',
        },
      ],
    },
  }
}

/** An outline for a piece that was only weighed. */
export const placeUnplaced = (piece: Piece, floor: Floor, number: number): Piece => ({
  ...piece,
  outline: rawOutline(
    piece.material,
    { xCm: floor.lengthCm * (((0.36 + number * 0.27) % 0.8) + 0.1), yCm: floor.widthCm * 0.5 },
    Math.min(sizeOfMass(piece.material, piece.massKg ?? 3), floor.widthCm * 0.6),
    number + 1,
  ),
})

export function duplicatePiece(plan: Plan, id: string, floor: Floor, newId: NewId): { readonly plan: Plan; readonly id: string } | null {
  const piece = plan.hardscape.find((one) => one.id === id)
  if (piece === undefined) return null
  const fresh = newId('s')
  const dx = piece.outline !== null && boundsOf(piece.outline).right + 6 > floor.lengthCm ? -6 : 6
  return { id: fresh, plan: { ...plan, hardscape: [...plan.hardscape, { ...moved(piece, dx, 0), id: fresh }] } }
}

/** With the plants on it. */
export const removePiece = (plan: Plan, id: string): Plan => ({
  ...plan,
  hardscape: plan.hardscape.filter((piece) => piece.id !== id),
  spots: plan.spots.filter(({ piece }) => piece !== id),
})

export function reorderPiece(plan: Plan, id: string, step: 1 | -1): Plan {
  const at = plan.hardscape.findIndex((piece) => piece.id === id)
  const to = at + step
  if (at < 0 || to < 0 || to >= plan.hardscape.length) return plan
  const hardscape = [...plan.hardscape]
  ;[hardscape[at], hardscape[to]] = [hardscape[to]!, hardscape[at]!] // both within the list
  return { ...plan, hardscape }
}

const moved = (piece: Piece, dxCm: number, dyCm: number): Piece => ({
  ...piece,
  outline: piece.outline?.map((vertex) => ({ ...vertex, xCm: round(vertex.xCm + dxCm), yCm: round(vertex.yCm + dyCm) })) ?? null,
  profile: piece.profile?.map((point) => ({ ...point, xCm: round(point.xCm + dxCm) })) ?? null,
})

/** A new outline; a silhouette of its own is stretched to its new reach along the tank. */
export function withOutline(piece: Piece, outline: readonly Vertex[]): Piece {
  if (piece.profile === null || piece.outline === null) return { ...piece, outline }
  const before = boundsOf(lineOf(piece.outline))
  const after = boundsOf(lineOf(outline))
  const stretch = (after.right - after.left) / Math.max(before.right - before.left, 0.01)
  return {
    ...piece,
    outline,
    profile: piece.profile.map((point) => ({ ...point, xCm: round(after.left + (point.xCm - before.left) * stretch) })),
  }
}

const about = (piece: Piece, turn: (x: number, y: number) => readonly [number, number]): Piece => {
  if (piece.outline === null) return piece
  const { xCm, yCm } = centreOf(lineOf(piece.outline))
  const outline = piece.outline.map((vertex) => {
    const [x, y] = turn(vertex.xCm - xCm, vertex.yCm - yCm)
    return { ...vertex, xCm: round(xCm + x), yCm: round(yCm + y) }
  })
  return outlineFault(outline) === null ? withOutline(piece, outline) : piece
}

/** Counter-clockwise as seen from above. */
export const turned = (piece: Piece, degrees: number): Piece => {
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  return about(piece, (x, y) => [x * cos - y * sin, x * sin + y * cos])
}
/** Alike in all three directions: its mass goes with the cube, where it was weighed it stays as weighed. */
export function scaled(piece: Piece, factor: number): Piece {
  const bigger = about(piece, (x, y) => [x * factor, y * factor])
  return {
    ...bigger,
    heightCm: bigger.heightCm === null ? null : round(bigger.heightCm * factor),
    profile: bigger.profile?.map((point) => ({ ...point, zCm: round(point.zCm * factor) })) ?? null,
  }
}
export function mirrored(piece: Piece): Piece {
  const other = about(piece, (x, y) => [-x, y])
  if (piece.profile === null || other.outline === null || piece.outline === null) return other
  const { left, right } = boundsOf(lineOf(other.outline))
  const before = boundsOf(lineOf(piece.outline))
  return {
    ...other,
    profile: piece.profile.map((point) => ({
      ...point,
      xCm: round(right - ((point.xCm - before.left) * (right - left)) / Math.max(before.right - before.left, 0.01)),
    })),
  }
}

/** A silhouette to draw into shape, from the plain one of its height. */
export function withDrawnProfile(piece: Piece, heightCm: number): Piece {
  if (piece.outline === null) return piece
  return {
    ...piece,
    profile: plainProfile(piece.material, boundsOf(lineOf(piece.outline)), heightCm).map(({ xCm, zCm }) => ({
      xCm: round(xCm),
      zCm: round(zCm),
    })),
  }
}
