import { FieldPast, journalWords } from '@jovrin/contract'
import { datePlusDays, type UsedSetting } from '@jovrin/core'
import { z } from 'zod'

/** It was so until a day. */
const SpanDraft = z.object({ value: z.unknown(), until: z.string(), why: z.string().nullable() })
export const PastDraft = z.object({ spans: z.array(SpanDraft) })
export type PastDraft = z.output<typeof PastDraft>
type Span = PastDraft['spans'][number]

export const spansOf = (used: readonly UsedSetting[]): Span[] =>
  used.map(({ from, effectiveOn, why }) => ({ value: from, until: effectiveOn, why }))

/** What is sent: each value begins where the one before it ends, and the last is the plan's own. */
export const pastOf = (path: string, now: unknown, spans: readonly Span[], replaces: readonly string[]): z.input<typeof FieldPast> => ({
  path,
  first: spans.length > 0 ? spans[0]?.value : now,
  steps: spans.map(({ until, why }, index) => ({ effectiveOn: until, to: index + 1 < spans.length ? spans[index + 1]?.value : now, why })),
  replaces: [...replaces],
})

interface Asked {
  readonly path: string
  /** What the plan says today. */
  readonly now: unknown
  readonly startedOn: string
  /** Ids of the changes that were seen. */
  readonly replaces: readonly string[]
}
/** The past of one field by the contract's schema; its faults told at the rows in which they were typed. */
export const pastSchema = ({ path, now, startedOn, replaces }: Asked): z.ZodType<FieldPast, PastDraft> =>
  PastDraft.transform(({ spans }, context) => {
    const early = spans[0] !== undefined && spans[0].until !== '' && spans[0].until < datePlusDays(startedOn, 1)
    if (early) context.addIssue({ code: 'custom', message: journalWords.past.order, path: ['spans', 0, 'until'] })
    const judged = FieldPast.safeParse(pastOf(path, now, spans, replaces))
    for (const issue of judged.error?.issues ?? [])
      context.addIssue({ ...issue, code: 'custom', message: told(issue), path: rowOf(issue.path) })
    return judged.data === undefined || early ? z.NEVER : judged.data
  })

const told = (issue: z.core.$ZodIssue): string => (issue.path.at(-1) === 'effectiveOn' ? journalWords.past.order : issue.message)

/** A value stands in the row before the day on which it ends. */
function rowOf(path: readonly PropertyKey[]): PropertyKey[] {
  const [part, index, key] = path
  if (part !== 'steps' || typeof index !== 'number') return ['spans', 0, 'value']
  return key === 'to' ? ['spans', index + 1, 'value'] : ['spans', index, 'until']
}
