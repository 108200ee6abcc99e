import { groundHeightCm, type GroundPlan } from '../../ground/groundPlan.js'
import type { FieldLamp } from '../../light/field/fieldLamp.js'
import type { LightGrid } from '../../light/field/fieldOf.js'
import { lightAt } from '../../light/lightAt.js'
import { litPlane } from '../../light/litPlane.js'
import { boundsOf, centreOf, isInside, type Ring, type Spot } from '../../numeric/ring.js'
import type { LaidBed } from '../bedsOf.js'
import { PLANT_KINDS, type PlantKind } from '../../species/plantKinds.js'

/** What the light of a bed is read from: the answered lamps over the answered tank. */
export interface LitTank {
  readonly lamps: readonly FieldLamp[]
  readonly attenuationPerM: number
  readonly inner: { readonly lengthCm: number; readonly widthCm: number; readonly waterDepthCm: number }
  readonly ground: GroundPlan
}
/** PPFD [µmol m⁻² s⁻¹] over a bed's own floor, at full planned light. */
export interface BedLight {
  readonly least: number
  readonly mean: number
  readonly most: number
}

/** Spots across a bed; the smallest bed has one. */
const SPOTS_ACROSS = 7
const LEAST_SPOT_CM = 1

const spotsOnce = new WeakMap<Ring, readonly Spot[]>()
/** Spots of a bed on the inner floor, evenly spread; its middle where it is too small for any. */
export function spotsOfBed(ring: Ring, { lengthCm, widthCm }: LitTank['inner']): readonly Spot[] {
  const known = spotsOnce.get(ring)
  if (known !== undefined) return known
  const bounds = boundsOf(ring)
  const [left, right] = [Math.max(0, bounds.left), Math.min(lengthCm, bounds.right)]
  const [front, back] = [Math.max(0, bounds.front), Math.min(widthCm, bounds.back)]
  const stepCm = Math.max(LEAST_SPOT_CM, Math.max(right - left, back - front) / SPOTS_ACROSS)
  const spots: Spot[] = []
  for (let yCm = front + stepCm / 2; yCm < back; yCm += stepCm)
    for (let xCm = left + stepCm / 2; xCm < right; xCm += stepCm) if (isInside(ring, xCm, yCm)) spots.push({ xCm, yCm })
  const found = spots.length > 0 ? spots : ring.length > 0 ? [centreOf(ring)] : []
  spotsOnce.set(ring, found)
  return found
}

/** Heights of planes are told apart by so much: light changes by some per cent over it. */
const PLANE_CM = 2

/** Light of a bed on its own ground, or at the surface where it floats; `null` where nothing of it stands in the tank. */
export function lightOfBed({ ring, isFloating }: Pick<LaidBed, 'ring' | 'isFloating'>, tank: LitTank): BedLight | null {
  const spots = spotsOfBed(ring, tank.inner)
  if (spots.length === 0) return null
  const { xCm, yCm } = centreOf(ring)
  const heightCm = isFloating ? tank.inner.waterDepthCm : Math.round(groundHeightCm(tank.ground, xCm, yCm) / PLANE_CM) * PLANE_CM
  return over(spots, litPlane({ ...tank, heightCm }))
}

export function over(spots: readonly Spot[], plane: LightGrid): BedLight {
  let [least, sum, most] = [Infinity, 0, 0]
  for (const { xCm, yCm } of spots) {
    const light = lightAt(plane, xCm, yCm)
    least = Math.min(least, light)
    most = Math.max(most, light)
    sum += light
  }
  return { least, mean: sum / spots.length, most }
}

/** Light of each kind of plant over the mean of the whole floor, by the beds of the map and their areas; 1 for a kind that the map does not hold. `floorPpfd`: that mean. */
export function lightOfKinds(beds: readonly LaidBed[], tank: LitTank, floorPpfd: number): Readonly<Record<PlantKind, number>> {
  const sums = new Map<PlantKind, { area: number; light: number }>()
  if (floorPpfd > 0)
    for (const bed of beds) {
      if (bed.isOut || bed.isFloating) continue
      const light = lightOfBed(bed, tank)
      if (light === null) continue
      for (const { plant, areaCm2 } of bed.plants) {
        const sum = sums.get(plant.kind) ?? { area: 0, light: 0 }
        sums.set(plant.kind, { area: sum.area + areaCm2, light: sum.light + areaCm2 * light.mean })
      }
    }
  const share = (kind: PlantKind): number => {
    const sum = sums.get(kind)
    return sum === undefined || sum.area === 0 ? 1 : sum.light / sum.area / floorPpfd
  }
  return Object.fromEntries(PLANT_KINDS.map((kind) => [kind, share(kind)])) as Record<PlantKind, number> // all kinds
}
