import type { GasJudgement } from './gas/judgeGas.js'
import { isTrouble, type NitrogenJudgement } from './judgeNitrogen.js'
import type { JournalEvent } from '../plan/journal.js'

/** Why a tank comes first on a round, most pressing first. */
export const ATTENTIONS = ['animals', 'gas', 'ammonia', 'outlet', 'signs'] as const
export type Attention = (typeof ATTENTIONS)[number]

/** What a tank asks for: its judgements, and what the last glances and signs tell. Events newest first; only those of the last two days are given. */
export function attentionOf(
  events: readonly JournalEvent[],
  gas: Pick<GasJudgement, 'verdict' | 'severity' | 'animals'>,
  nitrogen: Pick<NitrogenJudgement, 'danger'>,
): Attention[] {
  const found = new Set<Attention>()
  const glance = events.find((event) => event.kind === 'glance')
  if (gas.verdict === 'suffering' || glance?.animals === 'dead' || events.some(({ kind }) => kind === 'death')) found.add('animals')
  if (gas.verdict !== 'suffering' && (gas.severity === 'alarm' || gas.severity === 'warn' || gas.verdict === 'short')) found.add('gas')
  if (gas.animals !== 'none' && isTrouble(nitrogen.danger)) found.add('ammonia')
  if (glance?.outlet === 'stopped' || glance?.outlet === 'weak') found.add('outlet')
  if (events.some((event) => event.kind === 'sign' && event.amount === 3)) found.add('signs')
  return ATTENTIONS.filter((attention) => found.has(attention))
}
