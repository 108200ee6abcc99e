import type { Feeder, Flag, Hold, Strand, Supply } from '@jovrin/core'

export const strandTitleWords = { light: 'Light', carbon: 'Carbon', feed: 'Feed', warmth: 'Warmth', room: 'Room' } satisfies Record<
  Strand,
  string
>

export const supplyWords = {
  light: 'light',
  carbon: 'carbon',
  storeN: 'nitrogen',
  storeP: 'phosphorus',
  storeK: 'potassium',
  storeFe: 'iron',
  minerals: 'calcium, magnesium',
  warmth: 'temperature',
  room: 'room',
} satisfies Record<Supply, string>

/** How plants grow, and what holds them back. */
export const growthWords = {
  hold: {
    light: 'light alone',
    carbon: 'carbon',
    storeN: 'nitrogen',
    storeP: 'phosphorus',
    storeK: 'potassium',
    storeFe: 'iron and traces',
    minerals: 'calcium or magnesium',
    warmth: 'temperature',
    room: 'crowding',
  } satisfies Record<Hold, string>,
  told: (share: string, hold: string) => `Plants grow at ${share} of what this light allows, held back by ${hold}.`,
  /** Where only light is short: grown out, or a little of everything. */
  full: (share: string) => `Plants grow at ${share} of what this light allows; only more light would grow more.`,
  spread: (share: string) => `Plants grow at ${share} of what this light allows; beside the light no single thing holds them back.`,
  early: (hold: string) => `${hold}, most of all when the lights come on`,
  short: (hold: string) => `growth held back by ${hold}`,
} as const

/** What helps algae on. */
export const feederWords = {
  ammonia: 'ammonia',
  organics: 'dissolved organics',
  swings: 'CO2 that swings',
  stress: 'stressed leaves',
  bareness: 'few healthy leaves',
} satisfies Record<Feeder, string>

export const leadWords = {
  word: {
    'growth-stopped': 'Growth has stopped',
    'plants-ahead': 'Plants ahead',
    'about-even': 'About even',
    'algae-gaining': 'Algae gaining',
  },
  wipe: (low: string, high: string) =>
    low === high ? `wipe the glass about every ${low} days` : `wipe the glass every ${low} to ${high} days`,
  wipeFrom: (low: string) => `wipe the glass every ${low} days or more seldom`,
  wipeSeldom: 'wipe the glass every three weeks or more seldom',
  share: (percent: string) => `In ${percent} % of the tanks that fit these answers the plants hold their ground.`,
  fedBy: (feeders: string) => `Algae are helped by ${feeders}.`,
  trendUp: 'Getting better against the week before.',
  trendDown: 'Getting worse against the week before.',
  trendFlat: 'Much as the week before.',
  young: 'Weeks 1 to 5: film, melt and brown dust are normal now.',
  planUp: (percent: string) => `Better than the saved plan in ${percent} % of them.`,
  planDown: (percent: string) => `Worse than the saved plan in ${percent} % of them.`,
  planFlat: 'As good as the saved plan.',
  index: 'Lead',
  indexTitle: 'Lead of plants over algae',
  formula: 'lead = relative growth of the plants − fastest invasion rate of any algae; means over a week; median of the ensemble',
  source: 'Days between wipes follow from the growth of dust on glass; rule of thumb.',
} as const

/** What the forecast warns of, by its value: mg/L, ammonia and nitrite as N. */
export const flagWords = {
  'co2-dangerous': (value) => `CO2 may peak at ${value} mg/L, which kills: less gas before that week.`,
  'co2-too-much': (value) => `CO2 may peak at ${value} mg/L: too much for animals.`,
  'co2-much': (value) => `CO2 may peak at ${value} mg/L: more than animals should have.`,
  'co2-wasted': (value) => `CO2 may peak at ${value} mg/L: more than plants can use.`,
  'oxygen-low': (value) => `Oxygen may fall to ${value} mg/L before lights-on (modelled).`,
  ammonia: (value) => `Ammonia ${value} mg N/L: no animals yet.`,
  nitrite: (value) => `Nitrite ${value} mg N/L: no animals yet.`,
} satisfies Record<Flag['code'], (value: string) => string>
