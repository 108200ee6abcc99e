import { centreOf, lineOf, outlineFault, type Spot, type Vertex } from '@jovrin/core'
import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { INK } from '../ink.js'
import { stepOf } from './arrowStep.js'
import { pathOf, snapped, spotOf, xPx, yPx, type PlanLayout } from './planLayout.js'

export interface HandleLabels {
  readonly shape: string
  readonly corner: (number: number, x: string, y: string) => string
  readonly length: (cm: number) => string
}

interface OutlineHandlesProps {
  readonly layout: PlanLayout
  readonly outline: readonly Vertex[]
  /** Corners of other outlines, to which a dragged one snaps. */
  readonly others: readonly Spot[]
  readonly inner: { readonly lengthCm: number; readonly widthCm: number }
  readonly canSnap: boolean
  readonly labels: HandleLabels
  readonly chosenCorner: number | null
  readonly onCorner: (corner: number | null) => void
  /** Every step of a gesture; `isFinal` ends it. Steps that would make the outline cross itself are held back. */
  readonly onChange: (outline: readonly Vertex[], isFinal: boolean) => void
  readonly onRefuse: (fault: 'crosses-itself' | 'no-area' | 'few-points') => void
}

/** The chosen outline with its corners: drag them, press arrow keys, double-click an edge for another corner. */
export function OutlineHandles({
  layout,
  outline,
  others,
  inner,
  canSnap,
  labels,
  chosenCorner,
  onCorner,
  onChange,
  onRefuse,
}: OutlineHandlesProps) {
  const grip = useRef<{
    readonly corner: number | null
    readonly from: Spot
    readonly start: readonly Vertex[]
    last: readonly Vertex[]
  } | null>(null)
  const tryOutline = (next: readonly Vertex[], isFinal: boolean): void => {
    const fault = outlineFault(next)
    if (fault === null) onChange(next, isFinal)
    else onRefuse(fault)
  }
  const svgOf = (event: { readonly currentTarget: Element }): SVGSVGElement => (event.currentTarget as SVGElement).ownerSVGElement! // handles stand in a drawing
  const down = (event: PointerEvent<SVGElement>): void => {
    const named = event.currentTarget.getAttribute('data-corner')
    const corner = named === null ? null : Number(named)
    if (event.button !== 0) return
    event.stopPropagation()
    event.currentTarget.setPointerCapture(event.pointerId)
    grip.current = { corner, from: spotOf(layout, svgOf(event), event), start: outline, last: outline }
    onCorner(corner)
  }
  const move = (event: PointerEvent<SVGElement>): void => {
    const held = grip.current
    if (held === null) return
    const to = spotOf(layout, svgOf(event), event)
    const next =
      held.corner === null
        ? shifted(held.start, to.xCm - held.from.xCm, to.yCm - held.from.yCm, canSnap && !event.altKey)
        : withCorner(held.start, held.corner, canSnap && !event.altKey ? snapped(to, others, inner) : to)
    const fault = outlineFault(next)
    if (fault !== null) return onRefuse(fault)
    held.last = next
    onChange(next, false)
  }
  const up = (): void => {
    const held = grip.current
    grip.current = null
    if (held !== null && held.last !== held.start) onChange(held.last, true)
  }
  const keys =
    (corner: number | null) =>
    (event: KeyboardEvent<SVGElement>): void => {
      const step = stepOf(event)
      if (step) {
        const at = corner === null ? null : outline[corner]
        tryOutline(
          at
            ? withCorner(outline, corner!, { xCm: round(at.xCm + step.dxCm), yCm: round(at.yCm + step.dyCm) })
            : shifted(outline, step.dxCm, step.dyCm, false),
          true,
        )
      } else if (corner !== null && (event.key === 'Delete' || event.key === 'Backspace'))
        tryOutline(
          outline.filter((_, index) => index !== corner),
          true,
        )
      else if (corner !== null && (event.key === 'Insert' || event.key === '+')) tryOutline(withNewCorner(outline, corner), true)
      else if (corner !== null && event.key.toLowerCase() === 'r')
        tryOutline(
          outline.map((vertex, index) => (index === corner ? { ...vertex, isRound: !vertex.isRound } : vertex)),
          true,
        )
      else return
      event.preventDefault()
      event.stopPropagation()
    }
  const addAt = (event: { readonly currentTarget: Element; readonly clientX: number; readonly clientY: number }): void => {
    const spot = spotOf(layout, svgOf(event), event)
    tryOutline(withNewCorner(outline, nearestEdge(outline, spot), spot), true)
  }
  const line = lineOf(outline)
  const centre = centreOf(line)
  return (
    <g>
      <path
        d={pathOf(layout, line)}
        fill="var(--focus)"
        fillOpacity="0.1"
        stroke="var(--focus)"
        strokeWidth={INK.heavy}
        tabIndex={0}
        role="button"
        aria-label={labels.shape}
        style={{ cursor: 'move', touchAction: 'none' }}
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
        onPointerCancel={up}
        onKeyDown={keys(null)}
        onDoubleClick={addAt}
      />
      {outline.some(({ isRound }) => isRound) && (
        <path
          d={pathOf(layout, outline)}
          fill="none"
          stroke="var(--focus)"
          strokeWidth={INK.thin}
          strokeDasharray="2 3"
          pointerEvents="none"
        />
      )}
      <EdgeLengths layout={layout} outline={outline} corner={chosenCorner} labels={labels} centre={centre} />
      {outline.map((vertex, index) => {
        const x = xPx(layout, vertex.xCm)
        const y = yPx(layout, vertex.yCm)
        const isChosen = index === chosenCorner
        return (
          <g
            key={index}
            tabIndex={0}
            role="button"
            aria-label={labels.corner(index + 1, labels.length(vertex.xCm), labels.length(vertex.yCm))}
            aria-pressed={isChosen}
            style={{ cursor: 'grab', touchAction: 'none' }}
            data-corner={index}
            onPointerDown={down}
            onPointerMove={move}
            onPointerUp={up}
            onPointerCancel={up}
            onKeyDown={keys(index)}
            onFocus={() => onCorner(index)}
          >
            <circle cx={x} cy={y} r="12" fill="transparent" />
            {vertex.isRound ? (
              <circle
                cx={x}
                cy={y}
                r={isChosen ? 6 : 4.5}
                fill={isChosen ? 'var(--focus)' : 'var(--sheet)'}
                stroke="var(--focus)"
                strokeWidth={INK.heavy}
              />
            ) : (
              <rect
                x={x - (isChosen ? 5.5 : 4)}
                y={y - (isChosen ? 5.5 : 4)}
                width={isChosen ? 11 : 8}
                height={isChosen ? 11 : 8}
                fill={isChosen ? 'var(--focus)' : 'var(--sheet)'}
                stroke="var(--focus)"
                strokeWidth={INK.heavy}
              />
            )}
          </g>
        )
      })}
    </g>
  )
}

/** Lengths of the two edges at the chosen corner. */
function EdgeLengths({
  layout,
  outline,
  corner,
  labels,
  centre,
}: {
  layout: PlanLayout
  outline: readonly Vertex[]
  corner: number | null
  labels: HandleLabels
  centre: Spot
}) {
  const at = corner === null ? undefined : outline[corner]
  if (corner === null || at === undefined) return null
  const ends = [outline[(corner + outline.length - 1) % outline.length]!, outline[(corner + 1) % outline.length]!]
  return (
    <g
      fontSize="12"
      fill="var(--ink)"
      textAnchor="middle"
      stroke="var(--sheet)"
      strokeWidth="4"
      paintOrder="stroke"
      pointerEvents="none"
      className="figures"
    >
      {ends.map((end, index) => {
        const [mx, my] = [(at.xCm + end.xCm) / 2, (at.yCm + end.yCm) / 2]
        const far = Math.hypot(mx - centre.xCm, my - centre.yCm) || 1
        return (
          <text key={index} x={xPx(layout, mx + ((mx - centre.xCm) / far) * 2)} y={yPx(layout, my + ((my - centre.yCm) / far) * 2) + 4}>
            {labels.length(Math.hypot(at.xCm - end.xCm, at.yCm - end.yCm))}
          </text>
        )
      })}
    </g>
  )
}

const round = (cm: number): number => Math.round(cm * 1000) / 1000
const withCorner = (outline: readonly Vertex[], corner: number, { xCm, yCm }: Spot): Vertex[] =>
  outline.map((vertex, index) => (index === corner ? { ...vertex, xCm: round(xCm), yCm: round(yCm) } : vertex))
function shifted(outline: readonly Vertex[], dxCm: number, dyCm: number, isWhole: boolean): Vertex[] {
  const step = (value: number): number => (isWhole ? Math.round(value * 2) / 2 : value)
  return outline.map((vertex) => ({ ...vertex, xCm: round(vertex.xCm + step(dxCm)), yCm: round(vertex.yCm + step(dyCm)) }))
}
/** Another corner after the given one; in the middle of the edge where no spot is named. */
function withNewCorner(outline: readonly Vertex[], after: number, spot?: Spot): Vertex[] {
  const a = outline[after]!
  const b = outline[(after + 1) % outline.length]!
  const { xCm, yCm } = spot ?? { xCm: (a.xCm + b.xCm) / 2, yCm: (a.yCm + b.yCm) / 2 }
  return [...outline.slice(0, after + 1), { xCm: round(xCm), yCm: round(yCm), isRound: false }, ...outline.slice(after + 1)]
}
function nearestEdge(outline: readonly Vertex[], spot: Spot): number {
  let best = 0
  let least = Infinity
  outline.forEach((a, index) => {
    const b = outline[(index + 1) % outline.length]!
    const length2 = (b.xCm - a.xCm) ** 2 + (b.yCm - a.yCm) ** 2
    const share =
      length2 === 0 ? 0 : Math.min(1, Math.max(0, ((spot.xCm - a.xCm) * (b.xCm - a.xCm) + (spot.yCm - a.yCm) * (b.yCm - a.yCm)) / length2))
    const far = Math.hypot(spot.xCm - a.xCm - (b.xCm - a.xCm) * share, spot.yCm - a.yCm - (b.yCm - a.yCm) * share)
    if (far < least) {
      least = far
      best = index
    }
  })
  return best
}
