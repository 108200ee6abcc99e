import type { FeedingSchool, Plan } from '../plan/plan.js'
import { UNKNOWN_PRODUCT, type FeedProduct } from '../plan/planFeed.js'
import { ALL_IN_ONE_NITRATE_MG_PER_ML, SCHOOL } from './schools.js'
import type { SaltId } from '../salts/salts.js'

/** Nitrate and phosphate come with potassium; what is missing of it comes as sulfate. */
const USUAL_SALTS = [
  'potassium-nitrate',
  'monopotassium-phosphate',
  'potassium-sulfate',
  'magnesium-sulfate-heptahydrate',
  'iron-dtpa-disodium',
] as const satisfies readonly SaltId[]

/** A salt that nobody gave a name of its own. */
export const plainSalt = (id: string, salt: SaltId): FeedProduct => ({ ...UNKNOWN_PRODUCT, id, name: '', form: 'salt', salt })

const usualSalts: readonly FeedProduct[] = USUAL_SALTS.map((salt, at) => plainSalt(`usual${at}`, salt))
/** An all-in-one of which nobody typed the label: as its school doses. */
const usualBottle: FeedProduct = {
  ...UNKNOWN_PRODUCT,
  id: 'usualbottle',
  name: '',
  form: 'bottle',
  labelUnit: 'mg-per-ml',
  label: (
    [
      ['NO3', 'nitrate'],
      ['PO4', 'phosphate'],
      ['K', 'potassium'],
      ['Mg', 'magnesium'],
      ['Fe', 'iron'],
    ] as const
  ).map(([species, nutrient], at) => ({
    id: `l${at}`,
    species,
    value: (SCHOOL['all-in-one'].amounts[nutrient] * ALL_IN_ONE_NITRATE_MG_PER_ML) / SCHOOL['all-in-one'].amounts.nitrate,
  })),
}

/** What a school is usually dosed from, for a grower who named nothing. */
export const usualCupboard = (school: FeedingSchool): readonly FeedProduct[] => (school === 'all-in-one' ? [usualBottle] : usualSalts)
export const isUsual = ({ id }: FeedProduct): boolean => id.startsWith('usual')

/** What a tank is dosed from. */
export const cupboardOf = ({ feeding, feed }: Pick<Plan, 'feeding' | 'feed'>): readonly FeedProduct[] =>
  feed.cupboard.length > 0 ? feed.cupboard : usualCupboard(feeding)
