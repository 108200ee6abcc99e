import { INDICATOR_COLOURS, type IndicatorColour, type Moment } from '@jovrin/core'
import type { PlainRecord } from './logging.js'

/** A colour of the indicator as a record. */
export const indicatorReading = (colour: IndicatorColour, moment: Moment | null): Extract<PlainRecord, { kind: 'reading' }> => ({
  kind: 'reading',
  quantity: 'indicator',
  value: INDICATOR_COLOURS.indexOf(colour) + 1,
  qualifier: '=',
  enteredText: colour,
  enteredUnit: '',
  basis: null,
  method: null,
  moment,
  eventId: null,
  note: null,
})
