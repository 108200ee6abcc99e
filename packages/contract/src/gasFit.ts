import { GAS_FIT_REASONS, windowOf } from '@jovrin/core'
import { z } from 'zod'
import { Clock } from './plan.js'

const Window = z
  .string()
  .max(20)
  .refine((text) => windowOf(text) !== null, { error: 'window' })
  .meta({ description: 'HH:MM-HH:MM of every day; over midnight where the end is earlier, 00:00-24:00 for always' })

/** A log of pH with what gas and light did meanwhile. */
export const GasFitRequest = z.strictObject({
  readings: z
    .array(z.strictObject({ minute: z.number().min(0).max(100_000), pH: z.number().min(4).max(10) }))
    .min(1)
    .max(3000),
  khDkh: z.number().min(0).max(30),
  temperatureC: z.number().min(5).max(40),
  roomCo2Ppm: z.number().min(280).max(20_000),
  litres: z.number().min(0.1).max(100_000),
  startClock: Clock.meta({ description: 'clock time of minute 0' }),
  gasWindows: z.array(Window).max(8),
  lightWindows: z.array(Window).max(8),
})
export type GasFitRequest = z.output<typeof GasFitRequest>

const Figure = z.object({ value: z.number(), low: z.number(), high: z.number() }).nullable()
export const GasFitResponse = z.object({
  verdict: z.enum(['fit', 'cannot-tell']),
  reasons: z.array(z.enum(GAS_FIT_REASONS)),
  kPerH: Figure,
  halfTimeH: Figure,
  plateauMgPerL: Figure.meta({ description: 'what gas alone would reach, in the dark' }),
  plateauInLightMgPerL: Figure,
  injectionMgPerLPerH: Figure,
  uptakeMgPerLPerH: Figure,
  startMgPerL: z.number().nullable().meta({ description: 'level at the first reading, by the fit' }),
  dissolvedMgPerH: Figure.meta({ description: 'what dissolves in the whole tank while the gas is on' }),
  strayPh: z.number().nullable().meta({ description: 'what is left between log and fit' }),
})
export type GasFitResponse = z.output<typeof GasFitResponse>
