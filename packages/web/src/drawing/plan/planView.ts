import type { PlanLayout } from './planLayout.js'

/** How far a sheet is enlarged, and what of it is seen: px of the enlarged sheet to the left of the window and above it. */
export interface PlanView {
  readonly zoom: number
  readonly leftPx: number
  readonly topPx: number
}
export const WHOLE: PlanView = { zoom: 1, leftPx: 0, topPx: 0 }
export const MOST_ZOOM = 12

const clamp = (value: number, least: number, most: number): number => Math.min(Math.max(value, least), most)

/** The nearest view that shows nothing beyond the sheet. */
export function withinSheet({ widthPx, heightPx }: PlanLayout, view: PlanView): PlanView {
  const zoom = clamp(view.zoom, 1, MOST_ZOOM)
  return { zoom, leftPx: clamp(view.leftPx, 0, widthPx * (zoom - 1)), topPx: clamp(view.topPx, 0, heightPx * (zoom - 1)) }
}

/** The layout of what is seen: lines, lettering and handles keep their size, only distances grow. */
export function seenThrough(layout: PlanLayout, view: PlanView): PlanLayout {
  const { zoom, leftPx, topPx } = withinSheet(layout, view)
  if (zoom === 1) return layout
  return {
    pxPerCm: layout.pxPerCm * zoom,
    left: layout.left * zoom - leftPx,
    right: layout.right * zoom - leftPx,
    top: layout.top * zoom - topPx,
    bottom: layout.bottom * zoom - topPx,
    widthPx: layout.widthPx,
    heightPx: layout.heightPx,
  }
}

/** Enlarged by a factor; what lies at the given place of the window stays there. */
export function zoomedAt(layout: PlanLayout, before: PlanView, factor: number, at: { readonly x: number; readonly y: number }): PlanView {
  const zoom = clamp(before.zoom * factor, 1, MOST_ZOOM)
  const grown = zoom / before.zoom
  return withinSheet(layout, { zoom, leftPx: (before.leftPx + at.x) * grown - at.x, topPx: (before.topPx + at.y) * grown - at.y })
}

/** The sheet moved under the window, as a hand moves paper. */
export const movedBy = (layout: PlanLayout, before: PlanView, dxPx: number, dyPx: number): PlanView =>
  withinSheet(layout, { ...before, leftPx: before.leftPx - dxPx, topPx: before.topPx - dyPx })
