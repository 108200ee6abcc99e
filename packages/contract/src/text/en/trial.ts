import type { TrialCode } from '@jovrin/core'

/** One change that may be tried, by the value that it sets. */
export const trialWords = {
  dim: (value) => `Dim the light to ${value}`,
  brighten: (value) => `Raise the light to ${value}`,
  shorten: (value) => `Shorten the day to ${value}`,
  lengthen: (value) => `Lengthen the day to ${value}`,
  'gas-less': () => 'A fifth less gas',
  'gas-more': () => 'A tenth more gas, watching the animals',
  'surface-more': () => 'Move the surface more',
  'surface-less': () => 'Move the surface less',
  'change-more': (value) => `Change water ${value}`,
  'feed-more': (value) => `Feed more: ${value}`,
  'feed-less': (value) => `Feed less: ${value}`,
  trim: () => 'Thin the plants by a third',
  pots: () => 'Plant more: pots for half as much again',
} satisfies Record<TrialCode, (value: string) => string>

export const trialEffectWords = {
  every: (days: string) => `every ${days}`,
  share: (share: string) => `by ${share} each time`,
  algaeLess: (percent: string) => `algae −${percent} %`,
  algaeMore: (percent: string) => `algae +${percent} %`,
  algaeSame: 'algae as before',
  growthLess: (percent: string) => `growth −${percent} %`,
  growthMore: (percent: string) => `growth +${percent} %`,
  growthSame: 'growth as before',
  gas: (peak: string) => `CO2 up to ${peak}`,
  more: (minutes: string) => `${minutes} more a week`,
  less: (minutes: string) => `${minutes} less a week`,
  certain: (percent: string) => `better in ${percent} % of the tanks`,
  wait: (days: string) => `judge it after ${days}`,
} as const
