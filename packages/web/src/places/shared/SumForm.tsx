import { figureWords, groundKindWords, saltWords, workingsWords, nameIn } from '@jovrin/contract'
import type { FieldDescriptor, WorkedFigure, Working } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { WorkedResult } from '../../ui/WorkedResult.js'
import { digitsInBand, significant } from '../../ui/units.js'
import { formulaInWords, fieldName, workSum, type SumTexts } from './sum.js'

const choiceName = (name: string, choice: string): string =>
  name === 'saltId' ? nameIn(saltWords, choice) : nameIn({ ...groundKindWords, ...workingsWords.choice }, choice)
const labelOf = (field: FieldDescriptor): string =>
  `${fieldName(field.name)}${field.kind === 'number' && field.unit !== '1' && field.unit !== 'pH' ? `, ${field.unit}` : ''}`

interface SumFormProps {
  readonly working: Working
  readonly texts: SumTexts
  readonly onChange: (texts: SumTexts) => void
}

/** A worked figure as a sum of its own: inputs, result with its band, formula with one's own values, source. */
export function SumForm({ working, texts, onChange }: SumFormProps) {
  const outcome = workSum(working, texts)
  const wrong = new Set(outcome.kind === 'refused' ? outcome.fields : [])
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', gap: 1.5 }}>
        {working.fields.map((field) =>
          field.kind === 'rows' ? (
            <Rows
              key={field.name}
              field={field}
              rows={(texts[field.name] ?? []) as readonly Readonly<Record<string, string>>[]}
              onChange={(rows) => onChange({ ...texts, [field.name]: rows })}
            />
          ) : (
            <Field
              key={field.name}
              field={field}
              text={(texts[field.name] ?? '') as string}
              isWrong={wrong.has(field.name)}
              onChange={(text) => onChange({ ...texts, [field.name]: text })}
            />
          ),
        )}
      </Box>
      {outcome.kind === 'worked' ? (
        <WorkedResult {...outcome.figure} unit={working.unit} />
      ) : (
        <Box
          role="status"
          sx={{ color: outcome.kind === 'refused' ? 'var(--algae)' : 'text.secondary', minHeight: 48, alignContent: 'center' }}
        >
          {outcome.kind === 'refused' ? outcome.sentence : workingsWords.incomplete}
        </Box>
      )}
      <Box
        sx={{
          fontSize: 14,
          borderTop: '1px solid var(--hair)',
          pt: 1,
          '& dt': { color: 'text.secondary' },
          '& dd': { m: 0, mb: 0.5, overflowWrap: 'anywhere' },
        }}
        component="dl"
      >
        <Box component="dt" className="lettering">
          {figureWords.formula}
        </Box>
        <dd>{formulaInWords(working)}</dd>
        {outcome.kind === 'worked' && (
          <>
            <Box component="dt" className="lettering">
              {figureWords.inputs}
            </Box>
            <dd className="figures">
              {Object.entries(outcome.inputs)
                .map(
                  ([name, value]) =>
                    `${fieldName(name)} ${typeof value === 'number' ? significant(value, 6) : typeof value === 'string' ? choiceName(name, value) : `${significant(value.length)} ×`}`,
                )
                .join(' · ')}
            </dd>
            <Box component="dt" className="lettering">
              {figureWords.range}
            </Box>
            <dd>
              {outcome.figure.low === null || outcome.figure.high === null
                ? figureWords.exact
                : `${inBand(outcome.figure, outcome.figure.low)} – ${inBand(outcome.figure, outcome.figure.high)} ${working.unit}`}
            </dd>
          </>
        )}
        <Box component="dt" className="lettering">
          {figureWords.source}
        </Box>
        <dd>{working.source}</dd>
      </Box>
    </Box>
  )
}

const inBand = ({ value, low, high }: WorkedFigure, shown: number): string => significant(shown, digitsInBand(value, low, high))

function Field({
  field,
  text,
  isWrong,
  onChange,
}: {
  field: Exclude<FieldDescriptor, { kind: 'rows' }>
  text: string
  isWrong: boolean
  onChange: (text: string) => void
}) {
  if (field.kind === 'choice')
    return (
      <TextField
        select
        label={labelOf(field)}
        value={text}
        error={isWrong}
        onChange={(event) => onChange(event.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
      >
        {field.choices.map((choice) => (
          <MenuItem key={choice} value={choice}>
            {choiceName(field.name, choice)}
          </MenuItem>
        ))}
      </TextField>
    )
  return (
    <TextField
      label={labelOf(field)}
      value={text}
      error={isWrong}
      onChange={(event) => onChange(event.target.value)}
      placeholder={field.standard === undefined ? '' : String(field.standard)}
      slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' }, inputLabel: { shrink: true } }}
    />
  )
}

type RowTexts = Readonly<Record<string, string>>
function Rows({
  field,
  rows,
  onChange,
}: {
  field: Extract<FieldDescriptor, { kind: 'rows' }>
  rows: readonly RowTexts[]
  onChange: (rows: readonly RowTexts[]) => void
}) {
  return (
    <Box component="fieldset" sx={{ gridColumn: '1 / -1', border: 0, borderTop: '1px solid var(--hair)', m: 0, p: 0, pt: 0.5 }}>
      <Box component="legend" sx={{ fontSize: 13, color: 'text.secondary', p: 0 }}>
        {fieldName(field.name)}
      </Box>
      {rows.map((row, index) => (
        <Box key={index} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'end', mb: 1 }}>
          {field.fields.map(
            (cell) =>
              cell.kind !== 'rows' && (
                <Box key={cell.name} sx={{ minWidth: 110 }}>
                  <Field
                    field={cell}
                    text={row[cell.name] ?? (cell.kind === 'choice' ? (cell.choices[0] ?? '') : '')}
                    isWrong={false}
                    onChange={(text) => onChange(rows.map((other, at) => (at === index ? { ...other, [cell.name]: text } : other)))}
                  />
                </Box>
              ),
          )}
          <Button variant="text" onClick={() => onChange(rows.filter((_, at) => at !== index))}>
            {workingsWords.removeRow}
          </Button>
        </Box>
      ))}
      <Button disabled={rows.length >= field.maxRows} onClick={() => onChange([...rows, {}])}>
        {workingsWords.addRow}
      </Button>
    </Box>
  )
}
