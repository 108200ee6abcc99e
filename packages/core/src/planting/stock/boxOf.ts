import { daysBetween } from '../../plan/clock.js'
import type { PlantsChanged } from '../../plan/journal.js'
import type { PlantKind } from '../../plan/plan.js'
import { countedPlants } from '../countedPlants.js'

/** Plants that arrived and do not stand in the tank yet: in a lit, damp box or a tub. */
export interface BoxedPlants {
  /** Of the record of their arrival. */
  readonly id: string
  readonly species: string | null
  readonly plant: string | null
  readonly plantKind: PlantKind
  /** What is left of them. */
  readonly portions: number
  readonly arrivedOn: string
  readonly daysKept: number
  /** Kept apart until then; `null` where nobody set a day. */
  readonly heldUntil: string | null
  /** So long most of its kind keep. */
  readonly keepsDays: number
}

/** Days in a lit, damp, cool box under film; rules of thumb: mosses and rhizome plants keep weeks (30–60), crowns two or three (10–25), stems and carpets a week or so (5–12), floaters some days on a damp cloth. In water they keep longer. */
const KEEPS_DAYS: Readonly<Record<PlantKind, number>> = { moss: 42, rhizome: 42, rosette: 14, stems: 8, carpet: 8, floater: 3 }

/** Plants that arrived and are kept apart until a civil date. */
export interface HeldPlants {
  /** Of the record of their arrival. */
  readonly id: string
  readonly until: string
  readonly portions: number
}

/** A record that is kept. */
type Kept = PlantsChanged & { readonly id: string }
interface Lot {
  readonly record: Kept
  portions: number
}

/** What waits for a tank, oldest first: arrivals, less what was planted of them since. `dateOf` tells a record's civil date in the tank's zone. */
export const boxOf = (
  records: readonly Kept[],
  { today, dateOf }: { readonly today: string; readonly dateOf: (at: string) => string },
): BoxedPlants[] =>
  lotsOf(records).map(({ record, portions }): BoxedPlants => {
    const arrivedOn = dateOf(record.at)
    const { id, species, plant, plantKind, heldUntil } = record
    const daysKept = Math.max(0, daysBetween(arrivedOn, today))
    return { id, species, plant, plantKind, portions, arrivedOn, daysKept, heldUntil, keepsDays: KEEPS_DAYS[plantKind] }
  })

/** Of what waits, what somebody set a day for. */
export const heldPlants = (records: readonly Kept[]): HeldPlants[] =>
  lotsOf(records).flatMap(({ record: { id, heldUntil }, portions }) => (heldUntil === null ? [] : [{ id, until: heldUntil, portions }]))

/** Arrivals with what is left of them. What went in came from the oldest arrival of its species. */
function lotsOf(records: readonly Kept[]): Lot[] {
  const lots: Lot[] = []
  const ordered = [...records].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
  for (const record of ordered) {
    const portions = record.portions ?? countedPlants(null, record.plantKind, record.count, record.countedIn).portions
    if (record.deed === 'arrived') lots.push({ record, portions })
    if (record.deed !== 'added') continue
    let planted = portions
    for (const lot of lots) {
      if (planted <= 0 || nameOf(lot.record) !== nameOf(record)) continue
      const taken = Math.min(lot.portions, planted)
      lot.portions -= taken
      planted -= taken
    }
  }
  return lots.filter(({ portions }) => portions >= LEAST_PORTIONS)
}
/** Less is rounding. */
const LEAST_PORTIONS = 0.5
const nameOf = ({ species, plantKind }: PlantsChanged): string => species ?? plantKind
