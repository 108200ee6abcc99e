import type { Act } from '../ecosystem/deeds.js'
import { Answers } from '../plan/answers.js'
import type { PlantsChanged } from '../plan/journal.js'
import { PLANT_KINDS, type Plan, type PlantKind } from '../plan/plan.js'
import { airShareOf } from '../planting/airShare.js'
import { countedPlants } from '../planting/countedPlants.js'
import { standOf } from '../planting/standOf.js'
import { innerSize } from '../tank/vessel.js'
import { vesselOf } from '../tank/vesselOf.js'

/** Follows plants that come and go, in the order of their days: what goes is weighed against what of its kind was ever planted and still stands. */
export class PlantLog {
  /** As planted, dry [g]; made when the first plant goes or comes. */
  #plantedG: Record<PlantKind, number> | null = null
  readonly #plan: Plan | undefined

  /** `plan`: what was planted at first. */
  constructor(plan: Plan | undefined) {
    this.#plan = plan
  }

  /** `null` where the tank's plants stay as many as they are: moved, or not in the tank yet. */
  actOf(event: PlantsChanged, when: { readonly day: number; readonly minute: number }): Act | null {
    const { deed, plantKind, raised, bed } = event
    const dryG = event.dryG ?? countedPlants(null, plantKind, event.count, event.countedIn).dryG
    switch (deed) {
      case 'moved':
      case 'arrived':
        return null
      case 'added':
      case 'replanted':
        this.#planted()[plantKind] += dryG
        return {
          kind: 'plant',
          ...when,
          plantKind,
          dryG,
          airShare: airShareOf(plantKind, raised),
          isOnOwnGround: deed === 'added' && bed === null,
        }
      case 'thinned':
      case 'failed':
      case 'given-away': {
        const standing = this.#planted()[plantKind]
        const share = standing > 0 ? Math.min(1, dryG / standing) : 0
        this.#planted()[plantKind] = standing * (1 - share)
        return share === 0 ? null : { kind: 'uproot', ...when, plantKind, share }
      }
    }
  }

  #planted(): Record<PlantKind, number> {
    this.#plantedG ??= plantedG(this.#plan)
    return this.#plantedG
  }
}

function plantedG(plan: Plan | undefined): Record<PlantKind, number> {
  const stand = plan === undefined ? null : standOf(plan, new Answers(), innerSize(vesselOf(plan, new Answers())))
  return Object.fromEntries(PLANT_KINDS.map((kind) => [kind, stand?.[kind].massG ?? 0])) as Record<PlantKind, number> // one entry a kind
}
