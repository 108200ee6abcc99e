/** Dimensions that a reader can choose a unit for. The first unit of each is the stored, canonical one. */
export const UNIT_CHOICES = {
  length: ['cm', 'in'],
  volume: ['L', 'US gal', 'imp gal'],
  temperature: ['°C', '°F'],
  alkalinity: ['meq/L', '°dKH', 'mg/L CaCO3'],
  hardness: ['mmol/L', '°dGH', 'mg/L CaCO3'],
  nitrate: ['mg N/L', 'mg NO3/L'],
  nitrite: ['mg N/L', 'mg NO2/L'],
  ammonia: ['mg N/L', 'mg NH4/L', 'mg NH3/L'],
  phosphate: ['mg P/L', 'mg PO4/L'],
  silica: ['mg Si/L', 'mg SiO2/L'],
  mass: ['kg', 'lb'],
  portion: ['g', 'oz'],
} as const
export type ChosenDimension = keyof typeof UNIT_CHOICES
export type UnitOf<D extends ChosenDimension> = (typeof UNIT_CHOICES)[D][number]
export type UnitPreferences = { readonly [D in ChosenDimension]: UnitOf<D> }

export const METRIC_UNITS: UnitPreferences = {
  length: 'cm',
  volume: 'L',
  temperature: '°C',
  alkalinity: '°dKH',
  hardness: '°dGH',
  nitrate: 'mg NO3/L',
  nitrite: 'mg NO2/L',
  ammonia: 'mg N/L',
  phosphate: 'mg PO4/L',
  silica: 'mg SiO2/L',
  mass: 'kg',
  portion: 'g',
}

/** shown = canonical · factor + offset. Gallons and inches are exact by definition; hardness as in `MEQ_PER_DKH`; ions by molar mass. */
const SCALE: { readonly [D in ChosenDimension]: Readonly<Record<UnitOf<D>, readonly [factor: number, offset: number]>> } = {
  length: { cm: [1, 0], in: [1 / 2.54, 0] },
  volume: { L: [1, 0], 'US gal': [1 / 3.785411784, 0], 'imp gal': [1 / 4.54609, 0] },
  temperature: { '°C': [1, 0], '°F': [1.8, 32] },
  alkalinity: { 'meq/L': [1, 0], '°dKH': [56.077 / 20, 0], 'mg/L CaCO3': [100.086 / 2, 0] },
  hardness: { 'mmol/L': [1, 0], '°dGH': [56.077 / 10, 0], 'mg/L CaCO3': [100.086, 0] },
  nitrate: { 'mg N/L': [1, 0], 'mg NO3/L': [62.004 / 14.007, 0] },
  nitrite: { 'mg N/L': [1, 0], 'mg NO2/L': [46.005 / 14.007, 0] },
  ammonia: { 'mg N/L': [1, 0], 'mg NH4/L': [18.039 / 14.007, 0], 'mg NH3/L': [17.031 / 14.007, 0] },
  phosphate: { 'mg P/L': [1, 0], 'mg PO4/L': [94.969761998 / 30.973761998, 0] },
  silica: { 'mg Si/L': [1, 0], 'mg SiO2/L': [60.083 / 28.085, 0] },
  mass: { kg: [1, 0], lb: [1 / 0.45359237, 0] },
  portion: { g: [1, 0], oz: [1 / 28.349523125, 0] },
}

const scaleOf = <D extends ChosenDimension>(dimension: D, unit: UnitOf<D>): readonly [number, number] => SCALE[dimension][unit]

/** The canonical value of `dimension` in the unit that the user chose. */
export function toUnit<D extends ChosenDimension>(dimension: D, canonical: number, unit: UnitOf<D>): number {
  const [factor, offset] = scaleOf(dimension, unit)
  return canonical * factor + offset
}

/** The inverse of `toUnit`. */
export function fromUnit<D extends ChosenDimension>(dimension: D, shown: number, unit: UnitOf<D>): number {
  const [factor, offset] = scaleOf(dimension, unit)
  return (shown - offset) / factor
}
