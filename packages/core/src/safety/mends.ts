import type { MendDefinition } from '../plan/finding.js'
import type { Dimensions } from '../quantity/quantity.js'

const ROWS = {
  depth: { depth: 'length' },
  slope: { depth: 'length', slope: 'angle' },
  cap: { depth: 'length' },
  barrier: { height: 'length' },
  clip: {},
  remove: {},
  fix: { ballast: 'mass' },
  'move-in': { gap: 'length' },
  sink: { depth: 'length' },
  light: { upkeep: 'minutes' },
  gas: {},
  'lower-gas': { peak: 'concentration' },
  'earlier-gas': { lead: 'minutes' },
  'later-animals': { day: 'day' },
  top: {},
  heater: { power: 'power' },
  denser: { pots: 'count' },
  dim: { power: 'fraction' },
  'hang-at': { height: 'length' },
  'move-lamp': { fromFront: 'length' },
  'second-lamp': {},
  'light-hours': { hours: 'hours' },
  lift: {},
  apart: { gap: 'length' },
  pair: {},
  'no-fast-nitrogen': {},
  'split-bottle': {},
  'thin-bottle': { most: 'salt' },
  'less-potassium': { potassium: 'concentration' },
  'count-water': {},
  'drop-product': {},
  minerals: { wanted: 'hardness' },
  'all-minerals': {},
  'more-purified': { purified: 'fraction' },
  'as-reports': {},
  'raise-alkalinity': { wanted: 'alkalinity' },
} as const satisfies Readonly<Record<string, Dimensions>>
export type MendCode = keyof typeof ROWS

/** Changes that a finding may offer, with the values that their button tells. */
export const MENDS = Object.fromEntries(Object.entries(ROWS).map(([code, values]) => [code, { code, values }])) as unknown as {
  readonly [Code in MendCode]: MendDefinition<Code, (typeof ROWS)[Code]>
} // the same rows, each with its own code
