import { journalWords, NOTE_MOST } from '@jovrin/contract'
import type { JournalRecord } from '@jovrin/core'
import { Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { FormFrame } from '../../../ui/form/FormFrame.js'
import { forgetDraft, keptDraft, useKeepDraft } from '../../../ui/form/keptDraft.js'
import { TextInput } from '../../../ui/form/fields.js'
import { useJudgedForm } from '../../../ui/form/useJudgedForm.js'
import { allPlants } from '../../library/species/species.queries.js'
import { WhenInput } from '../WhenInput.js'
import { draftOf, EMPTY, EventDraft, eventSchema, type EventKind, type LoggedEvent } from './eventDraft.js'
import { EventFields } from './EventFields.js'
import { PlantsFields } from './PlantsFields.js'

interface EventFormProps {
  readonly tankId: string
  readonly kind: EventKind
  /** The record under change; none for a new one. */
  readonly initial?: LoggedEvent
  /** What a new one begins with, where none is half typed. */
  readonly begin?: Partial<EventDraft>
  /** Under which name a new one is kept while it is typed. */
  readonly keptAs?: string
  readonly timeZone: string
  readonly onSubmit: (record: JournalRecord) => Promise<void>
  readonly submitLabel: string
  readonly children?: ReactNode
}

/** One form for one kind of event. A draft that is refused stays as it is. */
export function EventForm({ tankId, kind, initial, begin, keptAs, timeZone, onSubmit, submitLabel, children }: EventFormProps) {
  const plants = useQuery({ ...allPlants(), enabled: kind === 'plants' }).data
  const form = useJudgedForm({
    schema: eventSchema(kind, initial ?? null, (id) => plants?.find((plant) => plant.id === id)),
    draft: initial ? draftOf(initial) : ((keptAs === undefined ? null : keptDraft(keptAs, EventDraft)) ?? { ...EMPTY, ...begin }),
    faults: { at: journalWords.whenUnclear, currency: journalWords.wrongCurrency },
  })
  useKeepDraft(form, keptAs ?? null)
  return (
    <FormFrame
      form={form}
      label={journalWords.kinds[kind]}
      onKeep={async (record) => {
        await onSubmit(record)
        if (initial) return
        form.reset(EMPTY)
        if (keptAs !== undefined) forgetDraft(keptAs)
      }}
      actions={
        <>
          <Button type="submit" variant="contained" sx={{ minHeight: { xs: 48, md: 34 }, flexGrow: 1 }}>
            {submitLabel}
          </Button>
          {children}
        </>
      }
    >
      {kind === 'plants' ? <PlantsFields tankId={tankId} form={form} /> : <EventFields kind={kind} form={form} />}
      <TextInput control={form.control} name="note" label={journalWords.note} most={NOTE_MOST} isLong={kind === 'note'} />
      <WhenInput control={form.control} name="at" timeZone={timeZone} />
    </FormFrame>
  )
}
