import { INDICATOR_COLOURS, type IndicatorColour, type ReadingQuantity } from '../plan/journal.js'

/** What a test kit or instrument reports: its unit with the basis (ion or element) in it, its steps and its lowest readable value, all in that unit. */
export interface Kit {
  readonly quantity: ReadingQuantity
  readonly name: string | null
  readonly unit: string
  readonly step: number | null
  readonly lowest: number | null
  /** Civil date; a kit past it is still used, and said so. */
  readonly expiresOn: string | null
}

const kit = (quantity: ReadingQuantity, unit: string, step: number | null, lowest: number | null): Kit => ({
  quantity,
  name: null,
  unit,
  step,
  lowest,
  expiresOn: null,
})

/** What most drop kits report. Rules of thumb; each can be changed to what its leaflet says. */
export const USUAL_KITS: readonly Kit[] = [
  kit('pH', '', 0.1, null),
  kit('alkalinity', '°dKH', 0.5, 0.5),
  kit('hardness', '°dGH', 1, 1),
  kit('ammonia', 'mg NH4/L', 0.05, 0.05),
  kit('nitrite', 'mg NO2/L', 0.025, 0.025),
  kit('nitrate', 'mg NO3/L', 1, 1),
  kit('phosphate', 'mg PO4/L', 0.02, 0.02),
  kit('potassium', 'mg/L', 2, 2),
  kit('iron', 'mg/L', 0.05, 0.05),
  kit('temperature', '°C', 0.1, null),
]

/** Middle of the CO2 range that each colour of a 4 °dKH bromothymol-blue reference stands for [mg/L], and its edges. Rule of thumb from the dye's turning range, pH 6.0–7.6. */
export const CO2_OF_COLOUR: Readonly<Record<IndicatorColour, readonly [low: number, middle: number, high: number]>> = {
  blue: [0, 8, 12],
  'blue-green': [12, 17, 22],
  green: [22, 28, 36],
  'yellow-green': [36, 46, 60],
  yellow: [60, 80, 150],
}
export const colourAt = (place: number): IndicatorColour | null => INDICATOR_COLOURS[Math.round(place) - 1] ?? null
/** The colour that stands for a level [mg/L]. */
export const colourOfCo2 = (co2MgPerL: number): IndicatorColour =>
  INDICATOR_COLOURS.find((colour) => co2MgPerL <= CO2_OF_COLOUR[colour][2]) ?? 'yellow'
