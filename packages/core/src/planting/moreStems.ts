import { PLANT_KINDS, type Plan } from '../plan/plan.js'
import { PLANT_KIND } from './kinds.js'
import type { LaidBed } from './bedsOf.js'
import { potsOf } from './pots.js'
import { mappedKinds, type Stand } from './standOf.js'

/** Portions nearer than this share of their usual spacing have no room to grow. Rule of thumb 0.5–0.7. */
const NEAREST = 0.55

/** Floor that plants may cover; between them the eye wants some free. Rule of thumb. */
const MOST_FLOOR = 0.9

interface Planted {
  readonly beds: readonly LaidBed[]
  readonly stand: Stand
  readonly inner: { readonly lengthCm: number; readonly widthCm: number }
}
/** The plan with so many pots of stems more: nearer to each other in their patches of the map, or on a wider share of the floor. `null` where there is no room for them, or no stems stand. */
export function withMoreStems(plan: Plan, { beds, stand, inner }: Planted, pots: number): Plan | null {
  const more = (stand.stems.massG + pots * PLANT_KIND.stems.potG) / stand.stems.massG
  if (stand.stems.massG === 0) return null
  return mappedKinds(plan).has('stems') ? nearerStems(plan, beds, Math.sqrt(1 / more)) : widerStems(plan, stand, inner, pots, more)
}

function nearerStems(plan: Plan, beds: readonly LaidBed[], nearer: number): Plan | null {
  const stems = beds.filter(({ plants }) => plants.length > 0 && plants.every(({ plant }) => plant.kind === 'stems'))
  const isTight = stems.some(({ plants }) => plants.some(({ plant, spacingCm }) => spacingCm * nearer < plant.spacingCm.value * NEAREST))
  if (stems.length === 0 || isTight) return null
  const spacingOf = new Map(stems.map(({ bed, plants }) => [bed.id, Math.floor(10 * nearer * (plants[0]?.spacingCm ?? 0)) / 10]))
  return { ...plan, beds: plan.beds.map((bed) => ({ ...bed, spacingCm: spacingOf.get(bed.id) ?? bed.spacingCm })) }
}

function widerStems(plan: Plan, stand: Stand, inner: Planted['inner'], pots: number, more: number): Plan | null {
  const patch = plan.patches.find(({ kind }) => kind === 'stems')
  if (patch === undefined) return null
  const others = PLANT_KINDS.reduce(
    (sum, kind) => sum + (kind === 'stems' || PLANT_KIND[kind].isFloating ? 0 : stand[kind].footFraction),
    0,
  )
  const wider = Math.round(100 * Math.min(stand.stems.footFraction * more, Math.max(stand.stems.footFraction, MOST_FLOOR - others))) / 100
  const all = potsOf(plan, stand, 'stems', inner) + pots
  return { ...plan, patches: plan.patches.map((one) => (one === patch ? { ...one, pots: all, footFraction: wider } : one)) }
}
