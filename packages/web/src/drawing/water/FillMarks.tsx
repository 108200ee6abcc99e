import { INK } from '../ink.js'
import type { SectionLayout } from '../section/layout.js'

interface FillMarksProps {
  readonly layout: SectionLayout
  /** Water over the glass at the end of each stage [cm], and its number. */
  readonly stages: readonly { readonly toCm: number; readonly label: string }[]
}

/** Levels up to which a tank is filled, one after the other, on the front pane. */
export function FillMarks({ layout: { front, floorY, pxPerCm }, stages }: FillMarksProps) {
  return (
    <g>
      {stages.map(({ toCm, label }) => {
        const y = floorY - toCm * pxPerCm
        return (
          <g key={label}>
            <path
              d={`M${front.innerLeft} ${y}H${front.innerRight}`}
              stroke="var(--clean)"
              strokeWidth={INK.medium}
              strokeDasharray="10 4"
            />
            <rect
              x={front.innerLeft + 6}
              y={y - 9}
              width="18"
              height="18"
              fill="var(--sheet)"
              stroke="var(--clean)"
              strokeWidth={INK.thin}
            />
            <text x={front.innerLeft + 15} y={y + 4.5} fontSize="13" textAnchor="middle" fill="var(--ink)" className="lettering">
              {label}
            </text>
          </g>
        )
      })}
    </g>
  )
}
