import type { Strand, Supply } from '@jovrin/core'

export const enStrand = { light: 'light', carbon: 'carbon', feed: 'feed', mass: 'plant mass', clean: 'clean water' } satisfies Record<
  Strand,
  string
>

export const enStrandTitle = { light: 'Light', carbon: 'Carbon', feed: 'Feed', mass: 'Plant mass', clean: 'Clean water' } satisfies Record<
  Strand,
  string
>

export const enSupply = {
  light: 'light',
  carbon: 'carbon',
  storeN: 'nitrogen',
  storeP: 'phosphorus',
  storeK: 'potassium',
  storeFe: 'iron',
} satisfies Record<Supply, string>

export const enLead = {
  word: { 'plants-ahead': 'Plants ahead', 'about-even': 'About even', 'algae-gaining': 'Algae gaining' },
  wipe: (low: string, high: string) =>
    low === high ? `wipe the glass about every ${low} days` : `wipe the glass every ${low} to ${high} days`,
  wipeFrom: (low: string) => `wipe the glass every ${low} days or more seldom`,
  wipeSeldom: 'wipe the glass every three weeks or more seldom',
  weakest: (strand: string) => `weakest: ${strand}`,
  share: (percent: string) => `In ${percent} % of the tanks that fit these answers the plants hold their ground.`,
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
