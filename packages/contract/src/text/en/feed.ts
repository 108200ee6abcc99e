import type { Chelate, FeedForm, FeedingSchool, FeedNutrient, FeedSign, LabelSpecies, LabelUnit, SaltId, Weekday } from '@jovrin/core'

/** Salts by their everyday chemical names. */
export const saltWords = {
  'potassium-nitrate': 'potassium nitrate',
  'monopotassium-phosphate': 'monopotassium phosphate',
  'dipotassium-phosphate': 'dipotassium phosphate',
  'potassium-sulfate': 'potassium sulfate',
  'potassium-bicarbonate': 'potassium bicarbonate',
  'magnesium-sulfate-heptahydrate': 'magnesium sulfate (7 H2O)',
  'magnesium-nitrate-hexahydrate': 'magnesium nitrate (6 H2O)',
  'calcium-nitrate-tetrahydrate': 'calcium nitrate (4 H2O)',
  'calcium-sulfate-dihydrate': 'calcium sulfate (2 H2O)',
  'calcium-chloride-anhydrous': 'calcium chloride (dry)',
  'calcium-chloride-dihydrate': 'calcium chloride (2 H2O)',
  'calcium-carbonate': 'calcium carbonate',
  'sodium-bicarbonate': 'sodium bicarbonate',
  'ammonium-nitrate': 'ammonium nitrate',
  'ammonium-sulfate': 'ammonium sulfate',
  'monoammonium-phosphate': 'monoammonium phosphate',
  urea: 'urea',
  'iron-edta-sodium-anhydrous': 'iron EDTA (dry)',
  'iron-edta-sodium-trihydrate': 'iron EDTA (3 H2O)',
  'iron-dtpa-sodium-hydrogen': 'iron DTPA (Na H)',
  'iron-dtpa-disodium': 'traces, by their iron (DTPA)',
  'iron-gluconate-dihydrate': 'iron gluconate',
  'iron-sulfate-heptahydrate': 'iron sulfate (7 H2O)',
  'manganese-sulfate-monohydrate': 'manganese sulfate',
  'zinc-sulfate-heptahydrate': 'zinc sulfate',
  'copper-sulfate-pentahydrate': 'copper sulfate',
  'boric-acid': 'boric acid',
  'sodium-molybdate-dihydrate': 'sodium molybdate',
} satisfies Record<SaltId, string>

export const schoolWords = {
  'rich-column': 'rich column',
  'lean-column': 'lean column',
  'measured-ratio': 'measured ratio',
  'ground-led': 'ground-led',
  'all-in-one': 'all in one',
  none: 'none',
} satisfies Record<FeedingSchool, string>

export const weekdayWords = {
  mon: 'Monday',
  tue: 'Tuesday',
  wed: 'Wednesday',
  thu: 'Thursday',
  fri: 'Friday',
  sat: 'Saturday',
  sun: 'Sunday',
} satisfies Record<Weekday, string>

export const feedSignWords = {
  'pale-new-leaves': 'new leaves turn pale',
  'nitrogen-low': 'ammonium and nitrate both read low',
} satisfies Record<FeedSign, string>

export const feedFormWords = {
  salt: 'dry salt',
  stock: 'bottle you mixed',
  bottle: 'bottle with a label',
} satisfies Record<FeedForm, string>

export const labelUnitWords = {
  percent: 'percent by mass',
  'mg-per-ml': 'mg in a millilitre',
  raises: 'mg/L that it raises',
} satisfies Record<LabelUnit, string>

export const labelSpeciesWords = {
  NO3: 'NO3',
  N_nitrate: 'N as nitrate',
  NH4: 'NH4',
  N_ammonium: 'N as ammonium',
  N_urea: 'N as urea',
  N: 'N, form not told',
  PO4: 'PO4',
  P: 'P',
  P2O5: 'P2O5',
  K: 'K',
  K2O: 'K2O',
  Ca: 'Ca',
  CaO: 'CaO',
  Mg: 'Mg',
  MgO: 'MgO',
  Fe: 'Fe',
  Cu: 'Cu',
} satisfies Record<LabelSpecies, string>

export const chelateWords = {
  edta: 'EDTA',
  dtpa: 'DTPA',
  eddha: 'EDDHA',
  gluconate: 'gluconate',
} satisfies Record<Chelate, string>

/** In the order in which labels print them. */
export const labelWords = Object.entries(labelSpeciesWords) as readonly (readonly [LabelSpecies, string])[] // its own keys

/** Nutrients as growers name them. */
export const nutrientWords = {
  nitrateN: 'nitrate',
  ammoniumN: 'ammonium, urea',
  phosphateP: 'phosphate',
  potassium: 'potassium',
  calcium: 'calcium',
  magnesium: 'magnesium',
  iron: 'iron',
} satisfies Record<FeedNutrient, string>
