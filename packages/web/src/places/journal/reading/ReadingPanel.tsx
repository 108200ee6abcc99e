import { indicatorColourWords, journalWords, nameIn, NOTE_MOST, readingQuantityWords } from '@jovrin/contract'
import { civilDate, INDICATOR_COLOURS, READING_QUANTITIES, type IndicatorColour, type ReadingQuantity } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Control } from 'react-hook-form'
import { allKits } from '../../../api/journal.queries.js'
import { Choice } from '../../../ui/Choice.js'
import { asTyped, TextInput, useBound, useBoundText } from '../../../ui/form/fields.js'
import { FormFrame } from '../../../ui/form/FormFrame.js'
import { forgetDraft, keptDraft, useKeepDraft } from '../../../ui/form/keptDraft.js'
import { useJudgedForm } from '../../../ui/form/useJudgedForm.js'
import { useUnits } from '../../../ui/units.js'
import { useLog } from '../../shared/logging.js'
import { WhenInput } from '../WhenInput.js'
import { storedGauges, storeGauges } from './gauges.js'
import { MomentInput } from './MomentInput.js'
import { gaugeOf, NO_READINGS, ReadingsDraft, readingsSchema, type Gauge, type Readings } from './readingsDraft.js'

type ReadingsControl = Control<ReadingsDraft, unknown, Readings>

/** Values as fast as they can be typed: one field a quantity, one button for all of them. */
export function ReadingPanel({ tankId, timeZone }: { tankId: string; timeZone: string }) {
  const log = useLog(tankId)
  const units = useUnits()
  const kits = useQuery(allKits()).data ?? []
  const [shown, setShown] = useState(storedGauges)
  const gauges = new Map(shown.filter((quantity) => quantity !== 'indicator').map((quantity) => [quantity, gaugeOf(quantity, kits, units)]))
  const keptAs = `jovrin.readings.${tankId}`
  const form = useJudgedForm({ schema: readingsSchema(gauges), draft: keptDraft(keptAs, ReadingsDraft) ?? NO_READINGS })
  useKeepDraft(form, keptAs)
  const { control } = form
  const today = civilDate(new Date(), timeZone)
  const show = (next: readonly ReadingQuantity[]): void => {
    setShown(next)
    storeGauges(next)
  }
  const [first] = gauges.keys()
  const keep = async ({ parts, at }: Readings): Promise<void> => {
    if (parts.length === 0) throw new Error(journalWords.nothingTyped)
    await log(
      parts,
      at,
      parts.map(({ quantity, enteredText }) => `${readingQuantityWords[quantity]} ${toldText(quantity, enteredText)}`).join(', '),
    )
    // The fields stay as they are, so that one of them can have the focus at once.
    form.reset(NO_READINGS, { keepFieldsRef: true })
    forgetDraft(keptAs)
    if (first !== undefined) form.setFocus(`texts.${first}`)
  }
  return (
    <Box component="section" aria-labelledby="readings-head" sx={{ display: 'grid', gap: 1.25 }}>
      <Box component="h2" id="readings-head" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {journalWords.readings}
      </Box>
      <FormFrame
        form={form}
        label={journalWords.readings}
        onKeep={keep}
        actionsSx={{ position: { xs: 'sticky', md: 'static' }, bottom: 'calc(68px + env(safe-area-inset-bottom))', zIndex: 2 }}
        actions={
          <Button
            type="submit"
            variant="contained"
            sx={{
              flexGrow: 1,
              minHeight: { xs: 56, md: 36 },
              fontSize: { xs: 19, md: 16 },
            }}
          >
            {journalWords.logReadings}
          </Button>
        }
      >
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: { xs: 2, md: 1.25 } }}>
          {[...gauges].map(([quantity, gauge]) => (
            <GaugeInput
              key={quantity}
              control={control}
              quantity={quantity}
              gauge={gauge}
              isExpired={(kits.find((kit) => kit.quantity === quantity)?.expiresOn ?? today) < today}
            />
          ))}
          <TextField
            select
            label={journalWords.addQuantity}
            value=""
            onChange={({ target }) => show(READING_QUANTITIES.filter((one) => shown.includes(one) !== (one === target.value)))}
            slotProps={{ inputLabel: { shrink: true } }}
          >
            {READING_QUANTITIES.map((quantity) => (
              <MenuItem key={quantity} value={quantity}>
                {shown.includes(quantity) ? journalWords.removeQuantity(readingQuantityWords[quantity]) : readingQuantityWords[quantity]}
              </MenuItem>
            ))}
          </TextField>
        </Box>
        {shown.includes('indicator') && <ColourInput control={control} />}
        {(shown.includes('pH') || shown.includes('indicator')) && <MomentInput control={control} name="moment" />}
        <TextInput control={control} name="note" label={journalWords.note} most={NOTE_MOST} />
        <WhenInput control={control} name="at" timeZone={timeZone} />
      </FormFrame>
    </Box>
  )
}

const toldText = (quantity: ReadingQuantity, text: string): string => (quantity === 'indicator' ? nameIn(indicatorColourWords, text) : text)

interface GaugeInputProps {
  readonly control: ReadingsControl
  readonly quantity: ReadingQuantity
  readonly gauge: Gauge
  /** The kit that it is told with is past its day. */
  readonly isExpired: boolean
}
/** One quantity, large enough for a wet thumb. */
function GaugeInput({ control, quantity, gauge, isExpired }: GaugeInputProps) {
  const hintOf = (typed = ''): string => {
    const judged = typed.trim() === '' ? null : gauge.judge(typed)
    return (judged !== null && 'hint' in judged ? judged.hint : null) ?? (isExpired ? journalWords.kitExpired : '')
  }
  const field = useBoundText<ReadingsDraft, Readings, string | undefined>({ control, name: `texts.${quantity}` }, asTyped, hintOf)
  return (
    <TextField
      {...field}
      value={field.value ?? ''}
      label={`${readingQuantityWords[quantity]}${gauge.unit === '' ? '' : `, ${gauge.unit}`}`}
      slotProps={{
        htmlInput: { inputMode: 'decimal', autoComplete: 'off', enterKeyHint: 'done' },
        inputLabel: { shrink: true },
        input: { sx: { fontSize: { xs: 20, md: 15 }, minHeight: { xs: 44, md: 28 } } },
      }}
    />
  )
}

function ColourInput({ control }: { control: ReadingsControl }) {
  const { value, onChange } = useBound<ReadingsDraft, Readings, IndicatorColour | null>({ control, name: 'colour' })
  return (
    <Choice
      label={readingQuantityWords.indicator}
      why={journalWords.whyAsk}
      value={value}
      options={INDICATOR_COLOURS.map((name) => [name, indicatorColourWords[name]] as const)}
      canBeUnknown
      onChange={onChange}
    />
  )
}
