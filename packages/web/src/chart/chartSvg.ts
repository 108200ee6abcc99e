import { init, use as register } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { shownCharts, wholeOption } from './Chart.js'

register([SVGRenderer])

/** A chart of the page drawn anew in the inks of paper; `null` where the box holds none. */
export function chartSvg(box: Element, ink: (name: string) => string): string | null {
  const shown = shownCharts.get(box)
  if (shown === undefined) return null
  const { clientWidth: width, clientHeight: height } = box
  const made = init(null, null, { renderer: 'svg', ssr: true, width, height })
  const of = (name: string): string => ink(`--${name}`)
  made.setOption(wholeOption(shown, { ink: of('ink'), faint: of('ink-2'), hair: of('hair'), sheet: '#fff', of }))
  const svg = made.renderToSVGString()
  made.dispose()
  return svg
}
