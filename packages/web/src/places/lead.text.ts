import { AMPLE, WIPE_MOST_DAYS, type Growth, type Lead } from '@jovrin/core'
import { enumerated, feederWords, growthWords, leadWords } from '@jovrin/contract'
import { percent, significant } from '../ui/units.js'

const days = (value: number): string => significant(Math.round(value), 2)

/** Whether the plants are ahead, and how seldom the glass is wiped. */
export const leadTold = ({ word, wipeDays }: Lead): string => `${leadWords.word[word]}; ${wipeText(wipeDays.low, wipeDays.high)}`

/** The lead as one sentence in words and days, with what holds growth back. */
export const leadSentence = (lead: Lead): string => `${leadTold(lead)}; ${growthWords.short(holdText(lead.growth))}.`

const holdText = ({ heldBackBy, isShortEarly }: Growth): string =>
  isShortEarly ? growthWords.early(growthWords.hold[heldBackBy]) : growthWords.hold[heldBackBy]

/** How plants grow against what their light allows, and why no more. */
export function growthSentence(growth: Growth): string {
  const share = `${percent(growth.share.median)} %`
  if (growth.strand !== 'light') return growthWords.told(share, holdText(growth))
  return growth.share.median < AMPLE ? growthWords.spread(share) : growthWords.full(share)
}

/** What the algae live on; '' where nothing stands out. */
export const fedSentence = ({ fedBy }: Lead): string =>
  fedBy.length === 0 ? '' : leadWords.fedBy(enumerated(fedBy.map((feeder) => feederWords[feeder])))

/** At the bound nothing more is known than that it is longer. */
function wipeText(low: number, high: number): string {
  if (low >= WIPE_MOST_DAYS) return leadWords.wipeSeldom
  return high >= WIPE_MOST_DAYS ? leadWords.wipeFrom(days(low)) : leadWords.wipe(days(low), days(high))
}

/** The median's move that counts as a trend [1/day]. */
const MOVE = 0.005

export function trendSentence(lead: Lead): string | null {
  if (lead.trend === null) return null
  return lead.trend.median > MOVE ? leadWords.trendUp : lead.trend.median < -MOVE ? leadWords.trendDown : leadWords.trendFlat
}
