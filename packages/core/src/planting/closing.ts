import { NUMBER_FIELDS } from '../plan/fields.js'
import type { Plan } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import type { LaidBed } from './bedsOf.js'
import { weeksToClose } from './rise.js'

const [LEAST_CM, MOST_CM] = NUMBER_FIELDS['beds/*/spacingCm'].range

/** The plan with the portions of all patches so many times as far apart as they are. Patches of several plants get one spacing, their mean by share. */
export function withSpacingTimes(plan: Plan, beds: readonly LaidBed[], times: number): Plan {
  const spacingOf = new Map(
    beds.flatMap(({ bed, plants }) => {
      const shares = bed.plants.reduce((sum, { share }) => sum + share, 0)
      if (plants.length === 0 || shares === 0) return []
      const mean =
        plants.reduce((sum, { id, spacingCm }) => sum + spacingCm * (bed.plants.find((one) => one.id === id)?.share ?? 0), 0) / shares
      return [[bed.id, Math.round(10 * Math.min(MOST_CM, Math.max(LEAST_CM, mean * times))) / 10] as const]
    }),
  )
  return { ...plan, beds: plan.beds.map((bed) => ({ ...bed, spacingCm: spacingOf.get(bed.id) ?? bed.spacingCm })) }
}

/** Weeks until the patches close, their mean by area; what never closes by itself is left out. `null` where nothing does. */
export function meanWeeksToClose(beds: readonly LaidBed[], supplyOf: (bed: LaidBed, plant: PlantSpecies) => number): number | null {
  let weeksCm2 = 0
  let areaCm2 = 0
  for (const bed of beds)
    for (const planted of bed.plants) {
      const weeks = weeksToClose(planted.plant, planted.spacingCm, supplyOf(bed, planted.plant))
      if (weeks === null) continue
      weeksCm2 += weeks * planted.areaCm2
      areaCm2 += planted.areaCm2
    }
  return areaCm2 === 0 ? null : weeksCm2 / areaCm2
}
