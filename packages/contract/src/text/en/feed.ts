import type { FeedingSchool, SaltId } from '@jovrin/core'

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
