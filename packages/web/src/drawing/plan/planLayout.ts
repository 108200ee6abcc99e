import type { Spot } from '@jovrin/core'

/** Where the floor stands on the sheet seen from above [px]: left is left, the front pane is at the bottom. */
export interface PlanLayout {
  readonly pxPerCm: number
  readonly left: number
  readonly top: number
  readonly right: number
  readonly bottom: number
  readonly widthPx: number
  readonly heightPx: number
}

const MARGIN = { left: 46, right: 46, top: 18, bottom: 40 } as const

const MOST_KEPT = 24
const kept = new Map<string, PlanLayout>()

/** The same object for the same sizes, so that drawings that depend on nothing else are not drawn anew. */
export function planLayout(
  inner: { readonly lengthCm: number; readonly widthCm: number },
  widthPx: number,
  mostHeightPx: number,
): PlanLayout {
  const key = `${inner.lengthCm} ${inner.widthCm} ${widthPx} ${mostHeightPx}`
  const known = kept.get(key)
  if (known) return known
  if (kept.size >= MOST_KEPT) kept.clear()
  const layout = layOut(inner, widthPx, mostHeightPx)
  kept.set(key, layout)
  return layout
}

function layOut(inner: { readonly lengthCm: number; readonly widthCm: number }, widthPx: number, mostHeightPx: number): PlanLayout {
  const pxPerCm = Math.min(
    (widthPx - MARGIN.left - MARGIN.right) / inner.lengthCm,
    (mostHeightPx - MARGIN.top - MARGIN.bottom) / inner.widthCm,
  )
  const left = MARGIN.left + Math.max(0, (widthPx - MARGIN.left - MARGIN.right - inner.lengthCm * pxPerCm) / 2)
  return {
    pxPerCm,
    left,
    top: MARGIN.top,
    right: left + inner.lengthCm * pxPerCm,
    bottom: MARGIN.top + inner.widthCm * pxPerCm,
    widthPx,
    heightPx: MARGIN.top + inner.widthCm * pxPerCm + MARGIN.bottom,
  }
}

export const xPx = (layout: PlanLayout, cm: number): number => layout.left + cm * layout.pxPerCm
export const yPx = (layout: PlanLayout, cm: number): number => layout.bottom - cm * layout.pxPerCm
export const pathOf = (layout: PlanLayout, line: readonly Spot[], isClosed = true): string =>
  line.length === 0
    ? ''
    : `M${line.map(({ xCm, yCm }) => `${xPx(layout, xCm).toFixed(1)} ${yPx(layout, yCm).toFixed(1)}`).join('L')}${isClosed ? 'Z' : ''}`

/** A pointer's place on the floor [cm]. */
export function spotOf(layout: PlanLayout, svg: SVGSVGElement, event: { readonly clientX: number; readonly clientY: number }): Spot {
  const box = svg.getBoundingClientRect()
  const scale = layout.widthPx / Math.max(box.width, 1)
  return {
    xCm: ((event.clientX - box.left) * scale - layout.left) / layout.pxPerCm,
    yCm: (layout.bottom - (event.clientY - box.top) * scale) / layout.pxPerCm,
  }
}

const GRID_CM = 0.5
const CATCH_CM = 0.9
/** A spot drawn to what lies close: corners of other outlines first, then the panes, then the half-centimetre grid. */
export function snapped(spot: Spot, corners: readonly Spot[], inner: { readonly lengthCm: number; readonly widthCm: number }): Spot {
  const near = corners.find((corner) => Math.abs(corner.xCm - spot.xCm) < CATCH_CM && Math.abs(corner.yCm - spot.yCm) < CATCH_CM)
  if (near) return { xCm: near.xCm, yCm: near.yCm }
  const pull = (value: number, size: number): number =>
    Math.abs(value) < CATCH_CM ? 0 : Math.abs(value - size) < CATCH_CM ? size : Math.round(value / GRID_CM) * GRID_CM
  return { xCm: pull(spot.xCm, inner.lengthCm), yCm: pull(spot.yCm, inner.widthCm) }
}
