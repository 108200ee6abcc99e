import { lineOf } from '../../numeric/outline.js'
import { boundsOf } from '../../numeric/ring.js'
import type { NewId } from '../../plan/id.js'
import type { Bed, Plan } from '../../plan/plan.js'
import { mirrorOutline, weeded } from '../bedEdits.js'

type Map = Pick<Plan, 'beds'>
/** Corners that lie so near each other's mirror image are one. */
const SAME_CM = 0.6

/** Stands on both sides of the middle. */
export const isAcross = ({ outline }: Pick<Bed, 'outline'>, lengthCm: number): boolean => {
  const { left, right } = boundsOf(lineOf(outline))
  return left < lengthCm / 2 - SAME_CM && right > lengthCm / 2 + SAME_CM
}

/** The bed that mirrors another one, corner by corner; `undefined` of one that has none. */
export function twinOf({ beds }: Map, bed: Bed, lengthCm: number): Bed | undefined {
  const image = mirrorOutline(bed.outline, lengthCm)
  return beds.find(
    (other) =>
      other.id !== bed.id &&
      other.outline.length === image.length &&
      image.every((corner) =>
        other.outline.some(({ xCm, yCm }) => Math.abs(xCm - corner.xCm) < SAME_CM && Math.abs(yCm - corner.yCm) < SAME_CM),
      ),
  )
}

/** What was done to one side is done to the other: a new bed gets its mirror image, a changed or deleted one takes its twin along. Beds that stand across the middle, and beds without a twin, stay as they are. */
export function keepSymmetric(before: Plan, after: Plan, { lengthCm }: { readonly lengthCm: number }, newId: NewId): Plan {
  if (before.beds === after.beds) return after
  const was = new Map(before.beds.map((bed) => [bed.id, bed]))
  const is = new Set(after.beds.map(({ id }) => id))
  const isUntouched = (twin: Bed): boolean => after.beds.includes(twin)
  const gone = new Set<string>()
  for (const bed of before.beds) {
    const twin = is.has(bed.id) ? undefined : twinOf(before, bed, lengthCm)
    if (twin !== undefined && isUntouched(twin)) gone.add(twin.id)
  }
  const images = new Map<string, Bed>()
  const added: Bed[] = []
  for (const bed of after.beds) {
    const old = was.get(bed.id)
    if (old === bed) continue
    if (old === undefined) {
      if (!isAcross(bed, lengthCm) && twinOf(after, bed, lengthCm) === undefined) added.push(imageOf(bed, newId('b'), [], lengthCm, newId))
      continue
    }
    const twin = twinOf(before, old, lengthCm)
    if (twin !== undefined && isUntouched(twin)) images.set(twin.id, imageOf(bed, twin.id, twin.plants, lengthCm, newId))
  }
  if (gone.size === 0 && images.size === 0 && added.length === 0) return after
  const beds = after.beds.flatMap((bed) => (gone.has(bed.id) ? [] : [images.get(bed.id) ?? bed]))
  return weeded({ ...after, beds: [...beds, ...added] })
}

/** The same bed on the other side, with the ids of the plants that stood there. */
const imageOf = (bed: Bed, id: string, stood: Bed['plants'], lengthCm: number, newId: NewId): Bed => ({
  ...bed,
  id,
  name: '',
  outline: mirrorOutline(bed.outline, lengthCm),
  plants: bed.plants.map((plant, index) => ({ ...plant, id: stood[index]?.id ?? newId('p') })),
})
