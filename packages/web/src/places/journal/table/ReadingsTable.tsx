import { appWords, indicatorColourWords, journalWords, nameIn, readingQuantityWords } from '@jovrin/contract'
import { READING_QUANTITIES, type ReadingQuantity } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import type { GridColDef } from '@mui/x-data-grid'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { allKits, readingEntries } from '../../../api/journal.queries.js'
import { Grid } from '../../../ui/grid/Grid.js'
import { typedColumn } from '../../../ui/grid/typedColumn.js'
import { locale } from '../../../ui/locale.js'
import { useNotice } from '../../../ui/notice.js'
import { QueryState } from '../../../ui/QueryState.js'
import { significant, useUnits } from '../../../ui/units.js'
import { useLog } from '../../shared/logging.js'
import { storedGauges } from '../reading/gauges.js'
import { gaugeOf, type Gauge } from '../reading/readingsDraft.js'
import { useRecordChange } from '../useRecordChange.js'
import { cellText, columnsOf, readingRows, type ReadingRow } from './readingRows.js'

const text = journalWords.sheet
const DAY_MS = 86_400_000
/** How far back the table goes, in days; `null` is all there is. */
const SPANS = { quarter: 92, year: 366, all: null } as const
type Span = keyof typeof SPANS
const SPAN_NAMES = Object.keys(SPANS) as readonly Span[] // the keys of the object above

interface ReadingsTableProps {
  readonly tankId: string
  readonly tankName: string
  readonly timeZone: string
}

/** Readings as one keeps them in a spreadsheet: a row a sitting, a column a quantity. What is typed over a value changes the record, in an empty cell it logs one, and an emptied cell deletes it. */
export function ReadingsTable({ tankId, tankName, timeZone }: ReadingsTableProps) {
  const units = useUnits()
  const tell = useNotice()
  const log = useLog(tankId)
  const { change, remove } = useRecordChange(tankId)
  const [span, setSpan] = useState<Span>('year')
  // By the day, so that the same question is not a new one each moment.
  const [since] = useState(() => (days: number) => new Date(Math.floor(Date.now() / DAY_MS - days) * DAY_MS).toISOString())
  const found = useQuery(readingEntries(tankId, SPANS[span] === null ? null : since(SPANS[span])))
  const kits = useQuery(allKits()).data
  const [fresh, setFresh] = useState<readonly ReadingRow[]>([])
  const rows = useMemo(() => {
    const known = readingRows(
      found.data?.entries ?? [],
      fresh.map(({ at }) => at),
    )
    return [...fresh.filter(({ at }) => !known.some((row) => row.at === at)), ...known]
  }, [found.data, fresh])
  // By name, so that a row more does not make the columns anew under the hand.
  const quantities = columnsOf(rows, storedGauges()).join(' ')
  const gauges = useMemo(
    () =>
      new Map(READING_QUANTITIES.filter((one) => quantities.split(' ').includes(one)).map((one) => [one, gaugeOf(one, kits ?? [], units)])),
    [quantities, kits, units],
  )
  const columns = useMemo(
    () => [whenColumn(timeZone), ...[...gauges].map(([quantity, gauge]) => readingColumn(quantity, gauge))],
    [timeZone, gauges],
  )
  if (!found.data) return <QueryState error={found.error} onRetry={() => void found.refetch()} />

  /** The row says what was typed until the journal says it. */
  const keep = async (row: ReadingRow): Promise<ReadingRow> => {
    const { at, cells, typed } = row
    const gauge = typed === null ? undefined : gauges.get(typed.quantity)
    if (typed !== null && gauge !== undefined) {
      const entry = cells[typed.quantity]
      if (typed.text.trim() === '') {
        if (entry !== undefined) await remove(entry)
      } else if (typed.text.trim() !== cellText(entry?.record, gauge.unit)) {
        const judged = gauge.judge(typed.text)
        if ('error' in judged) throw new Error(judged.error)
        const { value, qualifier, basis, enteredText, enteredUnit } = judged.part
        if (entry !== undefined) await change(entry, { ...entry.record, value, qualifier, basis, enteredText, enteredUnit })
        else await log([judged.part], at, `${readingQuantityWords[typed.quantity]} ${enteredText}`)
      }
    }
    return row
  }
  const addRow = (): void => {
    const at = new Date().toISOString()
    if (!rows.some(({ id }) => id === at)) setFresh([{ id: at, at, cells: {}, typed: null }, ...fresh])
  }
  return (
    <Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 1.5, pb: 0.5 }}>
        <Box sx={{ flexGrow: 1, color: 'text.secondary', fontSize: 14, minWidth: 220 }}>{text.hint}</Box>
        <Button onClick={addRow}>{text.add}</Button>
        <TextField
          select
          label={text.span}
          value={span}
          onChange={({ target }) => setSpan(SPAN_NAMES.find((name) => name === target.value) ?? span)}
          sx={{ minWidth: 130 }}
          slotProps={{ inputLabel: { shrink: true } }}
        >
          {SPAN_NAMES.map((name) => (
            <MenuItem key={name} value={name}>
              {text.spans[name]}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      {!found.data.isAll && <Box role="status">{text.cut(significant(found.data.entries.length, 6))}</Box>}
      <Box sx={{ height: 'min(70vh, 620px)', display: 'grid', gridTemplateColumns: 'minmax(0,1fr)' }}>
        <Grid<ReadingRow>
          label={text.title}
          fileName={`${tankName} ${text.title}`}
          rows={rows}
          columns={columns}
          hideFooter
          columnHeaderHeight={62}
          processRowUpdate={keep}
          onProcessRowUpdateError={(error: unknown) => tell({ text: error instanceof Error ? error.message : appWords.failed })}
        />
      </Box>
    </Box>
  )
}

function whenColumn(timeZone: string): GridColDef<ReadingRow> {
  const when = new Intl.DateTimeFormat(locale(), { timeZone, dateStyle: 'medium', timeStyle: 'short' })
  return {
    field: 'at',
    headerName: journalWords.when,
    width: 168,
    type: 'dateTime',
    hideable: false,
    valueGetter: (_value, { at }) => new Date(at),
    valueFormatter: (_value, { at }) => when.format(new Date(at)),
  }
}

function readingColumn(quantity: ReadingQuantity, gauge: Gauge): GridColDef<ReadingRow> {
  const name = readingQuantityWords[quantity]
  if (quantity === 'indicator')
    return {
      field: quantity,
      headerName: name,
      width: 120,
      valueGetter: (_value, { cells }) => nameIn(indicatorColourWords, cells.indicator?.record.enteredText ?? ''),
    }
  return typedColumn<ReadingRow>({
    field: quantity,
    head: gauge.unit === '' ? name : `${name}, ${gauge.unit}`,
    isNumber: true,
    width: 96,
    text: ({ cells, typed }) => (typed?.quantity === quantity ? typed.text : cellText(cells[quantity]?.record, gauge.unit)),
    order: ({ cells }) => cells[quantity]?.record.value ?? null,
    judge: (entered, row) => {
      const judged = entered.trim() === '' ? null : gauge.judge(entered)
      return judged !== null && 'error' in judged ? judged.error : { ...row, typed: { quantity, text: entered } }
    },
  })
}
