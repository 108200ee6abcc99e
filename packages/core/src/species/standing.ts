import { MEQ_PER_DKH } from '../quantity/physicalConstants.js'
import { quantities, type Dimensions, type NumbersOf, type Quantities } from '../quantity/quantity.js'
import type { Confidence } from './datum.js'
import type { PlantSpecies } from './plantSpecies.js'
import type { PlantPlace } from './traits.js'

/** From low to high, as far as it is known. */
export interface Span {
  readonly low: number
  readonly value: number
  readonly high: number
}
/** A place in a tank as a plant meets it. */
export interface PlantSite {
  readonly place: PlantPlace
  /** On its leaves, at full planned light [µmol/m²/s]. */
  readonly light: Span
  readonly hasGas: boolean
  /** At lights-on [mg/L]. */
  readonly co2MgPerL: number
  readonly waterC: number
  /** Where the water follows the room's warmest month. */
  readonly warmestC: number
  /** Free water above what it stands on. */
  readonly headroomCm: number
  /** Alkalinity of the water [meq/L]; `null` where nobody said. */
  readonly alkalinity: Span | null
  readonly hasRootFood: boolean
  readonly hasColumnFood: boolean
  readonly hoursPerWeek: number | null
  readonly hasDiggers: boolean
}

export const STANDING_ASPECTS = [
  'light',
  'gas',
  'temperature',
  'depth',
  'water',
  'feeding',
  'upkeep',
  'animals',
  'planting',
  'legal',
] as const
export type StandingAspect = (typeof STANDING_ASPECTS)[number]
/** Verdicts from good to bad. */
export const VERDICTS = ['fits', 'marginal', 'fails'] as const
export type Verdict = (typeof VERDICTS)[number]

/** What can be said of a plant at a place, a row each. */
export const STANDING_REMARKS = {
  'light-good': { aspect: 'light', verdict: 'fits', values: { here: 'ppfd', low: 'ppfd', high: 'ppfd' } },
  'light-nearly': { aspect: 'light', verdict: 'marginal', values: { here: 'ppfd', best: 'ppfd', low: 'ppfd' } },
  'light-weak': { aspect: 'light', verdict: 'marginal', values: { here: 'ppfd', low: 'ppfd', high: 'ppfd' } },
  'light-none': { aspect: 'light', verdict: 'fails', values: { here: 'ppfd', least: 'ppfd' } },
  'light-much': { aspect: 'light', verdict: 'marginal', values: { here: 'ppfd', high: 'ppfd' } },
  'gas-not-needed': { aspect: 'gas', verdict: 'fits', values: {} },
  'gas-there': { aspect: 'gas', verdict: 'fits', values: { co2: 'concentration' } },
  'gas-helps': { aspect: 'gas', verdict: 'marginal', values: {} },
  'gas-short': { aspect: 'gas', verdict: 'marginal', values: { co2: 'concentration', least: 'concentration' } },
  'gas-missing': { aspect: 'gas', verdict: 'fails', values: {} },
  'warmth-good': { aspect: 'temperature', verdict: 'fits', values: { here: 'temperature', low: 'temperature', high: 'temperature' } },
  'too-cool': { aspect: 'temperature', verdict: 'marginal', values: { here: 'temperature', low: 'temperature', high: 'temperature' } },
  'too-warm': { aspect: 'temperature', verdict: 'marginal', values: { here: 'temperature', low: 'temperature', high: 'temperature' } },
  'far-too-cool': { aspect: 'temperature', verdict: 'fails', values: { here: 'temperature', least: 'temperature' } },
  'far-too-warm': { aspect: 'temperature', verdict: 'fails', values: { here: 'temperature', most: 'temperature' } },
  'summer-too-warm': { aspect: 'temperature', verdict: 'marginal', values: { summer: 'temperature', most: 'temperature' } },
  'height-good': { aspect: 'depth', verdict: 'fits', values: { grown: 'length', room: 'length' } },
  'reaches-surface': { aspect: 'depth', verdict: 'marginal', values: { grown: 'length', room: 'length' } },
  'too-tall': { aspect: 'depth', verdict: 'fails', values: { grown: 'length', room: 'length' } },
  'water-good': { aspect: 'water', verdict: 'fits', values: {} },
  'water-unknown': { aspect: 'water', verdict: 'fits', values: {} },
  'wants-soft': { aspect: 'water', verdict: 'marginal', values: { here: 'alkalinity', most: 'alkalinity' } },
  'wants-hard': { aspect: 'water', verdict: 'marginal', values: { here: 'alkalinity' } },
  'fed-well': { aspect: 'feeding', verdict: 'fits', values: {} },
  'roots-hungry': { aspect: 'feeding', verdict: 'marginal', values: {} },
  'leaves-hungry': { aspect: 'feeding', verdict: 'marginal', values: {} },
  'time-good': { aspect: 'upkeep', verdict: 'fits', values: { weeks: 'ratio' } },
  'trim-often': { aspect: 'upkeep', verdict: 'marginal', values: { weeks: 'ratio', hours: 'hours' } },
  'demanding-short': { aspect: 'upkeep', verdict: 'marginal', values: { hours: 'hours' } },
  'dug-up': { aspect: 'animals', verdict: 'fails', values: {} },
  'place-unusual': { aspect: 'planting', verdict: 'marginal', values: {} },
  'place-impossible': { aspect: 'planting', verdict: 'fails', values: {} },
  'never-bury': { aspect: 'planting', verdict: 'fits', values: {} },
  'listed-somewhere': { aspect: 'legal', verdict: 'fits', values: {} },
  'widely-listed': { aspect: 'legal', verdict: 'marginal', values: {} },
} as const satisfies Record<string, { readonly aspect: StandingAspect; readonly verdict: Verdict; readonly values: Dimensions }>
export type StandingCode = keyof typeof STANDING_REMARKS

export interface StandingRemark {
  readonly code: StandingCode
  readonly aspect: StandingAspect
  readonly verdict: Verdict
  /** What would fail, if the figure behind it were more than an estimate. */
  readonly isDoubtful: boolean
  readonly values: Quantities
}
export interface Standing {
  readonly verdict: Verdict
  readonly remarks: readonly StandingRemark[]
}

/** Above its good range by so much a slow plant gathers algae on its leaves. Rule of thumb 1.5–2. */
const MUCH_LIGHT = 1.7
/** Below this at lights-on a plant that needs gas is short of it [mg/L]. Rule of thumb 10–18. */
const LEAST_CO2 = 12
const SOFT_MEQ_PER_L = 3 * MEQ_PER_DKH
/** Who likes hard water is short of it below this. Rule of thumb 3–5 °dKH. */
const HARD_MEQ_PER_L = 4 * MEQ_PER_DKH
/** A trim every so many weeks is much for a small budget of hours. Rule of thumb. */
const OFTEN_WEEKS = 2.5
const FEW_HOURS = 1
/** What sends its roots so low is pulled up by animals that dig. */
const DUG_UP_FORMS = ['carpet', 'grass-runner', 'stem'] as const

/** How a plant stands at a place: each reason by name, the bad ones first. The overall verdict is the worst of them. An estimate is never told as a failure, but for what endangers the plant: temperature and burial. */
export function standingOf(plant: PlantSpecies, site: PlantSite): Standing {
  const remarks = [
    ofPlace(plant, site),
    ofLight(plant, site),
    ofGas(plant, site),
    ...ofTemperature(plant, site),
    ofDepth(plant, site),
    ofWater(plant, site),
    ofFeeding(plant, site),
    ofUpkeep(plant, site),
    site.hasDiggers && DUG_UP_FORMS.some((form) => form === plant.form) ? remark('dug-up', {}, plant.confidence) : null,
    plant.buriedRots ? remark('never-bury', {}) : null,
    plant.legal === 'none-known' ? null : remark(plant.legal, {}),
  ].filter((one) => one !== null)
  const rank = ({ verdict }: StandingRemark): number => VERDICTS.indexOf(verdict)
  return {
    verdict: remarks.reduce<Verdict>((worst, one) => (rank(one) > VERDICTS.indexOf(worst) ? one.verdict : worst), 'fits'),
    remarks: [...remarks].sort((a, b) => rank(b) - rank(a)),
  }
}

/** `confidence`: of the figure that it rests on; left out where a danger speaks at any. */
function remark<Code extends StandingCode>(
  code: Code,
  numbers: NumbersOf<(typeof STANDING_REMARKS)[Code]['values']>,
  confidence: Confidence = 'A',
): StandingRemark {
  const { aspect, verdict, values } = STANDING_REMARKS[code]
  const isDoubtful = verdict === 'fails' && confidence === 'C'
  return { code, aspect, verdict: isDoubtful ? 'marginal' : verdict, isDoubtful, values: quantities(values, told(values, numbers)) }
}

/** Light, gas, heights and weeks are known to two digits at best; temperatures are read as they are. */
const told = (dimensions: Dimensions, numbers: Readonly<Record<string, number>>): Record<string, number> =>
  Object.fromEntries(
    Object.entries(numbers).map(([name, value]) => [name, dimensions[name] === 'temperature' ? value : Number(value.toPrecision(2))]),
  )

function ofPlace({ places, attaches, form }: PlantSpecies, { place }: PlantSite): StandingRemark | null {
  if ((form === 'floater') !== (place === 'surface') && !places.includes(place)) return remark('place-impossible', {})
  if (place === 'hardscape' && attaches === 'no') return remark('place-impossible', {})
  if (place !== 'hardscape' && place !== 'surface' && attaches === 'must') return remark('place-impossible', {})
  return places.includes(place) ? null : remark('place-unusual', {})
}

function ofLight({ light: need, growth }: PlantSpecies, { light }: PlantSite): StandingRemark {
  const here = light.value
  const range = { here, low: need.goodLow, high: need.goodHigh }
  if (light.high < need.min) return remark('light-none', { here, least: need.min }, need.confidence)
  if (here < need.goodLow)
    return light.high >= need.goodLow
      ? remark('light-nearly', { here, best: light.high, low: need.goodLow })
      : remark('light-weak', range, need.confidence)
  if (here > need.goodHigh * MUCH_LIGHT && growth.includes('slow'))
    return remark('light-much', { here, high: need.goodHigh }, need.confidence)
  return remark('light-good', range, need.confidence)
}

/** Between “helps” and “needed” a plant lives without gas, but not as it should. */
function ofGas({ carbon, confidence }: PlantSpecies, { hasGas, co2MgPerL }: PlantSite): StandingRemark {
  const isNeeded = carbon.includes('needed')
  if (hasGas && isNeeded && co2MgPerL < LEAST_CO2) return remark('gas-short', { co2: co2MgPerL, least: LEAST_CO2 })
  if (hasGas && (isNeeded || carbon.includes('helps'))) return remark('gas-there', { co2: co2MgPerL })
  if (isNeeded) return carbon.includes('helps') ? remark('gas-helps', {}) : remark('gas-missing', {}, confidence)
  return carbon.includes('helps') && !carbon.includes('none') ? remark('gas-helps', {}) : remark('gas-not-needed', {})
}

function ofTemperature({ temperatureC: need }: PlantSpecies, { waterC: here, warmestC }: PlantSite): StandingRemark[] {
  const { min, goodLow: low, goodHigh: high, max } = need
  const now =
    here < min
      ? remark('far-too-cool', { here, least: min })
      : here > max
        ? remark('far-too-warm', { here, most: max })
        : here < low
          ? remark('too-cool', { here, low, high })
          : here > high
            ? remark('too-warm', { here, low, high })
            : remark('warmth-good', { here, low, high })
  return warmestC > max && here <= max ? [now, remark('summer-too-warm', { summer: warmestC, most: max })] : [now]
}

/** What only ever reaches for the surface can be cut; what stands low at its lowest, and is higher than the water, cannot be had. */
function ofDepth(
  { matureHeightCm, reachesSurface, form, resprouts }: PlantSpecies,
  { headroomCm: room, place }: PlantSite,
): StandingRemark | null {
  if (place === 'surface') return null
  const grown = matureHeightCm.value
  if (grown <= room) return remark('height-good', { grown, room })
  const canBeCut = form === 'stem' || form === 'free-stem' || resprouts === 'well'
  if (canBeCut || reachesSurface || matureHeightCm.low <= room) return remark('reaches-surface', { grown, room })
  return remark('too-tall', { grown, room }, matureHeightCm.confidence)
}

function ofWater({ hardness }: PlantSpecies, { alkalinity }: PlantSite): StandingRemark | null {
  if (hardness === 'any') return null
  if (alkalinity === null) return remark('water-unknown', {})
  if (hardness === 'soft')
    return alkalinity.low > SOFT_MEQ_PER_L
      ? remark('wants-soft', { here: alkalinity.value, most: SOFT_MEQ_PER_L })
      : remark('water-good', {})
  return alkalinity.high < HARD_MEQ_PER_L ? remark('wants-hard', { here: alkalinity.value }) : remark('water-good', {})
}

function ofFeeding({ feeding, form }: PlantSpecies, { hasRootFood, hasColumnFood, place }: PlantSite): StandingRemark {
  if (feeding === 'root' && place !== 'hardscape' && !hasRootFood) return remark('roots-hungry', {})
  if (feeding === 'column' && !hasColumnFood && form !== 'floater') return remark('leaves-hungry', {})
  return remark('fed-well', {})
}

function ofUpkeep({ trimIntervalWeeks: { value: weeks }, ease }: PlantSpecies, { hoursPerWeek }: PlantSite): StandingRemark {
  if (hoursPerWeek !== null && hoursPerWeek <= FEW_HOURS) {
    if (ease.includes('demanding')) return remark('demanding-short', { hours: hoursPerWeek })
    if (weeks < OFTEN_WEEKS) return remark('trim-often', { weeks, hours: hoursPerWeek })
  }
  return remark('time-good', { weeks })
}
