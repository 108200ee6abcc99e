import type { NamedGroup } from '../plan/planAnimals.js'
import type { AnimalKind, AnimalSpecies } from '../species/animals/index.js'

/** What one does to another that shares its tank. */
export const COMPANY_CONFLICTS = ['eats', 'eats-young', 'nips'] as const
export type CompanyConflict = (typeof COMPANY_CONFLICTS)[number]
export interface Conflict {
  readonly kind: CompanyConflict
  readonly of: NamedGroup
  readonly suffers: NamedGroup
}

/** Shrimps small enough to be swallowed or torn. */
const SMALL_SHRIMPS: readonly AnimalKind[] = ['dwarf-shrimp']
const SHRIMPS: readonly AnimalKind[] = [...SMALL_SHRIMPS, 'algae-shrimp', 'fan-shrimp', 'prawn']
/** What eats grown shrimps takes one of up to half of its own length. Rule of thumb. */
const SWALLOWED_SHARE = 0.5

function conflictOf(one: AnimalSpecies, other: AnimalSpecies): CompanyConflict | null {
  if (one.id === other.id) return null
  if (one.eatsSnails && other.kind === 'snail') return 'eats'
  if (one.eatsShrimp === 'adult' && SHRIMPS.includes(other.kind))
    return SMALL_SHRIMPS.includes(other.kind) || one.adultCm.high * SWALLOWED_SHARE >= other.adultCm.low ? 'eats' : 'eats-young'
  if (one.eatsShrimp === 'young' && SMALL_SHRIMPS.includes(other.kind)) return 'eats-young'
  // What nips fins tears at whatever moves slowly: shrimps that are too large to swallow too.
  return one.nipsFins && (other.hasLongFins || SHRIMPS.includes(other.kind)) ? 'nips' : null
}

/** Pairs that do not go together, each once. Who comes later matters not: both are meant to stay. */
export const conflictsOf = (groups: readonly NamedGroup[]): Conflict[] =>
  groups.flatMap((of) =>
    groups.flatMap((suffers) => {
      const kind = conflictOf(of.species, suffers.species)
      const isFirst = groups.find(({ species }) => species.id === of.species.id) === of
      const isFirstOther = groups.find(({ species }) => species.id === suffers.species.id) === suffers
      return kind === null || !isFirst || !isFirstOther ? [] : [{ kind, of, suffers }]
    }),
  )

/** Warmth in which all of them are well [°C]; empty where `high` is below `low`. Of who narrows it most from the low and the high side. */
export interface CommonWarmth {
  readonly low: number
  readonly high: number
  readonly coolest: NamedGroup
  readonly warmest: NamedGroup
}
export function commonWarmth(groups: readonly NamedGroup[]): CommonWarmth | null {
  const [first] = groups
  if (first === undefined) return null
  let [coolest, warmest] = [first, first]
  for (const group of groups) {
    if (group.species.temperatureC.goodHigh < coolest.species.temperatureC.goodHigh) coolest = group
    if (group.species.temperatureC.goodLow > warmest.species.temperatureC.goodLow) warmest = group
  }
  return { low: warmest.species.temperatureC.goodLow, high: coolest.species.temperatureC.goodHigh, coolest, warmest }
}
