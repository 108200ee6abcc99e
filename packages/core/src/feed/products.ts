import { commonAnswers } from '../plan/answers.js'
import type { FeedProduct, LabelSpecies } from '../plan/planFeed.js'
import { molarMass } from '../salts/chemicalFormula.js'
import { FEED_NUTRIENTS, nutrientsBy, type FeedNutrient, type NutrientAmounts } from './nutrients.js'
import { saltFraction, type SaltId, type SaltSpecies } from '../salts/salts.js'

export const FEED_PARTNERS = ['sodium', 'chloride', 'sulfate', 'copper'] as const
/** What comes along and feeds nobody in such amounts. */
export type FeedPartner = (typeof FEED_PARTNERS)[number]
export type PartnerAmounts = Readonly<Record<FeedPartner, number>>

/** What one unit of a product holds [mg]. */
export interface ProductContent {
  readonly unit: 'g' | 'mL'
  readonly nutrientsMg: NutrientAmounts
  readonly partnersMg: PartnerAmounts
  /** Nitrogen of which the label does not say whether it is nitrate; it is counted as nitrate. */
  readonly hasUntoldNitrogen: boolean
}

const PARTNER_SPECIES: Readonly<Record<FeedPartner, SaltSpecies>> = { sodium: 'Na', chloride: 'Cl', sulfate: 'SO4', copper: 'Cu' }
const NUTRIENT_SPECIES: Readonly<Record<Exclude<FeedNutrient, 'ammoniumN'>, SaltSpecies>> = {
  nitrateN: 'N_NO3',
  phosphateP: 'P',
  potassium: 'K',
  calcium: 'Ca',
  magnesium: 'Mg',
  iron: 'Fe',
}

/** One gram of a salt. All nitrogen that is not nitrate is ammonium or urea. */
function saltContent(salt: SaltId): Omit<ProductContent, 'unit' | 'hasUntoldNitrogen'> {
  const mg = (species: SaltSpecies): number => 1000 * (saltFraction(salt, species) ?? 0)
  return {
    nutrientsMg: nutrientsBy((nutrient) => (nutrient === 'ammoniumN' ? mg('N') - mg('N_NO3') : mg(NUTRIENT_SPECIES[nutrient]))),
    partnersMg: partnersBy((partner) => mg(PARTNER_SPECIES[partner])),
  }
}
const partnersBy = (amountOf: (partner: FeedPartner) => number): PartnerAmounts =>
  Object.fromEntries(FEED_PARTNERS.map((partner) => [partner, amountOf(partner)])) as unknown as PartnerAmounts // one entry a partner

/** What a label counts, as the element that it holds. */
const LABELLED: Readonly<Record<LabelSpecies, readonly [of: FeedNutrient | 'copper', element: string, written: string]>> = {
  NO3: ['nitrateN', 'N', 'NO3'],
  N_nitrate: ['nitrateN', 'N', 'N'],
  N: ['nitrateN', 'N', 'N'],
  NH4: ['ammoniumN', 'N', 'NH4'],
  N_ammonium: ['ammoniumN', 'N', 'N'],
  N_urea: ['ammoniumN', 'N', 'N'],
  PO4: ['phosphateP', 'P', 'PO4'],
  P: ['phosphateP', 'P', 'P'],
  P2O5: ['phosphateP', 'P2', 'P2O5'],
  K: ['potassium', 'K', 'K'],
  K2O: ['potassium', 'K2', 'K2O'],
  Ca: ['calcium', 'Ca', 'Ca'],
  CaO: ['calcium', 'Ca', 'CaO'],
  Mg: ['magnesium', 'Mg', 'Mg'],
  MgO: ['magnesium', 'Mg', 'MgO'],
  Fe: ['iron', 'Fe', 'Fe'],
  Cu: ['copper', 'Cu', 'Cu'],
}

/** What a unit of a product holds: a gram of a salt, a millilitre of a bottle; `null` while the product does not say enough. */
export function contentOf(product: FeedProduct): ProductContent | null {
  const answers = commonAnswers()
  switch (product.form) {
    case 'salt':
      return product.salt === null ? null : { unit: 'g', ...saltContent(product.salt), hasUntoldNitrogen: false }
    case 'stock': {
      const weighed = product.mix.filter(({ grams }) => grams > 0)
      if (weighed.length === 0) return null
      const bottleMl = answers.number('feed/cupboard/*/bottleMl', product.bottleMl)
      const contents = weighed.map(({ salt, grams }) => ({ grams, ...saltContent(salt) }))
      return {
        unit: 'mL',
        nutrientsMg: nutrientsBy(
          (nutrient) => contents.reduce((sum, { grams, nutrientsMg }) => sum + grams * nutrientsMg[nutrient], 0) / bottleMl,
        ),
        partnersMg: partnersBy(
          (partner) => contents.reduce((sum, { grams, partnersMg }) => sum + grams * partnersMg[partner], 0) / bottleMl,
        ),
        hasUntoldNitrogen: false,
      }
    }
    case 'bottle': {
      const perUnit = mgPerMlOfLabel(product)
      const lines = product.label.filter(({ value }) => value > 0)
      if (perUnit === null || lines.length === 0) return null
      const held = (of: FeedNutrient | 'copper'): number =>
        lines.reduce((sum, { species, value }) => {
          const [counted, element, written] = LABELLED[species]
          return counted === of ? sum + (value * perUnit * molarMass(element)) / molarMass(written) : sum
        }, 0)
      return {
        unit: 'mL',
        nutrientsMg: nutrientsBy(held),
        partnersMg: partnersBy((partner) => (partner === 'copper' ? held('copper') : 0)),
        hasUntoldNitrogen: lines.some(({ species }) => species === 'N'),
      }
    }
  }
}

/** mg in a millilitre for one of the label's unit; `null` while it cannot be told. Percent is by mass: its density is asked, 1.0–1.3 g/mL for common solutions. */
function mgPerMlOfLabel({ labelUnit, densityGPerMl, raiseMl, raiseL }: FeedProduct): number | null {
  switch (labelUnit) {
    case 'percent':
      return 10 * commonAnswers().number('feed/cupboard/*/densityGPerMl', densityGPerMl)
    case 'mg-per-ml':
      return 1
    case 'raises':
      return raiseMl === null || raiseL === null ? null : raiseL / raiseMl
    case null:
      return null
  }
}

/** Fed with the traces: iron, and neither nitrogen nor phosphorus. */
export const isTrace = ({ nutrientsMg }: ProductContent): boolean =>
  nutrientsMg.iron > 0 && nutrientsMg.nitrateN + nutrientsMg.ammoniumN + nutrientsMg.phosphateP === 0

/** Thinner than this is water [mg in a gram or millilitre]. */
const LEAST_MG = 1e-3
export const bringsAnything = ({ nutrientsMg }: ProductContent): boolean =>
  FEED_NUTRIENTS.some((nutrient) => nutrientsMg[nutrient] >= LEAST_MG)
