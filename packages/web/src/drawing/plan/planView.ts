import { withinPaper, type PaperView } from '../paperView.js'
import type { PlanLayout } from './planLayout.js'

/** The layout of what is seen: lines, lettering and handles keep their size, only distances grow. */
export function seenThrough(layout: PlanLayout, view: PaperView): PlanLayout {
  const { zoom, leftPx, topPx } = withinPaper(layout, view)
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
