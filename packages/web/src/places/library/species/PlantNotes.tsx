import { appWords, describeWords, OUTCOMES, PlantNote, speciesWords, type TankEntry } from '@jovrin/contract'
import { civilDate, type PlantSpecies } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { z } from 'zod'
import { changeJson } from '../../../api/http.js'
import { newId } from '../../../api/newId.js'
import { DateInput, PickInput, TextInput } from '../../../ui/form/fields.js'
import { FormFrame } from '../../../ui/form/FormFrame.js'
import { SaveOrCancel } from '../../../ui/form/SaveOrCancel.js'
import { useJudgedForm } from '../../../ui/form/useJudgedForm.js'
import { RemoveIcon } from '../../../ui/icons/RemoveIcon.js'
import { useNotice } from '../../../ui/notice.js'
import { SheetDialog } from '../../../ui/SheetDialog.js'
import { longDate } from '../../../ui/units.js'
import { notesOfPlant } from './species.queries.js'

interface PlantNotesProps {
  readonly plant: PlantSpecies
  readonly tanks: readonly TankEntry[]
  readonly tank: TankEntry | null
  /** Until the tanks are known a note would be on none. */
  readonly isReady: boolean
}

/** How a plant did for its grower, by tank and day. */
export function PlantNotes({ plant, tanks, tank, isReady }: PlantNotesProps) {
  const client = useQueryClient()
  const tell = useNotice()
  const [isOpen, setOpen] = useState(false)
  const notes = useQuery(notesOfPlant(plant.id)).data ?? []
  const changed = (): Promise<void> => client.invalidateQueries({ queryKey: ['plant-notes', plant.id] })
  const at = (id: string): string => `/api/species/${plant.id}/notes/${id}`
  const keep = async (note: PlantNote): Promise<void> => {
    await changeJson('PUT', at(note.id), PlantNote, { body: note })
    await changed()
    tell({ text: speciesWords.noteKept })
    setOpen(false)
  }
  const remove = async (note: PlantNote): Promise<void> => {
    await changeJson('DELETE', at(note.id), z.object({}))
    await changed()
    tell({ text: speciesWords.noteRemoved, action: { label: describeWords.undo, run: () => void keep(note).catch(refused) } })
  }
  const refused = (error: unknown): void => tell({ text: error instanceof Error ? error.message : appWords.failed })
  return (
    <Box component="section">
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {speciesWords.notes}
      </Box>
      {notes.length === 0 && <Box sx={{ color: 'text.secondary', fontSize: 14, py: 0.5 }}>{speciesWords.noNotes}</Box>}
      {notes.map((note) => (
        <Box key={note.id} sx={{ display: 'flex', gap: 1, py: 0.5, borderBottom: '1px solid var(--hair)' }}>
          <Box sx={{ flexGrow: 1 }}>
            <b>{speciesWords.outcome[note.outcome]}</b>
            {`, ${longDate(note.notedOn)}, ${tanks.find(({ id }) => id === note.tankId)?.plan.name ?? speciesWords.anywhere}`}
            {note.text !== '' && <div>{note.text}</div>}
          </Box>
          <Button
            variant="text"
            sx={{ minWidth: 26, p: 0 }}
            aria-label={speciesWords.removeNote(longDate(note.notedOn))}
            onClick={() => void remove(note).catch(refused)}
          >
            <RemoveIcon />
          </Button>
        </Box>
      ))}
      <Button sx={{ mt: 0.75 }} disabled={!isReady} onClick={() => setOpen(true)}>
        {speciesWords.addNote}
      </Button>
      {isOpen && (
        <SheetDialog title={speciesWords.addNote} isOpen onClose={() => setOpen(false)}>
          <NoteForm plant={plant} tanks={tanks} tank={tank} onKeep={keep} onClose={() => setOpen(false)} />
        </SheetDialog>
      )}
    </Box>
  )
}

const Draft = z.object({ outcome: z.enum(OUTCOMES), tankId: z.string(), notedOn: z.string(), text: z.string() })
const schemaFor = (plantId: string): z.ZodType<PlantNote, z.input<typeof Draft>> =>
  Draft.transform(({ tankId, ...note }): unknown => ({ ...note, id: newId(), plantId, tankId: tankId === '' ? null : tankId })).pipe(
    PlantNote,
  )

function NoteForm({
  plant,
  tanks,
  tank,
  onKeep,
  onClose,
}: Omit<PlantNotesProps, 'isReady'> & { onKeep: (note: PlantNote) => Promise<void>; onClose: () => void }) {
  const form = useJudgedForm({
    schema: schemaFor(plant.id),
    draft: { outcome: 'grew' as const, tankId: tank?.id ?? '', notedOn: civilDate(new Date(), tank?.plan.timeZone ?? 'UTC'), text: '' },
  })
  const { control } = form
  return (
    <Box sx={{ p: 2, width: 420, maxWidth: '100%' }}>
      <FormFrame form={form} onKeep={onKeep} actions={<SaveOrCancel save={speciesWords.saveNote} onCancel={onClose} />}>
        <PickInput
          control={control}
          name="outcome"
          label={speciesWords.noteOutcome}
          options={OUTCOMES.map((one) => [one, speciesWords.outcome[one]] as const)}
        />
        <PickInput
          control={control}
          name="tankId"
          label={speciesWords.noteTank}
          options={[['', speciesWords.anywhere] as const, ...tanks.map(({ id, plan }) => [id, plan.name] as const)]}
        />
        <DateInput control={control} name="notedOn" label={speciesWords.noteDate} />
        <TextInput control={control} name="text" label={speciesWords.noteText} most={4000} isLong />
      </FormFrame>
    </Box>
  )
}
