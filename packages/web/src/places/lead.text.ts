import { AMPLE, WIPE_MOST_DAYS, type Growth, type Lead } from '@jovrin/core'
import { enFedBy, enFeeder, enGrowth, enLead } from '@jovrin/contract'
import { percent, significant } from '../ui/units.js'

const days = (value: number): string => significant(Math.round(value), 2)

/** Whether the plants are ahead, and how seldom the glass is wiped. */
export const leadWords = ({ word, wipeDays }: Lead): string => `${enLead.word[word]}; ${wipeText(wipeDays.low, wipeDays.high)}`

/** The lead as one sentence in words and days, with what holds growth back. */
export const leadSentence = (lead: Lead): string => `${leadWords(lead)}; ${enGrowth.short(holdText(lead.growth))}.`

const holdText = ({ heldBackBy, isShortEarly }: Growth): string =>
  isShortEarly ? enGrowth.early(enGrowth.hold[heldBackBy]) : enGrowth.hold[heldBackBy]

/** How plants grow against what their light allows, and why no more. */
export function growthSentence(growth: Growth): string {
  const share = `${percent(growth.share.median)} %`
  if (growth.strand !== 'light') return enGrowth.told(share, holdText(growth))
  return growth.share.median < AMPLE ? enGrowth.spread(share) : enGrowth.full(share)
}

/** What the algae live on; '' where nothing stands out. */
export const fedSentence = ({ fedBy }: Lead): string =>
  fedBy.length === 0
    ? ''
    : enFedBy(new Intl.ListFormat(navigator.language, { type: 'conjunction' }).format(fedBy.map((feeder) => enFeeder[feeder])))

/** At the bound nothing more is known than that it is longer. */
function wipeText(low: number, high: number): string {
  if (low >= WIPE_MOST_DAYS) return enLead.wipeSeldom
  return high >= WIPE_MOST_DAYS ? enLead.wipeFrom(days(low)) : enLead.wipe(days(low), days(high))
}

/** The median's move that counts as a trend [1/day]. */
const MOVE = 0.005

export function trendSentence(lead: Lead): string | null {
  if (lead.trend === null) return null
  return lead.trend.median > MOVE ? enLead.trendUp : lead.trend.median < -MOVE ? enLead.trendDown : enLead.trendFlat
}
