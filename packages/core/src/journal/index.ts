export { bareUnit, guessColumn, readingColumn } from './guessColumn.js'
export { lightPutOffOf } from './lightPutOff.js'
export { deedsOf } from './deedsOf.js'
export { canonicalOf, enteredValue, readTyped, unitsOf, type EntryFault } from './entry.js'
export {
  hindcastBand,
  hindcastMember,
  isModelled,
  MODELLED_QUANTITIES,
  type HindcastBand,
  type HindcastOptions,
  type MemberHindcast,
  type ModelledQuantity,
} from './hindcast.js'
export {
  DATE_ORDERS,
  DECIMAL_MARKS,
  guarded,
  lineEndsIn,
  PLAIN_USES,
  readRow,
  unguarded,
  type ColumnUse,
  type ImportedReading,
  type RefusedRow,
  type RowFault,
  type RowMapping,
} from './importRows.js'
export { CO2_OF_COLOUR, colourOfCo2, USUAL_KITS, type Kit } from './kits.js'
export { QUANTITY, type QuantityFacts } from './quantities.js'
export { uptakeEvents } from './uptakeEvents.js'
