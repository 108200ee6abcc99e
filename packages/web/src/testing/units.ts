import { METRIC_UNITS } from '@jovrin/core'
import { unitsFor, US_UNITS } from '../ui/units.js'

/** Units without a provider, for tests of texts. */
export const METRIC = unitsFor(METRIC_UNITS, () => undefined, 'en-GB')
export const US = unitsFor(US_UNITS, () => undefined, 'en-US')
