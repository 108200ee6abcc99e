import { lineOf, outlineFault } from '../numeric/outline.js'
import { edgeRuns, groundLaidAt } from './edgeRuns.js'
import { splitByLine } from '../numeric/reshape.js'
import { boundsOf, type Spot } from '../numeric/ring.js'
import type { GroundLayer, GroundZone, Plan, Vertex } from '../plan/plan.js'
import polygonClipping from 'polygon-clipping'
import type { NewId } from '../plan/id.js'

type Floor = { readonly lengthCm: number; readonly widthCm: number }
const corner = (xCm: number, yCm: number, isRound = false): Vertex => ({ xCm: round(xCm), yCm: round(yCm), isRound })
const round = (cm: number): number => Math.round(cm * 100) / 100
export const ringOutline = (ring: readonly Spot[]): Vertex[] => ring.map(({ xCm, yCm }) => corner(xCm, yCm))

export const withZone = (plan: Plan, id: string, edit: (zone: GroundZone) => GroundZone): Plan => ({
  ...plan,
  zones: plan.zones.map((zone) => (zone.id === id ? edit(zone) : zone)),
})

const freshLayers = (layers: readonly GroundLayer[], newId: NewId): GroundLayer[] => layers.map((layer) => ({ ...layer, id: newId('g') }))

/** A zone of a given outline, with the ground of the rest. */
export function zoneOf(plan: Plan, outline: readonly Vertex[], name: string, newId: NewId): { readonly plan: Plan; readonly id: string } {
  const id = newId('z')
  const layers = freshLayers(
    plan.layers.length > 0 ? plan.layers : [{ id: '', ground: 'rich-soil', frontCm: 4, backCm: 6, product: null }],
    newId,
  )
  return { id, plan: { ...plan, zones: [...plan.zones, { id, name, purpose: 'planted', outline, layers, heights: [] }] } }
}

/** A zone in the middle of the floor, ready to be drawn into shape. */
export function addZone(
  plan: Plan,
  { lengthCm: l, widthCm: w }: Floor,
  name: string,
  newId: NewId,
): { readonly plan: Plan; readonly id: string } {
  return zoneOf(
    plan,
    [corner(l * 0.3, w * 0.3), corner(l * 0.7, w * 0.3), corner(l * 0.7, w * 0.75), corner(l * 0.3, w * 0.75)],
    name,
    newId,
  )
}

export interface PathShape {
  readonly frontCm: number
  readonly backCm: number
  readonly widthFrontCm: number
  readonly widthBackCm: number
  /** How far it swings to the side on its way. */
  readonly swayCm: number
}
/** A curved path from the front pane to the back, narrower behind: narrow far ends make a tank look deep. */
export function addPath(
  plan: Plan,
  { widthCm }: Floor,
  shape: PathShape,
  name: string,
  newId: NewId,
): { readonly plan: Plan; readonly id: string } {
  const id = newId('z')
  const along = [0, 0.25, 0.5, 0.75, 1]
  const centre = (share: number): number =>
    shape.frontCm + (shape.backCm - shape.frontCm) * share + shape.swayCm * Math.sin(share * 2 * Math.PI)
  const half = (share: number): number => (shape.widthFrontCm + (shape.widthBackCm - shape.widthFrontCm) * share) / 2
  const side = (sign: 1 | -1): Vertex[] =>
    along.map((share) => corner(centre(share) + sign * half(share), share * widthCm, share > 0 && share < 1))
  const outline = [...side(1), ...side(-1).reverse()]
  const layers = freshLayers([{ id: '', ground: 'sand', frontCm: 2, backCm: 3, product: null }], newId)
  return { id, plan: { ...plan, zones: [...plan.zones, { id, name, purpose: 'cosmetic', outline, layers, heights: [] }] } }
}

export const removeZone = (plan: Plan, id: string): Plan => ({ ...plan, zones: plan.zones.filter((zone) => zone.id !== id) })

export function duplicateZone(plan: Plan, id: string, floor: Floor, newId: NewId): { readonly plan: Plan; readonly id: string } | null {
  const zone = plan.zones.find((one) => one.id === id)
  if (zone === undefined) return null
  const fresh = newId('z')
  const { right } = boundsOf(zone.outline)
  const dx = right + 5 <= floor.lengthCm ? 5 : -5
  const copy = {
    ...zone,
    id: fresh,
    outline: zone.outline.map((vertex) => ({ ...vertex, xCm: round(vertex.xCm + dx) })),
    layers: freshLayers(zone.layers, newId),
    heights: [],
  }
  return { id: fresh, plan: { ...plan, zones: [...plan.zones, copy] } }
}

/** Later zones lie over earlier ones. */
export function reorderZone(plan: Plan, id: string, step: 1 | -1): Plan {
  const at = plan.zones.findIndex((zone) => zone.id === id)
  const to = at + step
  if (at < 0 || to < 0 || to >= plan.zones.length) return plan
  const zones = [...plan.zones]
  ;[zones[at], zones[to]] = [zones[to]!, zones[at]!] // both within the list
  return { ...plan, zones }
}

/** Cuts a zone along an endless line into parts with the same ground. `null` when the line misses it. */
export function splitZone(plan: Plan, id: string, a: Spot, b: Spot, newId: NewId): Plan | null {
  const zone = plan.zones.find((one) => one.id === id)
  if (zone === undefined) return null
  const parts = splitByLine(lineOf(zone.outline), a, b)
    .map(ringOutline)
    .filter((part) => outlineFault(part) === null)
  if (parts.length < 2) return null
  const zones = parts.map((outline, index): GroundZone =>
    index === 0
      ? { ...zone, outline, heights: inside(zone, outline) }
      : {
          ...zone,
          id: newId('z'),
          name: zone.name === '' ? '' : `${zone.name} ${index + 1}`,
          outline,
          layers: freshLayers(zone.layers, newId),
          heights: [],
        },
  )
  return { ...plan, zones: plan.zones.flatMap((one) => (one.id === id ? zones : [one])) }
}
const inside = (zone: GroundZone, outline: readonly Vertex[]) => {
  const { left, right, front, back } = boundsOf(outline)
  return zone.heights.filter(({ xCm, yCm }) => xCm >= left && xCm <= right && yCm >= front && yCm <= back)
}

export type MergeFault = 'apart' | 'hole'
/** Joins another zone to one, which gives its ground to both. Zones that do not touch, or would enclose a hole, stay as they are. */
export function mergeZones(plan: Plan, id: string, otherId: string): Plan | MergeFault {
  const zone = plan.zones.find((one) => one.id === id)
  const other = plan.zones.find((one) => one.id === otherId)
  if (zone === undefined || other === undefined) return 'apart'
  const polygon = ({ outline }: GroundZone): [number, number][][] => [lineOf(outline).map(({ xCm, yCm }) => [xCm, yCm])]
  const joined = polygonClipping.union(polygon(zone), polygon(other))
  const [only, ...more] = joined
  if (only === undefined || more.length > 0) return 'apart'
  const [ring, ...holes] = only
  if (ring === undefined || holes.length > 0) return 'hole'
  const outline = ringOutline(ring.slice(0, -1).map(([xCm, yCm]) => ({ xCm, yCm })))
  if (outlineFault(outline) !== null) return 'apart'
  return { ...plan, zones: plan.zones.flatMap((one) => (one.id === id ? [{ ...zone, outline }] : one.id === otherId ? [] : [one])) }
}

/** Makes an edge so long, by moving the corner at its far end along it. */
export function withEdgeLength(outline: readonly Vertex[], from: number, lengthCm: number): Vertex[] {
  const a = outline[from]!
  const to = (from + 1) % outline.length
  const b = outline[to]!
  const now = Math.hypot(b.xCm - a.xCm, b.yCm - a.yCm)
  if (now < 1e-6) return [...outline]
  return outline.map((vertex, index) =>
    index === to
      ? { ...vertex, xCm: round(a.xCm + ((b.xCm - a.xCm) * lengthCm) / now), yCm: round(a.yCm + ((b.yCm - a.yCm) * lengthCm) / now) }
      : vertex,
  )
}

/** A separator along each part of a zone's edge beside which other ground lies. */
export function withEdgeBarrier(plan: Plan, zone: GroundZone, floor: Floor, newId: NewId): Plan {
  const runs = edgeRuns(lineOf(zone.outline), floor, groundLaidAt(plan))
  const walls = runs.map((run) => ({
    id: newId('wall'),
    line: run.map(({ xCm, yCm }) => ({ xCm: round(xCm), yCm: round(yCm) })),
    heightCm: 5,
  }))
  return walls.length === 0 ? plan : { ...plan, barriers: [...plan.barriers, ...walls] }
}
