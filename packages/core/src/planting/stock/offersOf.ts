import type { PlantSpecies } from '../../species/plantSpecies.js'
import type { PlantForm } from '../../species/traits.js'
import type { LaidPlant } from '../bedsOf.js'
import { weeksToClose } from '../rise.js'
import { trimOf } from '../trimPlan.js'

/** What one harvest of a standing patch gives, in portions for each portion planted, and when harvests come. */
interface Giving {
  readonly each: number
  /** With the scissors, or once so many weeks, after it has closed. */
  readonly every: 'trim' | number
}
/** Rules of thumb. A stem gives one top a cut (0.7–2, some sprout twice); a closed lawn a fifth of itself as strips from its edge (0.1–0.3) every six weeks (4–8); a runner-maker one daughter a crown in eight weeks (0.5–3); a rhizome can be halved every half year (20–40 weeks), one plant in two giving a piece; a moss cushion half of itself a cut (0.3–0.6); floaters half of themselves in two weeks (1–3). Crowns and bulbs that make no runners give nothing. */
const GIVING: Readonly<Record<PlantForm, Giving | null>> = {
  stem: { each: 1, every: 'trim' },
  'free-stem': { each: 1, every: 'trim' },
  carpet: { each: 0.2, every: 6 },
  'grass-runner': { each: 0.2, every: 6 },
  'runner-rosette': { each: 1, every: 8 },
  rhizome: { each: 0.5, every: 26 },
  moss: { each: 0.5, every: 'trim' },
  liverwort: { each: 0.5, every: 'trim' },
  floater: { each: 0.5, every: 2 },
  rosette: null,
  bulb: null,
  'alga-ball': null,
}

/** What a patch of another tank can give without a gap that stays. */
export interface Offer {
  readonly plant: PlantSpecies
  readonly portions: number
  /** Days from today to the next harvest, as the trim plan has it; left uncut until then. */
  readonly inDays: number
}
interface Donor {
  readonly plants: readonly LaidPlant[]
  /** Since it was planted. */
  readonly ageDays: number
  readonly ppfd: number
  /** Growth of a plant against its best there, 0–1. */
  readonly supplyOf: (plant: PlantSpecies) => number
}

/** Next harvest of each plant of a patch or spot; those that give nothing, or less than a portion, are left out. */
export const offersOf = ({ plants, ageDays, ppfd, supplyOf }: Donor): Offer[] =>
  plants.flatMap((planted): Offer[] => {
    const { plant, portions, spacingCm } = planted
    const giving = GIVING[plant.form]
    const given = giving === null ? 0 : Math.floor(portions * giving.each)
    if (giving === null || given < 1) return []
    const trims = trimOf(planted, ppfd)
    const closing = weeksToClose(plant, spacingCm, supplyOf(plant))
    const everyDays = 7 * (giving.every === 'trim' ? trims.everyWeeks : giving.every)
    const firstWeek = giving.every === 'trim' ? trims.firstWeek : closing === null ? null : Math.max(closing, trims.firstWeek)
    if (firstWeek === null) return []
    const waited = ageDays - 7 * firstWeek
    const next = waited <= 0 ? -waited : Math.ceil(waited / everyDays) * everyDays - waited
    return [{ plant, portions: given, inDays: Math.max(0, Math.round(next)) }]
  })
