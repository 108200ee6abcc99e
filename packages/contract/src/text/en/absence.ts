import type { AWAY_DANGERS, AwayDangerCode } from '@jovrin/core'
import type { Sentence } from '../tell.js'

type DangerSentences = { readonly [Code in AwayDangerCode]: Sentence<(typeof AWAY_DANGERS)[Code], 'animal'> }

/** What may go wrong while nobody is there, and what helps. */
export const awayDangerWords = {
  'dry-start': (v) => `Under film leaves dry out within days: somebody mists at least every ${v.every}.`,
  dark: () => 'The dark weeks go on by themselves. Leave nothing due in these days, planting least of all, and test when you are back.',
  young: (v) => `In week ${v.week} a tank still wants its changes and its tests: go later, or have somebody do both who knows how.`,
  'water-falls': (v) =>
    `In dry air the water falls by ${v.fall}, and from ${v.line} on skimmer, heater or intake stand in the air. Have it topped up, lay a cover on, or set the heater lower; one that has run dry cracks when it is wetted.`,
  fast: (v) =>
    `${v.days} without food. Grown fish bear about ${v.most}, fry and very small fish one or two: portions for visits, or a feeder that you have tried for a week.`,
  arrivals: (v) => `${v.animal === '' ? 'Animals' : v.animal} would come on day ${v.day}, when nothing new may: move their day.`,
  warm: (v) => `The water may come to ${v.water} with nobody there: see what to do in a heat wave, and have somebody look in every day.`,
  long: (v) => `${v.days} without a change of water: somebody who knows the tank changes a third of it halfway.`,
  unprepared: () => 'Light and feed stay as they are: growth and algae go on at full pace, and nobody cuts and wipes.',
  'no-doses': (v) =>
    `${v.days} without doses: fast plants live on what they stored for about ten. Less light helps them more than somebody who doses by eye.`,
} satisfies DangerSentences
