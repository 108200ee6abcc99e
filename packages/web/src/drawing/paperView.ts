/** A drawing's own size, in px of its window. */
export interface Paper {
  readonly widthPx: number
  readonly heightPx: number
}
/** How far a paper is enlarged, and what of it is seen: px of the enlarged paper to the left of the window and above it. */
export interface PaperView {
  readonly zoom: number
  readonly leftPx: number
  readonly topPx: number
}
export const WHOLE: PaperView = { zoom: 1, leftPx: 0, topPx: 0 }
export const MOST_ZOOM = 12

const clamp = (value: number, least: number, most: number): number => Math.min(Math.max(value, least), most)

/** The nearest view that shows nothing beyond the paper. */
export function withinPaper({ widthPx, heightPx }: Paper, view: PaperView): PaperView {
  const zoom = clamp(view.zoom, 1, MOST_ZOOM)
  return { zoom, leftPx: clamp(view.leftPx, 0, widthPx * (zoom - 1)), topPx: clamp(view.topPx, 0, heightPx * (zoom - 1)) }
}

/** Enlarged by a factor; what lies at the given place of the window stays there. */
export function zoomedAt(paper: Paper, before: PaperView, factor: number, at: { readonly x: number; readonly y: number }): PaperView {
  const zoom = clamp(before.zoom * factor, 1, MOST_ZOOM)
  const grown = zoom / before.zoom
  return withinPaper(paper, { zoom, leftPx: (before.leftPx + at.x) * grown - at.x, topPx: (before.topPx + at.y) * grown - at.y })
}

/** The paper moved under the window, as a hand moves it. */
export const movedBy = (paper: Paper, before: PaperView, dxPx: number, dyPx: number): PaperView =>
  withinPaper(paper, { ...before, leftPx: before.leftPx - dxPx, topPx: before.topPx - dyPx })
