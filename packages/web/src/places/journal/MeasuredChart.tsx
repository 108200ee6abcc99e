import { journalWords, readingQuantityWords, recordKindWords, shelfWords } from '@jovrin/contract'
import { civilDate, hindcastBand, instantOf, isModelled, READING_QUANTITIES, type HindcastBand, type ReadingQuantity } from '@jovrin/core'
import { Box, MenuItem, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useMemo, useState } from 'react'
import { marksOfTank, readingsOfTank } from '../../api/journal.queries.js'
import type { AgedTimeline } from '../../api/tanks.queries.js'
import { Chart, type ChartInks } from '../../chart/Chart.js'
import { shortDate, significant, useUnits } from '../../ui/units.js'
import { useHindcast } from '../../workers/useHindcast.js'
import { SEED } from '../../workers/useForecast.js'
import { Apart } from './Apart.js'
import { toShown, unitShown } from '../quantity.text.js'
import { fitOf, measuredChartOption, type MeasuredChartInput } from './measuredChart.js'
import { locale } from '../../ui/locale.js'

interface MeasuredChartProps {
  readonly tankId: string
  readonly timeZone: string
  readonly aged: AgedTimeline
  readonly quantity: ReadingQuantity
  readonly onQuantity: (quantity: ReadingQuantity) => void
}

/** For whoever measures how long a picture takes. */
const markDrawn = (): void => void performance.mark('journal-chart-drawn')

/** The forecast looks this far past today. */
const AHEAD_DAYS = 28
const DAY_MS = 86_400_000
const MOST_MARKS = 40
const TABLE_ROWS = 200

/** One quantity over the tank's life: what was measured, what the model expects, and what was done. */
export function MeasuredChart({ tankId, timeZone, aged, quantity, onQuantity }: MeasuredChartProps) {
  const units = useUnits()
  const series = useQuery(readingsOfTank(tankId, quantity))
  const acts = useQuery(marksOfTank(tankId))
  const modelled = isModelled(quantity)
  // The readings first: the long run of the model begins once their picture stands.
  const [isDrawn, setDrawn] = useState(false)
  const [zoom, setZoom] = useState<readonly [number, number] | null>(null)
  const { members, isDone } = useHindcast(
    isDrawn ? { timeline: aged.timeline, deeds: aged.deeds, days: aged.today + AHEAD_DAYS, seed: SEED } : null,
  )
  const drawn = useCallback(() => {
    markDrawn()
    setDrawn(true)
  }, [])
  const startMs = useMemo(() => instantOf(aged.startedOn, 0, timeZone).getTime(), [aged.startedOn, timeZone])
  const unit = unitShown(quantity, units)
  const input = useMemo((): MeasuredChartInput | null => {
    if (!series.data || series.data.quantity !== quantity) return null
    const shown = (values: ArrayLike<number>): Float64Array => {
      const converted = new Float64Array(values.length)
      for (let index = 0; index < values.length; index++) converted[index] = toShown(quantity, values[index]!, units)
      return converted
    }
    const raw = isDone && isModelled(quantity) ? hindcastBand(members, quantity) : null
    const band: HindcastBand | null = raw === null ? null : { low: shown(raw.low), median: shown(raw.median), high: shown(raw.high) }
    const { at, value, qualifier } = series.data
    const marks = (acts.data?.entries ?? [])
      .map(({ record }) => ({ atMs: Date.parse(record.at), name: recordKindWords[record.kind] }))
      .slice(0, MOST_MARKS)
    return {
      measured: { atMs: at, values: shown(value), qualifiers: qualifier },
      band,
      startMs,
      todayMs: startMs + aged.today * DAY_MS,
      marks,
      unit,
      zoom,
      texts: {
        measured: journalWords.measured,
        below: journalWords.belowReadable,
        band: journalWords.band,
        middle: journalWords.middle,
        today: journalWords.todayLine,
        number: (value) => significant(value),
        day: (ms) => shortDate(civilDate(new Date(ms), timeZone)),
      },
    }
  }, [series.data, quantity, units, isDone, members, acts.data, startMs, aged.today, unit, zoom, timeZone])
  const make = useCallback((inks: ChartInks) => (input === null ? {} : measuredChartOption(input, inks)), [input])
  const fit = input === null ? null : fitOf(input)
  return (
    <Box component="section" aria-label={journalWords.chart} sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', columnGap: 2 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18, flexGrow: 1 }}>
          {journalWords.chart}
        </Box>
        <TextField
          select
          label={journalWords.quantity}
          value={quantity}
          onChange={(event) => onQuantity(event.target.value as ReadingQuantity)}
          sx={{ minWidth: 150 }}
          slotProps={{ inputLabel: { shrink: true } }}
        >
          {READING_QUANTITIES.map((name) => (
            <MenuItem key={name} value={name}>
              {readingQuantityWords[name]}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      <Chart onDrawn={drawn} onZoom={setZoom} make={make} height={300} label={`${journalWords.chart}: ${readingQuantityWords[quantity]}`} />
      <Legend hasBand={modelled} />
      <Box role="status" sx={{ fontSize: 13, color: 'text.secondary' }}>
        {series.data?.at.length === 0
          ? journalWords.noReadings
          : modelled && fit !== null && fit.all > 0
            ? `${journalWords.outside(significant(fit.inside, 6), significant(fit.all, 6))} ${journalWords.chartHint}`
            : modelled
              ? isDone
                ? journalWords.chartHint
                : shelfWords.reckoning
              : journalWords.notModelled}
      </Box>
      {fit !== null && isModelled(quantity) && <Apart fit={fit} quantity={quantity} unit={unit} />}
      {input !== null && input.measured.atMs.length > 0 && <Figures input={input} timeZone={timeZone} />}
    </Box>
  )
}

function Legend({ hasBand }: { hasBand: boolean }) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, fontSize: 13 }}>
      <span>
        <svg width="14" height="10" aria-hidden>
          <circle cx="6" cy="5" r="4" fill="var(--ink)" />
        </svg>
        {journalWords.measured}
      </span>
      <span>
        <svg width="16" height="10" aria-hidden>
          <path d="M1 1H13L7 9Z" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.5" />
        </svg>
        {journalWords.belowReadable}
      </span>
      {hasBand && (
        <>
          <span>
            <svg width="22" height="10" aria-hidden>
              <rect width="18" height="10" fill="var(--clean-fill)" opacity="0.55" />
            </svg>
            {journalWords.band}
          </span>
          <span>
            <svg width="24" height="10" aria-hidden>
              <path d="M0 5H20" stroke="var(--clean)" strokeWidth="1.5" strokeDasharray="5 3" />
            </svg>
            {journalWords.middle}
          </span>
        </>
      )}
    </Box>
  )
}

/** The same figures for those who cannot see the picture; the newest of them. */
function Figures({ input, timeZone }: { input: MeasuredChartInput; timeZone: string }) {
  const { measured, band, startMs, unit } = input
  const when = new Intl.DateTimeFormat(locale(), { timeZone, dateStyle: 'medium', timeStyle: 'short' })
  const first = Math.max(0, measured.atMs.length - TABLE_ROWS)
  return (
    <details>
      <summary>{journalWords.table}</summary>
      <Box
        component="table"
        className="figures"
        sx={{ borderCollapse: 'collapse', '& td, & th': { textAlign: 'left', pr: 3, fontWeight: 'normal' } }}
      >
        <thead>
          <tr>
            {journalWords.tableHead.map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {measured.atMs.slice(first).map((at, place) => {
            const index = first + place
            const day = Math.floor((at - startMs) / DAY_MS)
            const qualifier = measured.qualifiers[index]
            return (
              <tr key={index}>
                <td>{when.format(at)}</td>
                <td>{`${qualifier === '=' ? '' : `${qualifier} `}${significant(measured.values[index] ?? 0)} ${unit}`}</td>
                <td>{band?.low[day] === undefined ? '' : `${significant(band.low[day])} – ${significant(band.high[day] ?? 0)}`}</td>
              </tr>
            )
          })}
        </tbody>
      </Box>
    </details>
  )
}
