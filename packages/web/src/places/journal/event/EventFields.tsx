import { journalWords, listed, plantKindWords, saltWords, signWords } from '@jovrin/contract'
import { PLANT_KINDS, SALT_IDS, SIGNS, type JournalRecord } from '@jovrin/core'
import { Box } from '@mui/material'
import { CheckInput, ChoiceInput, NumberInput, PickInput, PickManyInput, TextInput } from '../../../ui/form/fields.js'
import { optionsOf } from '../../../ui/form/optionsOf.js'
import type { JudgedForm } from '../../../ui/form/useJudgedForm.js'
import type { EventDraft, EventKind } from './eventDraft.js'

const { field } = journalWords

/** What one kind of event asks; plants have fields of their own. */
export function EventFields({ kind, form }: { kind: Exclude<EventKind, 'plants'>; form: JudgedForm<EventDraft, JournalRecord> }) {
  const { control } = form
  const text = (name: 'bottle' | 'animal' | 'what' | 'currency' | 'where', label: string) => (
    <TextInput control={control} name={name} label={label} most={60} />
  )
  switch (kind) {
    case 'dose':
      return (
        <>
          <PickInput control={control} name="salt" label={field.salt} options={[['', field.bottle], ...optionsOf(SALT_IDS, saltWords)]} />
          {form.watch('salt') === '' ? (
            <>
              {text('bottle', field.what)}
              <NumberInput
                control={control}
                name="millilitres"
                label={field.dose}
                why={journalWords.saltOutsideModel}
                dimension="dosing"
                range={[0, 100_000]}
              />
            </>
          ) : (
            <NumberInput
              control={control}
              name="grams"
              label={field.dose}
              why={journalWords.doseWhy}
              dimension="salt"
              range={[0, 10_000]}
              usual={[0, 20]}
            />
          )}
        </>
      )
    case 'change':
      return (
        <>
          <NumberInput
            control={control}
            name="fraction"
            label={field.fraction}
            why={field.litres}
            dimension="fraction"
            range={[0, 1]}
            canBeUnknown={false}
          />
          <CheckInput control={control} name="hasWiped" label={field.hasWiped} />
        </>
      )
    case 'trim':
      return (
        <>
          <NumberInput
            control={control}
            name="wetG"
            label={field.wetG}
            why={journalWords.describe.trimmedUnweighed}
            dimension="portion"
            range={[0, 100_000]}
          />
          <PickManyInput
            control={control}
            name="kinds"
            label={field.cutKinds}
            options={optionsOf(PLANT_KINDS, plantKindWords)}
            told={(chosen) =>
              chosen.length === 0
                ? journalWords.allKinds
                : listed(PLANT_KINDS.filter((one) => chosen.includes(one)).map((one) => plantKindWords[one]))
            }
          />
        </>
      )
    case 'death':
      return (
        <>
          {text('animal', field.animal)}
          <NumberInput
            control={control}
            name="count"
            label={field.count}
            why={field.count}
            dimension="count"
            isWhole
            range={[1, 10_000]}
            canBeUnknown={false}
          />
        </>
      )
    case 'purchase':
      return (
        <>
          {text('what', field.what)}
          <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr', gap: 1 }}>
            <NumberInput control={control} name="cost" label={field.cost} why={field.cost} dimension="money" range={[0, 1e7]} />
            {text('currency', field.currency)}
          </Box>
        </>
      )
    case 'sign':
      return (
        <>
          <PickInput control={control} name="sign" label={field.sign} options={optionsOf(SIGNS, signWords)} />
          {text('where', field.where)}
          <ChoiceInput
            control={control}
            name="amount"
            label={field.amount}
            why={field.amount}
            options={(['1', '2', '3'] as const).map((step, index) => [step, journalWords.amount[index] ?? step] as const)}
          />
        </>
      )
    case 'note':
      return null
  }
}
