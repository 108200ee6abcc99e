import { indicatorColourWords } from '@jovrin/contract'
import { INDICATOR_COLOURS, QUANTITY, type Qualifier, type ReadingQuantity } from '@jovrin/core'
import { significant, type Units } from '../ui/units.js'

/** The unit in which this reader sees a quantity. */
export const unitShown = (quantity: ReadingQuantity, units: Units): string => units.unitOf(QUANTITY[quantity].dimension)
export const toShown = (quantity: ReadingQuantity, value: number, units: Units): number => units.to(QUANTITY[quantity].dimension, value)

/** A stored value as this reader sees it, with its qualifier and unit. */
export function valueText(quantity: ReadingQuantity, value: number, qualifier: Qualifier, units: Units): string {
  if (quantity === 'indicator') {
    const colour = INDICATOR_COLOURS[Math.round(value) - 1]
    return colour === undefined ? significant(value) : indicatorColourWords[colour]
  }
  return `${qualifier === '=' ? '' : `${qualifier} `}${units.show(QUANTITY[quantity].dimension, value, 3)}`
}
