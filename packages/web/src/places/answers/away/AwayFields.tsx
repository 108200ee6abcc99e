import { awayWords, choiceWords, fieldWords } from '@jovrin/contract'
import { AWAY_FOODS, datePlusDays, NUMBER_FIELDS, type Absence } from '@jovrin/core'
import { Box, Button, Checkbox, FormControlLabel, TextField } from '@mui/material'
import { Choice } from '../../../ui/Choice.js'
import { DateField } from '../../../ui/dates/DateField.js'
import { NumberField } from '../../../ui/NumberField.js'
import { Grid } from '../../../ui/QuestionGroup.js'
import { AnswerPart } from '../AnswerPart.js'

interface FieldsProps {
  readonly absence: Absence
  readonly onChange: (absence: Absence) => void
}

/** Everything of an absence but its two dates. */
export function AwayFields({ absence, onChange }: FieldsProps) {
  const text = awayWords
  const set = (part: Partial<Absence>): void => onChange({ ...absence, ...part })
  return (
    <>
      <AnswerPart title={text.before}>
        <Grid min={220}>
          <DayOrNot
            label={text.lower}
            why={text.lowerWhy}
            without={text.notLowered}
            question="away/lower"
            value={absence.lowerFrom}
            usual={datePlusDays(absence.leaveOn, -14)}
            last={datePlusDays(absence.leaveOn, -1)}
            onChange={(lowerFrom) => set({ lowerFrom })}
          />
          <DayOrNot
            label={text.clean}
            why={text.cleanWhy}
            without={text.notCleaned}
            question="away/clean"
            value={absence.cleanOn}
            usual={datePlusDays(absence.leaveOn, -5)}
            last={datePlusDays(absence.leaveOn, -1)}
            onChange={(cleanOn) => set({ cleanOn })}
          />
        </Grid>
      </AnswerPart>
      <AnswerPart title={text.while}>
        <Grid min={190}>
          <AbsenceNumber field="visitEveryDays" absence={absence} set={set} otherwise={text.nobody} />
          <AbsenceNumber field="topUpL" absence={absence} set={set} otherwise={text.noStore} />
          <AbsenceNumber field="mayFallCm" absence={absence} set={set} />
        </Grid>
        <Choice
          question="away/food"
          label={fieldWords['absences/*/food'][0]}
          why={fieldWords['absences/*/food'][1]}
          value={absence.food}
          options={AWAY_FOODS.map((food) => [food, choiceWords['absences/*/food'][food]] as const)}
          onChange={(food) => food !== null && set({ food })}
        />
        <FormControlLabel
          control={<Checkbox checked={absence.isDosed} onChange={(_, isDosed) => set({ isDosed })} />}
          label={fieldWords['absences/*/isDosed'][0]}
          title={fieldWords['absences/*/isDosed'][1]}
        />
        <TextField
          label={text.note}
          helperText={text.noteHint}
          multiline
          minRows={2}
          value={absence.note}
          onChange={(event) => set({ note: event.target.value })}
          slotProps={{ htmlInput: { maxLength: 600 }, inputLabel: { shrink: true } }}
          fullWidth
        />
      </AnswerPart>
    </>
  )
}

interface NumberProps {
  readonly field: 'visitEveryDays' | 'topUpL' | 'mayFallCm'
  readonly absence: Absence
  readonly set: (part: Partial<Absence>) => void
  /** What an empty field means. */
  readonly otherwise?: string
}
function AbsenceNumber({ field, absence, set, otherwise }: NumberProps) {
  const [label, why] = fieldWords[`absences/*/${field}`]
  const { range, ...rest } = NUMBER_FIELDS[`absences/*/${field}`]
  return (
    <NumberField
      {...rest}
      {...(otherwise === undefined ? {} : { otherwise })}
      question={`away/${field}`}
      label={label}
      why={why}
      range={range}
      value={absence[field]}
      onChange={(value) => set({ [field]: value })}
    />
  )
}

interface DayOrNotProps {
  readonly label: string
  readonly why: string
  readonly without: string
  readonly question: string
  readonly value: string | null
  readonly usual: string
  readonly last: string
  readonly onChange: (day: string | null) => void
}
/** A day on which something is done, or that it is left out. */
function DayOrNot({ label, why, without, question, value, usual, last, onChange }: DayOrNotProps) {
  return value === null ? (
    <Box>
      <Box sx={{ fontSize: 12, color: 'text.secondary' }}>{label}</Box>
      {without}{' '}
      <Button variant="text" onClick={() => onChange(usual)}>
        {awayWords.plan}
      </Button>
    </Box>
  ) : (
    <Box>
      <DateField
        label={label}
        helperText={why}
        question={question}
        value={value}
        max={last}
        onChange={(day) => day !== '' && onChange(day)}
      />
      <Button variant="text" onClick={() => onChange(null)} aria-label={`${label}: ${awayWords.leaveOut}`}>
        {awayWords.leaveOut}
      </Button>
    </Box>
  )
}
