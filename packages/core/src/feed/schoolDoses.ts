import type { FeedingSchool, FeedShare } from '../plan/plan.js'
import { saltFraction, type SaltId, type SaltSpecies } from './salts.js'
import { SCHOOL } from './schools.js'
import { bottleMl } from './stock.js'

export interface SaltDose {
  readonly salt: SaltId
  readonly grams: number
}

const gramsFor = (salt: SaltId, species: SaltSpecies, mgPerL: number, litres: number): number => {
  const fraction = saltFraction(salt, species)
  if (fraction === null) throw new RangeError(`${salt} holds no ${species}`)
  return (mgPerL * litres) / 1000 / fraction
}

/** One day's dry salts of a school for so much water, or of its share in a young tank; empty where the school doses nothing or by measurement only.
 *  Nitrate and phosphate come with potassium; only what is still missing is dosed as sulfate. */
export function dailySalts(school: FeedingSchool, waterL: number, share: FeedShare = { nitrogenPhosphorus: 1, rest: 1 }): SaltDose[] {
  const { kind, amounts } = SCHOOL[school]
  if (kind !== 'weekly') return []
  const ofRest = (mgPerLPerWeek: number): number => (share.rest * mgPerLPerWeek) / 7
  const ofNp = (mgPerLPerWeek: number): number => (share.nitrogenPhosphorus * mgPerLPerWeek) / 7
  const nitrateG = gramsFor('potassium-nitrate', 'NO3', ofNp(amounts.nitrate), waterL)
  const phosphateG = gramsFor('monopotassium-phosphate', 'PO4', ofNp(amounts.phosphate), waterL)
  const broughtK =
    (nitrateG * (saltFraction('potassium-nitrate', 'K') ?? 0) + phosphateG * (saltFraction('monopotassium-phosphate', 'K') ?? 0)) *
    (1000 / waterL)
  const doses: SaltDose[] = [
    { salt: 'potassium-nitrate', grams: nitrateG },
    { salt: 'monopotassium-phosphate', grams: phosphateG },
    { salt: 'potassium-sulfate', grams: gramsFor('potassium-sulfate', 'K', Math.max(0, ofRest(amounts.potassium) - broughtK), waterL) },
    { salt: 'magnesium-sulfate-heptahydrate', grams: gramsFor('magnesium-sulfate-heptahydrate', 'Mg', ofRest(amounts.magnesium), waterL) },
    { salt: 'iron-dtpa-disodium', grams: gramsFor('iron-dtpa-disodium', 'Fe', ofRest(amounts.iron), waterL) },
  ]
  return doses.filter(({ grams }) => grams > 0)
}

/** Millilitres of the bottle on one day; `null` where the school has none. */
export const dailyBottleMl = (
  school: FeedingSchool,
  waterL: number,
  share: FeedShare = { nitrogenPhosphorus: 1, rest: 1 },
): number | null =>
  school === 'all-in-one' ? bottleMl((Math.min(share.nitrogenPhosphorus, share.rest) * SCHOOL[school].amounts.nitrate) / 7, waterL) : null
