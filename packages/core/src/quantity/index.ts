export { OutOfRangeError, requireWithin } from './outOfRange.js'
export {
  canonicalFrom,
  canonicalOfUnit,
  digitsOf,
  DIMENSIONS,
  shownIn,
  toldInUnit,
  unitIn,
  unitsOfDimension,
  type Dimension,
} from './dimensions.js'
export { readNumber, type TypedNumber } from './typedNumber.js'
export { quantities, type Dimensions, type Quantities, type Quantity, type TextsOf } from './quantity.js'
export { fromUnit, METRIC_UNITS, toUnit, UNIT_CHOICES, type ChosenDimension, type UnitOf, type UnitPreferences } from './units.js'
export {
  ContradictionError,
  work,
  type FieldDescriptor,
  type WorkedFigure,
  type Working,
  type WorkingInputs,
  type WorkingRow,
} from './working.js'
export type { OpenedSum, OpenedTerm, Provenance, Word } from './sum.js'
