import { useId } from 'react'
import { INK, svgPrefix } from '../ink.js'

/** One water of a mix. */
export interface MixLayer {
  readonly id: string
  /** Share of all of it, 0–1. */
  readonly share: number
  readonly label: string
  readonly note: string
  readonly isPurified: boolean
}
interface MixBarrelProps {
  readonly width: number
  readonly description: string
  /** Drawn from the bottom up. */
  readonly layers: readonly MixLayer[]
  readonly total: string
}

const TOP = 26
const DEEP = 210
const BARREL = 140
const LEFT = 8
const NOTES = LEFT + BARREL + 44
const LINE = 34

/** Layers from the bottom up; their notes a line apart, from the top down. */
function stacked(layers: readonly MixLayer[]) {
  let below = 0
  const drawn = layers.map((layer) => {
    below += layer.share
    return { ...layer, top: TOP + DEEP * (1 - below), high: DEEP * layer.share }
  })
  let last = TOP - LINE
  return drawn
    .toReversed()
    .map((layer) => {
      last = Math.max(last + LINE, Math.min(layer.top + layer.high / 2, TOP + DEEP))
      return { ...layer, noteY: last }
    })
    .toReversed()
}

/** Waters of a mix as they would stand in a barrel before anybody stirs, each as high as its share, with its name on a leader. */
export function MixBarrel({ width, description, layers, total }: MixBarrelProps) {
  const prefix = svgPrefix(useId())
  const height = TOP + DEEP + 34
  const [x, right] = [LEFT, LEFT + BARREL]
  const drawn = stacked(layers)
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={description}
      style={{ display: 'block' }}
      data-testid="mix-barrel"
    >
      <defs>
        {drawn.map(({ id, isPurified }, at) => (
          <pattern
            key={id}
            id={`${prefix}-${id}`}
            width={9 - at}
            height={9 - at}
            patternUnits="userSpaceOnUse"
            patternTransform={`rotate(${isPurified ? 0 : 45 + 50 * at})`}
          >
            {!isPurified && <path d="M0 3h12" stroke="var(--clean)" strokeWidth={INK.thin} />}
          </pattern>
        ))}
      </defs>
      {drawn.map(({ id, top, high, isPurified }) => (
        <g key={id}>
          <rect x={x} y={top} width={BARREL} height={high} fill="var(--water-fill)" opacity={isPurified ? 0.45 : 1} />
          <rect x={x} y={top} width={BARREL} height={high} fill={`url(#${prefix}-${id})`} stroke="var(--clean)" strokeWidth={INK.thin} />
        </g>
      ))}
      {drawn.map(({ id, label, note, top, high, noteY: y }) => (
        <g key={id}>
          <path
            d={`M${right - 12} ${top + high / 2}L${right + 26} ${y}H${NOTES - 6}`}
            stroke="var(--ink-2)"
            strokeWidth={INK.thin}
            fill="none"
          />
          <circle cx={right - 12} cy={top + high / 2} r="2" fill="var(--ink)" />
          <text x={NOTES} y={y + 1} fontSize="14" fill="var(--ink)" className="lettering">
            {label}
          </text>
          <text x={NOTES} y={y + 16} fontSize="12.5" fill="var(--ink-2)">
            {note}
          </text>
        </g>
      ))}
      <path d={`M${x} ${TOP - 14}V${TOP + DEEP}H${right}V${TOP - 14}`} fill="none" stroke="var(--ink)" strokeWidth={INK.heavy} />
      <text x={x + BARREL / 2} y={TOP + DEEP + 20} fontSize="13" textAnchor="middle" fill="var(--ink)">
        {total}
      </text>
    </svg>
  )
}
