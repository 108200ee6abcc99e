import type { JournalEvent } from '../plan/journal.js'

/** Why a tank comes first on a round, most pressing first. */
export const ATTENTIONS = ['animals', 'gas', 'outlet', 'signs'] as const
export type Attention = (typeof ATTENTIONS)[number]

/** What the last glances and signs of a tank ask for. Events newest first; only those of the last two days are given. */
export function attentionOf(events: readonly JournalEvent[]): Attention[] {
  const found = new Set<Attention>()
  const glance = events.find((event) => event.kind === 'glance')
  if (glance && (glance.animals === 'gasping' || glance.animals === 'dead')) found.add('animals')
  if (events.some((event) => event.kind === 'death' || (event.kind === 'sign' && event.sign === 'gasping'))) found.add('animals')
  if (glance?.indicator === 'yellow' || glance?.indicator === 'blue') found.add('gas')
  if (glance?.outlet === 'stopped' || glance?.outlet === 'weak') found.add('outlet')
  if (events.some((event) => event.kind === 'sign' && event.amount === 3)) found.add('signs')
  return ATTENTIONS.filter((attention) => found.has(attention))
}
