import { instantMs } from '../../plan/clock.js'
import type { JournalRecord } from '../../plan/journal.js'
import {
  aimedPeakMgPerL,
  AT_LIGHTS_ON_SHARE,
  FIRST_DAY_MG_PER_L,
  MUCH_MG_PER_L,
  SENSITIVE_MG_PER_L,
  SETTLING_DAYS,
  SHORT_MG_PER_L,
  TOO_MUCH_MG_PER_L,
} from '../../gas/limits.js'
import { isDoubted, isFirm, isUsable, type GasDoubt, type GasEvidence, type GasMoment } from './evidence.js'
import type { GasFacts } from './facts.js'
import { EVIDENCE_AGES, gatherEvidence } from './gather.js'
import { gradeOf, worseGrade, type GasAnimals, type GasGrade } from '../../gas/grade.js'
import { areSuffering } from './suffering.js'

/** What is said of a tank's gas, most pressing first. `late`: enough at the peak, short when the lights come on. `doubtful`: measured, but nothing that may be trusted. */
export const GAS_VERDICTS = [
  'suffering',
  'dangerous',
  'too-much',
  'much',
  'wasted',
  'short',
  'late',
  'doubtful',
  'unknown',
  'enough',
  'no-gas',
] as const
export type GasVerdict = (typeof GAS_VERDICTS)[number]

/** What to do, most pressing first. */
export const GAS_ADVICE = [
  'card',
  'shut-now',
  'turn-down',
  'turn-down-little',
  'plan-lower',
  'less-waste',
  'first-week',
  'night-gas',
  'nitrogen-first',
  'check-line',
  'controller-shuts',
  'raise',
  'earlier',
  'measure-ph',
  'measure-kh',
  'measure-kh-double',
  'measure-drop',
  'measure-room',
  'measure-again',
  'measure-peak',
  'hold',
] as const
export type GasAdvice = (typeof GAS_ADVICE)[number]

export type GasSupply = 'short' | 'enough' | 'unknown'
export const GAS_SEVERITIES = ['alarm', 'warn', 'note', 'fine'] as const
export type GasSeverity = (typeof GAS_SEVERITIES)[number]

/** The one judgement of a tank's gas now. Every place that speaks of it tells this. */
export interface GasJudgement {
  readonly verdict: GasVerdict
  readonly severity: GasSeverity
  readonly animals: GasAnimals
  /** What the verdict rests on; `null` where it rests on what is missing, or on what the animals do. */
  readonly by: GasEvidence | null
  readonly supply: { readonly atLightsOn: GasSupply; readonly atPeak: GasSupply }
  /** In the order of `GAS_ADVICE`; at least one. */
  readonly advice: readonly GasAdvice[]
  readonly evidence: readonly GasEvidence[]
  /** What a controller shuts at; told where it decides. */
  readonly limitMgPerL: number | null
}

const SEVERITY: Readonly<Record<GasVerdict, GasSeverity>> = {
  suffering: 'alarm',
  dangerous: 'alarm',
  'too-much': 'alarm',
  much: 'warn',
  wasted: 'note',
  short: 'note',
  late: 'note',
  doubtful: 'note',
  unknown: 'note',
  enough: 'fine',
  'no-gas': 'fine',
}

/** Judges a tank's gas by everything that is known of it. The worst evidence wins; more gas is advised only on firm evidence from every side. Pure: `nowMs` is handed in. */
export function judgeGas(records: readonly JournalRecord[], facts: GasFacts, nowMs: number): GasJudgement {
  const evidence = gatherEvidence(records, facts, nowMs)
  const { animals, planned } = facts
  const plan: GasEvidence | null =
    planned === null ? null : { source: 'plan', moment: 'peak', at: null, co2: planned.peak, doubts: [], from: [], taken: {} }
  const isPeakKnown = evidence.some((piece) => piece.moment === 'peak' && isUsable(piece))
  const weighed = [...evidence, ...(plan !== null && !isPeakKnown ? [plan] : [])]
  const worst = weighed.reduce<{ grade: GasGrade; by: GasEvidence | null }>(
    (found, piece) => {
      const grade = gradeOfEvidence(piece, facts)
      return worseGrade(grade, found.grade) !== found.grade ? { grade, by: piece } : found
    },
    { grade: 'fine', by: null },
  )
  const supply = { atLightsOn: supplyAt('lights-on', evidence, facts), atPeak: supplyAt('peak', evidence, facts) }
  const verdict = areSuffering(records, nowMs)
    ? 'suffering'
    : worst.grade !== 'fine'
      ? worst.grade
      : !facts.hasGas
        ? 'no-gas'
        : verdictOfSupply(supply, evidence, animals)
  const by = verdict === worst.grade ? worst.by : verdict === 'suffering' ? null : (shownFor(verdict, evidence) ?? null)
  const advice = adviceOn({ verdict, by, supply, evidence, facts, records, nowMs })
  return {
    verdict,
    severity: SEVERITY[verdict],
    animals,
    by,
    supply,
    advice: GAS_ADVICE.filter((code) => advice.has(code)),
    evidence,
    limitMgPerL: facts.limitMgPerL,
  }
}

/** A measured level weighs more than a forecast: a high end over 40 is too much, but for pH and KH, whose range is wide by nature, only where their middle is much as well. What is doubted shows gas that may not be there, so it needs its low end or its middle. */
function gradeOfEvidence(piece: GasEvidence, facts: GasFacts): GasGrade {
  const { source, co2 } = piece
  const { animals } = facts
  const grade = gradeOf(co2, animals)
  if (source === 'plan' || animals === 'none') return grade
  if (isDoubted(piece)) return co2.low > MUCH_MG_PER_L ? grade : co2.value > TOO_MUCH_MG_PER_L ? 'much' : 'fine'
  if (co2.high > TOO_MUCH_MG_PER_L && (source !== 'ph-kh' || co2.value > MUCH_MG_PER_L)) return worseGrade(grade, 'too-much')
  return isSettling(facts) && co2.value > aimOf(facts) * SETTLING_SLACK ? worseGrade(grade, 'much') : grade
}
/** A little over the aim of a first day is no reason to turn anything. */
const SETTLING_SLACK = 1.3

/** What the peak is aimed at today: it starts low when animals are new. */
function aimOf({ animals, daysWithAnimals }: GasFacts): number {
  const settled = aimedPeakMgPerL(animals === 'sensitive')
  if (daysWithAnimals === null || daysWithAnimals >= SETTLING_DAYS) return settled
  return FIRST_DAY_MG_PER_L + ((settled - FIRST_DAY_MG_PER_L) * daysWithAnimals) / SETTLING_DAYS
}

const isSettling = ({ daysWithAnimals }: GasFacts): boolean => daysWithAnimals !== null && daysWithAnimals < SETTLING_DAYS

/** Short only where everything says so that is beyond doubt, but for its age. */
function supplyAt(moment: GasMoment, evidence: readonly GasEvidence[], facts: GasFacts): GasSupply {
  const told = evidence.filter((piece) => piece.moment === moment && isUsable(piece))
  if (told.length === 0) return 'unknown'
  const aim = aimOf(facts)
  const least = Math.min(SHORT_MG_PER_L, aim * AT_LIGHTS_ON_SHARE * (moment === 'peak' ? 1.1 : 1))
  return told.every(({ co2 }) => co2.value < least) ? 'short' : 'enough'
}

function verdictOfSupply(
  { atLightsOn, atPeak }: GasJudgement['supply'],
  evidence: readonly GasEvidence[],
  animals: GasAnimals,
): GasVerdict {
  if (atPeak === 'short') return 'short'
  if (atLightsOn === 'short') return 'late'
  // Where animals live nothing is enough, and safe, before the peak was measured.
  if (atPeak === 'enough' || (atLightsOn === 'enough' && animals === 'none')) return 'enough'
  return evidence.some(({ moment }) => moment !== 'before-gas') ? 'doubtful' : 'unknown'
}

const shownFor = (verdict: GasVerdict, evidence: readonly GasEvidence[]): GasEvidence | undefined => {
  if (verdict === 'no-gas' || verdict === 'unknown') return undefined
  const moments: readonly GasMoment[] = verdict === 'late' ? ['lights-on'] : ['peak', 'lights-on', 'some-time']
  const trust = (piece: GasEvidence): number => Number(isFirm(piece)) + Number(isUsable(piece))
  return moments.flatMap((moment) => evidence.filter((piece) => piece.moment === moment)).sort((a, b) => trust(b) - trust(a))[0]
}

interface Case {
  readonly verdict: GasVerdict
  readonly by: GasEvidence | null
  readonly supply: GasJudgement['supply']
  readonly evidence: readonly GasEvidence[]
  readonly facts: GasFacts
  readonly records: readonly JournalRecord[]
  readonly nowMs: number
}

/** What each doubt asks to be measured. */
const MEASURE: Readonly<Record<GasDoubt, readonly GasAdvice[]>> = {
  'kh-low': ['measure-kh-double', 'measure-drop'],
  'kh-apart': ['measure-kh'],
  tannin: ['measure-drop'],
  'new-soil': ['measure-kh', 'measure-drop'],
  'room-air': ['measure-room'],
  old: ['measure-again'],
  'before-change': ['measure-again'],
  lags: ['measure-peak'],
}
const measures = (pieces: readonly GasEvidence[]): GasAdvice[] => pieces.flatMap(({ doubts }) => doubts.flatMap((doubt) => MEASURE[doubt]))

function adviceOn({ verdict, by, supply, evidence, facts, records, nowMs }: Case): ReadonlySet<GasAdvice> {
  const advice = new Set<GasAdvice>()
  const add = (...codes: readonly GasAdvice[]): void => codes.forEach((code) => advice.add(code))
  if (facts.hasGas && isSettling(facts) && verdict !== 'suffering') add('first-week')
  if (evidence.some((piece) => piece.moment === 'before-gas' && piece.co2.value > SHORT_MG_PER_L && !isDoubted(piece))) add('night-gas')
  switch (verdict) {
    case 'suffering':
      add('card')
      break
    case 'dangerous':
      add(by?.source === 'plan' ? 'plan-lower' : 'shut-now', 'measure-peak')
      break
    case 'too-much':
      add(by?.source === 'plan' ? 'plan-lower' : 'turn-down', 'measure-peak')
      break
    case 'much':
      add(by?.source === 'plan' ? 'plan-lower' : 'turn-down-little')
      if (by?.source === 'plan') add('measure-peak')
      break
    case 'wasted':
      add('less-waste')
      break
    case 'short':
      add(...moreGas(evidence, facts))
      break
    case 'late':
      if (supply.atPeak === 'unknown' && facts.animals !== 'none') add('measure-peak')
      else if (by !== null && isFirm(by)) add('earlier')
      if (isHeldByController(facts)) add('controller-shuts')
      break
    case 'doubtful':
      if (supply.atPeak === 'unknown' && supply.atLightsOn === 'enough') add('measure-peak')
      break
    case 'unknown':
      add(...missing(records, nowMs))
      break
    case 'enough':
    case 'no-gas':
      add('hold')
  }
  // Two things to measure are work enough for a day.
  if (by !== null && !isFirm(by)) add(...measures([by]).slice(0, 2))
  if (verdict === 'doubtful') add(...measures(evidence.filter(({ moment }) => moment !== 'before-gas')).slice(0, 2))
  // No more gas for animals that breathe badly as it is.
  if (facts.hasNitrogenTrouble && facts.animals !== 'none')
    for (const more of ['raise', 'earlier'] as const) if (advice.delete(more)) add('nitrogen-first')
  if (advice.size === 0) add('measure-again')
  return advice
}

/** More gas only where nothing that was measured, firm or not, comes near a limit, and where the gas that is paid for arrives. */
function moreGas(evidence: readonly GasEvidence[], facts: GasFacts): GasAdvice[] {
  const most = facts.animals === 'sensitive' ? SENSITIVE_MG_PER_L : MUCH_MG_PER_L
  if (evidence.some(({ co2, moment }) => moment !== 'before-gas' && co2.value > most)) return ['measure-again', ...measures(evidence)]
  if (isHeldByController(facts)) return ['controller-shuts']
  if (!evidence.some((piece) => piece.moment === 'peak' && isFirm(piece))) return ['measure-again']
  const peak = Math.max(...evidence.filter((piece) => piece.moment === 'peak' && isFirm(piece)).map(({ co2 }) => co2.value))
  const isLost = facts.planned !== null && facts.planned.peak.low > LOST_ON_THE_WAY * peak
  return [...(isLost ? (['check-line'] as const) : []), isSettling(facts) ? 'hold' : 'raise']
}

/** The least that the plan gives against what is measured; beyond this gas leaks, or the diffuser is clogged. Rule of thumb. */
const LOST_ON_THE_WAY = 1.5

/** A controller that shuts well below what is aimed at; the plan's bubbles do not matter then. */
const isHeldByController = (facts: GasFacts): boolean => facts.limitMgPerL !== null && facts.limitMgPerL < aimOf(facts) - 2

/** What must be measured before anything can be said. */
function missing(records: readonly JournalRecord[], nowMs: number): GasAdvice[] {
  const has = (quantity: 'pH' | 'alkalinity'): boolean =>
    records.some(
      (record) =>
        record.kind === 'reading' &&
        record.quantity === quantity &&
        Math.abs(nowMs - instantMs(record.at)) <= EVIDENCE_AGES[quantity].lastMs,
    )
  return has('pH') && !has('alkalinity') ? ['measure-kh'] : ['measure-ph']
}
