import { STATE_SIZE } from '@jovrin/core'
import { z } from 'zod'
import { PlanSchema } from './plan.js'

export const ForecastRequest = z.strictObject({
  plan: PlanSchema,
  startState: z.array(z.number().min(0).max(1e9)).length(STATE_SIZE).optional(),
  weeks: z.int().min(1).max(104),
  stepMinutes: z.union([z.literal(10), z.literal(30), z.literal(60)]).default(30),
  seed: z.int().min(0).max(4294967295).default(1),
  members: z.int().min(1).max(100).default(1),
})
export type ForecastRequest = z.output<typeof ForecastRequest>

export const ForecastResponse = z.object({
  modelVersion: z.string(),
  at: z.array(z.number()),
  series: z.array(
    z.object({
      id: z.string(),
      unit: z.string(),
      values: z.array(z.number()),
      low: z.array(z.number()).optional(),
      high: z.array(z.number()).optional(),
    }),
  ),
})
export type ForecastResponse = z.output<typeof ForecastResponse>
