import { outlineWords } from '@jovrin/contract'
import { isInside, lineOf, outlineFault, ringOutline, type Spot, type Vertex } from '@jovrin/core'
import { Box } from '@mui/material'
import { useId, useMemo, useRef, type DragEvent, type KeyboardEvent, type MouseEvent, type ReactNode } from 'react'
import { seenThrough } from '../../../drawing/plan/planView.js'
import { OutlineHandles } from '../../../drawing/plan/OutlineHandles.js'
import { pathOf, snapped, spotOf, xPx, yPx, type PlanLayout } from '../../../drawing/plan/planLayout.js'
import { usePaperView } from '../../../ui/enlarge/usePaperView.js'
import { ZoomButtons } from '../../../ui/enlarge/ZoomButtons.js'
import { useUnits } from '../../../ui/units.js'
import { outlineFaultText } from '../outlineFault.text.js'
import { Brush } from './Brush.js'
import { Cross, useCross, useToldSpot } from './Cross.js'
import { LEAST_CORNERS, type Outlines } from './useOutlines.js'

/** Something on the floor with an outline, or without one yet. */
export interface Shape {
  readonly id: string
  readonly outline: readonly Vertex[] | null
}

interface OutlineSheetProps {
  readonly outlines: Outlines
  /** Of the whole sheet; what stands beside it lines up with this. */
  readonly layout: PlanLayout
  readonly inner: { readonly lengthCm: number; readonly widthCm: number }
  /** In the order in which they lie; a click finds the uppermost. */
  readonly shapes: readonly Shape[]
  /** Corners that a drawn or dragged one catches. */
  readonly catches: readonly Spot[]
  readonly description: string
  readonly shapeLabel: string
  readonly testId: string
  /** The drawing under the handles, in the layout of what is seen. */
  readonly children: (seen: PlanLayout) => ReactNode
  /** Every step of a gesture on the chosen outline; `isFinal` ends it. */
  readonly onOutline: (outline: readonly Vertex[], isFinal: boolean) => void
  /** A closed outline or an open line has been drawn. */
  readonly onDrawn: (spots: readonly Spot[]) => void
  readonly onSpot?: (spot: Spot) => void
  /** Half the width of the brush, and the way that it went. */
  readonly brush?: { readonly radiusCm: number; readonly onPainted: (trail: readonly Spot[]) => void }
  /** Something of one type that was carried here and let go; nothing else is taken. */
  readonly takes?: { readonly type: string; readonly onDropped: (what: string, spot: Spot) => void }
}

/** So close to the first corner, a click closes the outline [px]. */
const CLOSE_PX = 12
/** A click so far off the glass still means its edge [cm]. */
const BESIDE_CM = 1
const PAN_PX = 40

/** A floor seen from above on which outlines are chosen, changed and drawn, with the mouse, fingers or keys; enlarged as far as one likes. */
export function OutlineSheet(sheet: OutlineSheetProps) {
  const { outlines, layout, inner, shapes, catches, onSpot, onDrawn } = sheet
  const { gesture, chosenId, choose, canSnap, drawn, setDrawn } = outlines
  const svg = useRef<SVGSVGElement>(null)
  const help = useId()
  const units = useUnits()
  const enlarging = usePaperView(svg, layout, gesture === 'choose')
  const seen = useMemo(() => seenThrough(layout, enlarging.view), [layout, enlarging.view])
  const cross = useCross(inner)
  const told = useToldSpot()
  const chosen = shapes.find(({ id }) => id === chosenId)
  const { takes } = sheet
  const isDrawing = gesture === 'outline' || gesture === 'line'

  const take = (spot: Spot): void => {
    if (gesture === 'brush') return sheet.brush?.onPainted([spot])
    if (gesture === 'spot') return onSpot?.(spot)
    const first = drawn[0]
    const closes =
      gesture === 'outline' &&
      first !== undefined &&
      drawn.length >= LEAST_CORNERS.outline &&
      Math.hypot(first.xCm - spot.xCm, first.yCm - spot.yCm) * seen.pxPerCm < CLOSE_PX
    if (closes) finishDrawn(outlines, onDrawn)
    else setDrawn([...drawn, spot])
  }
  const click = (event: MouseEvent<SVGSVGElement>): void => {
    if (enlarging.hasMoved()) return
    const raw = spotOf(seen, event.currentTarget, event)
    if (gesture === 'choose')
      return choose(
        [...shapes].reverse().find(({ outline }) => outline !== null && isInside(lineOf(outline), raw.xCm, raw.yCm))?.id ?? null,
      )
    const spot = canSnap && !event.altKey ? snapped(raw, catches, inner) : toMillimetre(raw)
    // A hand that draws past the glass means its edge; a tab or a height has no place there.
    if (isBeside(spot, inner) && gesture === 'spot') return outlines.setMessage(outlineWords.outside)
    outlines.setMessage(null)
    take(withinGlass(spot, inner))
  }
  const keys = (event: KeyboardEvent<SVGSVGElement>): void => {
    // The browser's own: its zoom, its way back, and scrolling a page whose sheet is whole.
    if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey) return
    const canPan = gesture === 'choose' && enlarging.zoom > 1 && !event.altKey
    const act: Record<string, (() => void) | undefined> = {
      '+': enlarging.zoomIn,
      '-': enlarging.zoomOut,
      '0': enlarging.showWhole,
      ...(canPan && {
        ArrowLeft: () => enlarging.moveBy(PAN_PX, 0),
        ArrowRight: () => enlarging.moveBy(-PAN_PX, 0),
        ArrowUp: () => enlarging.moveBy(0, PAN_PX),
        ArrowDown: () => enlarging.moveBy(0, -PAN_PX),
      }),
      ...(gesture !== 'choose' && { Enter: () => take(cross.spot), ' ': () => take(cross.spot) }),
      ...(isDrawing && { Backspace: () => setDrawn(drawn.slice(0, -1)), Escape: () => setDrawn([]) }),
    }
    const run = act[event.key]
    if (run) run()
    else if (gesture === 'choose' || !cross.move(event)) return
    event.preventDefault()
    event.stopPropagation()
  }
  return (
    <>
      <Box sx={{ position: 'relative' }}>
        <Box
          component="svg"
          ref={svg}
          viewBox={`0 0 ${layout.widthPx} ${layout.heightPx}`}
          width="100%"
          role="group"
          tabIndex={0}
          aria-label={sheet.description}
          aria-describedby={help}
          sx={{
            display: 'block',
            cursor: gesture !== 'choose' ? 'crosshair' : enlarging.zoom > 1 ? 'grab' : 'default',
            touchAction: gesture === 'choose' && enlarging.zoom === 1 ? 'pan-y' : 'none',
            '&:focus-visible': { outline: '2px solid var(--focus)' },
          }}
          onClick={click}
          onDragOver={(event: DragEvent<SVGSVGElement>) => {
            if (takes !== undefined && event.dataTransfer.types.includes(takes.type)) event.preventDefault()
          }}
          onDrop={(event: DragEvent<SVGSVGElement>) => {
            const what = takes === undefined ? '' : event.dataTransfer.getData(takes.type)
            if (what === '') return
            event.preventDefault()
            takes?.onDropped(what, withinGlass(toMillimetre(spotOf(seen, event.currentTarget, event)), inner))
          }}
          onKeyDown={keys}
          onBlur={cross.hide}
          {...enlarging.hand}
          data-px-per-cm={seen.pxPerCm}
          data-testid={sheet.testId}
        >
          {sheet.children(seen)}
          {gesture === 'choose' && chosen?.outline && <ChosenHandles {...sheet} seen={seen} outline={chosen.outline} />}
          {isDrawing && <Drawn layout={seen} spots={drawn} />}
          {gesture === 'brush' && sheet.brush && <Brush seen={seen} svg={svg} {...sheet.brush} />}
          {gesture !== 'choose' && cross.isShown && <Cross layout={seen} spot={cross.spot} />}
        </Box>
        <ZoomButtons of={sheet.description} view={enlarging} />
      </Box>
      <Box id={help} sx={{ display: 'none' }}>
        {units.words(gesture === 'choose' ? outlineWords.help : outlineWords.drawHelp)}
      </Box>
      <Box role="status" sx={{ position: 'absolute', left: -9999 }}>
        {gesture !== 'choose' && cross.isShown ? told(cross.spot) : ''}
      </Box>
      <Box role="alert" sx={{ color: 'var(--algae)', fontSize: 14, minHeight: 20 }}>
        {outlines.message}
      </Box>
    </>
  )
}

/** Ends what is being drawn; one that crosses itself is told, and stays to be mended. */
export function finishDrawn({ drawn, setDrawn, setMessage, gesture }: Outlines, onDrawn: (spots: readonly Spot[]) => void): void {
  if ((gesture !== 'outline' && gesture !== 'line') || drawn.length < LEAST_CORNERS[gesture]) return
  const fault = gesture === 'outline' ? outlineFault(ringOutline(drawn)) : null
  if (fault !== null) return setMessage(outlineFaultText(fault))
  setMessage(null)
  setDrawn([])
  onDrawn(drawn)
}

function ChosenHandles({
  outlines: { corner, setCorner, canSnap, setMessage },
  inner,
  catches,
  shapeLabel,
  onOutline,
  seen,
  outline,
}: OutlineSheetProps & { readonly seen: PlanLayout; readonly outline: readonly Vertex[] }) {
  const units = useUnits()
  return (
    <g onClick={(event) => event.stopPropagation()}>
      <OutlineHandles
        layout={seen}
        outline={outline}
        others={catches}
        inner={inner}
        canSnap={canSnap}
        labels={{
          shape: shapeLabel,
          corner: (number, x, y) => outlineWords.corner(String(number), x, y),
          length: (cm) => units.show('length', cm),
        }}
        chosenCorner={corner}
        onCorner={setCorner}
        onChange={(next, isFinal) => {
          setMessage(null)
          onOutline(next, isFinal)
        }}
        onRefuse={(fault) => setMessage(outlineFaultText(fault))}
      />
    </g>
  )
}

/** What has been drawn so far. */
const Drawn = ({ layout, spots }: { layout: PlanLayout; spots: readonly Spot[] }) => (
  <g stroke="var(--focus)" strokeWidth="2" pointerEvents="none">
    <path d={pathOf(layout, spots, false)} fill="none" strokeDasharray="6 3" />
    {spots.map((spot, index) => (
      <circle key={index} cx={xPx(layout, spot.xCm)} cy={yPx(layout, spot.yCm)} r="4" fill="var(--sheet)" />
    ))}
  </g>
)

const toMillimetre = ({ xCm, yCm }: Spot): Spot => ({ xCm: Math.round(xCm * 10) / 10, yCm: Math.round(yCm * 10) / 10 })
const withinGlass = ({ xCm, yCm }: Spot, { lengthCm, widthCm }: OutlineSheetProps['inner']): Spot => ({
  xCm: Math.min(lengthCm, Math.max(0, xCm)),
  yCm: Math.min(widthCm, Math.max(0, yCm)),
})
const isBeside = ({ xCm, yCm }: Spot, { lengthCm, widthCm }: OutlineSheetProps['inner']): boolean =>
  xCm < -BESIDE_CM || yCm < -BESIDE_CM || xCm > lengthCm + BESIDE_CM || yCm > widthCm + BESIDE_CM
