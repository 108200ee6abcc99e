import type { Conditioner, ConditionerPlace, Disinfectant } from '../plan/planWater.js'
import { disinfectantOf, mixOf, type MixedPlan } from './mixOf.js'

/** What has to be done about chlorine. */
export type Conditioning =
  | { readonly kind: 'none'; readonly reason: 'nothing-to-bind' | 'no-animals' }
  | {
      readonly kind: 'dose'
      readonly place: ConditionerPlace
      /** That it has to be dosed for. */
      readonly litres: number
      /** `null` where nobody told its label. */
      readonly millilitres: number | null
      /** `null`: nobody told what it binds. */
      readonly isEnough: boolean | null
      readonly against: Exclude<Disinfectant, 'none'> | 'unknown'
    }
export interface ConditioningTask {
  readonly plan: MixedPlan & { readonly water: { readonly conditioner: Conditioner } }
  readonly newL: number
  /** All water of the tank once it is full again. */
  readonly tankL: number
  readonly hasAnimals: boolean
}

/** Premixed, only what came disinfected is dosed for; with the hose in the tank the whole tank, before it is filled. What nobody knows counts as chloramine. */
export function conditioning({ plan, newL, tankL, hasAnimals }: ConditioningTask): Conditioning {
  const disinfected = mixOf(plan).sources.map(({ source, share }) => ({ share, by: disinfectantOf(source) }))
  const against = (['chloramine', 'unknown', 'chlorine'] as const).find((one) => disinfected.some(({ by }) => by === one))
  if (against === undefined) return { kind: 'none', reason: 'nothing-to-bind' }
  const { beforeAnimals, binds, labelL, labelMl, place } = plan.water.conditioner
  // Chloramine stays for days and leaves its ammonia: only chlorine is left to go by itself.
  if (!hasAnimals && !beforeAnimals && against === 'chlorine') return { kind: 'none', reason: 'no-animals' }
  const share = disinfected.reduce((sum, one) => sum + (one.by === 'none' ? 0 : one.share), 0)
  const litres = place === 'tank' ? tankL : share * newL
  return {
    kind: 'dose',
    place,
    litres,
    millilitres: labelMl === null || labelL === null ? null : (litres * labelMl) / labelL,
    isEnough: binds === null ? null : binds === 'chloramine' || against === 'chlorine',
    against,
  }
}
