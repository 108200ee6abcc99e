import { FEEDING_SCHOOLS, SURFACES, type Levers } from '@jovrin/core'
import { z } from 'zod'

export const LEVER_RANGE = {
  dimFraction: [0, 1],
  hours: [0, 16],
  gasFactor: [0, 3],
  changeFraction: [0, 1],
  changeEveryDays: [1, 28],
  massFactor: [0.2, 3],
} as const satisfies Record<string, readonly [number, number]>

const within = (name: keyof typeof LEVER_RANGE) => z.number().min(LEVER_RANGE[name][0]).max(LEVER_RANGE[name][1]).optional()

/** A stored draft of levers, one per tank: not a revision of the plan. */
export const LeversSchema = z.strictObject({
  dimFraction: within('dimFraction'),
  hours: within('hours'),
  gasFactor: within('gasFactor'),
  feeding: z.enum(FEEDING_SCHOOLS).optional(),
  surface: z.enum(SURFACES).optional(),
  changeFraction: within('changeFraction'),
  changeEveryDays: z.int().min(1).max(28).optional(),
  massFactor: within('massFactor'),
})

/** Drops fields that are present but undefined, which exact optional types refuse. */
export function leversOf(parsed: z.output<typeof LeversSchema>): Levers {
  return Object.fromEntries(Object.entries(parsed).filter(([, value]) => value !== undefined)) // same fields, less the undefined ones
}
