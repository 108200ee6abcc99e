import type { STANDING_REMARKS, StandingAspect, StandingCode, Verdict } from '@jovrin/core'
import type { Sentence } from '../tell.js'

export const verdictWords = { fits: 'fits', marginal: 'marginal', fails: 'fails' } satisfies Record<Verdict, string>

export const standingAspectWords = {
  light: 'Light',
  gas: 'Gas',
  temperature: 'Temperature',
  depth: 'Depth',
  water: 'Water',
  feeding: 'Feeding',
  upkeep: 'Upkeep',
  animals: 'Animals',
  planting: 'Planting',
  legal: 'Law',
} satisfies Record<StandingAspect, string>

type Sentences = { readonly [Code in StandingCode]: Sentence<(typeof STANDING_REMARKS)[Code]['values']> }
/** Why a plant stands as it does in a tank, with the smallest change that would help. */
export const standingWords = {
  'light-good': (v) => `About ${v.here} reach it here; it has its form and colour between ${v.low} and ${v.high}.`,
  'light-nearly': (v) =>
    `About ${v.here} reach it here, perhaps ${v.best} at the brightest spot; it has its form and colour from ${v.low} on. Give it the brightest spot, or a little more power.`,
  'light-weak': (v) =>
    `About ${v.here} reach it here: it lives, but stays thin and pale. Give it ${v.low} or more: a brighter spot, a lower lamp, or more power.`,
  'light-none': (v) => `About ${v.here} reach it here; under ${v.least} it does not live.`,
  'light-much': (v) =>
    `About ${v.here} reach it here, and it is well up to ${v.high}: slow leaves in strong light gather algae. Give it shade.`,
  'gas-not-needed': () => 'It has its form without CO2.',
  'gas-there': (v) => `By the plan CO2 stands at about ${v.co2} when the lights come on.`,
  'gas-helps': () => 'There is no CO2 here: it grows more slowly, and not to its full form. Add gas, or take it slowly.',
  'gas-short': (v) => `By the plan CO2 stands at only ${v.co2} when the lights come on; it wants ${v.least} or more. Open the gas earlier.`,
  'gas-missing': () => 'It needs CO2, and there is none here: it dwindles at the light it asks for.',
  'warmth-good': (v) => `The water is held at ${v.here}; it is well between ${v.low} and ${v.high}.`,
  'too-cool': (v) => `The water is held at ${v.here}; it is well from ${v.low} on, and grows slowly below.`,
  'too-warm': (v) => `The water is held at ${v.here}; it is well up to ${v.high}, and suffers above. Hold the water cooler.`,
  'far-too-cool': (v) => `The water is held at ${v.here}; it does not bear less than ${v.least} for long.`,
  'far-too-warm': (v) => `The water is held at ${v.here}; it does not bear more than ${v.most} for long.`,
  'summer-too-warm': (v) =>
    `In the warmest month the water may follow the room to ${v.summer}; it does not bear more than ${v.most} for long. Cool it then.`,
  'height-good': (v) => `It grows to about ${v.grown}, and there is ${v.room} of water above the place.`,
  'reaches-surface': (v) =>
    `It grows to about ${v.grown}, and there is ${v.room} of water above the place: cut it before it lies on the surface and shades the others.`,
  'too-tall': (v) => `It grows to about ${v.grown}, there is only ${v.room} of water above the place, and cutting it does not help.`,
  'water-good': () => 'The alkalinity of the water suits it.',
  'water-unknown': () => 'Nobody told the alkalinity of the tap water: test it, since this plant cares.',
  'wants-soft': (v) => `The water has ${v.here}; it wants ${v.most} at most. Blend with purified water.`,
  'wants-hard': (v) => `The water has about ${v.here}, and it likes hard water: growth may stall.`,
  'fed-well': () => 'It finds its food where it looks for it.',
  'roots-hungry': () => 'It feeds through its roots, and the ground holds nothing: put root tabs beside it.',
  'leaves-hungry': () =>
    'It feeds from the water, and nothing is dosed there: dose a little, or choose a plant that feeds through its roots.',
  'time-good': (v) => `A trim about every ${v.weeks} weeks.`,
  'trim-often': (v) => `It asks for a trim about every ${v.weeks} weeks, and you have ${v.hours} a week in all.`,
  'demanding-short': (v) => `It fails soon after a lapse, and you have ${v.hours} a week in all.`,
  'dug-up': () =>
    'Animals that dig pull up what roots so low. Choose a plant on wood or stone, or wait until it is rooted (week 8) and watch.',
  'place-unusual': () => 'This is not its usual place.',
  'place-impossible': () => 'It cannot stand here: choose another place.',
  'never-bury': () => 'Never bury its rhizome: it rots. Tie, glue or wedge it, or let it lie on the ground.',
  'listed-somewhere': () =>
    'It is listed as invasive in some places. Check the list where you live before you buy, pass on or throw away any of it.',
  'widely-listed': () =>
    'It is listed as invasive in many places, and often forbidden to keep. Check the list where you live first, and never let any of it out.',
} satisfies Sentences as Sentences
/** A reason that rests on an estimate. */
export const doubtfulWords = 'Doubtful: the figure is an estimate.'
