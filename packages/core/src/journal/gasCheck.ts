import { commonAnswers } from '../plan/answers.js'
import type { Moment, Reading } from '../plan/journal.js'
import { MOMENTS } from '../plan/journal.js'
import { OutOfRangeError } from '../quantity/outOfRange.js'
import { ContradictionError, work, type WorkedFigure } from '../quantity/working.js'
import { dkhOfAlkalinity } from '../water/carbonate.js'
import { co2FromPhWorking } from '../water/water.workings.js'
import { CO2_OF_COLOUR, colourAt } from './kits.js'

/** Limits with animals, judged at the peak on a range [mg/L]. General practice; sensitive shrimp and fish want 15–25. */
const MUCH = 30
const TOO_MUCH = 40
/** Wanted at lights-on [mg/L]. */
const ENOUGH = 20

export type GasVerdict = 'no-reading' | 'short' | 'enough' | 'much' | 'alarm'
export interface MomentCo2 {
  readonly moment: Moment
  readonly pH: Reading
  readonly co2: WorkedFigure
}
export interface GasCheck {
  readonly moments: readonly MomentCo2[]
  readonly alkalinity: Reading | null
  readonly temperature: Reading | null
  /** The newest indicator colour's range [mg/L]; it shows the past hour or three. */
  readonly indicator: { readonly reading: Reading; readonly range: readonly [number, number, number] } | null
  readonly verdict: GasVerdict
}

/** CO2 at each moment of the gas day from the newest readings, and what it means. */
export function gasCheck(readings: readonly Reading[], hasAnimals: boolean): GasCheck {
  const newest = (quantity: Reading['quantity'], moment?: Moment): Reading | null =>
    readings
      .filter((reading) => reading.quantity === quantity && (moment === undefined || reading.moment === moment))
      .reduce<Reading | null>((last, next) => (last === null || next.at > last.at ? next : last), null)
  const usualC = commonAnswers().number('temperatureC', null)
  const alkalinity = newest('alkalinity')
  const temperature = newest('temperature')
  const moments = MOMENTS.flatMap((moment): MomentCo2[] => {
    const pH = newest('pH', moment)
    if (pH === null || alkalinity === null) return []
    const co2 = co2Of(pH.value, alkalinity.value, temperature?.value ?? usualC)
    return co2 === null ? [] : [{ moment, pH, co2 }]
  })
  const colour = newest('indicator')
  const name = colour === null ? null : colourAt(colour.value)
  const indicator = colour === null || name === null ? null : { reading: colour, range: CO2_OF_COLOUR[name] }
  return { moments, alkalinity, temperature, indicator, verdict: verdictOf(moments, indicator, hasAnimals) }
}

function co2Of(pH: number, alkalinityMeqPerL: number, temperatureC: number): WorkedFigure | null {
  try {
    return work(co2FromPhWorking, { pH, khDkh: dkhOfAlkalinity(alkalinityMeqPerL), temperatureC: Math.min(50, temperatureC) }).figure
  } catch (error) {
    // Readings that contradict each other, or lie outside the formula, give no CO2; anything else is a fault of ours.
    if (error instanceof OutOfRangeError || error instanceof ContradictionError) return null
    throw error
  }
}

function verdictOf(moments: readonly MomentCo2[], indicator: GasCheck['indicator'], hasAnimals: boolean): GasVerdict {
  const peak = moments.find(({ moment }) => moment === 'gas-off')?.co2 ?? null
  const start = moments.find(({ moment }) => moment === 'lights-on')?.co2 ?? null
  const judged = peak ?? start ?? (indicator ? { low: indicator.range[0], value: indicator.range[1], high: indicator.range[2] } : null)
  if (judged === null) return 'no-reading'
  const low = judged.low ?? judged.value
  const high = judged.high ?? judged.value
  if (hasAnimals && (low > MUCH || judged.value > TOO_MUCH)) return 'alarm'
  if (hasAnimals && (high > TOO_MUCH || judged.value > MUCH)) return 'much'
  return (start ?? judged).value < ENOUGH ? 'short' : 'enough'
}
