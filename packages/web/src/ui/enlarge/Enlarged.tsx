import { outlineWords } from '@jovrin/contract'
import { Box } from '@mui/material'
import { useLayoutEffect, useMemo, useRef, useState, type KeyboardEvent, type ReactNode } from 'react'
import type { Paper } from '../../drawing/paperView.js'
import { usePaperView } from './usePaperView.js'
import { ZoomButtons } from './ZoomButtons.js'

const PAN_PX = 40

/**
 * A window on a drawing of the width that it has, enlarged by two fingers, by Ctrl and the wheel, by buttons or + and −, and moved by hand or arrow keys.
 * The drawing is laid out larger, not stretched: it stays sharp, and what is clicked in it is where it is seen. `children` may keep handles small by the zoom.
 */
export function Enlarged({
  label,
  children,
}: {
  /** Of the drawing in it. */ readonly label: string
  readonly children: (zoom: number) => ReactNode
}) {
  const window = useRef<HTMLDivElement>(null)
  const [{ widthPx, heightPx }, setPaper] = useState<Paper>({ widthPx: 1, heightPx: 1 })
  const paper = useMemo(() => ({ widthPx, heightPx }), [widthPx, heightPx])
  const enlarging = usePaperView(window, paper, true)
  const { zoom, leftPx, topPx } = enlarging.view
  // Whole, the window is as high as its drawing; enlarged, it stays so.
  useLayoutEffect(() => {
    const box = window.current
    if (zoom !== 1 || box === null) return
    const measure = (): void => setPaper({ widthPx: Math.max(1, box.clientWidth), heightPx: Math.max(1, box.clientHeight) })
    measure()
    const observer = new ResizeObserver(measure)
    observer.observe(box)
    return () => observer.disconnect()
  }, [zoom])
  const keys = (event: KeyboardEvent<HTMLDivElement>): void => {
    if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey || event.altKey) return
    const act: Record<string, (() => void) | undefined> = {
      '+': enlarging.zoomIn,
      '-': enlarging.zoomOut,
      '0': enlarging.showWhole,
      ...(zoom > 1 && {
        ArrowLeft: () => enlarging.moveBy(PAN_PX, 0),
        ArrowRight: () => enlarging.moveBy(-PAN_PX, 0),
        ArrowUp: () => enlarging.moveBy(0, PAN_PX),
        ArrowDown: () => enlarging.moveBy(0, -PAN_PX),
      }),
    }
    const run = act[event.key]
    if (run === undefined) return
    run()
    event.preventDefault()
    event.stopPropagation()
  }
  return (
    <Box sx={{ position: 'relative' }}>
      <Box
        ref={window}
        tabIndex={0}
        role="group"
        aria-label={outlineWords.paper(label)}
        onKeyDown={keys}
        {...enlarging.hand}
        onClickCapture={(event) => {
          if (enlarging.hasMoved()) event.stopPropagation()
        }}
        sx={{
          overflow: 'hidden',
          height: zoom > 1 ? heightPx : 'auto',
          cursor: zoom > 1 ? 'grab' : 'auto',
          touchAction: zoom > 1 ? 'none' : 'pan-y',
          '&:focus-visible': { outline: '2px solid var(--focus)' },
        }}
      >
        <div style={zoom > 1 ? { width: `${zoom * 100}%`, transform: `translate(${-leftPx}px, ${-topPx}px)` } : {}}>{children(zoom)}</div>
      </Box>
      <ZoomButtons of={label} view={enlarging} />
    </Box>
  )
}
