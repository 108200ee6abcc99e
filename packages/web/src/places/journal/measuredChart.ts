import { againstForecast, type Fit, type HindcastBand } from '@jovrin/core'
import type { ChartInks, ChartOption } from '../../chart/Chart.js'

export interface Measured {
  readonly atMs: readonly number[]
  /** In the unit shown. */
  readonly values: ArrayLike<number>
  /** One of = < > a reading. */
  readonly qualifiers: string
}
export interface ChartMark {
  readonly atMs: number
  readonly name: string
}
export interface MeasuredChartInput {
  readonly measured: Measured
  /** In the unit shown; a value a day from `startMs`. `null` where the model does not reckon it. */
  readonly band: HindcastBand | null
  readonly startMs: number
  readonly todayMs: number
  readonly marks: readonly ChartMark[]
  readonly unit: string
  /** The span looked at, where one has zoomed in. */
  readonly zoom: readonly [fromMs: number, toMs: number] | null
  readonly texts: {
    readonly measured: string
    readonly below: string
    readonly band: string
    readonly middle: string
    readonly today: string
    /** As the reader writes them. */
    readonly number: (value: number) => string
    readonly day: (ms: number) => string
  }
}

const DAY_MS = 86_400_000
/** More points than this are thinned to what a screen can show. */
const MOST_POINTS = 4000
const COLUMNS = MOST_POINTS / 4
/** Share of the width that a mark's name takes. */
const LEAST_GAP = 0.06
/** Above this, points are drawn small and in bulk. */
const MANY = 2000

/** Measured beside the forecast. Pure: no page, no fetch. Kinds of reading differ in shape, not in colour alone. */
export function measuredChartOption(
  { measured, band, startMs, todayMs, marks, unit, zoom, texts }: MeasuredChartInput,
  inks: ChartInks,
): ChartOption {
  const day = (index: number): number => startMs + (index + 0.5) * DAY_MS
  const along = (values: ArrayLike<number>): [number, number][] => Array.from(values, (value, index) => [day(index), value])
  const shown = pointsShown(measured, zoom)
  const bounds: [number, number][] = []
  for (let index = 0; index < measured.atMs.length; index++)
    if (measured.qualifiers.charCodeAt(index) !== PLAIN) bounds.push([measured.atMs[index]!, measured.values[index]!])
  const lastMs = Math.max(todayMs, band === null ? 0 : day(band.low.length - 1))
  const named = namedMarks(marks, [todayMs], (lastMs - startMs) * LEAST_GAP)
  const isMany = shown.length > MANY
  return {
    grid: { left: 52, right: 14, top: 26, bottom: 46 },
    xAxis: {
      type: 'time',
      axisLine: { lineStyle: { color: inks.ink } },
      axisLabel: { color: inks.faint, hideOverlap: true, formatter: texts.day },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      scale: true,
      name: unit,
      nameTextStyle: { color: inks.faint, align: 'left' },
      axisLabel: { color: inks.faint, formatter: texts.number },
      splitLine: { lineStyle: { color: inks.hair, type: 'dotted' } },
    },
    tooltip: {
      trigger: 'item',
      backgroundColor: inks.sheet,
      borderColor: inks.ink,
      textStyle: { color: inks.ink },
      valueFormatter: (value) => `${lastOf(value, texts.number)} ${unit}`.trim(),
    },
    dataZoom: [{ type: 'inside', filterMode: 'none', ...(zoom === null ? {} : { startValue: zoom[0], endValue: zoom[1] }) }],
    series: [
      ...(band === null
        ? []
        : ([
            {
              type: 'line',
              name: 'low',
              data: along(band.low),
              stack: 'band',
              stackStrategy: 'all',
              lineStyle: { opacity: 0 },
              symbol: 'none',
              silent: true,
            },
            {
              type: 'line',
              name: texts.band,
              data: along(band.high).map(([at, high], index) => [at, high - (band.low[index] ?? 0)] as [number, number]),
              stack: 'band',
              stackStrategy: 'all',
              lineStyle: { opacity: 0 },
              symbol: 'none',
              silent: true,
              areaStyle: { color: inks.of('clean-fill'), opacity: 0.55 },
            },
            {
              type: 'line',
              name: texts.middle,
              data: along(band.median),
              symbol: 'none',
              silent: true,
              lineStyle: { color: inks.of('clean'), width: 1.5, type: 'dashed' },
            },
          ] as const)),
      {
        type: 'scatter',
        name: texts.measured,
        data: shown,
        symbol: 'circle',
        symbolSize: isMany ? 2.5 : 8,
        // Thousands of shapes of their own would take longer than all the rest.
        large: isMany,
        largeThreshold: MANY,
        progressive: 0,
        itemStyle: { color: inks.ink },
        markLine: {
          symbol: 'none',
          silent: true,
          label: { color: inks.faint, fontSize: 12, position: 'end', distance: 2 },
          lineStyle: { color: inks.hair, type: 'solid' },
          data: [
            ...marks.map((mark) => ({ xAxis: mark.atMs, label: { formatter: named.has(mark) ? mark.name : '' } })),
            { xAxis: todayMs, label: { formatter: texts.today }, lineStyle: { color: inks.ink, width: 1.5 } },
          ],
        },
      },
      {
        type: 'scatter',
        name: texts.below,
        data: bounds,
        symbol: 'path://M0 0H10L5 9Z',
        symbolSize: 10,
        itemStyle: { color: inks.sheet, borderColor: inks.ink, borderWidth: 1.5 },
      },
    ],
  }
}

/** Plain readings as points; of very many those that a screen can tell apart: in each narrow column of time the first, the lowest, the highest and the last. Readings must be in order of time.
 *  Works on the columns themselves: a hundred thousand pairs would cost more to make than to draw. */
export function pointsShown({ atMs, values, qualifiers }: Measured, zoom: readonly [number, number] | null): [number, number][] {
  const plain = new Int32Array(atMs.length)
  let count = 0
  for (let index = 0; index < atMs.length; index++) {
    const at = atMs[index]!
    if (qualifiers.charCodeAt(index) === PLAIN && (zoom === null || (at >= zoom[0] && at <= zoom[1]))) plain[count++] = index
  }
  const point = (index: number): [number, number] => [atMs[index]!, values[index]!]
  if (count <= MOST_POINTS) return Array.from(plain.subarray(0, count), point)
  const firstMs = atMs[plain[0]!]!
  const widthMs = (atMs[plain[count - 1]!]! - firstMs) / COLUMNS
  const shown: [number, number][] = []
  for (let begin = 0; begin < count;) {
    const edgeMs = firstMs + (Math.floor((atMs[plain[begin]!]! - firstMs) / widthMs) + 1) * widthMs
    let [low, high, end] = [plain[begin]!, plain[begin]!, begin]
    while (end < count && (end === begin || atMs[plain[end]!]! < edgeMs)) {
      const index = plain[end++]!
      if (values[index]! < values[low]!) low = index
      if (values[index]! > values[high]!) high = index
    }
    for (const index of new Set([plain[begin]!, Math.min(low, high), Math.max(low, high), plain[end - 1]!])) shown.push(point(index))
    begin = end
  }
  return shown
}
const PLAIN = '='.charCodeAt(0)

/** Marks whose names find room, the newest first; the others are lines only. */
function namedMarks(marks: readonly ChartMark[], taken: readonly number[], gapMs: number): ReadonlySet<ChartMark> {
  const places = [...taken]
  const named = new Set<ChartMark>()
  for (const mark of [...marks].sort((a, b) => b.atMs - a.atMs)) {
    if (places.some((place) => Math.abs(place - mark.atMs) < gapMs)) continue
    places.push(mark.atMs)
    named.add(mark)
  }
  return named
}

/** The library passes a point as [time, value]. */
const lastOf = (value: unknown, told: (value: number) => string): string => {
  const last: unknown = Array.isArray(value) ? (value as unknown[]).at(-1) : value
  return typeof last === 'number' ? told(last) : ''
}

/** How the readings lie beside the band. */
export const fitOf = ({ measured, band, startMs }: Pick<MeasuredChartInput, 'measured' | 'band' | 'startMs'>): Fit =>
  againstForecast(
    { days: measured.atMs.map((at) => (at - startMs) / DAY_MS), values: measured.values, qualifiers: measured.qualifiers },
    band,
  )
