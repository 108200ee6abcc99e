import {
  enApp,
  enReadingQuantity,
  enSettings,
  READINGS_MOST_BYTES,
  READINGS_MOST_ROWS,
  RowImportReport,
  type RowMappingChoice,
  type TankEntry,
} from '@jovrin/contract'
import { DATE_ORDERS, DECIMAL_MARKS, PLAIN_USES, READING_QUANTITIES, unitsOf, type ColumnUse, type ReadingQuantity } from '@jovrin/core'
import { Box, Button, Checkbox, FormControlLabel, MenuItem, TextField } from '@mui/material'
import { useRef, useState } from 'react'
import { deviceName } from '../../api/device.js'
import { useJournalChanged } from '../../api/journal.queries.js'
import { useLongWork } from '../../api/longWork.js'
import { useNotice } from '../../ui/notice.js'
import { significant, useUnits } from '../../ui/units.js'
import { valueText } from '../quantity.text.js'
import { many, megabytes } from './limits.text.js'
import { WorkBar } from './WorkBar.js'
import { DELIMITERS, guessMapping, headCells } from './readingsMapping.js'

const text = enSettings.importer
const LOOKED_AT_BYTES = 64 * 1024

/** Readings from a table: its form is guessed, looked over, tried without keeping anything, and then kept whole or not at all. */
export function ReadingsImport({ tank }: { tank: TankEntry }) {
  const tell = useNotice()
  const changed = useJournalChanged()
  const input = useRef<HTMLInputElement>(null)
  const [file, setFile] = useState<{ readonly bytes: ArrayBuffer; readonly text: string } | null>(null)
  const [mapping, setMapping] = useState<RowMappingChoice | null>(null)
  const [report, setReport] = useState<RowImportReport | null>(null)
  const [failure, setFailure] = useState<string | null>(null)
  const work = useLongWork()
  const send = async (isDry: boolean): Promise<void> => {
    if (file === null || mapping === null) return
    setFailure(null)
    try {
      const query = new URLSearchParams({ dryRun: String(isDry), mapping: JSON.stringify(mapping), recordedBy: deviceName() ?? '' })
      const told = await work.send(`/api/tanks/${tank.id}/readings.csv?${query.toString()}`, 'text/csv', file.bytes, RowImportReport)
      setReport(told)
      if (!told.isKept) return
      setFile(null)
      setReport(null)
      await changed(tank.id)
      tell({ text: text.kept(significant(told.accepted, 7)) })
    } catch (error) {
      setReport(null)
      setFailure(error instanceof Error ? error.message : enApp.failed)
    }
  }
  const choose = async (chosen: File): Promise<void> => {
    setReport(null)
    if (chosen.size > READINGS_MOST_BYTES) return setFailure(enSettings.tooLarge(megabytes(READINGS_MOST_BYTES)))
    const bytes = await chosen.arrayBuffer()
    // Its beginning says what its columns are.
    const read = new TextDecoder().decode(bytes.slice(0, LOOKED_AT_BYTES))
    setFile({ bytes, text: read })
    setMapping(guessMapping(read, tank.plan.timeZone))
    setFailure(null)
  }
  const change = (part: Partial<RowMappingChoice>): void => {
    if (mapping !== null) setMapping({ ...mapping, ...part })
    setReport(null)
  }
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box>
        <input
          ref={input}
          type="file"
          accept="text/csv,.csv,.tsv,.txt"
          hidden
          aria-label={enSettings.importReadings}
          onChange={(event) => {
            const chosen = event.target.files?.[0]
            event.target.value = ''
            if (chosen) void choose(chosen)
          }}
        />
        <Button onClick={() => input.current?.click()}>{enSettings.importReadings}</Button>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
          {enSettings.readingsLimit(many(READINGS_MOST_ROWS), megabytes(READINGS_MOST_BYTES))}
        </Box>
      </Box>
      {file !== null && mapping !== null && (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1, border: '1px solid var(--ink)', p: 1.5 }}
          onSubmit={(event) => {
            event.preventDefault()
            void send(true)
          }}
        >
          <Mapping
            mapping={mapping}
            heads={headCells(file.text.replace(/^\uFEFF/, ''), mapping.delimiter)[0] ?? []}
            onChange={(part) =>
              change(
                part.delimiter === undefined
                  ? part
                  : { ...part, columns: (headCells(file.text, part.delimiter)[0] ?? []).map(() => ({ use: 'ignore' as const })) },
              )
            }
          />
          <Box>
            <Button type="submit" variant="contained" disabled={work.share !== null}>
              {text.look}
            </Button>
          </Box>
          <WorkBar work={work} label={text.look} />
          {report !== null && <Report report={report} onKeep={() => void send(false)} />}
        </Box>
      )}
      {failure !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {failure}
        </Box>
      )}
    </Box>
  )
}

function Mapping({
  mapping,
  heads,
  onChange,
}: {
  mapping: RowMappingChoice
  heads: readonly string[]
  onChange: (part: Partial<RowMappingChoice>) => void
}) {
  const pick = <T extends string>(
    label: string,
    value: T,
    options: readonly T[],
    names: Readonly<Record<string, string>>,
    choose: (value: T) => void,
  ) => (
    <TextField
      select
      label={label}
      value={value}
      onChange={(event) => choose(event.target.value as T)}
      slotProps={{ inputLabel: { shrink: true } }}
      sx={{ minWidth: 120 }}
    >
      {options.map((option) => (
        <MenuItem key={option} value={option}>
          {names[option] ?? option}
        </MenuItem>
      ))}
    </TextField>
  )
  const setColumn = (index: number, use: ColumnUse): void =>
    onChange({ columns: mapping.columns.map((column, at) => (at === index ? use : column)) })
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        {pick(text.delimiter, mapping.delimiter, DELIMITERS, text.delimiters, (delimiter) => onChange({ delimiter }))}
        {pick(text.decimalMark, mapping.decimalMark, DECIMAL_MARKS, text.marks, (decimalMark) => onChange({ decimalMark }))}
        {pick(text.dateOrder, mapping.dateOrder, DATE_ORDERS, text.orders, (dateOrder) => onChange({ dateOrder }))}
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
      <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{text.columns}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        {mapping.columns.map((column, index) => (
          <Box key={index} sx={{ display: 'grid' }}>
            <TextField
              select
              label={text.column(significant(index + 1), heads[index] ?? '')}
              value={column.use === 'reading' ? column.quantity : column.use}
              onChange={(event) => {
                const chosen = event.target.value
                const quantity = READING_QUANTITIES.find((name) => name === chosen)
                setColumn(
                  index,
                  quantity === undefined ? { use: PLAIN_USES.find((use) => use === chosen) ?? 'ignore' } : readingColumn(quantity),
                )
              }}
              slotProps={{ inputLabel: { shrink: true } }}
              sx={{ minWidth: 130 }}
            >
              {PLAIN_USES.map((use) => (
                <MenuItem key={use} value={use}>
                  {text.uses[use]}
                </MenuItem>
              ))}
              {READING_QUANTITIES.map((quantity) => (
                <MenuItem key={quantity} value={quantity}>
                  {enReadingQuantity[quantity]}
                </MenuItem>
              ))}
            </TextField>
            {column.use === 'reading' && unitsOf(column.quantity).length > 1 && (
              <TextField
                select
                value={column.unit}
                onChange={(event) => setColumn(index, { ...column, unit: event.target.value })}
                slotProps={{ select: { SelectDisplayProps: { 'aria-label': `${heads[index] ?? ''}: ${enSettings.kitHead[2] ?? ''}` } } }}
              >
                {unitsOf(column.quantity).map((unit) => (
                  <MenuItem key={unit} value={unit}>
                    {unit}
                  </MenuItem>
                ))}
              </TextField>
            )}
          </Box>
        ))}
      </Box>
    </>
  )
}

const readingColumn = (quantity: ReadingQuantity): ColumnUse => ({ use: 'reading', quantity, unit: unitsOf(quantity)[0] ?? '' })

function Report({ report, onKeep }: { report: RowImportReport; onKeep: () => void }) {
  const units = useUnits()
  const when = new Intl.DateTimeFormat(navigator.language, { dateStyle: 'medium', timeStyle: 'short' })
  return (
    <Box role="status" sx={{ display: 'grid', gap: 0.5 }}>
      <div>
        {text.report(
          significant(report.rows, 7),
          significant(report.accepted, 7),
          significant(report.alreadyHere, 7),
          significant(report.refusedInAll, 7),
        )}
      </div>
      {report.refused.map(({ line, detail }) => (
        <Box key={`${line} ${detail}`} sx={{ color: 'var(--algae)' }}>
          {text.line(significant(line, 7), detail)}
        </Box>
      ))}
      {report.refusedInAll > report.refused.length && (
        <div>{text.moreRefused(significant(report.refusedInAll - report.refused.length, 7))}</div>
      )}
      {report.preview.length > 0 && (
        <Box component="table" className="figures" sx={{ fontSize: 14, '& td': { pr: 2 } }}>
          <caption style={{ textAlign: 'left' }}>{text.preview}</caption>
          <tbody>
            {report.preview.map(({ line, at, quantity, value, qualifier }, index) => (
              <tr key={index}>
                <td>{significant(line, 7)}</td>
                <td>{when.format(new Date(at))}</td>
                <td>{enReadingQuantity[quantity]}</td>
                <td>{valueText(quantity, value, qualifier as '=' | '<' | '>', units)}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
      {report.refusedInAll > 0 ? (
        <div>{text.allOrNothing}</div>
      ) : (
        <Box>
          <Button variant="contained" disabled={report.accepted === 0} onClick={onKeep}>
            {text.keep(significant(report.accepted, 7))}
          </Button>
        </Box>
      )}
    </Box>
  )
}
