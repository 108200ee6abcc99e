import { readingQuantityWords, settingsWords, type RowImportReport } from '@jovrin/contract'
import { QUANTITY, type Qualifier } from '@jovrin/core'
import { Box, Button, Checkbox, FormControlLabel } from '@mui/material'
import { useState } from 'react'
import { HeadRow } from '../../../ui/HeadRow.js'
import { significant, useUnits } from '../../../ui/units.js'
import { valueText } from '../../quantity.text.js'
import { locale } from '../../../ui/locale.js'

const text = settingsWords.importer
const many = (count: number): string => significant(count, 7)

/** What would come of a table: what it holds of each quantity, what looks wrong, what is refused. Nothing is kept before it is said so. */
export function ImportReport({
  report,
  timeZone,
  onKeep,
}: {
  report: RowImportReport
  timeZone: string
  onKeep: (skipsBadRows: boolean) => void
}) {
  const [skips, setSkips] = useState(false)
  const doubts = report.columns.filter(({ unlikely, count }) => unlikely > 0.2 * count)
  return (
    <Box role="status" sx={{ display: 'grid', gap: 1 }}>
      <div>{text.report(many(report.rows), many(report.accepted), many(report.alreadyHere), many(report.refusedInAll))}</div>
      <Held report={report} />
      <Doubts report={report} />
      {report.refused.map(({ line, detail }) => (
        <Box key={`${line} ${detail}`} sx={{ color: 'var(--algae)' }}>
          {text.line(many(line), detail)}
        </Box>
      ))}
      {report.refusedInAll > report.refused.length && <div>{text.moreRefused(many(report.refusedInAll - report.refused.length))}</div>}
      <Preview report={report} timeZone={timeZone} />
      {report.refusedInAll > 0 && (
        <div>
          <div>{text.badRows}</div>
          <FormControlLabel
            control={<Checkbox checked={skips} onChange={(event) => setSkips(event.target.checked)} />}
            label={text.skipRows(many(report.refusedInAll))}
          />
        </div>
      )}
      {(report.refusedInAll === 0 || skips) && (
        <Box>
          <Button variant="contained" disabled={report.accepted === 0} onClick={() => onKeep(skips)}>
            {doubts.length > 0 || report.inFuture > 0 ? text.keepAnyway(many(report.accepted)) : text.keep(many(report.accepted))}
          </Button>
        </Box>
      )}
    </Box>
  )
}

/** Least, middle and most of each quantity: a wrong unit or mark shows here. */
function Held({ report }: { report: RowImportReport }) {
  const units = useUnits()
  if (report.columns.length === 0) return null
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={text.held}>
      <Box component="table" className="figures" sx={{ fontSize: 14, '& td, & th': { pr: 2, textAlign: 'left' } }}>
        <caption style={{ textAlign: 'left' }}>{text.held}</caption>
        <HeadRow heads={text.heldHead} />
        <tbody>
          {report.columns.map(({ quantity, unit, count, least, middle, most, unlikely }) => (
            <tr key={`${quantity} ${unit}`}>
              <td>{readingQuantityWords[quantity]}</td>
              <td>{unit}</td>
              <td>{many(count)}</td>
              <td>{valueText(quantity, least, '=', units)}</td>
              <td>{valueText(quantity, middle, '=', units)}</td>
              <td>{valueText(quantity, most, '=', units)}</td>
              <td>{unlikely === 0 ? '' : many(unlikely)}</td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  )
}

function Doubts({ report }: { report: RowImportReport }) {
  const units = useUnits()
  const doubts = [
    ...report.columns
      .filter(({ unlikely }) => unlikely > 0)
      .map(({ quantity, unit, unlikely, count, middle }) => {
        const [low, high] = QUANTITY[quantity].usual
        return text.unlikely({
          name: readingQuantityWords[quantity],
          count: many(unlikely),
          of: many(count),
          low: valueText(quantity, low, '=', units),
          high: valueText(quantity, high, '=', units),
          middle: valueText(quantity, middle, '=', units),
          unit,
          isMost: unlikely > 0.5 * count,
        })
      }),
    ...(report.inFuture > 0 ? [text.inFuture(many(report.inFuture))] : []),
  ]
  if (doubts.length === 0) return null
  return (
    <Box role="alert" sx={{ border: '1px solid var(--algae)', p: 1, display: 'grid', gap: 0.5 }}>
      {doubts.map((doubt) => (
        <div key={doubt}>{doubt}</div>
      ))}
    </Box>
  )
}

function Preview({ report, timeZone }: { report: RowImportReport; timeZone: string }) {
  const units = useUnits()
  const when = new Intl.DateTimeFormat(locale(), { timeZone, dateStyle: 'medium', timeStyle: 'short' })
  if (report.preview.length === 0) return null
  return (
    <Box component="table" className="figures" sx={{ fontSize: 14, '& td': { pr: 2 } }}>
      <caption style={{ textAlign: 'left' }}>{text.preview}</caption>
      <tbody>
        {report.preview.map(({ line, at, quantity, value, qualifier }, index) => (
          <tr key={index}>
            <td>{many(line)}</td>
            <td>{when.format(new Date(at))}</td>
            <td>{readingQuantityWords[quantity]}</td>
            <td>{valueText(quantity, value, qualifier as Qualifier, units)}</td>
          </tr>
        ))}
      </tbody>
    </Box>
  )
}
