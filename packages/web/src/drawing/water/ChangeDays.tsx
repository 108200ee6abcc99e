import { INK } from '../ink.js'

interface ChangeDaysProps {
  readonly width: number
  readonly description: string
  /** Share of the water changed on each day of the tank's age, from its start. */
  readonly shares: readonly number[]
  readonly weekLabel: string
  /** Of a whole bar. */
  readonly fullLabel: string
}

const LEFT = 44
const RIGHT = 8
const TOP = 14
const HIGH = 70
const AXIS = 22
const WEEK = 7

/** A tank's changes day by day: a bar as high as the share of its water. */
export function ChangeDays({ width, description, shares, weekLabel, fullLabel }: ChangeDaysProps) {
  const step = (width - LEFT - RIGHT) / shares.length
  const floor = TOP + HIGH
  const x = (day: number): number => LEFT + day * step
  return (
    <svg
      viewBox={`0 0 ${width} ${floor + AXIS}`}
      width="100%"
      role="img"
      aria-label={description}
      data-testid="change-days"
      style={{ display: 'block' }}
    >
      <path d={`M${LEFT} ${TOP}H${width - RIGHT}`} stroke="var(--hair)" strokeWidth={INK.thin} strokeDasharray="4 3" />
      <text x={LEFT - 6} y={TOP + 4} fontSize="12" textAnchor="end" fill="var(--ink-2)">
        {fullLabel}
      </text>
      {shares.map((share, day) =>
        share > 0 ? (
          <rect
            key={day}
            x={x(day) + 1}
            y={floor - share * HIGH}
            width={Math.max(1.5, step - 2)}
            height={share * HIGH}
            fill="var(--clean-fill)"
            stroke="var(--clean)"
            strokeWidth={INK.thin}
          />
        ) : null,
      )}
      <path d={`M${LEFT} ${floor}H${width - RIGHT}`} stroke="var(--ink)" strokeWidth={INK.medium} />
      {Array.from({ length: Math.floor(shares.length / WEEK) + 1 }, (_, week) => (
        <g key={week}>
          <path d={`M${x(week * WEEK)} ${floor}v5`} stroke="var(--ink)" strokeWidth={INK.thin} />
          <text x={x(week * WEEK)} y={floor + 18} fontSize="12" textAnchor={week === 0 ? 'start' : 'middle'} fill="var(--ink)">
            {week === 0 ? `${weekLabel} 0` : week}
          </text>
        </g>
      ))}
    </svg>
  )
}
