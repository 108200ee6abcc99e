import { appWords, formWords, numberWords, refusedWords } from '@jovrin/contract'
import { zodResolver } from '@hookform/resolvers/zod'
import { useForm, type DefaultValues, type FieldValues, type UseFormReturn } from 'react-hook-form'
import { z } from 'zod'

/** A number as it is typed: a text is none yet. Schemas of numbers refuse it by themselves. */
export const NumberDraft = z.union([z.number(), z.string(), z.null()])
export type NumberDraft = z.output<typeof NumberDraft>

interface Judged<Draft extends FieldValues, Kept> {
  /** Makes of what is typed what is kept, or says at which field it cannot. */
  readonly schema: z.ZodType<Kept, Draft>
  readonly draft: Draft
  /** Sentences for fields whose form no general sentence explains, by the field's name. */
  readonly faults?: Readonly<Partial<Record<keyof Draft & string, string>>>
}
export interface JudgedForm<Draft extends FieldValues, Kept> extends UseFormReturn<Draft, unknown, Kept> {
  /** For a form's `onSubmit`: keeps what the schema made, or stands at the first field that is at fault. A refusal is told and what was typed stays. */
  readonly keepBy: (keep: (kept: Kept) => Promise<void> | void) => () => Promise<void>
}

/** A form whose values a schema of the contract judges: when it is sent, and from then on while it is corrected. */
export function useJudgedForm<Draft extends FieldValues, Kept>({ schema, draft, faults }: Judged<Draft, Kept>): JudgedForm<Draft, Kept> {
  const form = useForm<Draft, unknown, Kept>({
    resolver: zodResolver(schema, { error: (issue) => faultOf(issue, faults ?? {}) }),
    // A draft holds no undefined, so it is its own set of defaults.
    defaultValues: draft as DefaultValues<Draft>,
  })
  return {
    ...form,
    keepBy: (keep) =>
      form.handleSubmit(async (kept) => {
        try {
          await keep(kept)
        } catch (error) {
          form.setError('root', { message: error instanceof Error ? error.message : appWords.failed })
        }
      }),
  }
}

/** What stands below a field at fault. The field's label is above it, so the sentence names no field. */
function faultOf(issue: z.core.$ZodRawIssue, faults: Readonly<Record<string, string | undefined>>): string {
  const own = faults[String(issue.path?.[0])]
  const isMissing = issue.input === null || issue.input === undefined || issue.input === ''
  if (isMissing && own === undefined) return formWords.needed
  if (own !== undefined) return own
  if (issue.code === 'invalid_type' && (issue.expected === 'number' || issue.expected === 'int')) return numberWords.none
  if (issue.code === 'too_big' && issue.origin === 'string') return formWords.long(String(issue.maximum))
  return formWords.refused
}

/** A rule of the contract is named by its code; its sentence stands in the catalogue. */
export const sentenceOfFault = (message: string | undefined): string | null =>
  message === undefined ? null : ((refusedWords.rules as Readonly<Record<string, string | undefined>>)[message] ?? message)
