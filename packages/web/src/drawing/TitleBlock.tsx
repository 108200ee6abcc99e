import { cutText } from '@jovrin/contract'
import { INK } from './ink.js'

interface TitleBlockProps {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly title: string
  readonly rows: readonly (readonly [label: string, value: string])[]
}

const ROW = 17
const HEAD = 22
export const titleBlockHeight = (rows: number): number => HEAD + rows * ROW

/** Lower right of a sheet: what it shows, at which scale, of when. */
export function TitleBlock({ x, y, width, title, rows }: TitleBlockProps) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <rect width={width} height={titleBlockHeight(rows.length)} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={INK.medium} />
      <text x="7" y="16" fontSize="15" fontWeight="600" fill="var(--ink)">
        {title.length > 28 ? `${cutText(title, 27)}…` : title}
      </text>
      {rows.map(([label, value], index) => {
        const top = HEAD + index * ROW
        return (
          <g key={label}>
            <path d={`M0 ${top}H${width}`} stroke="var(--hair)" strokeWidth={INK.thin} />
            <text x="7" y={top + 13} fontSize="12" fill="var(--ink-2)">
              {label}
            </text>
            <text x={width - 7} y={top + 13} fontSize="13" textAnchor="end" fill="var(--ink)">
              {value}
            </text>
          </g>
        )
      })}
    </g>
  )
}
