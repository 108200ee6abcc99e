import { feedSheetWords, nutrientWords } from '@jovrin/contract'
import { FEED_NUTRIENTS, NUTRIENT_DIMENSION, type FeedNutrient, type NutrientAmounts, type ProductContent } from '@jovrin/core'
import { significant, type Units } from '../../../../ui/units.js'

export const showLevel = (units: Units, nutrient: FeedNutrient, mgPerL: number, digits = 2): string =>
  units.show(NUTRIENT_DIMENSION[nutrient], mgPerL, digits)

/** The nutrients of which there is anything, each with its level. */
export const levelsText = (units: Units, amounts: NutrientAmounts): string =>
  FEED_NUTRIENTS.filter((nutrient) => amounts[nutrient] > LEAST)
    .map((nutrient) => `${nutrientWords[nutrient]} ${showLevel(units, nutrient, amounts[nutrient])}`)
    .join(', ')
const LEAST = 1e-6

/** What a gram or millilitre holds, by element. */
export const contentText = ({ nutrientsMg, partnersMg }: ProductContent): string =>
  [
    ...FEED_NUTRIENTS.filter((nutrient) => nutrientsMg[nutrient] >= 1e-3).map((nutrient) =>
      feedSheetWords.ofElement(feedSheetWords.elements[nutrient], significant(nutrientsMg[nutrient], 3)),
    ),
    ...(partnersMg.copper > 0 ? [feedSheetWords.ofElement('Cu', significant(partnersMg.copper, 2))] : []),
  ].join(', ')
