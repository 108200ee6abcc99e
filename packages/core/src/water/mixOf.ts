import type { Disinfectant, WaterSource } from '../plan/planWater.js'
import type { Plan } from '../plan/plan.js'

export type MixedPlan = Pick<Plan, 'sources' | 'logistics'>

/** One source's share of all new water. */
export interface MixedSource {
  readonly source: WaterSource | null
  /** Place in the plan's list. */
  readonly place: number
  readonly share: number
}
/** What new water is mixed of; all shares make 1. */
export interface WaterMix {
  /** Only sources that are used. One that nobody described stands where the plan has none. */
  readonly sources: readonly MixedSource[]
  readonly purified: number
}

/** Parts of the sources are taken against their sum; where nobody gave any, the first source is all that is not purified. */
export function mixOf({ sources, logistics }: MixedPlan): WaterMix {
  const purified = logistics.purifiedFraction ?? 0
  const kept = 1 - purified
  const parts = sources.reduce((sum, { part }) => sum + part, 0)
  const mixed = sources.map((source, place): MixedSource => ({
    source,
    place,
    share: kept * (parts > 0 ? source.part / parts : place === 0 ? 1 : 0),
  }))
  return {
    sources: mixed.length === 0 ? [{ source: null, place: 0, share: kept }] : mixed.filter(({ share }) => share > 0),
    purified,
  }
}

/** Sources whose parts are such that one of them has the given share of all that is not purified; the others keep their proportions. */
export function withShare(sources: readonly WaterSource[], id: string, share: number): readonly WaterSource[] {
  const wanted = Math.min(1, Math.max(0, share))
  const others = sources.filter((source) => source.id !== id)
  const sum = others.reduce((all, { part }) => all + part, 0)
  return sources.map((source) =>
    source.id === id ? { ...source, part: wanted } : { ...source, part: (1 - wanted) * (sum > 0 ? source.part / sum : 1 / others.length) },
  )
}

/** Water from a pipe is disinfected unless somebody knows better; wells and barrels are not unless somebody says so. */
const isPiped = ({ kind }: WaterSource): boolean => kind === 'mains' || kind === 'softened'
export const disinfectantOf = (source: WaterSource | null): Disinfectant | 'unknown' =>
  source === null ? 'unknown' : (source.disinfectant ?? (isPiped(source) ? 'unknown' : 'none'))

/** The worst that comes with the mix: what cannot be told may be chloramine. */
export function mixDisinfectant(plan: MixedPlan): Disinfectant | 'unknown' {
  const all = mixOf(plan).sources.map(({ source }) => disinfectantOf(source))
  return (['chloramine', 'unknown', 'chlorine'] as const).find((one) => all.includes(one)) ?? 'none'
}
