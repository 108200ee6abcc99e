import { animalGroups } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'

/** Limits and aims of CO2 [mg/L], once for every place that tells them. General practice among growers; animals' behaviour overrides any number. */

/** With animals, at the day's peak: above this it is much; advice never aims higher. */
export const MUCH_MG_PER_L = 30
/** With animals: too much when the middle of what is known passes it. */
export const TOO_MUCH_MG_PER_L = 40
/** With animals: shut at once. Rule of thumb 60–80. */
export const DANGEROUS_MG_PER_L = 60
/** Sensitive shrimps and fish want 15–25 at the peak. */
export const SENSITIVE_MG_PER_L = 25
/** On the first day with animals; it rises over a week to what they bear. */
export const FIRST_DAY_MG_PER_L = 15
export const SETTLING_DAYS = 7
/** Without animals 40–60 is used on purpose; above it gas is wasted. */
export const WASTED_MG_PER_L = 60
/** Below this at the peak fast plants are short of carbon. Rule of thumb 15–20. */
export const SHORT_MG_PER_L = 20
/** Counted bubbles are less sure than a level that somebody tuned to: they are set lower. Rule of thumb. */
export const OF_COUNTED = 0.85
/** Lights-on against the peak that is aimed at; rule of thumb. */
export const AT_LIGHTS_ON_SHARE = 2 / 3

/** What the peak may be aimed at [mg/L]. */
export const aimedPeakMgPerL = (areSensitive: boolean): number => (areSensitive ? SENSITIVE_MG_PER_L : MUCH_MG_PER_L)

/** Animals that want less gas than most: wished for, or planned. */
export const wantsSensitive = (plan: Pick<Plan, 'intent' | 'animals' | 'fauna'>): boolean =>
  plan.intent.wishes.includes('shrimps') || animalGroups(plan).some(({ species }) => species.gas === 'sensitive')
