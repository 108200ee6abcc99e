import type { PlantSpecies } from '../species/plantSpecies.js'
import { standingOf, VERDICTS, type PlantSite } from '../species/standing.js'
import { EASES, type LegalStanding, type PlantPlace } from '../species/traits.js'

/** Plants that some law lists are passed over for others. */
const LEGAL_RANK: Readonly<Record<LegalStanding, number>> = { 'none-known': 0, 'listed-somewhere': 5, 'widely-listed': 50 }

/** Casts plants for the groups of a layout: of those that may play a part, the one that stands best, and each once before any twice. */
export class Cast {
  readonly #byId: ReadonlyMap<string, PlantSpecies>
  readonly #siteOf: (place: PlantPlace) => PlantSite
  readonly #times = new Map<PlantSpecies, number>()

  constructor(all: readonly PlantSpecies[], siteOf: (place: PlantPlace) => PlantSite) {
    this.#byId = new Map(all.map((plant) => [plant.id, plant]))
    this.#siteOf = siteOf
  }

  /** `undefined` where the library knows none of them. Of plants alike, the earlier in the list. */
  next(ids: readonly string[], place: PlantPlace): PlantSpecies | undefined {
    const site = this.#siteOf(place)
    const rank = (plant: PlantSpecies): number =>
      VERDICTS.indexOf(standingOf(plant, site).verdict) * 20 +
      (this.#times.get(plant) ?? 0) * 12 +
      LEGAL_RANK[plant.legal] +
      EASES.indexOf(plant.ease[0] ?? 'demanding')
    const [best] = ids.flatMap((id) => this.#byId.get(id) ?? []).sort((a, b) => rank(a) - rank(b))
    if (best !== undefined) this.#times.set(best, (this.#times.get(best) ?? 0) + 1)
    return best
  }

  /** Each once, in the order in which they were taken. */
  get taken(): PlantSpecies[] {
    return [...this.#times.keys()]
  }
}
