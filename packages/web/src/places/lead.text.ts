import { WIPE_MOST_DAYS, type Lead } from '@jovrin/core'
import { enLead, enStrand } from '@jovrin/contract'
import { significant } from '../ui/units.js'

/** The lead as one sentence in words and days. */
export function leadSentence(lead: Lead): string {
  const days = (value: number): string => significant(Math.round(value), 2)
  return `${enLead.word[lead.word] ?? lead.word}; ${wipeText(lead.wipeDays.low, lead.wipeDays.high, days)}; ${enLead.weakest(enStrand[lead.limiting] ?? lead.limiting)}.`
}

/** At the bound nothing more is known than that it is longer. */
function wipeText(low: number, high: number, days: (value: number) => string): string {
  if (low >= WIPE_MOST_DAYS) return enLead.wipeSeldom
  return high >= WIPE_MOST_DAYS ? enLead.wipeFrom(days(low)) : enLead.wipe(days(low), days(high))
}

/** The median's move that counts as a trend [1/day]. */
const MOVE = 0.005

export function trendSentence(lead: Lead): string | null {
  if (lead.trend === null) return null
  return lead.trend.median > MOVE ? enLead.trendUp : lead.trend.median < -MOVE ? enLead.trendDown : enLead.trendFlat
}
