import { PARTNERS, RECIPE_NUTRIENTS, SALT_IDS } from '@jovrin/core'
import { z } from 'zod'
import { SaltIdSchema } from './salt.js'

const Litres = z.number().min(0.001).max(1e7)
const Degrees = z.number().min(0).max(100)
const Mg = z.number().min(0).max(2000)
const Salts = z.array(SaltIdSchema).max(SALT_IDS.length)
const Blended = z.strictObject({ ghDgh: Degrees, khDkh: Degrees })
const Hard = z.strictObject({ caMgPerL: Mg, mgMgPerL: Mg, khDkh: Degrees })
const Minerals = z.strictObject({
  ghDgh: z.number().min(0.01).max(100),
  caMgMassRatio: z.number().min(0.01).max(100),
  khDkh: z.number().min(0.01).max(100).optional(),
})

/** Grams of salts for wanted additions, minerals for soft water, a blend of two waters, or blend and minerals at once. */
export const RecipeRequest = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('recipe'),
    litres: Litres,
    targetsMgPerL: z
      .partialRecord(z.enum(RECIPE_NUTRIENTS), z.number().min(0).max(10_000))
      .refine((targets) => Object.keys(targets).length > 0, { error: 'too_small' })
      .meta({ description: 'wanted addition; 0 asks that no salt brings it' }),
    salts: Salts,
  }),
  z.strictObject({ kind: z.literal('remineralise'), changeLitres: Litres, baseWater: Hard, targets: Minerals, salts: Salts }),
  z.strictObject({
    kind: z.literal('blend'),
    changeLitres: Litres,
    first: Blended,
    second: Blended,
    targets: z
      .strictObject({ ghDgh: z.number().min(0.01).max(100).optional(), khDkh: z.number().min(0.01).max(100).optional() })
      .refine(({ ghDgh, khDkh }) => ghDgh !== undefined || khDkh !== undefined, { error: 'too_small' }),
  }),
  z.strictObject({
    kind: z.literal('blend-and-remineralise'),
    changeLitres: Litres,
    first: Hard,
    second: Hard,
    targets: Minerals,
    salts: Salts,
  }),
])
export type RecipeRequest = z.output<typeof RecipeRequest>

const Figures = z.record(z.string(), z.number().optional())
export const RecipeResponse = z.object({
  status: z.enum(['exact', 'infeasible', 'compromise']),
  grams: Figures.meta({ description: 'g of every salt that was offered' }),
  achieved: Figures.meta({ description: 'mg/L; GH and KH in degrees' }),
  deviations: Figures.meta({ description: 'achieved over target, less one' }),
  partners: z.partialRecord(z.enum(PARTNERS), z.number()).meta({ description: 'what comes along unasked, mg/L; KH_rise in degrees' }),
  shareFirst: z.number().min(0).max(1).optional().meta({ description: 'of the first water' }),
})
export type RecipeResponse = z.output<typeof RecipeResponse>
