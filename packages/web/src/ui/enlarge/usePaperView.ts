import { useEffect, useRef, useState, type PointerEvent, type RefObject } from 'react'
import { movedBy, WHOLE, zoomedAt, type Paper, type PaperView } from '../../drawing/paperView.js'

const STEP = 1.5
/** A hand that moves less than this has clicked [px]. */
const CLICK_PX = 4
/** Of a wheel or a trackpad's pinch [1/px]. */
const WHEEL_ZOOM = 0.004

interface Place {
  readonly x: number
  readonly y: number
}

export interface Enlarging {
  /** What is seen of the paper. */
  readonly view: PaperView
  readonly zoom: number
  readonly zoomIn: () => void
  readonly zoomOut: () => void
  readonly showWhole: () => void
  readonly moveBy: (dxPx: number, dyPx: number) => void
  /** True once, after a gesture that moved the paper: the click that ends it means nothing. */
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
      (event: PointerEvent<Element>) => void
    >
  >
}

/** Enlarges and moves a paper that lies in a window: two fingers, the wheel with Ctrl, one hand on empty paper where `canDrag`, the middle button anywhere. */
export function usePaperView(window: RefObject<Element | null>, paper: Paper, canDrag: boolean): Enlarging {
  const [view, setView] = useState<PaperView>(WHOLE)
  const fingers = useRef(new Map<number, Place>())
  const dragged = useRef<{ readonly from: Place; isMoving: boolean } | null>(null)
  const isMoved = useRef(false)
  const placeOf = (event: PointerEvent<Element>): Place => placeOn(event.currentTarget, paper, event)

  useEffect(() => {
    const element = window.current
    if (element === null) return
    const turn = (event: WheelEvent): void => {
      if (!event.ctrlKey) return
      event.preventDefault()
      const at = placeOn(element, paper, event)
      setView((before) => zoomedAt(paper, before, Math.exp(-event.deltaY * WHEEL_ZOOM), at))
    }
    // The page must not zoom with it, and React listens passively.
    element.addEventListener('wheel', turn as EventListener, { passive: false })
    return () => element.removeEventListener('wheel', turn as EventListener)
  }, [window, paper])

  const pinch = (id: number, to: Place): void => {
    const before = [...fingers.current.values()]
    fingers.current.set(id, to)
    const after = [...fingers.current.values()]
    const [from, now] = [spanOf(before), spanOf(after)]
    isMoved.current = true
    setView((was) => {
      const moved = movedBy(paper, was, now.x - from.x, now.y - from.y)
      return from.apart === 0 ? moved : zoomedAt(paper, moved, now.apart / from.apart, now)
    })
  }
  const lift = (event: PointerEvent<Element>): void => void fingers.current.delete(event.pointerId)
  const letGo = (): void => {
    dragged.current = null
  }
  const middle = { x: paper.widthPx / 2, y: paper.heightPx / 2 }
  return {
    view,
    zoom: view.zoom,
    zoomIn: () => setView((before) => zoomedAt(paper, before, STEP, middle)),
    zoomOut: () => setView((before) => zoomedAt(paper, before, 1 / STEP, middle)),
    showWhole: () => setView(WHOLE),
    moveBy: (dxPx, dyPx) => setView((before) => movedBy(paper, before, dxPx, dyPx)),
    hasMoved: () => {
      const was = isMoved.current
      isMoved.current = false
      return was
    },
    hand: {
      // Two fingers are the paper's, wherever they lie: a corner under one of them is not dragged.
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
        setView((before) => movedBy(paper, before, dx, dy))
      },
      onPointerUp: letGo,
      onPointerCancel: letGo,
    },
  }
}

/** A pointer's place in the paper's window. */
function placeOn(window: Element, paper: Paper, event: { readonly clientX: number; readonly clientY: number }): Place {
  const box = window.getBoundingClientRect()
  const scale = paper.widthPx / Math.max(box.width, 1)
  return { x: (event.clientX - box.left) * scale, y: (event.clientY - box.top) * scale }
}

/** The middle of two fingers and how far they are apart. */
function spanOf([a, b]: readonly Place[]): Place & { readonly apart: number } {
  if (a === undefined || b === undefined) return { x: 0, y: 0, apart: 0 }
  return { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2, apart: Math.hypot(a.x - b.x, a.y - b.y) }
}
