import { METRIC_UNITS, toUnit, fromUnit } from '@jovrin/core'
import { significant, type Units } from '../ui/units.js'

/** Metric units without a provider, for tests of texts. */
export const METRIC: Units = {
  preferences: METRIC_UNITS,
  choose: () => undefined,
  unitOf: (dimension) => METRIC_UNITS[dimension],
  to: (dimension, canonical) => toUnit(dimension, canonical, METRIC_UNITS[dimension] as never),
  from: (dimension, shown) => fromUnit(dimension, shown, METRIC_UNITS[dimension] as never),
  show: (dimension, canonical, digits = 3) =>
    `${significant(toUnit(dimension, canonical, METRIC_UNITS[dimension] as never), digits)} ${METRIC_UNITS[dimension]}`,
}
