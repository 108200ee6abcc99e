export const CONFIDENCES = ['A', 'B', 'C'] as const
/** A: well documented. B: commonly reported, and reports agree. C: estimate from genus, form or look. */
export type Confidence = (typeof CONFIDENCES)[number]
export const DATUM_SOURCES = ['monograph', 'culture', 'estimate', 'own'] as const
export type DatumSource = (typeof DATUM_SOURCES)[number]

/** How far a figure is to be trusted, and what it rests on. */
export interface Trust {
  readonly confidence: Confidence
  readonly source: DatumSource
}
/** A trait as a figure. `low` to `high` is what four of five well-kept tanks show, not the record. */
export interface Datum extends Trust {
  readonly value: number
  readonly low: number
  readonly high: number
}

/** What a figure rests on where its row says no more. */
export const SOURCE_OF: Readonly<Record<Confidence, DatumSource>> = { A: 'monograph', B: 'culture', C: 'estimate' }
export const trustOf = (confidence: Confidence): Trust => ({ confidence, source: SOURCE_OF[confidence] })
export const ASSUMED: Trust = trustOf('C')

/** How much wider a range becomes when it is taken from a genus or a form: ×/÷ 1.5. Rule of thumb. */
const WIDER = 1.5
/** Taken from something more general: never worth more than an estimate. */
export const asAssumed = ({ value, low, high }: Datum): Datum => ({ value, low: low / WIDER, high: high * WIDER, ...ASSUMED })

/** Classes that a range touches, of a scale of rising limits: of its lower middle, its value and its upper middle, so that a far tail names no class. */
export function classesOf<Class extends string>(scale: readonly (readonly [Class, number])[], { value, low, high }: Datum): Class[] {
  const last = scale.at(-1)
  if (last === undefined) return []
  const classOf = (at: number): Class => (scale.find(([, below]) => at < below) ?? last)[0]
  const middles = [Math.sqrt(Math.max(low, 0) * value), value, Math.sqrt(value * high)]
  return [...new Set(middles.map(classOf))]
}
