import { JournalRecordSchema } from '@jovrin/contract'
import {
  countedPlants,
  PLANT_COUNTS,
  PLANT_DEEDS,
  PLANT_KINDS,
  RAISED,
  SIGNS,
  type JournalEvent,
  type JournalRecord,
  type PlantSpecies,
} from '@jovrin/core'
import { z } from 'zod'
import { newId } from '../../../api/newId.js'
import { NumberDraft } from '../../../ui/form/useJudgedForm.js'
import { instantOfWhen } from '../WhenInput.js'

export type EventKind = Exclude<JournalEvent['kind'], 'glance' | 'photo'>
export const EVENT_KINDS: readonly EventKind[] = ['dose', 'change', 'trim', 'plants', 'sign', 'death', 'purchase', 'note']
export type LoggedEvent = Extract<JournalRecord, { kind: EventKind }>

/** How much of a sign there is: a trace, plain, much. */
const AMOUNTS = ['1', '2', '3'] as const

/** All that any kind may need, as it is typed; each kind reads its own. Fields are named as in the record, so that a fault of the record stands at its field. */
export const EventDraft = z.object({
  /** Empty is a bottle. */
  salt: z.string(),
  bottle: z.string(),
  grams: NumberDraft,
  millilitres: NumberDraft,
  fraction: NumberDraft,
  hasWiped: z.boolean(),
  wetG: NumberDraft,
  kinds: z.array(z.enum(PLANT_KINDS)),
  deed: z.enum(PLANT_DEEDS),
  /** Id in the library; empty where only the kind is told. */
  species: z.string(),
  /** Its name; kept where the library no longer knows it. */
  plant: z.string(),
  plantKind: z.enum(PLANT_KINDS),
  countedIn: z.enum(PLANT_COUNTS),
  raised: z.enum(RAISED),
  /** Empty is no patch of the map. */
  bed: z.string(),
  toBed: z.string(),
  heldUntil: z.string(),
  animal: z.string(),
  count: NumberDraft,
  what: z.string(),
  cost: NumberDraft,
  currency: z.string(),
  sign: z.enum(SIGNS),
  where: z.string(),
  amount: z.enum(AMOUNTS),
  note: z.string(),
  /** As `When`: `null` is now. */
  at: z.string().nullable(),
})
export type EventDraft = z.output<typeof EventDraft>

export const EMPTY: EventDraft = {
  salt: 'potassium-nitrate',
  bottle: '',
  grams: null,
  millilitres: null,
  fraction: 0.5,
  hasWiped: true,
  wetG: null,
  kinds: [],
  deed: 'added',
  species: '',
  plant: '',
  plantKind: 'stems',
  countedIn: 'pot',
  raised: 'in-air',
  bed: '',
  toBed: '',
  heldUntil: '',
  animal: '',
  count: 1,
  what: '',
  cost: null,
  currency: '',
  sign: 'brown-dust',
  where: '',
  amount: '2',
  note: '',
  at: null,
}

/** A record as the form shows it for a change. */
export function draftOf(record: LoggedEvent): EventDraft {
  const said = { ...EMPTY, note: record.note ?? '', at: record.at }
  switch (record.kind) {
    case 'dose':
      return { ...said, salt: record.salt ?? '', grams: record.grams, millilitres: record.millilitres, bottle: record.bottle ?? '' }
    case 'change':
      return { ...said, fraction: record.fraction, hasWiped: record.hasWiped }
    case 'trim':
      return { ...said, wetG: record.wetG, kinds: [...record.kinds] }
    case 'plants': {
      const { deed, plantKind, count, countedIn, raised } = record
      const texts = {
        species: record.species ?? '',
        plant: record.plant ?? '',
        bed: record.bed ?? '',
        toBed: record.toBed ?? '',
        heldUntil: record.heldUntil ?? '',
      }
      return { ...said, deed, plantKind, count, countedIn, raised, ...texts }
    }
    case 'death':
      return { ...said, animal: record.animal, count: record.count }
    case 'purchase':
      return { ...said, what: record.what, cost: record.cost, currency: record.currency ?? '' }
    case 'sign':
      return { ...said, sign: record.sign, where: record.where ?? '', amount: AMOUNTS[record.amount - 1] ?? '2' }
    case 'note':
      return said
  }
}

/**
 * What makes a record of a draft, or says which field is at fault: the contract's own schema of records judges.
 * @param identity of the record under change; a new record gets an id
 * @param plantOf a plant of the library by its id: only plants ask for it
 */
export const eventSchema = (
  kind: EventKind,
  identity: Pick<JournalRecord, 'id' | 'recordedBy'> | null,
  plantOf: PlantOf = () => undefined,
): z.ZodType<JournalRecord, EventDraft> =>
  EventDraft.transform((draft): unknown => ({
    ...partOf(kind, draft, plantOf),
    kind,
    id: identity?.id ?? newId(),
    recordedBy: identity?.recordedBy ?? null,
    at: instantOfWhen(draft.at) ?? '',
    // Only a note is nothing without its words.
    note: kind === 'note' ? draft.note : textOr(draft.note),
  })).pipe(JournalRecordSchema)

export type PlantOf = (id: string) => PlantSpecies | undefined

function partOf(kind: EventKind, draft: EventDraft, plantOf: PlantOf): object {
  switch (kind) {
    case 'dose':
      return draft.salt === ''
        ? { salt: null, grams: null, millilitres: draft.millilitres, bottle: draft.bottle }
        : { salt: draft.salt, grams: draft.grams, millilitres: null, bottle: null }
    case 'change':
      return { fraction: draft.fraction, hasWiped: draft.hasWiped }
    case 'trim':
      return { wetG: draft.wetG, kinds: draft.kinds }
    case 'plants':
      return plantsOf(draft, plantOf)
    case 'death':
      return { animal: draft.animal, count: draft.count }
    case 'purchase':
      return { what: draft.what, cost: draft.cost, currency: textOr(draft.currency.toUpperCase()) }
    case 'sign':
      return { sign: draft.sign, where: textOr(draft.where), amount: Number(draft.amount) }
    case 'note':
      return {}
  }
}

function plantsOf(draft: EventDraft, plantOf: PlantOf): object {
  const { deed, count, countedIn } = draft
  const plant = plantOf(draft.species)
  const plantKind = plant?.kind ?? draft.plantKind
  const isFromOutside = deed === 'added' || deed === 'arrived'
  return {
    deed,
    species: plant?.id ?? textOr(draft.species),
    plant: plant?.name ?? textOr(draft.plant),
    plantKind,
    count,
    countedIn,
    ...(typeof count === 'number' && plant !== undefined
      ? countedPlants(plant, plantKind, count, countedIn)
      : { portions: null, dryG: null }),
    raised: isFromOutside ? draft.raised : 'under-water',
    bed: deed === 'arrived' ? null : textOr(draft.bed),
    toBed: deed === 'moved' ? textOr(draft.toBed) : null,
    heldUntil: deed === 'arrived' ? textOr(draft.heldUntil) : null,
  }
}

const textOr = (text: string): string | null => (text.trim() === '' ? null : text.trim())
