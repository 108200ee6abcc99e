import { PlantNote, PlantRowSchema } from '@jovrin/contract'
import { datePlusDays, uuidV7, type PlantRow } from '@jovrin/core'
import type { Knex } from 'knex'
import { plantRepository } from '../../packages/server/src/species/plant.repository.js'
import { plantNoteRepository } from '../../packages/server/src/species/plantNote.repository.js'

/** A form that the library's keepers brought along from an older tank. */
const OWN: PlantRow = {
  id: 'cryptocoryne-wendtii-cellar-form',
  name: 'Cryptocoryne wendtii, cellar form',
  olderNames: [],
  family: 'Araceae',
  like: 'cryptocoryne-wendtii',
  nameStanding: 'settled',
  confidence: 'C',
  source: 'own',
  traits: {
    matureHeightCm: { value: 9, low: 7, high: 12, confidence: 'B', source: 'own' },
    spreadCm: { value: 12, low: 10, high: 15, confidence: 'B', source: 'own' },
    colour: { weak: ['olive'], strong: ['brown', 'bronze'] },
  },
}

/** How plants did: in the demo's tanks by their place in the list, or anywhere. */
const NOTES = [
  {
    plantId: 'micranthemum-tweediei',
    tank: 0,
    daysAgo: 22,
    outcome: 'thrived',
    text: 'Closed in five weeks at the front left, where the lamp is.',
  },
  {
    plantId: 'rotala-macrandra',
    tank: 0,
    daysAgo: 31,
    outcome: 'dwindled',
    text: 'Pale and thin behind the wood; the light there is too little for it.',
  },
  { plantId: 'hygrophila-polysperma', tank: 0, daysAgo: 40, outcome: 'grew', text: 'Cut twice in the first three weeks.' },
  { plantId: 'anubias-barteri-var-nana', tank: 2, daysAgo: 200, outcome: 'grew', text: 'Two new leaves a month without gas.' },
  {
    plantId: 'cryptocoryne-wendtii-cellar-form',
    tank: null,
    daysAgo: 300,
    outcome: 'thrived',
    text: 'Melted once when it was moved, and came back within a month.',
  },
] as const

/** What the keepers say of plants themselves. */
export async function keepPlants(db: Knex, today: string, tankIds: readonly string[]): Promise<void> {
  const at = `${today}T08:00:00.000Z`
  await plantRepository(db).put(PlantRowSchema.parse(OWN), at)
  for (const [index, { tank, daysAgo, ...note }] of NOTES.entries()) {
    const notedOn = datePlusDays(today, -daysAgo)
    const id = uuidV7(
      Date.parse(`${notedOn}T10:00:00Z`),
      Uint8Array.from({ length: 16 }, (_, place) => place * 5 + index),
    )
    await plantNoteRepository(db).put(PlantNote.parse({ ...note, id, notedOn, tankId: tank === null ? null : (tankIds[tank] ?? null) }), at)
  }
}
