import { useEffect, useMemo, useRef, useState, type PointerEvent, type RefObject } from 'react'
import type { PlanLayout } from '../../../drawing/plan/planLayout.js'
import { movedBy, seenThrough, WHOLE, zoomedAt, type PlanView } from '../../../drawing/plan/planView.js'

const STEP = 1.5
/** A hand that moves less than this has clicked [px]. */
const CLICK_PX = 4
/** Of a wheel or a trackpad's pinch [1/px]. */
const WHEEL_ZOOM = 0.004

interface Place {
  readonly x: number
  readonly y: number
}

export interface SheetView {
  /** What is seen of the sheet. */
  readonly seen: PlanLayout
  readonly zoom: number
  readonly zoomIn: () => void
  readonly zoomOut: () => void
  readonly showWhole: () => void
  readonly moveBy: (dxPx: number, dyPx: number) => void
  /** True once, after a gesture that moved the sheet: the click that ends it means nothing. */
  readonly hasMoved: () => boolean
  readonly hand: Readonly<
    Record<
      | 'onPointerDownCapture'
      | 'onPointerMoveCapture'
      | 'onPointerUpCapture'
      | 'onPointerCancelCapture'
      | 'onPointerDown'
      | 'onPointerMove'
      | 'onPointerUp'
      | 'onPointerCancel',
      (event: PointerEvent<SVGSVGElement>) => void
    >
  >
}

/** Enlarges and moves a sheet: two fingers, the wheel with Ctrl, one hand on empty paper where `canDrag`, the middle button anywhere. */
export function useSheetView(svg: RefObject<SVGSVGElement | null>, layout: PlanLayout, canDrag: boolean): SheetView {
  const [view, setView] = useState<PlanView>(WHOLE)
  const fingers = useRef(new Map<number, Place>())
  const dragged = useRef<{ readonly from: Place; isMoving: boolean } | null>(null)
  const isMoved = useRef(false)
  const placeOf = (event: PointerEvent<SVGSVGElement>): Place => placeOn(event.currentTarget, layout, event)

  useEffect(() => {
    const sheet = svg.current
    if (sheet === null) return
    const turn = (event: WheelEvent): void => {
      if (!event.ctrlKey) return
      event.preventDefault()
      const at = placeOn(sheet, layout, event)
      setView((before) => zoomedAt(layout, before, Math.exp(-event.deltaY * WHEEL_ZOOM), at))
    }
    // The page must not zoom with it, and React listens passively.
    sheet.addEventListener('wheel', turn, { passive: false })
    return () => sheet.removeEventListener('wheel', turn)
  }, [svg, layout])

  const pinch = (id: number, to: Place): void => {
    const before = [...fingers.current.values()]
    fingers.current.set(id, to)
    const after = [...fingers.current.values()]
    const [from, now] = [spanOf(before), spanOf(after)]
    isMoved.current = true
    setView((was) => {
      const moved = movedBy(layout, was, now.x - from.x, now.y - from.y)
      return from.apart === 0 ? moved : zoomedAt(layout, moved, now.apart / from.apart, now)
    })
  }
  const lift = (event: PointerEvent<SVGSVGElement>): void => void fingers.current.delete(event.pointerId)
  const letGo = (): void => {
    dragged.current = null
  }
  const middle = { x: layout.widthPx / 2, y: layout.heightPx / 2 }
  return {
    seen: useMemo(() => seenThrough(layout, view), [layout, view]),
    zoom: view.zoom,
    zoomIn: () => setView((before) => zoomedAt(layout, before, STEP, middle)),
    zoomOut: () => setView((before) => zoomedAt(layout, before, 1 / STEP, middle)),
    showWhole: () => setView(WHOLE),
    moveBy: (dxPx, dyPx) => setView((before) => movedBy(layout, before, dxPx, dyPx)),
    hasMoved: () => {
      const was = isMoved.current
      isMoved.current = false
      return was
    },
    hand: {
      // Two fingers are the sheet's, wherever they lie: a corner under one of them is not dragged.
      onPointerDownCapture: (event) => {
        if (fingers.current.size === 0) isMoved.current = false
        if (event.pointerType === 'touch') fingers.current.set(event.pointerId, placeOf(event))
        if (fingers.current.size < 2) return
        dragged.current = null
        event.stopPropagation()
      },
      onPointerMoveCapture: (event) => {
        if (!fingers.current.has(event.pointerId) || fingers.current.size < 2) return
        pinch(event.pointerId, placeOf(event))
        event.stopPropagation()
      },
      onPointerUpCapture: lift,
      onPointerCancelCapture: lift,
      onPointerDown: (event) => {
        const isMiddle = event.button === 1
        if (isMiddle) event.preventDefault()
        dragged.current = view.zoom > 1 && (isMiddle || canDrag) ? { from: placeOf(event), isMoving: isMiddle } : null
      },
      onPointerMove: (event) => {
        const held = dragged.current
        if (held === null) return
        const at = placeOf(event)
        const [dx, dy] = [at.x - held.from.x, at.y - held.from.y]
        if (!held.isMoving && Math.hypot(dx, dy) < CLICK_PX) return
        isMoved.current = true
        dragged.current = { from: at, isMoving: true }
        setView((before) => movedBy(layout, before, dx, dy))
      },
      onPointerUp: letGo,
      onPointerCancel: letGo,
    },
  }
}

/** A pointer's place in the sheet's window. */
function placeOn(sheet: SVGSVGElement, layout: PlanLayout, event: { readonly clientX: number; readonly clientY: number }): Place {
  const box = sheet.getBoundingClientRect()
  const scale = layout.widthPx / Math.max(box.width, 1)
  return { x: (event.clientX - box.left) * scale, y: (event.clientY - box.top) * scale }
}

/** The middle of two fingers and how far they are apart. */
function spanOf([a, b]: readonly Place[]): Place & { readonly apart: number } {
  if (a === undefined || b === undefined) return { x: 0, y: 0, apart: 0 }
  return { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2, apart: Math.hypot(a.x - b.x, a.y - b.y) }
}
