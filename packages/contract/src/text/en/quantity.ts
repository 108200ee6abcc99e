import type { ChosenDimension } from '@jovrin/core'

export const dimensionWords = {
  length: 'Length',
  volume: 'Volume',
  temperature: 'Temperature',
  alkalinity: 'Alkalinity',
  hardness: 'Hardness',
  nitrate: 'Nitrate',
  nitrite: 'Nitrite',
  ammonia: 'Ammonia',
  phosphate: 'Phosphate',
  silica: 'Silica',
  mass: 'Mass',
  portion: 'Fodder and trimmings',
} satisfies Record<ChosenDimension, string>

/** Units that are words. */
export const unitWords = { days: 'days', aDay: '/day' } as const

export const numberWords = {
  both: 'Write either a comma or a point as the decimal mark, not both, and no marks for thousands.',
  none: 'This is not a number.',
  range: (low: string, high: string, unit: string) => `Give a value from ${low} to ${high}${unit === '' ? '' : ` ${unit}`}.`,
  whole: 'Give a whole number.',
  unknown: 'don’t know',
  assumed: (value: string, low: string, high: string, unit: string) => `assumed ${value} (${low}–${high})${unit === '' ? '' : ` ${unit}`}`,
  odd: (usual: string) => `Unusual: most tanks have ${usual}. Kept as you typed it.`,
  explain: (label: string) => `What is ${label}?`,
} as const

export const figureWords = {
  open: (label: string) => `${label}: show the working`,
  formula: 'Formula',
  worked: 'Worked',
  inputs: 'With',
  source: 'Source',
  range: 'Range',
  exact: 'exact for these inputs',
  close: 'Close the working',
  from: { typed: 'typed', assumed: 'assumed', measured: 'measured', reckoned: 'calculated', model: 'from the model' },
} as const
