import type { AnimalSpecies } from '../species/animals/index.js'
import { fromUnit } from '../quantity/units.js'

/** The water of a bag or a tank, as far as it is known. */
export interface ArrivalWater {
  readonly temperatureC: number | null
  readonly hardnessMmolPerL: number | null
  readonly alkalinityMeqPerL: number | null
}
export interface Acclimatisation {
  /** Bag afloat until it is as warm as the tank. */
  readonly floatMin: number
  readonly dripMin: number
  /** Tank water that drips to the animals, for each litre that they came in. */
  readonly addedPerL: number
  /** [mL/min] for each litre that they came in. */
  readonly dripMlPerMinPerL: number
  /** What takes the time; `null` where nothing was told, or nothing differs. */
  readonly heldBy: 'hardnessMmolPerL' | 'alkalinityMeqPerL' | null
}

/** What animals may meet in an hour, and what is left when they are moved over: two degrees of hardness an hour, one left. Shrimps and snails half. General practice, 1–4. */
const PER_HOUR = { hardnessMmolPerL: fromUnit('hardness', 2, '°dGH'), alkalinityMeqPerL: fromUnit('alkalinity', 2, '°dKH') }
const LEFT_SHARE_OF_HOUR = 0.5
const DELICATE = 0.5
/** At least three parts of tank water to one of theirs, over at least so long. General practice 30–60, shrimps 60–120. */
const LEAST_PARTS = 3
const LEAST_MIN = { usual: 45, delicate: 90 }
const MOST_MIN = 240
/** Glass and film let a bag of one litre follow the tank by about a degree in four minutes. Rule of thumb 15–30 in all. */
const FLOAT_MIN = { least: 15, perKelvin: 4, most: 40 }

/** How to bring animals from their water into the tank's: afloat for the warmth, then drip by drip for the rest. The longest of the differences decides; what is unknown takes the least.
 *  With so much added, what is left of a difference Δ is Δ / (1 + parts). */
export function acclimatise(from: ArrivalWater, to: ArrivalWater, species: Pick<AnimalSpecies, 'copper' | 'gas'>): Acclimatisation {
  const isDelicate = species.copper === 'deadly' || species.gas === 'sensitive'
  const pace = isDelicate ? DELICATE : 1
  let dripMin = isDelicate ? LEAST_MIN.delicate : LEAST_MIN.usual
  let parts = LEAST_PARTS
  let heldBy: Acclimatisation['heldBy'] = null
  for (const quality of ['hardnessMmolPerL', 'alkalinityMeqPerL'] as const) {
    const [a, b] = [from[quality], to[quality]]
    if (a === null || b === null) continue
    const gap = Math.abs(b - a)
    const perHour = PER_HOUR[quality] * pace
    const minutes = Math.min(MOST_MIN, (gap / perHour) * 60)
    parts = Math.max(parts, gap / (perHour * LEFT_SHARE_OF_HOUR) - 1)
    if (minutes > dripMin) [dripMin, heldBy] = [minutes, quality]
  }
  const kelvin = from.temperatureC === null || to.temperatureC === null ? null : Math.abs(to.temperatureC - from.temperatureC)
  const floatMin = Math.min(FLOAT_MIN.most, Math.max(FLOAT_MIN.least, (kelvin ?? 0) * FLOAT_MIN.perKelvin))
  // The volume grows while it drips: an even drip meets the mean of both.
  return { floatMin, dripMin, addedPerL: parts, dripMlPerMinPerL: (parts * 1000) / dripMin, heldBy }
}
