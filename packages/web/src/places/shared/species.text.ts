import {
  doubtfulWords,
  growthClassWords,
  lightClassWords,
  plantClassWords,
  plantFormWords,
  plantKindWords,
  plantPlaceWords,
  say,
  shadeWords,
  speciesWords,
  standingWords,
} from '@jovrin/contract'
import {
  FLAG_TRAITS,
  RANGE_TRAITS,
  type Datum,
  type PlantSpecies,
  type PlantTrait,
  type RangeTrait,
  type StandingRemark,
} from '@jovrin/core'
import { significant, type Units } from '../../ui/units.js'

export const joined = (parts: readonly string[]): string => (parts.length === 0 ? speciesWords.nothing : parts.join(', '))
export const lightText = ({ lightClass }: PlantSpecies): string => lightClass.map((one) => lightClassWords[one]).join('–')
export const growthText = ({ growth }: PlantSpecies): string => growth.map((one) => growthClassWords[one]).join('–')
export const carbonText = ({ carbon }: PlantSpecies): string => carbon.map((one) => plantClassWords.carbon[one]).join(', ')
export const easeText = ({ ease }: PlantSpecies): string => ease.map((one) => plantClassWords.ease[one]).join('–')
export const placesText = ({ places }: PlantSpecies): string => joined(places.map((one) => plantPlaceWords[one]))

/** A figure and its range in the reader's units: 25 cm (15–40). */
export function rangeText(trait: RangeTrait, { value, low, high }: Datum, units: Units): string {
  const { dimension } = RANGE_TRAITS[trait]
  const shown = (one: number): string => significant(units.to(dimension, one), 2)
  const unit = units.unitOf(dimension)
  return low === high ? `${shown(value)} ${unit}`.trim() : `${shown(value)} ${unit} (${shown(low)}–${shown(high)})`.replace('  ', ' ')
}

const isRange = (trait: PlantTrait): trait is RangeTrait => trait in RANGE_TRAITS
const isFlag = (trait: PlantTrait): trait is (typeof FLAG_TRAITS)[number] => FLAG_TRAITS.some((flag) => flag === trait)

/** What a plant's trait says, in words. */
export function traitText(plant: PlantSpecies, trait: PlantTrait, units: Units): string {
  if (isRange(trait)) return rangeText(trait, plant[trait], units)
  if (isFlag(trait)) return plant[trait] ? speciesWords.yes : speciesWords.no
  switch (trait) {
    case 'form':
      return plantFormWords[plant.form]
    case 'kind':
      return plantKindWords[plant.kind]
    case 'places':
      return placesText(plant)
    case 'colour':
      return speciesWords.colours(
        joined(plant.colour.weak.map((one) => shadeWords[one])),
        joined(plant.colour.strong.map((one) => shadeWords[one])),
      )
    case 'light': {
      const { min, goodLow, goodHigh } = plant.light
      return speciesWords.lightNeed(units.show('ppfd', goodHigh, 2), significant(goodLow, 2), significant(min, 2))
    }
    case 'temperatureC': {
      const { min, goodLow, goodHigh, max } = plant.temperatureC
      const shown = (one: number): string => significant(units.to('temperature', one), 2)
      return speciesWords.temperatureNeed(shown(goodLow), units.show('temperature', goodHigh, 2), shown(min), shown(max))
    }
    case 'melt':
      return speciesWords.meltOf(plantClassWords.melt[plant.melt.pot], plantClassWords.melt[plant.melt.cup])
    case 'carbon':
      return carbonText(plant)
    case 'ease':
      return easeText(plant)
    case 'soldAs':
      return joined(plant.soldAs.map((one) => plantClassWords.soldAs[one]))
    case 'sensitiveTo':
      return joined(plant.sensitiveTo.map((one) => plantClassWords.sensitiveTo[one]))
    case 'arrangement':
    case 'attaches':
    case 'dryStart':
    case 'feeding':
    case 'habit':
    case 'hardness':
    case 'legal':
    case 'margin':
    case 'outline':
    case 'redNeeds':
    case 'resprouts':
    case 'tops': {
      const words: Readonly<Record<string, string>> = plantClassWords[trait]
      return words[plant[trait]] ?? plant[trait]
    }
  }
}

export const remarkText = ({ code, values, isDoubtful }: StandingRemark, units: Units): string =>
  `${say(standingWords, code, values, units.reader)}${isDoubtful ? ` ${doubtfulWords}` : ''}`
