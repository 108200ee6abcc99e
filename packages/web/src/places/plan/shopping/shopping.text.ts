import {
  groundKindWords,
  materialWords,
  plantingWords,
  plantKindWords,
  readingQuantityWords,
  saltWords,
  shoppingLineWords,
  sundryWords,
  say,
} from '@jovrin/contract'
import type { ShoppingItem } from '@jovrin/core'
import type { Units } from '../../../ui/units.js'

/** What a line is called, in the reader's units. */
export const itemName = (item: ShoppingItem, units: Units): string =>
  say(shoppingLineWords, item.line, item.values, units.reader, { name: item.name === '' ? kindName(item) : item.name })

/** Of a kind of plants which, one after another; '' where no map says so. */
export const plantsOfItem = ({ plants }: ShoppingItem): string =>
  // Names of forms have commas in them.
  plants.map(({ plant, retail, pots }) => `${plantingWords.retail(pots, retail)} ${plant.name}`).join('; ')

/** A ground, a material, a plant kind or a sundry by the catalogue; '' of lines that need no other name. */
function kindName({ line, detail }: ShoppingItem): string {
  const names: Readonly<Record<string, string>> =
    line === 'ground'
      ? groundKindWords
      : line === 'hardscape'
        ? materialWords
        : line === 'plants'
          ? plantKindWords
          : line === 'sundry'
            ? sundryWords
            : line === 'salt'
              ? saltWords
              : line === 'test'
                ? readingQuantityWords
                : {}
  return capital(names[detail] ?? '')
}
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
