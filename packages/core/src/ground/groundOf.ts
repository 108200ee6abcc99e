import type { Answers } from '../plan/answers.js'
import type { GroundLayer, Plan } from '../plan/plan.js'
import type { InnerSize } from '../tank/vessel.js'
import { layOutGround, type GroundPlan, type KnownLayer, type KnownZone } from './groundPlan.js'
import { GROUND } from './kinds.js'

/** Less than a grain is no layer. */
const LEAST_LAYER_CM = 0.1

interface LaidOnce {
  readonly layers: Plan['layers']
  readonly lengthCm: number
  readonly widthCm: number
  readonly ground: GroundPlan
}
/** Grounds laid before, by the zones they were laid from: moving a stone does not lay the ground anew. Plans never change, so neither does what follows from them. */
const laidOnce = new WeakMap<Plan['zones'], LaidOnce>()

/** The whole floor, every layer answered. Where all depths are known it is the same for every draw. */
export function groundOf(plan: Pick<Plan, 'layers' | 'zones'>, answers: Answers, inner: InnerSize): GroundPlan {
  const isKnown = [plan, ...plan.zones].every(({ layers }) => layers.every(({ frontCm, backCm }) => frontCm !== null && backCm !== null))
  if (!isKnown) return laid(plan, answers, inner)
  const before = laidOnce.get(plan.zones)
  if (before?.layers === plan.layers && before.lengthCm === inner.lengthCm && before.widthCm === inner.widthCm) return before.ground
  const ground = laid(plan, answers, inner)
  laidOnce.set(plan.zones, { layers: plan.layers, lengthCm: inner.lengthCm, widthCm: inner.widthCm, ground })
  return ground
}

function laid(plan: Pick<Plan, 'layers' | 'zones'>, answers: Answers, inner: InnerSize): GroundPlan {
  let place = 0
  const known = (layer: GroundLayer): KnownLayer => {
    const frontCm = answers.number('layers/*/frontCm', layer.frontCm, place)
    const backCm = answers.number('layers/*/backCm', layer.backCm, place)
    place++
    const { porosity, bulkKgPerL } = GROUND[layer.ground]
    return {
      id: layer.id,
      ground: layer.ground,
      ...(frontCm + backCm < 2 * LEAST_LAYER_CM ? { frontCm: 0, backCm: 0 } : { frontCm, backCm }),
      porosity: layer.product?.porosity ?? porosity,
      bulkKgPerL: layer.product?.bulkKgPerL ?? bulkKgPerL,
    }
  }
  const rest: KnownZone = {
    id: null,
    purpose: plan.layers.length === 0 ? 'bare' : 'planted',
    outline: null,
    layers: plan.layers.map(known),
    heights: [],
  }
  const zones = plan.zones.map(({ id, purpose, outline, layers, heights }): KnownZone => ({
    id,
    purpose,
    outline,
    layers: layers.map(known),
    heights,
  }))
  return layOutGround(inner.lengthCm, inner.widthCm, [rest, ...zones])
}
