import type { CountedSpecies } from '../bedsOf.js'
import type { Offer } from './offersOf.js'

/** An offer, and where it stands. */
export interface PlacedOffer<Place> extends Offer {
  readonly place: Place
}
export interface TakeOrBuy<Place> {
  readonly wanted: CountedSpecies
  /** Soonest first, as many as are wanted. */
  readonly takes: readonly { readonly place: Place; readonly portions: number; readonly inDays: number }[]
  /** What no tank gives, in portions and in pots, bunches or cups. */
  readonly leftPortions: number
  readonly pots: number
}

/** What of a map can come from tanks that stand, and what is still to be bought. Each offer is given once: what one row takes, the next does not find. */
export function takeOrBuy<Place>(wanted: readonly CountedSpecies[], offers: readonly PlacedOffer<Place>[]): TakeOrBuy<Place>[] {
  const soonest = [...offers].sort((a, b) => a.inDays - b.inDays).map((offer) => ({ ...offer, rest: offer.portions }))
  return wanted.map((one) => {
    let leftPortions = one.portions
    const takes = soonest.flatMap((offer) => {
      if (offer.plant.id !== one.plant.id || offer.rest === 0 || leftPortions === 0) return []
      const portions = Math.min(offer.rest, leftPortions)
      offer.rest -= portions
      leftPortions -= portions
      return [{ place: offer.place, portions, inDays: offer.inDays }]
    })
    return { wanted: one, takes, leftPortions, pots: Math.ceil(leftPortions / one.perRetail) }
  })
}
