import { plainSalt } from '../feed/cupboard.js'
import { NO_NUTRIENTS, nutrientsBy, type NutrientAmounts } from '../feed/nutrients.js'
import { contentOf } from '../feed/products.js'
import { SALT_IDS, type SaltId } from '../salts/salts.js'
import type { PlantKind } from '../plan/plan.js'
import { PLANT_GROUPS, PLANT_KIND } from '../planting/kinds.js'
import type { TankEvent, TimedEvent } from './forcing.js'
import type { TapWater } from '../water/tapOf.js'
import { DETRITUS_VACUUMED, GOOD_LAI, MOST_CUT, WIPED } from './care.js'

/** Something done apart from the plan's own schedule, at a day and minute of the tank's age. */
export type Act =
  | { readonly kind: 'change'; readonly day: number; readonly minute: number; readonly fraction: number; readonly hasWiped: boolean }
  | { readonly kind: 'dose'; readonly day: number; readonly minute: number; readonly salt: SaltId; readonly grams: number }
  /** A bottle of the cupboard: what it brought [mg of the element]. */
  | { readonly kind: 'pour'; readonly day: number; readonly minute: number; readonly nutrientsMg: NutrientAmounts }
  /** `wetG` null: cut back to shape, not weighed. No kinds: all of them. */
  | {
      readonly kind: 'trim'
      readonly day: number
      readonly minute: number
      readonly wetG: number | null
      readonly kinds: readonly PlantKind[]
    }
  /** `dryG` as planted; `airShare` of its tissue grew in air. On ground of their own, plants widen what their kind covers. */
  | {
      readonly kind: 'plant'
      readonly day: number
      readonly minute: number
      readonly plantKind: PlantKind
      readonly dryG: number
      readonly airShare: number
      readonly isOnOwnGround: boolean
    }
  /** A share of a kind's portions is taken out, each as heavy as any other by then. */
  | { readonly kind: 'uproot'; readonly day: number; readonly minute: number; readonly plantKind: PlantKind; readonly share: number }

/** Scheduled care that did not take place on its day. */
export interface Omission {
  readonly what: 'change' | 'trim' | 'dose'
  readonly day: number
}
export interface Deeds {
  /** Ascending by time. */
  readonly acts: readonly Act[]
  readonly omitted: readonly Omission[]
}
export const NO_DEEDS: Deeds = { acts: [], omitted: [] }

/** Dry mass in a gram of shaken-wet trimmings. Rule of thumb 0.06–0.12. */
export const DRY_OF_WET = 0.08

/** Stores of new plants, g/gDW: nitrogen, phosphorus, potassium, iron. Rule of thumb, between the least and the fullest. */
export const NEW_PLANT_STORES = [0.03, 0.0045, 0.03, 0.0003] as const

/** An act as the kernel takes it. `waterL` turns grams into a level. */
export function eventOfAct(act: Act, waterL: number, tap: TapWater): TimedEvent {
  return { atMin: act.day * 1440 + act.minute, event: kernelEvent(act, waterL, tap) }
}

function kernelEvent(act: Act, waterL: number, tap: TapWater): TankEvent {
  switch (act.kind) {
    case 'change':
      return { kind: 'change', fraction: act.fraction, tap, vacuum: DETRITUS_VACUUMED, wipe: act.hasWiped ? WIPED : 0 }
    case 'dose':
      return { kind: 'dose', mgPerL: doseOf(act.salt, act.grams, waterL) }
    case 'pour':
      return { kind: 'dose', mgPerL: nutrientsBy((nutrient) => act.nutrientsMg[nutrient] / waterL) }
    case 'trim': {
      const isCut = PLANT_GROUPS.map((group) => act.kinds.length === 0 || act.kinds.some((kind) => PLANT_KIND[kind].group === group))
      if (act.wetG === null)
        return { kind: 'trim-towards', laiOfGroup: GOOD_LAI.map((lai, group) => (isCut[group] ? lai : Infinity)), mostCut: MOST_CUT }
      return { kind: 'harvest', dryG: act.wetG * DRY_OF_WET, isGroupCut: isCut }
    }
    case 'plant':
      return { kind: 'plant', group: groupOf(act.plantKind), dryG: act.dryG, airShare: act.airShare, storeShare: NEW_PLANT_STORES }
    case 'uproot':
      return { kind: 'uproot', group: groupOf(act.plantKind), share: act.share }
  }
}

const groupOf = (kind: PlantKind): number => PLANT_GROUPS.indexOf(PLANT_KIND[kind].group)

const doseOf = (salt: SaltId, grams: number, waterL: number): NutrientAmounts => {
  const held = contentOf(plainSalt('dosed', salt))?.nutrientsMg ?? NO_NUTRIENTS
  return nutrientsBy((nutrient) => (held[nutrient] * grams) / waterL)
}

export const isSaltId = (text: string): text is SaltId => (SALT_IDS as readonly string[]).includes(text)
