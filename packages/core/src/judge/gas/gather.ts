import type { JournalRecord, Moment, Reading } from '../../plan/journal.js'
import { INDICATOR_COLOURS } from '../../plan/journal.js'
import { instantMs, timeOfDayMin, wallClock } from '../../plan/clock.js'
import { NUMBER_FIELDS } from '../../plan/fields.js'
import { CO2_OF_COLOUR, colourAt } from '../../journal/kits.js'
import { dkhOfAlkalinity } from '../../water/carbonate.js'
import { ionicStrengthOf } from '../../water/ionicStrength.js'
import { co2FromPhWorking } from '../../water/water.workings.js'
import type { GasDoubt, GasEvidence, GasMoment } from './evidence.js'
import type { GasFacts } from './facts.js'
import { dropRange, ranged } from './compareWays.js'

const HOUR_MS = 3_600_000
const DAY_MS = 24 * HOUR_MS
/** How long a reading says something, and how long it is fresh. Rules of thumb. */
export const EVIDENCE_AGES = {
  pH: { freshMs: 3 * DAY_MS, lastMs: 10 * DAY_MS },
  alkalinity: { freshMs: 14 * DAY_MS, lastMs: 45 * DAY_MS },
  degassed: { freshMs: 14 * DAY_MS, lastMs: 45 * DAY_MS },
  hardness: { freshMs: 45 * DAY_MS, lastMs: 90 * DAY_MS },
  temperature: { freshMs: 7 * DAY_MS, lastMs: 14 * DAY_MS },
  indicator: { freshMs: 30 * HOUR_MS, lastMs: 3 * DAY_MS },
} as const
/** The oldest record that can say anything. */
export const GAS_EVIDENCE_MS = Math.max(...Object.values(EVIDENCE_AGES).map(({ lastMs }) => lastMs))
/** Clocks of two devices differ by a little; what is dated later has not happened. */
const CLOCK_SLACK_MS = 10 * 60_000
/** New soil takes alkalinity day by day. */
const SOIL_APART_MS = 2 * DAY_MS
export const DISTRUSTED_DKH = 2
/** A peak that comes so much later is another day's. */
const LATER_DAY_MS = 12 * HOUR_MS

const MOMENT_OF: Readonly<Record<Exclude<Moment, 'degassed'>, GasMoment>> = {
  'gas-on': 'before-gas',
  'lights-on': 'lights-on',
  'gas-off': 'peak',
}

/** Everything in the journal that tells of CO2 and is not too old, newest first. What is dated in the future is left out. */
export function gatherEvidence(records: readonly JournalRecord[], facts: GasFacts, nowMs: number): GasEvidence[] {
  const dated = records
    .map((record) => ({ record, ageMs: nowMs - instantMs(record.at) }))
    .filter(({ ageMs }) => ageMs >= -CLOCK_SLACK_MS)
    .sort((a, b) => a.ageMs - b.ageMs)
  const readings = dated.flatMap(({ record, ageMs }) => (record.kind === 'reading' ? [{ reading: record, ageMs }] : []))
  const newest = (quantity: Reading['quantity'], lastMs: number, isDegassed = false): Reading | null =>
    readings.find(
      ({ reading, ageMs }) => reading.quantity === quantity && ageMs <= lastMs && (reading.moment === 'degassed') === isDegassed,
    )?.reading ?? null
  const alkalinity = newest('alkalinity', EVIDENCE_AGES.alkalinity.lastMs)
  const hardness = newest('hardness', EVIDENCE_AGES.hardness.lastMs)
  const temperature = newest('temperature', EVIDENCE_AGES.temperature.lastMs)
  const degassed = newest('pH', EVIDENCE_AGES.degassed.lastMs, true)
  const water: Water = {
    temperature,
    temperatureC: Math.min(40, Math.max(0, temperature?.value ?? facts.temperatureC)),
    alkalinity,
    hardness,
    hardnessMmolPerL: hardness?.value ?? facts.hardnessMmolPerL ?? 0,
    degassed,
  }
  const found: GasEvidence[] = []
  const isTold = new Set<string>()
  /** Of one source and moment the newest counts. A level of no known moment counts until the peak of a later day is known. */
  const keep = (evidence: GasEvidence | null): void => {
    if (evidence === null) return
    const { source, moment, at } = evidence
    const key = `${source} ${moment}`
    const isPassed =
      moment === 'some-time' &&
      found.some(
        (piece) => piece.source === source && piece.moment === 'peak' && instantMs(piece.at ?? '') - instantMs(at ?? '') > LATER_DAY_MS,
      )
    if (isTold.has(key) || isPassed) return
    isTold.add(key)
    found.push(evidence)
  }
  for (const { record, ageMs } of dated) {
    const common = (fresh: number): GasDoubt[] => [
      ...(ageMs > fresh ? (['old'] as const) : []),
      ...(facts.changedOn !== null && wallClock(record.at, facts.timeZone).date < facts.changedOn ? (['before-change'] as const) : []),
    ]
    if (record.kind === 'glance' && record.indicator !== null && ageMs <= EVIDENCE_AGES.indicator.lastMs)
      keep(
        ofColour(
          INDICATOR_COLOURS.indexOf(record.indicator) + 1,
          record.at,
          momentOf(null, record.at, facts),
          common(EVIDENCE_AGES.indicator.freshMs),
          [],
        ),
      )
    if (record.kind !== 'reading') continue
    const moment = momentOf(record.moment, record.at, facts)
    if (record.quantity === 'indicator' && ageMs <= EVIDENCE_AGES.indicator.lastMs)
      keep(ofColour(record.value, record.at, moment, common(EVIDENCE_AGES.indicator.freshMs), [record]))
    if (record.quantity !== 'pH' || record.moment === 'degassed' || ageMs > EVIDENCE_AGES.pH.lastMs) continue
    keep(ofPh(record, moment, common(EVIDENCE_AGES.pH.freshMs), water, facts))
    keep(ofDrop(record, moment, common(EVIDENCE_AGES.pH.freshMs), water, facts))
  }
  return found
}

interface Water {
  readonly temperature: Reading | null
  readonly temperatureC: number
  readonly alkalinity: Reading | null
  readonly hardness: Reading | null
  readonly hardnessMmolPerL: number
  readonly degassed: Reading | null
}

function ofColour(place: number, at: string, moment: GasMoment, doubts: readonly GasDoubt[], from: readonly Reading[]): GasEvidence | null {
  const colour = colourAt(place)
  if (colour === null) return null
  const [low, value, high] = CO2_OF_COLOUR[colour]
  // It shows the past hour or three: at gas-off that is the peak, at any other time less than there is.
  return {
    source: 'indicator',
    moment,
    at,
    co2: { low, value, high },
    doubts: moment === 'peak' ? doubts : [...doubts, 'lags'],
    from,
    taken: {},
  }
}

function ofPh(pH: Reading, moment: GasMoment, doubts: readonly GasDoubt[], water: Water, facts: GasFacts): GasEvidence | null {
  const { alkalinity } = water
  if (alkalinity === null) return null
  const khDkh = dkhOfAlkalinity(alkalinity.value)
  const ionicStrengthMolPerKg = ionicStrengthOf(water.hardnessMmolPerL, alkalinity.value)
  const { temperatureC } = water
  const co2 = ranged(co2FromPhWorking, { pH: pH.value, khDkh, temperatureC, ionicStrengthMolPerKg })
  if (co2 === null) return null
  const apartMs = Math.abs(instantMs(pH.at) - instantMs(alkalinity.at))
  const isApart = apartMs > (facts.hasNewSoil ? SOIL_APART_MS : EVIDENCE_AGES.alkalinity.freshMs)
  return {
    source: 'ph-kh',
    moment,
    at: pH.at,
    co2,
    doubts: [
      ...doubts,
      ...(khDkh < DISTRUSTED_DKH ? (['kh-low'] as const) : []),
      ...(isApart ? (['kh-apart'] as const) : []),
      ...(facts.hasTannin ? (['tannin'] as const) : []),
      ...(facts.hasNewSoil ? (['new-soil'] as const) : []),
    ],
    from: [pH, alkalinity, ...(water.temperature ? [water.temperature] : []), ...(water.hardness ? [water.hardness] : [])],
    taken: { ...(water.temperature ? {} : { temperatureC }), ionicStrengthMolPerKg },
  }
}

function ofDrop(pH: Reading, moment: GasMoment, doubts: readonly GasDoubt[], water: Water, facts: GasFacts): GasEvidence | null {
  const { degassed, temperatureC } = water
  if (degassed === null) return null
  const told = facts.roomCo2Ppm
  const co2 = dropRange({ temperatureC, roomCo2Ppm: told }, pH.value, degassed.value)
  if (co2 === null) return null
  return {
    source: 'drop',
    moment,
    at: pH.at,
    co2,
    doubts: [...doubts, ...(told === null ? (['room-air'] as const) : [])],
    from: [pH, degassed, ...(water.temperature ? [water.temperature] : [])],
    taken: { ...(water.temperature ? {} : { temperatureC }), roomCo2Ppm: told ?? NUMBER_FIELDS.roomCo2Ppm.unknown.value },
  }
}

/** Minutes around each moment in which a reading without one belongs to it. */
const NEAR_MIN = 45
const BEFORE_GAS_OFF_MIN = 90

function momentOf(told: Moment | null, at: string, { clock, timeZone }: GasFacts): GasMoment {
  if (told !== null && told !== 'degassed') return MOMENT_OF[told]
  if (clock === null) return 'some-time'
  const { minute } = wallClock(at, timeZone)
  /** Minutes from a time of day to the reading, −720 to 720. */
  const since = (from: number): number => timeOfDayMin(minute - from + 720) - 720
  const nearOff = since(clock.gasOffMin)
  if (nearOff >= -BEFORE_GAS_OFF_MIN && nearOff <= NEAR_MIN) return 'peak'
  if (Math.abs(since(clock.lightsOnMin)) <= NEAR_MIN) return 'lights-on'
  const nearOn = since(clock.gasOnMin)
  return nearOn >= -2 * NEAR_MIN && nearOn <= 10 ? 'before-gas' : 'some-time'
}
