import type { Lead } from '@jovrin/core'
import { en } from '@jovrin/contract'
import { significant } from '../ui/units.js'

/** The lead as one sentence in words and days. */
export function leadSentence(lead: Lead): string {
  const days = (value: number): string => significant(Math.round(value), 2)
  return `${en.lead.word[lead.word] ?? lead.word}; ${en.lead.wipe(days(lead.wipeDays.low), days(lead.wipeDays.high))}; ${en.lead.weakest(en.strand[lead.limiting] ?? lead.limiting)}.`
}

/** The median's move that counts as a trend [1/day]. */
const MOVE = 0.005

export function trendSentence(lead: Lead): string | null {
  if (lead.trend === null) return null
  return lead.trend.median > MOVE ? en.lead.trendUp : lead.trend.median < -MOVE ? en.lead.trendDown : en.lead.trendFlat
}
