import { fromUnit, METRIC_UNITS, toUnit, UNIT_CHOICES, type Dimension, type UnitPreferences } from '@jovrin/core'
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react'

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
    const kept = JSON.parse(localStorage.getItem(STORE) ?? '{}') as Partial<Record<Dimension, unknown>> // checked field by field below
    const chosen: Record<string, string> = { ...METRIC_UNITS }
    for (const [dimension, units] of Object.entries(UNIT_CHOICES) as [Dimension, readonly string[]][]) {
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
  readonly unitOf: (dimension: Dimension) => string
  readonly to: (dimension: Dimension, canonical: number) => number
  readonly from: (dimension: Dimension, shown: number) => number
  /** Value and unit as one text; significant digits unless decimals are named. */
  readonly show: (dimension: Dimension, canonical: number, digits?: number) => string
}

const Context = createContext<Units | null>(null)

export function UnitsProvider({ children }: { children: ReactNode }) {
  const [preferences, setPreferences] = useState(stored)
  const units = useMemo<Units>(
    () => ({
      preferences,
      choose: (next) => {
        try {
          localStorage.setItem(STORE, JSON.stringify(next))
        } catch {
          // Without storage the choice holds until the page is closed.
        }
        setPreferences(next)
      },
      unitOf: (dimension) => preferences[dimension],
      to: (dimension, canonical) => toUnit(dimension, canonical, preferences[dimension] as never), // unit and dimension belong together
      from: (dimension, shown) => fromUnit(dimension, shown, preferences[dimension] as never),
      show: (dimension, canonical, digits = 3) =>
        `${significant(toUnit(dimension, canonical, preferences[dimension] as never), digits)} ${preferences[dimension]}`,
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

const numbers = new Map<string, Intl.NumberFormat>()
const formatter = (options: Intl.NumberFormatOptions): Intl.NumberFormat => {
  const key = JSON.stringify(options)
  let found = numbers.get(key)
  if (!found) numbers.set(key, (found = new Intl.NumberFormat(navigator.language, { useGrouping: false, ...options })))
  return found
}
/** A number by locale with so many significant digits, never in powers of ten. */
export const significant = (value: number, digits = 3): string =>
  formatter({ maximumSignificantDigits: digits }).format(Math.abs(value) < 1e-9 ? 0 : value)
export const decimals = (value: number, digits: number): string =>
  formatter({ minimumFractionDigits: digits, maximumFractionDigits: digits }).format(value)
export const percent = (share: number): string => formatter({ maximumFractionDigits: 0 }).format(share * 100)
export const shortDate = (date: string): string =>
  new Intl.DateTimeFormat(navigator.language, { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(new Date(`${date}T00:00:00Z`))
export const longDate = (date: string): string =>
  new Intl.DateTimeFormat(navigator.language, { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${date}T00:00:00Z`),
  )
