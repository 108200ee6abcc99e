import { en } from '@jovrin/contract'
import { INDICATOR_COLOURS, QUANTITY, type Qualifier, type ReadingQuantity } from '@jovrin/core'
import { significant, type Units } from '../ui/units.js'

/** The unit in which this reader sees a quantity. */
export const unitShown = (quantity: ReadingQuantity, units: Units): string => {
  const { dimension, unit } = QUANTITY[quantity]
  return dimension === null ? unit : units.unitOf(dimension)
}
export const toShown = (quantity: ReadingQuantity, value: number, units: Units): number => {
  const { dimension, scale = 1 } = QUANTITY[quantity]
  return dimension === null ? value * scale : units.to(dimension, value)
}
/** A stored value as this reader sees it, with its qualifier and unit. */
export function valueText(quantity: ReadingQuantity, value: number, qualifier: Qualifier, units: Units): string {
  if (quantity === 'indicator') return en.indicator[INDICATOR_COLOURS[Math.round(value) - 1] ?? ''] ?? significant(value)
  const unit = unitShown(quantity, units)
  return `${qualifier === '=' ? '' : `${qualifier} `}${significant(toShown(quantity, value, units), 3)}${unit === '' ? '' : ` ${unit}`}`
}
