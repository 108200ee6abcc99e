import { journalWords } from '@jovrin/contract'
import { INDICATOR_COLOURS, MOMENTS, READING_QUANTITIES, type Kit, type ReadingQuantity } from '@jovrin/core'
import { z } from 'zod'
import type { Units } from '../../../ui/units.js'
import { indicatorReading } from '../../shared/indicatorReading.js'
import { instantOfWhen } from '../WhenInput.js'
import { judgeReading, unitOfField, type Judged, type ReadingPart } from './judgeReading.js'

/** Several readings of one moment, as they are typed. */
export const ReadingsDraft = z.object({
  texts: z.partialRecord(z.enum(READING_QUANTITIES), z.string().optional()),
  moment: z.enum(MOMENTS).nullable(),
  colour: z.enum(INDICATOR_COLOURS).nullable(),
  note: z.string(),
  at: z.string().nullable(),
})
export type ReadingsDraft = z.output<typeof ReadingsDraft>
export interface Readings {
  readonly parts: readonly ReadingPart[]
  readonly at: string
}
export const NO_READINGS: ReadingsDraft = { texts: {}, moment: null, colour: null, note: '', at: null }

/** How one field is read: by the kit that is entered for it, in the unit that stands beside it. */
export interface Gauge {
  readonly unit: string
  readonly judge: (text: string) => Judged
}
export function gaugeOf(quantity: ReadingQuantity, kits: readonly Kit[], units: Units): Gauge {
  const kit = kits.find((known) => known.quantity === quantity) ?? null
  const unit = unitOfField(quantity, kit, units)
  return { unit, judge: (text) => judgeReading({ quantity, text, unit, kit }) }
}

/** Makes records of what is typed in the fields that are shown; one that is wrong holds all back, and is told at its field. */
export const readingsSchema = (gauges: ReadonlyMap<ReadingQuantity, Gauge>): z.ZodType<Readings, ReadingsDraft> =>
  ReadingsDraft.transform((draft, context) => {
    const fault = (path: readonly string[], message: string): void => context.addIssue({ code: 'custom', message, path: [...path] })
    const note = draft.note.trim() === '' ? null : draft.note.trim()
    const parts: ReadingPart[] = []
    for (const [quantity, { judge }] of gauges) {
      const text = draft.texts[quantity] ?? ''
      if (text.trim() === '') continue
      const judged = judge(text)
      if ('error' in judged) fault(['texts', quantity], judged.error)
      else parts.push({ ...judged.part, moment: quantity === 'pH' ? draft.moment : null, note })
    }
    if (draft.colour !== null) parts.push(indicatorReading(draft.colour, draft.moment))
    const at = instantOfWhen(draft.at)
    if (at === null) fault(['at'], journalWords.whenUnclear)
    return context.issues.length > 0 || at === null ? z.NEVER : { parts, at }
  })
