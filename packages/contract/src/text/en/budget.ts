import type { Forgotten, SHOPPING_LINES, ShoppingGroup, ShoppingLine } from '@jovrin/core'
import { counted } from '../plural.js'
import type { Sentence } from '../tell.js'

type LineNames = { readonly [Line in ShoppingLine]: Sentence<(typeof SHOPPING_LINES)[Line]['values'], 'name'> }

const piece = { one: 'piece', other: 'pieces' }

/** What a line of the shopping list is called. `name`: of a ground, a material or a plant kind, or the grower’s own. */
export const shoppingLineWords = {
  tank: (v) => `Tank ${v.length} × ${v.width} × ${v.height}, glass ${v.glass}`,
  stand: (v) => `Stand, level, ${v.length} × ${v.width}`,
  mat: () => 'Mat under the tank',
  lamp: (v) => `Lamp ${v.power}, ${v.length} long`,
  timer: () => 'Timer',
  cylinder: () => 'CO2 cylinder',
  regulator: () => 'Regulator with solenoid and needle valve',
  diffuser: () => 'Diffuser',
  counter: () => 'Bubble counter',
  indicator: () => 'Indicator with reference solution',
  filter: (v) => `Filter, about ${v.rated} as rated`,
  heater: (v) => `Heater ${v.power}`,
  cooler: (v) => `Cooling, about ${v.power}`,
  ground: (v) => `${v.name}, bag of ${v.bag}: ${v.poured} poured (${v.spare} spare)`,
  salt: (v) => `${v.name}, about ${v.amount} for half a year`,
  fertiliser: (v) => `${v.name === '' ? 'All-in-one fertiliser' : v.name}, about ${v.amount} for half a year`,
  test: (v) => `Test: ${v.name}`,
  tabs: (v) => `Root tabs, ${v.tabs} (${v.spare} spare)`,
  capsules: (v) => `Nutrient capsules, ${v.capsules}`,
  barrier: (v) => `Separator strip, ${v.length}`,
  hardscape: (v, n) => `${v.name}, ${counted(n.pieces, piece, v.pieces)}`,
  glue: () => 'Glue gel',
  plants: (v) => `${v.name}, pots or bunches`,
  sundry: (v) => v.name,
  extra: (v) => v.name,
} satisfies LineNames

/** What is forgotten when everything else is bought. */
export const sundryWords = {
  conditioner: 'Water conditioner',
  'check-valve': 'Check valve',
  'spare-seal': 'Spare seal for the regulator',
  'hose-clips': 'Hose clips',
  'counter-liquid': 'Liquid for the bubble counter',
  'indicator-fluid': 'Indicator fluid',
  thermometer: 'Thermometer',
  hose: 'Hose for water changes',
  scissors: 'Scissors, straight and bent',
  tweezers: 'Tweezers, straight and bent',
  sprayer: 'Sprayer',
  film: 'Cling film',
  towels: 'Towels',
  buckets: 'Two buckets',
  'second-timer': 'Second timer',
} satisfies Record<Forgotten, string>

export const shoppingGroupWords = {
  tank: 'Tank and stand',
  light: 'Light',
  gas: 'Gas',
  filter: 'Filter, heat',
  ground: 'Ground',
  hardscape: 'Stones and wood',
  plants: 'Plants',
  sundries: 'Sundries',
} satisfies Record<ShoppingGroup, string>
