import { FIRST_DAY_MG_PER_L } from '../../gas/limits.js'
import { conflictsOf } from '../../livestock/company.js'
import { animalGroups, type NamedGroup } from '../../plan/planAnimals.js'
import { instantMs } from '../../plan/clock.js'
import type { JournalRecord } from '../../plan/journal.js'
import type { Plan } from '../../plan/plan.js'
import { plantedAge } from '../../plan/startPhase.js'
import type { Dimensions, NumbersOf } from '../../quantity/quantity.js'
import { quantities, type Quantities } from '../../quantity/quantity.js'
import { ANIMAL_KINDS, type AnimalSpecies } from '../../species/animals/index.js'
import { ARRIVAL_APART_DAYS } from '../../livestock/arrivals.js'
import type { NitrogenJudgement } from '../judgeNitrogen.js'
import type { StockingAhead } from './ahead.js'

/** What stands at the gate, in the order in which it is asked, with the values of its sentence. */
export const GATE_CHECKS = {
  together: {},
  tests: {},
  toxic: {},
  losses: { lost: 'count' },
  gas: { peak: 'concentration', most: 'concentration' },
  pH: { here: 'pH', low: 'pH', high: 'pH' },
  week: { here: 'day', earliest: 'day' },
  biofilm: { here: 'fraction', least: 'fraction' },
  'mature-film': { here: 'fraction', least: 'fraction' },
  food: { here: 'content', least: 'content' },
  stable: { days: 'days', least: 'days' },
  rooted: { here: 'day', earliest: 'day' },
  apart: { days: 'days', least: 'days' },
  company: {},
} as const satisfies Readonly<Record<string, Dimensions>>
export type GateCheckKind = keyof typeof GATE_CHECKS
export const GATE_ANSWERS = ['met', 'not-met', 'unknown'] as const
export type GateAnswer = (typeof GATE_ANSWERS)[number]
export interface GateCheck {
  readonly check: GateCheckKind
  readonly is: GateAnswer
  /** Empty where the figure is not known. */
  readonly values: Quantities
}
/** `wait`: something known speaks against it. `ask`: something is not known. `may`: nothing known does. Never that it is safe. */
export const GATE_VERDICTS = ['wait', 'ask', 'may'] as const
export interface Gate {
  readonly verdict: (typeof GATE_VERDICTS)[number]
  readonly checks: readonly GateCheck[]
}
export interface GateFacts {
  readonly plan: Plan
  readonly ageDays: number
  readonly nitrogen: NitrogenJudgement
  /** CO2 at gas-off by what is known of it; `null` where no gas is given, or nothing is known. */
  readonly peakMgPerL: number | null
  readonly hasGas: boolean
  readonly records: readonly JournalRecord[]
  readonly nowMs: number
  /** Day of the tank's age of the newest change of a setting; `null` where none was changed. */
  readonly changedOnDay: number | null
  /** By the model; `null` until it is found. */
  readonly ahead: StockingAhead | null
  /** Whether the grower sees film on glass, stones or wood; `null` where nobody looked. */
  readonly isFilmSeen: boolean | null
}

/** Ripe enough to graze, by the model. Rule of thumb. */
const BIOFILM = { biofilm: 0.5, 'mature-film': 0.8 } as const
/** Below so much a day a grazer of the size of one algae shrimp goes hungry [mg dry]; a third of what it can eat. Rule of thumb. */
export const HUNGRY_MG_PER_DAY = 2.5
const STABLE_DAYS = 28
const ROOTED_DAYS = 56
const LOSSES_MS = 14 * 86_400_000
/** A measured level is no better known than this. Rule of thumb. */
const GAS_SLACK = 1.15

/** Whether a group may come today: each thing that has to be so, and whether it is. What is not known is asked, never assumed. */
export function judgeGate(one: NamedGroup, facts: GateFacts): Gate {
  const { plan, ageDays, nitrogen, ahead } = facts
  const { species } = one
  const age = plantedAge(plan, ageDays)
  const there = animalGroups(plan).filter(({ group }) => group.id !== one.group.id && group.fromDay <= ageDays && age >= 0)
  const checks: GateCheck[] = []
  const check = <Kind extends GateCheckKind>(kind: Kind, is: GateAnswer, numbers?: NumbersOf<(typeof GATE_CHECKS)[Kind]>): void =>
    void checks.push({ check: kind, is, values: numbers === undefined ? {} : quantities(GATE_CHECKS[kind], numbers) })
  const answer = (isMet: boolean): GateAnswer => (isMet ? 'met' : 'not-met')

  check('together', answer(age >= 0), {})
  check('tests', nitrogen.readiness === 'twice-zero' ? 'met' : nitrogen.readiness === 'not-tested' ? 'unknown' : 'not-met', {})
  check('toxic', nitrogen.danger === 'none-seen' ? 'met' : nitrogen.danger === 'unknown' ? 'unknown' : 'not-met', {})
  const lost = lostLately(facts)
  if (there.length > 0 || lost > 0) check('losses', answer(lost === 0), { lost })
  if (facts.hasGas)
    check(
      'gas',
      facts.peakMgPerL === null ? 'unknown' : answer(facts.peakMgPerL <= FIRST_DAY_MG_PER_L * GAS_SLACK),
      facts.peakMgPerL === null ? undefined : { peak: facts.peakMgPerL, most: FIRST_DAY_MG_PER_L },
    )
  const { pH } = nitrogen
  const bears = { low: species.pH.min, high: species.pH.max }
  check(
    'pH',
    pH === null ? 'unknown' : answer(pH.value >= bears.low && pH.value <= bears.high),
    pH === null ? undefined : { here: pH.value, ...bears },
  )
  const earliest = Math.round(species.earliestWeek * 7)
  check('week', answer(age >= earliest), { here: Math.max(0, age), earliest })
  for (const need of species.needs)
    switch (need) {
      case 'tests-zero':
        break
      case 'biofilm':
      case 'mature-film': {
        const least = BIOFILM[need]
        const here = ahead?.biofilm.median ?? null
        const isRipe = here === null ? null : here >= least
        const isMet =
          need === 'biofilm' ? isRipe : isRipe === false || facts.isFilmSeen === false ? false : facts.isFilmSeen === null ? null : isRipe
        check(need, isMet === null ? 'unknown' : answer(isMet), here === null ? undefined : { here, least })
        break
      }
      case 'stable': {
        const days = ageDays - (facts.changedOnDay ?? ageDays - Math.max(0, age))
        check('stable', answer(days >= STABLE_DAYS), { days: Math.max(0, days), least: STABLE_DAYS })
        break
      }
      case 'rooted':
        check('rooted', answer(age >= ROOTED_DAYS), { here: Math.max(0, age), earliest: ROOTED_DAYS })
        break
    }
  if (species.needs.some((need) => need === 'biofilm' || need === 'mature-film')) {
    const here = ahead?.intakeMgPerDay.median ?? null
    // The eye goes before the model; where nobody looked, little film by the model is a question, not an answer.
    const isEnough = facts.isFilmSeen ?? (here !== null && here >= HUNGRY_MG_PER_DAY ? true : null)
    check('food', isEnough === null ? 'unknown' : answer(isEnough), here === null ? undefined : { here, least: HUNGRY_MG_PER_DAY })
  }
  const last = Math.max(-Infinity, ...there.map(({ group }) => group.fromDay))
  if (last > -Infinity) check('apart', answer(ageDays - last >= ARRIVAL_APART_DAYS), { days: ageDays - last, least: ARRIVAL_APART_DAYS })
  const fights = conflictsOf([...there, one]).some(({ kind, of, suffers }) => kind !== 'eats-young' && [of, suffers].includes(one))
  if (there.length > 0) check('company', answer(!fights), {})
  return { verdict: checks.some(({ is }) => is === 'not-met') ? 'wait' : checks.some(({ is }) => is === 'unknown') ? 'ask' : 'may', checks }
}

const lostLately = ({ records, nowMs }: GateFacts): number =>
  records.reduce((sum, record) => (record.kind === 'death' && nowMs - instantMs(record.at) < LOSSES_MS ? sum + record.count : sum), 0)

/** The order in which groups usually come: by kind, then by their own week. General practice. */
export const usualOrder = (a: Pick<AnimalSpecies, 'kind' | 'earliestWeek'>, b: Pick<AnimalSpecies, 'kind' | 'earliestWeek'>): number =>
  a.earliestWeek - b.earliestWeek || ANIMAL_KINDS.indexOf(a.kind) - ANIMAL_KINDS.indexOf(b.kind)
