import { co2AirEquilibriumMgPerL } from '../gas/airEquilibrium.js'
import { instantMs } from '../plan/clock.js'
import type { JournalRecord, Reading } from '../plan/journal.js'
import { unionisedAmmoniaFraction } from '../water/ammonia.js'
import { phFromCo2 } from '../water/carbonate.js'

/** A test reads "zero" at or below this [mg N/L]: the lowest step of common kits. Rule of thumb 0.02–0.05. */
const ZERO_MG_N_PER_L = 0.05
/** A kit whose lowest step is coarser can show no less than "below it"; above this its step is too coarse to let animals in by. */
const COARSEST_ZERO_MG_N_PER_L = 0.25
/** Two tests of one day are one. */
const APART_MS = 20 * 3_600_000
/** Older tests say nothing about today. */
const STALE_MS = 14 * 86_400_000
const CLOCK_SLACK_MS = 10 * 60_000
/** The pH of a gas day swings by one; its highest counts, so all of the last week are looked at. */
const PH_MS = 7 * 86_400_000
/** Un-ionised ammonia [mg N/L] that troubles animals, and that harms them. Rules of thumb 0.01–0.02 and 0.05; sensitive species want less. */
export const UNIONISED_TROUBLE = 0.02
export const UNIONISED_HARM = 0.05
/** Nitrite [mg N/L], likewise. General practice. */
export const NITRITE_TROUBLE = 0.1
export const NITRITE_HARM = 0.5
/** Total ammonia [mg N/L] above which driving gas out, which raises pH, may do more harm than the gas: binder first. */
export const BINDER_FIRST_MG_N_PER_L = 0.5
/** Below this age a tank's ammonia may be high though nobody tested. */
export const BINDER_FIRST_DAYS = 56

export const READINESS = ['not-tested', 'not-yet', 'once-more', 'twice-zero'] as const
export type Readiness = (typeof READINESS)[number]
export const NITROGEN_DANGERS = ['none-seen', 'unknown', 'trouble', 'harm'] as const
export type NitrogenDanger = (typeof NITROGEN_DANGERS)[number]

/** Animals suffer from it, or soon will. */
export const isTrouble = (danger: NitrogenDanger): boolean => danger === 'trouble' || danger === 'harm'

export interface NitrogenFacts {
  readonly ageDays: number
  readonly hasGas: boolean
  readonly temperatureC: number
  readonly roomCo2Ppm: number
}
/** The one judgement of a tank's ammonia and nitrite now. */
export interface NitrogenJudgement {
  readonly readiness: Readiness
  /** Newest tests [mg N/L]; `null` where there is none of late. */
  readonly ammonia: Reading | null
  readonly nitrite: Reading | null
  /** Highest of the last week, at which ammonia bites most. */
  readonly pH: Reading | null
  /** At that pH; `null` where a reading is missing. */
  readonly unionisedMgNPerL: number | null
  /** What it would come to with the gas driven out: by a degassed sample, or by KH against the room's air. */
  readonly withoutGasMgNPerL: number | null
  readonly danger: NitrogenDanger
  /** Whether a binder comes before air and water when animals suffer. */
  readonly isBinderFirst: boolean
}

/** Whether ammonia and nitrite have both been at zero twice, and how dangerous they are. Says nothing of what was not measured. Pure: `nowMs` is handed in. */
export function judgeNitrogen(records: readonly JournalRecord[], facts: NitrogenFacts, nowMs: number): NitrogenJudgement {
  const readings = records.flatMap((record): Reading[] => (record.kind === 'reading' ? [record] : []))
  const newestFirst = (quantity: Reading['quantity'], within = STALE_MS): Reading[] =>
    readings
      .filter((reading) => {
        const ageMs = nowMs - instantMs(reading.at)
        return reading.quantity === quantity && ageMs < within && ageMs >= -CLOCK_SLACK_MS
      })
      .sort((a, b) => instantMs(b.at) - instantMs(a.at))
  const ammonia = newestFirst('ammonia')
  const nitrite = newestFirst('nitrite')
  const least = Math.min(zerosInARow(ammonia), zerosInARow(nitrite))
  const [total = null] = ammonia
  const [newestNitrite = null] = nitrite
  const allPh = newestFirst('pH', PH_MS)
  const pH = allPh.filter(({ moment }) => moment !== 'degassed').reduce<Reading | null>(higher, null)
  const temperatureC = Math.min(40, newestFirst('temperature')[0]?.value ?? facts.temperatureC)
  const degassedPh = facts.hasGas ? phWithoutGas(allPh, newestFirst('alkalinity')[0] ?? null, temperatureC, facts.roomCo2Ppm) : null
  const unionised = toxic(total, pH?.value ?? null, temperatureC)
  const withoutGas = toxic(total, degassedPh === null ? null : Math.max(degassedPh, pH?.value ?? 0), temperatureC)
  return {
    readiness:
      ammonia.length === 0 || nitrite.length === 0 ? 'not-tested' : least >= 2 ? 'twice-zero' : least === 1 ? 'once-more' : 'not-yet',
    ammonia: total,
    nitrite: newestNitrite,
    pH,
    unionisedMgNPerL: unionised,
    withoutGasMgNPerL: withoutGas,
    danger: worst([
      total === null ? 'unknown' : dangerOf(unionised, UNIONISED_TROUBLE, UNIONISED_HARM),
      // What would be harm without gas is trouble with it: a stopped valve is enough.
      withoutGas !== null && withoutGas >= UNIONISED_HARM ? 'trouble' : 'none-seen',
      newestNitrite === null ? 'none-seen' : dangerOf(newestNitrite.value, NITRITE_TROUBLE, NITRITE_HARM),
    ]),
    isBinderFirst: facts.ageDays < BINDER_FIRST_DAYS || (total !== null && total.value > BINDER_FIRST_MG_N_PER_L),
  }
}

const higher = (highest: Reading | null, next: Reading): Reading => (highest === null || next.value > highest.value ? next : highest)

/** Tests at zero before the first that is not, newest first; two of one day are one. */
function zerosInARow(tests: readonly Reading[]): number {
  let count = 0
  let last = Infinity
  for (const test of tests) {
    if (!isZero(test)) break
    if (last - instantMs(test.at) < APART_MS) continue
    last = instantMs(test.at)
    count++
  }
  return count
}
const isZero = ({ value, qualifier }: Reading): boolean =>
  qualifier !== '>' && value <= (qualifier === '<' ? COARSEST_ZERO_MG_N_PER_L : ZERO_MG_N_PER_L)

function phWithoutGas(readings: readonly Reading[], alkalinity: Reading | null, temperatureC: number, roomCo2Ppm: number): number | null {
  const degassed = readings.find(({ moment }) => moment === 'degassed')
  if (degassed !== undefined) return degassed.value
  if (alkalinity === null) return null
  return phFromCo2(co2AirEquilibriumMgPerL(temperatureC, roomCo2Ppm), { alkalinityMeqPerL: alkalinity.value, temperatureC })
}

const toxic = (total: Reading | null, pH: number | null, temperatureC: number): number | null =>
  total === null || pH === null || pH < 4 || pH > 11 ? null : total.value * unionisedAmmoniaFraction(pH, Math.max(0, temperatureC))

const dangerOf = (value: number | null, trouble: number, harm: number): NitrogenDanger =>
  value === null ? 'unknown' : value >= harm ? 'harm' : value >= trouble ? 'trouble' : 'none-seen'
const worst = (dangers: readonly NitrogenDanger[]): NitrogenDanger =>
  NITROGEN_DANGERS.findLast((danger) => dangers.includes(danger)) ?? 'none-seen'

/** Instant of the test by which ammonia and nitrite had both been at zero twice in a row, and neither has shown itself since; `null` while that is not so. */
export function nitrogenClearAt(tests: readonly Reading[]): string | null {
  const zeros = { ammonia: 0, nitrite: 0 }
  const lastZero = { ammonia: -Infinity, nitrite: -Infinity }
  let clearAt: string | null = null
  for (const test of [...tests].sort((a, b) => instantMs(a.at) - instantMs(b.at))) {
    const { quantity } = test
    if (quantity !== 'ammonia' && quantity !== 'nitrite') continue
    if (!isZero(test)) {
      zeros[quantity] = 0
      lastZero[quantity] = -Infinity
      clearAt = null
      continue
    }
    if (instantMs(test.at) - lastZero[quantity] < APART_MS) continue
    lastZero[quantity] = instantMs(test.at)
    zeros[quantity]++
    if (clearAt === null && zeros.ammonia >= 2 && zeros.nitrite >= 2) clearAt = test.at
  }
  return clearAt
}
