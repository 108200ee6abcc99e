import { enGroundKind, enMaterial, enPlantKind, enReadingQuantity, enSalt, enShoppingLine, enSundry, say } from '@jovrin/contract'
import type { ShoppingItem } from '@jovrin/core'
import type { Units } from '../../../ui/units.js'

/** What a line is called, in the reader's units. */
export const itemName = (item: ShoppingItem, units: Units): string =>
  say(enShoppingLine, item.line, item.values, units.reader, { name: item.name === '' ? kindName(item) : item.name })

/** A ground, a material, a plant kind or a sundry by the catalogue; '' of lines that need no other name. */
function kindName({ line, detail }: ShoppingItem): string {
  const names: Readonly<Record<string, string>> =
    line === 'ground'
      ? enGroundKind
      : line === 'hardscape'
        ? enMaterial
        : line === 'plants'
          ? enPlantKind
          : line === 'sundry'
            ? enSundry
            : line === 'salt'
              ? enSalt
              : line === 'test'
                ? enReadingQuantity
                : {}
  return capital(names[detail] ?? '')
}
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
