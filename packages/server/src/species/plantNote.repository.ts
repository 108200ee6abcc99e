import { PlantNote } from '@jovrin/contract'
import type { Knex } from 'knex'
import { readables } from '../db/readable.js'
import type { Shelf } from '../db/shelf.js'

interface NoteRow {
  id: string
  plant_id: string
  tank_id: string | null
  document: string
  changed_at: string
}

export const PLANT_NOTE_SHELF: Shelf<NoteRow> = {
  table: 'plant_note',
  what: 'plant-note',
  schema: PlantNote,
  stored: ({ document }) => JSON.parse(document) as unknown,
  name: ({ id, tank_id }) => ({ tankId: tank_id, id }),
}

export const plantNoteRepository = (db: Knex) => ({
  /** Newest first. */
  ofPlant: async (plantId: string): Promise<PlantNote[]> => {
    const notes = readables(PlantNote, await db<NoteRow>('plant_note').where({ plant_id: plantId }), PLANT_NOTE_SHELF.stored)
    return notes.sort((a, b) => b.notedOn.localeCompare(a.notedOn) || b.id.localeCompare(a.id))
  },
  /** In the order of their ids. */
  ofTank: async (tankId: string): Promise<PlantNote[]> =>
    readables(PlantNote, await db<NoteRow>('plant_note').where({ tank_id: tankId }).orderBy('id'), PLANT_NOTE_SHELF.stored),
  put: async (note: PlantNote, changedAt: string): Promise<void> => {
    await db<NoteRow>('plant_note')
      .insert({ id: note.id, plant_id: note.plantId, tank_id: note.tankId, document: JSON.stringify(note), changed_at: changedAt })
      .onConflict('id')
      .merge()
  },
  remove: async (plantId: string, id: string): Promise<boolean> =>
    (await db<NoteRow>('plant_note').where({ plant_id: plantId, id }).delete()) > 0,
})
