import { plantingWords } from '@jovrin/contract'
import type { Bed, Plan } from '@jovrin/core'

/** A patch of the map by its number there and its own name, or that of its plants. */
export function bedName(bed: Bed, plan: Pick<Plan, 'beds' | 'flora'> | undefined): string {
  const number = (plan?.beds.findIndex(({ id }) => id === bed.id) ?? -1) + 1
  const plants = bed.plants.flatMap(({ species }) => plan?.flora.find(({ id }) => id === species)?.name ?? [])
  return `${number} ${bed.name || plants.join(' + ') || plantingWords.empty}`
}
