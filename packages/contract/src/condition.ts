import {
  CYCLE_CONDITIONS,
  CYCLE_STATES,
  GAS_ADVICE,
  GAS_ANIMALS,
  GAS_DOUBTS,
  GAS_MOMENTS,
  GAS_SEVERITIES,
  GAS_SOURCES,
  GAS_VERDICTS,
  NITROGEN_DANGERS,
  READINESS,
  type DarkCycle,
  type GasEvidence,
  type GasJudgement,
  type NitrogenJudgement,
  type TakenInputs,
} from '@jovrin/core'
import { z } from 'zod'
import { ReadingSchema } from './journal.js'

const Co2Range = z.object({ low: z.number(), value: z.number(), high: z.number() })
const GasEvidenceSchema: z.ZodType<GasEvidence> = z.object({
  source: z.enum(GAS_SOURCES),
  moment: z.enum(GAS_MOMENTS),
  at: z.string().nullable(),
  co2: Co2Range,
  doubts: z.array(z.enum(GAS_DOUBTS)),
  from: z.array(ReadingSchema),
  taken: z.object({
    temperatureC: z.number().optional(),
    ionicStrengthMolPerKg: z.number().optional(),
    roomCo2Ppm: z.number().optional(),
  }) as z.ZodType<TakenInputs>,
})
const supply = z.enum(['short', 'enough', 'unknown'])
const GasJudgementSchema: z.ZodType<GasJudgement> = z.object({
  verdict: z.enum(GAS_VERDICTS),
  severity: z.enum(GAS_SEVERITIES),
  animals: z.enum(GAS_ANIMALS),
  by: GasEvidenceSchema.nullable(),
  supply: z.object({ atLightsOn: supply, atPeak: supply }),
  advice: z.array(z.enum(GAS_ADVICE)),
  evidence: z.array(GasEvidenceSchema),
  limitMgPerL: z.number().nullable(),
})
const NitrogenJudgementSchema: z.ZodType<NitrogenJudgement> = z.object({
  readiness: z.enum(READINESS),
  ammonia: ReadingSchema.nullable(),
  nitrite: ReadingSchema.nullable(),
  pH: ReadingSchema.nullable(),
  unionisedMgNPerL: z.number().nullable(),
  withoutGasMgNPerL: z.number().nullable(),
  danger: z.enum(NITROGEN_DANGERS),
  isBinderFirst: z.boolean(),
})

const DarkCycleSchema: z.ZodType<DarkCycle> = z.object({
  state: z.enum(CYCLE_STATES),
  ammonia: ReadingSchema.nullable(),
  nitrite: ReadingSchema.nullable(),
  before: ReadingSchema.nullable(),
  conditions: z.array(
    z.object({
      quantity: z.enum(CYCLE_CONDITIONS),
      reading: ReadingSchema.nullable(),
      least: z.number(),
      is: z.enum(['enough', 'short', 'unknown']),
    }),
  ),
})

/** What a list of tanks tells of their gas. */
export const GasSummary = z.object({
  verdict: z.enum(GAS_VERDICTS),
  severity: z.enum(GAS_SEVERITIES),
  advice: z.array(z.enum(GAS_ADVICE)),
  isByPlan: z.boolean(),
  limitMgPerL: z.number().nullable(),
})
export type GasSummary = z.output<typeof GasSummary>
export const gasSummaryOf = ({ verdict, severity, advice, by, limitMgPerL }: GasJudgement): GasSummary => ({
  verdict,
  severity,
  advice: [...advice],
  isByPlan: by?.source === 'plan',
  limitMgPerL,
})

/** What is judged of a tank now, from its journal and its plan: once, for every place that tells it. */
export const TankCondition = z.object({
  gas: GasJudgementSchema,
  nitrogen: NitrogenJudgementSchema,
  /** Of a tank in its dark weeks. */
  cycle: DarkCycleSchema.nullable(),
})
export type TankCondition = z.output<typeof TankCondition>
