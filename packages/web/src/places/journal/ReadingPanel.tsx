import { appWords, indicatorColourWords, journalWords, readingQuantityWords, nameIn } from '@jovrin/contract'
import { INDICATOR_COLOURS, READING_QUANTITIES, type IndicatorColour, type Kit, type Moment, type ReadingQuantity } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { allKits } from '../../api/journal.queries.js'
import { Choice } from '../../ui/Choice.js'
import { useUnits } from '../../ui/units.js'
import { useKeptState } from '../../ui/useKeptState.js'
import { useLog } from '../shared/logging.js'
import { judgeReading, unitOfField } from './readingDraft.js'
import { MomentChoice } from './MomentChoice.js'
import { instantOfWhen, WhenField, type When } from './WhenField.js'

const STORE = 'jovrin.gauges'
const FIRST: readonly ReadingQuantity[] = ['pH', 'alkalinity', 'temperature', 'nitrate', 'phosphate']

function storedGauges(): readonly ReadingQuantity[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(STORE) ?? 'null')
    const known = Array.isArray(kept) ? READING_QUANTITIES.filter((quantity) => kept.includes(quantity)) : []
    return known.length > 0 ? known : FIRST
  } catch {
    return FIRST // storage may be off or hold something else
  }
}

type Texts = Partial<Record<ReadingQuantity, string>>
const textsOf = (kept: unknown): Texts | null => {
  if (typeof kept !== 'object' || kept === null) return null
  const entries = Object.entries(kept).filter(
    (entry): entry is [ReadingQuantity, string] =>
      READING_QUANTITIES.some((quantity) => quantity === entry[0]) && typeof entry[1] === 'string',
  )
  return Object.fromEntries(entries)
}

/** Values as fast as they can be typed: one field a quantity, one button for all of them. */
export function ReadingPanel({ tankId, timeZone }: { tankId: string; timeZone: string }) {
  const log = useLog(tankId)
  const units = useUnits()
  const kits = useQuery(allKits()).data ?? []
  const [gauges, setGauges] = useState(storedGauges)
  const [texts, setTexts] = useKeptState<Texts>(`jovrin.readings.${tankId}`, {}, textsOf)
  const [moment, setMoment] = useState<Moment | null>(null)
  const [colour, setColour] = useState<IndicatorColour | null>(null)
  const [when, setWhen] = useState<When>(null)
  const [note, setNote] = useState('')
  const [errors, setErrors] = useState<Partial<Record<ReadingQuantity, string>>>({})
  const [failure, setFailure] = useState<string | null>(null)
  const first = useRef<HTMLInputElement>(null)
  const kitOf = (quantity: ReadingQuantity): Kit | null => kits.find((kit) => kit.quantity === quantity) ?? null
  const judge = (quantity: ReadingQuantity, text: string) =>
    judgeReading({ quantity, text, unit: unitOfField(quantity, kitOf(quantity), units), kit: kitOf(quantity) })
  const show = (next: readonly ReadingQuantity[]): void => {
    setGauges(next)
    try {
      localStorage.setItem(STORE, JSON.stringify(next))
    } catch {
      // Without storage the choice holds until the page is closed.
    }
  }

  const submit = async (): Promise<void> => {
    const typed = gauges.flatMap((quantity) =>
      (texts[quantity] ?? '').trim() === '' ? [] : [{ quantity, judged: judge(quantity, texts[quantity] ?? '') }],
    )
    const wrong = Object.fromEntries(typed.flatMap(({ quantity, judged }) => ('error' in judged ? [[quantity, judged.error]] : [])))
    setErrors(wrong)
    setFailure(null)
    if (Object.keys(wrong).length > 0) return
    const parts = typed.flatMap(({ judged }) =>
      'part' in judged
        ? [{ ...judged.part, moment: judged.part.quantity === 'pH' ? moment : null, note: note.trim() === '' ? null : note.trim() }]
        : [],
    )
    const place = colour === null ? null : INDICATOR_COLOURS.indexOf(colour) + 1
    if (place !== null)
      parts.push({
        kind: 'reading',
        quantity: 'indicator',
        value: place,
        qualifier: '=',
        enteredText: colour ?? '',
        enteredUnit: '',
        basis: null,
        method: null,
        moment,
        eventId: null,
        note: null,
      })
    if (parts.length === 0) return setFailure(journalWords.nothingTyped)
    const at = instantOfWhen(when)
    if (at === null) return setFailure(journalWords.whenUnclear)
    try {
      await log(
        parts,
        at,
        parts
          .map(
            ({ quantity, enteredText }) =>
              `${readingQuantityWords[quantity]} ${quantity === 'indicator' ? nameIn(indicatorColourWords, enteredText) : enteredText}`,
          )
          .join(', '),
      )
      setTexts({})
      setColour(null)
      setNote('')
      setWhen(null)
      first.current?.focus()
    } catch (error) {
      setFailure(error instanceof Error ? error.message : appWords.failed) // what was typed stays
    }
  }

  const fields = gauges.filter((quantity) => quantity !== 'indicator')
  return (
    <Box
      component="form"
      aria-label={journalWords.readings}
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
      sx={{ display: 'grid', gap: 1.25 }}
    >
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {journalWords.readings}
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: { xs: 2, md: 1.25 } }}>
        {fields.map((quantity, index) => {
          const text = texts[quantity] ?? ''
          const unit = unitOfField(quantity, kitOf(quantity), units)
          const judged = text.trim() === '' ? null : judge(quantity, text)
          const expiresOn = kitOf(quantity)?.expiresOn ?? null
          const isExpired = expiresOn !== null && expiresOn < new Date().toISOString().slice(0, 10)
          const hint =
            errors[quantity] ?? (judged !== null && 'hint' in judged ? judged.hint : null) ?? (isExpired ? journalWords.kitExpired : null)
          return (
            <TextField
              key={quantity}
              label={`${readingQuantityWords[quantity]}${unit === '' ? '' : `, ${unit}`}`}
              value={text}
              inputRef={index === 0 ? first : undefined}
              error={errors[quantity] !== undefined}
              helperText={hint ?? ''}
              onChange={(event) => {
                setTexts({ ...texts, [quantity]: event.target.value })
                setErrors({ ...errors, [quantity]: undefined })
              }}
              slotProps={{
                htmlInput: { inputMode: 'decimal', autoComplete: 'off', enterKeyHint: 'done' },
                inputLabel: { shrink: true },
                input: { sx: { fontSize: { xs: 20, md: 15 }, minHeight: { xs: 44, md: 28 } } },
              }}
            />
          )
        })}
        <TextField
          select
          label={journalWords.addQuantity}
          value=""
          onChange={(event) =>
            show(
              READING_QUANTITIES.filter((quantity) =>
                quantity === event.target.value ? !gauges.includes(quantity) : gauges.includes(quantity),
              ),
            )
          }
          slotProps={{ inputLabel: { shrink: true } }}
        >
          {READING_QUANTITIES.map((quantity) => (
            <MenuItem key={quantity} value={quantity}>
              {gauges.includes(quantity) ? journalWords.removeQuantity(readingQuantityWords[quantity]) : readingQuantityWords[quantity]}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      {gauges.includes('indicator') && (
        <Choice
          label={readingQuantityWords.indicator}
          why={journalWords.whyAsk}
          value={colour}
          options={INDICATOR_COLOURS.map((name) => [name, indicatorColourWords[name] ?? name] as const)}
          canBeUnknown
          onChange={setColour}
        />
      )}
      {(gauges.includes('pH') || gauges.includes('indicator')) && <MomentChoice moment={moment} onChange={setMoment} />}
      <TextField
        label={journalWords.note}
        value={note}
        onChange={(event) => setNote(event.target.value)}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 4000 } }}
      />
      <WhenField when={when} timeZone={timeZone} onChange={setWhen} />
      {failure !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {failure}
        </Box>
      )}
      <Button
        type="submit"
        variant="contained"
        sx={{
          minHeight: { xs: 56, md: 36 },
          fontSize: { xs: 19, md: 16 },
          position: { xs: 'sticky', md: 'static' },
          bottom: 'calc(68px + env(safe-area-inset-bottom))',
          zIndex: 2,
        }}
      >
        {journalWords.logReadings}
      </Button>
    </Box>
  )
}
