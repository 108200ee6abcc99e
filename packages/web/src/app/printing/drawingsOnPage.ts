import { dayInks, standAlone } from '../../drawing/file/standAlone.js'

export interface PageDrawing {
  readonly name: string
  readonly widthPx: number
  readonly heightPx: number
  /** `null` where it is drawn to no scale. */
  readonly pxPerCm: number | null
  /** Standing alone, on white. */
  readonly svg: string
}
/** Smaller ones are signs, not drawings [px]. */
const LEAST_PX = 120

/** Every drawing and chart of the place that is shown, as it stands there. */
export async function drawingsOnPage(): Promise<PageDrawing[]> {
  const sheet = document.getElementById('sheet')
  if (sheet === null) return []
  const found = [...sheet.querySelectorAll<SVGSVGElement | HTMLElement>('svg[aria-label], [data-chart]')].filter(
    (element) => element.getBoundingClientRect().width >= LEAST_PX,
  )
  const drawings: PageDrawing[] = []
  for (const element of found) {
    const name = element.getAttribute('aria-label') ?? ''
    if (element instanceof SVGSVGElement) {
      const { width, height } = element.viewBox.baseVal
      const pxPerCm = Number(element.dataset['pxPerCm'])
      drawings.push({ name, widthPx: width, heightPx: height, pxPerCm: pxPerCm > 0 ? pxPerCm : null, svg: standAlone(element) })
      continue
    }
    const { chartSvg } = await import('../../chart/chartSvg.js')
    const svg = chartSvg(element, dayInks())
    if (svg !== null) drawings.push({ name, widthPx: element.clientWidth, heightPx: element.clientHeight, pxPerCm: null, svg })
  }
  return drawings
}
