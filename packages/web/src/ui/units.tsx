import { decimalsIn, inUnits, moneyIn, significantIn, tell, type Reader, unitTold } from '@jovrin/contract'
import {
  canonicalFrom,
  civilDate,
  METRIC_UNITS,
  shownIn,
  UNIT_CHOICES,
  unitIn,
  type ChosenDimension,
  type Dimension,
  type Quantity,
  type UnitPreferences,
} from '@jovrin/core'
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react'
import { locale } from './locale.js'

const STORE = 'jovrin.units'
export const US_UNITS: UnitPreferences = {
  length: 'in',
  volume: 'US gal',
  temperature: '°F',
  alkalinity: '°dKH',
  hardness: '°dGH',
  nitrate: 'mg NO3/L',
  nitrite: 'mg NO2/L',
  ammonia: 'mg N/L',
  phosphate: 'mg PO4/L',
  silica: 'mg SiO2/L',
  mass: 'lb',
  portion: 'oz',
}

function stored(): UnitPreferences {
  try {
    const kept = JSON.parse(localStorage.getItem(STORE) ?? '{}') as Partial<Record<ChosenDimension, unknown>> // checked field by field below
    const chosen: Record<string, string> = { ...METRIC_UNITS }
    for (const [dimension, units] of Object.entries(UNIT_CHOICES) as [ChosenDimension, readonly string[]][]) {
      const unit = kept[dimension]
      if (typeof unit === 'string' && units.includes(unit)) chosen[dimension] = unit
    }
    return chosen as unknown as UnitPreferences // one listed unit a dimension
  } catch {
    return METRIC_UNITS // storage may be off or hold something else
  }
}

export interface Units {
  readonly preferences: UnitPreferences
  readonly choose: (preferences: UnitPreferences) => void
  /** For whom sentences of the catalogue are said. */
  readonly reader: Reader
  readonly unitOf: (dimension: Dimension) => string
  readonly to: (dimension: Dimension, canonical: number) => number
  readonly from: (dimension: Dimension, shown: number) => number
  /** Value and unit as one text. */
  readonly show: (dimension: Dimension, canonical: number, digits?: number) => string
  readonly tell: (quantity: Quantity, digits?: number) => string
  /** A text with the measures that it names by itself. */
  readonly words: (text: string) => string
}

/** Everything that follows from a reader's choice. */
export function unitsFor(preferences: UnitPreferences, choose: Units['choose'], told: string = locale()): Units {
  const reader = { units: preferences, locale: told }
  return {
    preferences,
    choose,
    reader,
    unitOf: (dimension) => unitTold(unitIn(dimension, preferences)),
    to: (dimension, canonical) => shownIn(dimension, canonical, preferences),
    from: (dimension, shown) => canonicalFrom(dimension, shown, preferences),
    show: (dimension, value, digits) => tell({ value, dimension }, reader, digits),
    tell: (quantity, digits) => tell(quantity, reader, digits),
    words: (text) => inUnits(text, reader),
  }
}

const Context = createContext<Units | null>(null)

export function UnitsProvider({ children }: { children: ReactNode }) {
  const [preferences, setPreferences] = useState(stored)
  const units = useMemo(
    () =>
      unitsFor(preferences, (next) => {
        try {
          localStorage.setItem(STORE, JSON.stringify(next))
        } catch {
          // Without storage the choice holds until the page is closed.
        }
        setPreferences(next)
      }),
    [preferences],
  )
  return <Context value={units}>{children}</Context>
}

export function useUnits(): Units {
  const units = useContext(Context)
  if (units === null) throw new Error('UnitsProvider is missing')
  return units
}

/** Digits that a figure deserves by its band: two where it is off by a sixth to either side and more, three where by a hundredth. */
export function digitsInBand(value: number, low: number | null, high: number | null): number {
  if (low === null || high === null || value === 0) return 4
  const width = Math.abs((high - low) / value)
  return width > 0.3 ? 2 : width > 0.02 ? 3 : 4
}

/** A number by locale with so many significant digits, never in powers of ten. */
export const significant = (value: number, digits = 3): string => significantIn(locale(), value, digits)
export const decimals = (value: number, digits: number): string => decimalsIn(locale(), value, digits)
export const percent = (share: number): string => decimals(share * 100, 0)
export const money = (amount: number, currency: string, digits?: number): string => moneyIn(locale(), amount, currency, digits)
export const shortDate = (date: string): string =>
  new Intl.DateTimeFormat(locale(), { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(new Date(`${date}T00:00:00Z`))
/** The day of an instant by a tank's clock. */
export const dayOf = (at: string, timeZone: string): string => civilDate(new Date(at), timeZone)
export const longDate = (date: string): string =>
  new Intl.DateTimeFormat(locale(), { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${date}T00:00:00Z`),
  )
