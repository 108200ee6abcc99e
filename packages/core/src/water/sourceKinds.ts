import type { AnsweredPath, Answers } from '../plan/answers.js'
import type { Assumption } from '../plan/fields.js'
import type { SourceKind, WaterSource } from '../plan/planWater.js'
import { ATOMIC_WEIGHT } from '../quantity/physicalConstants.js'

type Held = 'alkalinityMeqPerL' | 'hardnessMmolPerL' | 'nitrateMgNPerL' | 'phosphateMgPPerL' | 'silicaMgSiPerL'

/** Where a kind of water is another than mains water usually is, nobody having tested it. Rules of thumb: an exchanger takes nearly all calcium and magnesium and leaves the alkalinity; rain has dust and little else. */
const UNTESTED: Readonly<Record<SourceKind, Readonly<Partial<Record<Held, Assumption>>>>> = {
  mains: {},
  well: {},
  // Nobody softens soft water.
  softened: {
    hardnessMmolPerL: { value: 0.1, low: 0.02, high: 0.5 },
    alkalinityMeqPerL: { value: 4, low: 2.5, high: 6 },
  },
  rain: {
    alkalinityMeqPerL: { value: 0.05, low: 0.01, high: 0.3 },
    hardnessMmolPerL: { value: 0.05, low: 0.01, high: 0.3 },
    nitrateMgNPerL: { value: 0.3, low: 0.1, high: 0.8 },
    phosphateMgPPerL: { value: 0.01, low: 0.003, high: 0.05 },
    silicaMgSiPerL: { value: 0.05, low: 0.01, high: 0.3 },
  },
}

/** What a litre of a source holds of something: as told, else as its kind usually does. */
export function heldBy(source: WaterSource | null, held: Held, answers: Answers, place: number): number {
  const given = source?.[held] ?? null
  const own = source === null ? undefined : UNTESTED[source.kind][held]
  const path = `sources/*/${held}` as const satisfies AnsweredPath
  if (given === null && own !== undefined) return answers.unknown(`${path} ${source!.kind}`, own, path, place)
  return answers.number(path, given, place)
}

/** Sodium that nobody tested [mg/L]. In mains water a rule of thumb, 4–60. What an exchanger gave for calcium and magnesium is at least what balances the alkalinity that is left without them. */
export function sodiumOf(source: WaterSource | null, hardnessMmolPerL: number, alkalinityMeqPerL: number): number {
  if (source?.sodiumMgPerL != null) return source.sodiumMgPerL
  if (source?.kind === 'rain') return 1
  if (source?.kind !== 'softened') return 12
  return Math.max(12, (alkalinityMeqPerL - 2 * hardnessMmolPerL) * ATOMIC_WEIGHT.Na)
}
