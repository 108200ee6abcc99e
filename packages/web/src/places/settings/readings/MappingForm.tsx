import { momentWords, readingQuantityWords, settingsWords, type RowMappingChoice } from '@jovrin/contract'
import {
  DATE_ORDERS,
  DECIMAL_MARKS,
  MOMENTS,
  PLAIN_USES,
  READING_QUANTITIES,
  readingColumn,
  unitsOf,
  type ColumnUse,
  type Kit,
} from '@jovrin/core'
import { Box, Checkbox, FormControlLabel, MenuItem, TextField } from '@mui/material'
import { HeadRow } from '../../../ui/HeadRow.js'
import { significant } from '../../../ui/units.js'
import { DELIMITERS } from './guessMapping.js'

const text = settingsWords.importer

interface MappingFormProps {
  readonly mapping: RowMappingChoice
  /** The first rows, the heading among them where there is one. */
  readonly rows: readonly (readonly string[])[]
  readonly kits: readonly Kit[]
  readonly onChange: (part: Partial<RowMappingChoice>) => void
}

/** What a table's columns are and how its numbers and dates are written, each beside what stands in the file. */
export function MappingForm({ mapping, rows, kits, onChange }: MappingFormProps) {
  const heads = mapping.hasHeader ? (rows[0] ?? []) : []
  const [example = []] = mapping.hasHeader ? rows.slice(1) : rows
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        <Pick
          label={text.delimiter}
          value={mapping.delimiter}
          options={DELIMITERS}
          names={text.delimiters}
          onChoose={(delimiter) => onChange({ delimiter })}
        />
        <Pick
          label={text.decimalMark}
          value={mapping.decimalMark}
          options={DECIMAL_MARKS}
          names={text.marks}
          onChoose={(decimalMark) => onChange({ decimalMark })}
        />
        <Pick
          label={text.dateOrder}
          value={mapping.dateOrder}
          options={DATE_ORDERS}
          names={text.orders}
          onChoose={(dateOrder) => onChange({ dateOrder })}
        />
        <TextField
          label={text.timeZone}
          value={mapping.timeZone}
          onChange={(event) => onChange({ timeZone: event.target.value })}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <FormControlLabel
          control={<Checkbox checked={mapping.hasHeader} onChange={(event) => onChange({ hasHeader: event.target.checked })} />}
          label={text.hasHeader}
        />
      </Box>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={text.columns}>
        <Box
          component="table"
          className="figures"
          sx={{ borderCollapse: 'collapse', fontSize: 14, '& td, & th': { textAlign: 'left', pr: 1.5, py: 0.5 } }}
        >
          <HeadRow heads={text.columnHead} />
          <tbody>
            {mapping.columns.map((column, index) => (
              <ColumnRow
                key={index}
                name={heads[index] ?? text.column(significant(index + 1))}
                example={example[index] ?? ''}
                column={column}
                kits={kits}
                onChange={(use) => onChange({ columns: mapping.columns.map((other, at) => (at === index ? use : other)) })}
              />
            ))}
          </tbody>
        </Box>
      </Box>
    </>
  )
}

interface ColumnRowProps {
  readonly name: string
  readonly example: string
  readonly column: ColumnUse
  readonly kits: readonly Kit[]
  readonly onChange: (use: ColumnUse) => void
}
function ColumnRow({ name, example, column, kits, onChange }: ColumnRowProps) {
  const isReading = column.use === 'reading'
  return (
    <tr>
      <td>{name}</td>
      <td>{example.slice(0, 24)}</td>
      <td>
        <Pick
          name={text.columnUse(name)}
          value={isReading ? column.quantity : column.use}
          options={[...PLAIN_USES, ...READING_QUANTITIES]}
          names={{ ...text.uses, ...readingQuantityWords }}
          onChoose={(chosen) => {
            const quantity = READING_QUANTITIES.find((candidate) => candidate === chosen)
            onChange(
              quantity === undefined ? { use: PLAIN_USES.find((use) => use === chosen) ?? 'ignore' } : readingColumn(quantity, name, kits),
            )
          }}
        />
      </td>
      <td>
        {isReading && unitsOf(column.quantity).length > 1 && (
          <Pick
            name={text.columnUnit(name)}
            value={column.unit}
            options={unitsOf(column.quantity)}
            names={{}}
            onChoose={(unit) => onChange({ ...column, unit })}
          />
        )}
      </td>
      <td>
        {isReading && column.quantity === 'pH' && (
          <Pick
            name={text.columnMoment(name)}
            value={column.moment ?? 'none'}
            options={['none', ...MOMENTS] as const}
            names={{ none: text.noMoment, ...momentWords }}
            onChoose={(moment) => onChange({ ...column, moment: moment === 'none' ? null : moment })}
          />
        )}
      </td>
    </tr>
  )
}

interface PickProps<T extends string> {
  readonly label?: string
  /** Told to those who do not see where it stands. */
  readonly name?: string
  readonly value: T
  readonly options: readonly T[]
  readonly names: Readonly<Record<string, string>>
  readonly onChoose: (value: T) => void
}
function Pick<T extends string>({ label, name, value, options, names, onChoose }: PickProps<T>) {
  return (
    <TextField
      select
      {...(label === undefined ? {} : { label })}
      value={value}
      onChange={(event) => onChoose(event.target.value as T)} // one of the options
      slotProps={{
        inputLabel: { shrink: true },
        select: { SelectDisplayProps: { ...(name === undefined ? {} : { 'aria-label': name }) } },
      }}
      sx={{ minWidth: 120 }}
    >
      {options.map((option) => (
        <MenuItem key={option} value={option}>
          {names[option] ?? option}
        </MenuItem>
      ))}
    </TextField>
  )
}
