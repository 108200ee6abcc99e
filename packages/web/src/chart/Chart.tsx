import { LineChart, ScatterChart, type LineSeriesOption, type ScatterSeriesOption } from 'echarts/charts'
import {
  AriaComponent,
  DataZoomComponent,
  GridComponent,
  MarkLineComponent,
  TooltipComponent,
  type AriaComponentOption,
  type DataZoomComponentOption,
  type GridComponentOption,
  type MarkLineComponentOption,
  type TooltipComponentOption,
} from 'echarts/components'
import { init, use as register, type ComposeOption, type ECharts } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import { Box, useColorScheme } from '@mui/material'
import { useEffect, useRef } from 'react'

register([LineChart, ScatterChart, GridComponent, TooltipComponent, DataZoomComponent, MarkLineComponent, AriaComponent, CanvasRenderer])

export type ChartOption = ComposeOption<
  | LineSeriesOption
  | ScatterSeriesOption
  | GridComponentOption
  | TooltipComponentOption
  | DataZoomComponentOption
  | MarkLineComponentOption
  | AriaComponentOption
>

/** The film's inks, read when a chart is drawn so that day and night both hold. */
export interface ChartInks {
  readonly ink: string
  readonly faint: string
  readonly hair: string
  readonly sheet: string
  readonly of: (name: string) => string
}
function inksOf(element: Element): ChartInks {
  const style = getComputedStyle(element)
  const of = (name: string): string => style.getPropertyValue(`--${name}`).trim()
  return { ink: of('ink'), faint: of('ink-2'), hair: of('hair'), sheet: of('sheet'), of }
}

/** What each chart of the page shows, by its box: for whoever draws it anew, on paper. */
export const shownCharts = new WeakMap<Element, Pick<ChartProps, 'make' | 'label'>>()

/** Everything about a chart but its size. */
export const wholeOption = ({ make, label }: Pick<ChartProps, 'make' | 'label'>, inks: ChartInks): ChartOption => ({
  animation: false,
  textStyle: { fontFamily: 'Barlow Condensed', fontSize: 14 },
  aria: { enabled: true, label: { description: label } },
  ...make(inks),
})

const ZOOM_RESTS_MS = 120

interface ChartProps {
  readonly make: (inks: ChartInks) => ChartOption
  readonly height: number
  readonly label: string
  /** Told once the picture stands. */
  readonly onDrawn?: () => void
  /** Told when the reader zooms along the time axis; `null` is the whole again. */
  readonly onZoom?: (span: readonly [from: number, to: number] | null) => void
}

/** The one door to the chart library: inks, fonts, size and a spoken label. A table with the same figures belongs beside it. */
export function Chart({ make, height, label, onDrawn, onZoom }: ChartProps) {
  const { mode, systemMode } = useColorScheme()
  const shown = mode === 'system' ? systemMode : mode
  const box = useRef<HTMLDivElement>(null)
  const chart = useRef<ECharts | null>(null)
  useEffect(() => {
    const element = box.current
    if (element === null) return
    const made = init(element, null, { renderer: 'canvas' })
    chart.current = made
    const observer = new ResizeObserver(() => made.resize())
    observer.observe(element)
    void document.fonts.ready.then(() => !made.isDisposed() && made.resize())
    return () => {
      observer.disconnect()
      made.dispose()
      chart.current = null
    }
  }, [])
  // Before the option is set: a picture without animation is finished at once.
  useEffect(() => {
    const made = chart.current
    if (made === null || onDrawn === undefined) return
    made.on('finished', onDrawn)
    return () => void (made.isDisposed() || made.off('finished', onDrawn))
  }, [onDrawn])
  useEffect(() => {
    const made = chart.current
    const element = box.current
    if (made === null || element === null) return
    shownCharts.set(element, { make, label })
    made.setOption(wholeOption({ make, label }, inksOf(element)), { notMerge: true })
  }, [make, label, shown])
  useEffect(() => {
    const made = chart.current
    if (made === null || onZoom === undefined) return
    let waiting = 0
    const listen = (): void => {
      // A wheel turns many times a second; the picture follows once it rests.
      clearTimeout(waiting)
      waiting = window.setTimeout(() => {
        const [zoom] =
          (made.getOption() as { dataZoom?: { start?: number; end?: number; startValue?: number; endValue?: number }[] }).dataZoom ?? [] // the library's own resolved option
        const isWhole = zoom === undefined || ((zoom.start ?? 0) <= 0.01 && (zoom.end ?? 100) >= 99.99)
        onZoom(isWhole || zoom.startValue === undefined || zoom.endValue === undefined ? null : [zoom.startValue, zoom.endValue])
      }, ZOOM_RESTS_MS)
    }
    made.on('datazoom', listen)
    return () => {
      clearTimeout(waiting)
      if (!made.isDisposed()) made.off('datazoom', listen)
    }
  }, [onZoom])
  return <Box ref={box} data-chart sx={{ width: '100%', height }} />
}
