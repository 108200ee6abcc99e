import { v1to2 } from './v1to2.js'
import type { PlanV1 } from './planV1.js'

/** A stored document in today's form. What is not an older plan comes back as it is: the boundary's schema says what is wrong with it. */
export function upgradePlan(document: unknown): unknown {
  if (typeof document !== 'object' || document === null) return document
  const version = (document as { schemaVersion?: unknown }).schemaVersion
  if (version !== 1) return document
  const { vessel, sources, layers, hardscape } = document as Partial<PlanV1>
  const isWhole = typeof vessel === 'object' && [sources, layers, hardscape].every((list) => Array.isArray(list))
  return isWhole ? v1to2(document as PlanV1) : document
}
