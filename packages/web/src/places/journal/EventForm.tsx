import { appWords, journalWords, numberWords, plantKindWords, saltWords, signWords, listed } from '@jovrin/contract'
import { PLANT_KINDS, SALT_IDS, SIGNS, type JournalEvent, type PlantKind, type Sign } from '@jovrin/core'
import { Box, Button, Checkbox, FormControlLabel, MenuItem, TextField } from '@mui/material'
import { useState, type ReactNode } from 'react'
import { Choice } from '../../ui/Choice.js'
import { NumberField } from '../../ui/NumberField.js'
import { useTexts, type Texts } from '../../ui/useTexts.js'
import type { PlainEvent } from '../shared/logging.js'
import { WhenField, instantOfWhen, type When } from './WhenField.js'

export type EventKind = Exclude<JournalEvent['kind'], 'glance' | 'photo'>
export const EVENT_KINDS: readonly EventKind[] = ['dose', 'change', 'trim', 'sign', 'death', 'purchase', 'note']

/** Everything that any kind may need; each kind reads its own. NaN marks text that is no number. */
interface Draft {
  readonly salt: string
  readonly bottle: string
  readonly grams: number | null
  readonly millilitres: number | null
  readonly fraction: number | null
  readonly hasWiped: boolean
  readonly wetG: number | null
  readonly cut: readonly PlantKind[]
  readonly animal: string
  readonly count: number | null
  readonly what: string
  readonly cost: number | null
  readonly currency: string
  readonly sign: Sign
  readonly where: string
  readonly amount: 1 | 2 | 3
  readonly note: string
}
const EMPTY: Draft = {
  salt: 'potassium-nitrate',
  bottle: '',
  grams: null,
  millilitres: null,
  fraction: 0.5,
  hasWiped: true,
  wetG: null,
  cut: [],
  animal: '',
  count: 1,
  what: '',
  cost: null,
  currency: '',
  sign: 'brown-dust',
  where: '',
  amount: 2,
  note: '',
}

const textOr = (text: string): string | null => (text.trim() === '' ? null : text.trim())

/** The record that a draft says, or the sentence that is still missing. */
function eventOf(kind: EventKind, draft: Draft, { isMistyped }: Texts): PlainEvent | string {
  const note = textOr(draft.note)
  switch (kind) {
    case 'dose':
      if (isMistyped(draft.salt === '' ? 'millilitres' : 'grams')) return numberWords.none
      if (draft.salt !== '' && draft.grams === null) return journalWords.needed
      if (draft.salt === '' && (textOr(draft.bottle) === null || draft.millilitres === null)) return journalWords.needed
      return draft.salt !== ''
        ? { kind, salt: draft.salt, grams: draft.grams, millilitres: null, bottle: null, note }
        : { kind, salt: null, grams: null, millilitres: draft.millilitres, bottle: textOr(draft.bottle), note }
    case 'change':
      return draft.fraction === null || isMistyped('fraction')
        ? journalWords.needed
        : { kind, fraction: draft.fraction, hasWiped: draft.hasWiped, note }
    case 'trim':
      return isMistyped('wetG') ? numberWords.none : { kind, wetG: draft.wetG, kinds: draft.cut, note }
    case 'death':
      return textOr(draft.animal) === null || draft.count === null || isMistyped('count')
        ? journalWords.needed
        : { kind, animal: draft.animal.trim(), count: draft.count, note }
    case 'purchase': {
      if (textOr(draft.what) === null) return journalWords.needed
      if (isMistyped('cost')) return numberWords.none
      const currency = textOr(draft.currency.toUpperCase())
      return currency !== null && !/^[A-Z]{3}$/.test(currency)
        ? journalWords.wrongCurrency
        : { kind, what: draft.what.trim(), cost: draft.cost, currency, note }
    }
    case 'note':
      return note === null ? journalWords.needed : { kind, note }
    case 'sign':
      return { kind, sign: draft.sign, where: textOr(draft.where), amount: draft.amount, note }
  }
}

function draftOf(event: PlainEvent): Draft {
  switch (event.kind) {
    case 'dose':
      return {
        ...EMPTY,
        note: event.note ?? '',
        salt: event.salt ?? '',
        grams: event.grams,
        millilitres: event.millilitres,
        bottle: event.bottle ?? '',
      }
    case 'change':
      return { ...EMPTY, note: event.note ?? '', fraction: event.fraction, hasWiped: event.hasWiped }
    case 'trim':
      return { ...EMPTY, note: event.note ?? '', wetG: event.wetG, cut: event.kinds }
    case 'death':
      return { ...EMPTY, note: event.note ?? '', animal: event.animal, count: event.count }
    case 'purchase':
      return { ...EMPTY, note: event.note ?? '', what: event.what, cost: event.cost, currency: event.currency ?? '' }
    case 'sign':
      return { ...EMPTY, note: event.note ?? '', sign: event.sign, where: event.where ?? '', amount: event.amount }
    case 'note':
    case 'glance':
    case 'photo':
      return { ...EMPTY, note: event.note ?? '' }
  }
}

interface EventFormProps {
  readonly kind: EventKind
  /** The record under change; none for a new one. */
  readonly initial?: PlainEvent
  readonly initialAt?: string
  readonly timeZone: string
  readonly onSubmit: (event: PlainEvent, at: string) => Promise<void>
  readonly submitLabel: string
  readonly children?: ReactNode
}

/** One form for one kind of event. A draft that is refused stays as it is. */
export function EventForm({ kind, initial, initialAt, timeZone, onSubmit, submitLabel, children }: EventFormProps) {
  const [draft, setDraft] = useState<Draft>(initial ? draftOf(initial) : EMPTY)
  const [when, setWhen] = useState<When>(initialAt ?? null)
  const [failure, setFailure] = useState<string | null>(null)
  const set = (part: Partial<Draft>): void => setDraft({ ...draft, ...part })
  const typed = useTexts()
  const submit = async (): Promise<void> => {
    const event = eventOf(kind, draft, typed)
    if (typeof event === 'string') return setFailure(event)
    const at = instantOfWhen(when)
    if (at === null) return setFailure(journalWords.whenUnclear)
    try {
      await onSubmit(event, at)
      setFailure(null)
      if (!initial) setDraft(EMPTY)
      if (!initial) setWhen(null)
    } catch (error) {
      setFailure(error instanceof Error ? error.message : appWords.failed)
    }
  }
  return (
    <Box
      component="form"
      noValidate
      aria-label={journalWords.kinds[kind] ?? kind}
      sx={{ display: 'grid', gap: 1.25 }}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <Fields kind={kind} draft={draft} typed={typed} set={set} />
      <TextField
        label={journalWords.note}
        value={draft.note}
        multiline={kind === 'note'}
        minRows={kind === 'note' ? 3 : 1}
        onChange={(event) => set({ note: event.target.value })}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 4000 } }}
      />
      <WhenField when={when} timeZone={timeZone} onChange={setWhen} />
      {failure !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {failure}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" sx={{ minHeight: { xs: 48, md: 34 }, flexGrow: 1 }}>
          {submitLabel}
        </Button>
        {children}
      </Box>
    </Box>
  )
}

function Fields({ kind, draft, typed, set }: { kind: EventKind; draft: Draft; typed: Texts; set: (part: Partial<Draft>) => void }) {
  const { field } = journalWords
  const text = (key: 'bottle' | 'animal' | 'what' | 'currency' | 'where', label: string) => (
    <TextField
      label={label}
      value={draft[key]}
      onChange={(event) => set({ [key]: event.target.value })}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 60 } }}
    />
  )
  switch (kind) {
    case 'dose':
      return (
        <>
          <TextField
            select
            label={field.salt}
            value={draft.salt}
            onChange={(event) => set({ salt: event.target.value })}
            slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
          >
            <MenuItem value="">{field.bottle}</MenuItem>
            {SALT_IDS.map((id) => (
              <MenuItem key={id} value={id}>
                {saltWords[id] ?? id}
              </MenuItem>
            ))}
          </TextField>
          {draft.salt === '' ? (
            <>
              {text('bottle', field.what)}
              <NumberField
                label={field.dose}
                why={journalWords.saltOutsideModel}
                dimension="dosing"
                range={[0, 100_000]}
                {...typed.of('millilitres')}
                value={draft.millilitres}
                onChange={(millilitres) => set({ millilitres })}
              />
            </>
          ) : (
            <NumberField
              label={field.dose}
              why={journalWords.doseWhy}
              dimension="salt"
              range={[0, 10_000]}
              usual={[0, 20]}
              value={draft.grams}
              {...typed.of('grams')}
              onChange={(grams) => set({ grams })}
            />
          )}
        </>
      )
    case 'change':
      return (
        <>
          <NumberField
            label={field.fraction}
            why={field.litres}
            dimension="fraction"
            range={[0, 1]}
            value={draft.fraction}
            {...typed.of('fraction')}
            canBeUnknown={false}
            onChange={(fraction) => set({ fraction })}
          />
          <FormControlLabel
            control={<Checkbox checked={draft.hasWiped} onChange={(event) => set({ hasWiped: event.target.checked })} />}
            label={field.hasWiped}
          />
        </>
      )
    case 'trim':
      return (
        <>
          <NumberField
            label={field.wetG}
            why={journalWords.describe.trimmedUnweighed}
            dimension="portion"
            range={[0, 100_000]}
            value={draft.wetG}
            {...typed.of('wetG')}
            onChange={(wetG) => set({ wetG })}
          />
          <TextField
            select
            label={field.cutKinds}
            value={draft.cut}
            onChange={(event) => set({ cut: event.target.value as unknown as readonly PlantKind[] })} // a list, since it takes several
            slotProps={{
              inputLabel: { shrink: true },
              select: {
                multiple: true,
                displayEmpty: true,
                renderValue: () => (draft.cut.length === 0 ? journalWords.allKinds : listed(draft.cut.map((kind) => plantKindWords[kind]))),
              },
            }}
          >
            {PLANT_KINDS.map((name) => (
              <MenuItem key={name} value={name}>
                {plantKindWords[name]}
              </MenuItem>
            ))}
          </TextField>
        </>
      )
    case 'death':
      return (
        <>
          {text('animal', field.animal)}
          <NumberField
            label={field.count}
            why={field.count}
            dimension="count"
            isWhole
            range={[1, 10_000]}
            value={draft.count}
            {...typed.of('count')}
            canBeUnknown={false}
            onChange={(count) => set({ count })}
          />
        </>
      )
    case 'purchase':
      return (
        <>
          {text('what', field.what)}
          <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr', gap: 1 }}>
            <NumberField
              label={field.cost}
              why={field.cost}
              dimension="money"
              range={[0, 1e7]}
              value={draft.cost}
              {...typed.of('cost')}
              onChange={(cost) => set({ cost })}
            />
            {text('currency', field.currency)}
          </Box>
        </>
      )
    case 'sign':
      return (
        <>
          <TextField
            select
            label={field.sign}
            value={draft.sign}
            onChange={(event) => set({ sign: event.target.value as Sign })}
            slotProps={{ inputLabel: { shrink: true } }}
          >
            {SIGNS.map((name) => (
              <MenuItem key={name} value={name}>
                {signWords[name]}
              </MenuItem>
            ))}
          </TextField>
          {text('where', field.where)}
          <Choice
            label={field.amount}
            why={field.amount}
            value={String(draft.amount)}
            options={(['1', '2', '3'] as const).map((step, index) => [step as string, journalWords.amount[index] ?? step] as const)}
            onChange={(next) => set({ amount: (Number(next) || 2) as 1 | 2 | 3 })}
          />
        </>
      )
    case 'note':
      return null
  }
}
