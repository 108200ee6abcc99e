import { INK } from '../ink.js'

interface TestRowProps {
  readonly width: number
  readonly description: string
  /** A test with what it is off by. */
  readonly tests: readonly { readonly day: number; readonly mgPerL: number; readonly error: number; readonly isBelow: boolean }[]
  readonly fitted: readonly { readonly day: number; readonly mgPerL: number }[]
  readonly wanted: { readonly low: number; readonly high: number }
  readonly wantedLabel: string
  readonly show: (mgPerL: number) => string
  readonly dayLabel: (day: number) => string
}

const HEIGHT = 170
const LEFT = 44
const RIGHT = 10
const TOP = 14
const BOTTOM = 24
/** Nine of ten tests lie so many of their own errors around the truth. */
const NINETY = 1.64

/** Tests over time with their error bars; what was made of them as a line; the wanted level as a band. */
export function TestRow({ width, description, tests, fitted, wanted, wantedLabel, show, dayLabel }: TestRowProps) {
  const days = tests.map(({ day }) => day)
  const [from, to] = [Math.min(...days), Math.max(Math.min(...days) + 1, ...days)]
  const most = Math.max(wanted.high, ...tests.map(({ mgPerL, error }) => mgPerL + NINETY * error)) * 1.05
  const x = (day: number): number => LEFT + 6 + ((width - LEFT - RIGHT - 12) * (day - from)) / (to - from)
  const y = (mgPerL: number): number => HEIGHT - BOTTOM - ((HEIGHT - TOP - BOTTOM) * Math.max(0, mgPerL)) / most
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={description}
      data-testid="test-row"
      style={{ display: 'block' }}
    >
      <rect
        x={LEFT}
        y={y(wanted.high)}
        width={width - LEFT - RIGHT}
        height={y(wanted.low) - y(wanted.high)}
        fill="var(--mass-fill)"
        opacity="0.45"
      />
      <text x={width - RIGHT - 3} y={y(wanted.high) + 12} fontSize="11.5" textAnchor="end" fill="var(--ink)">
        {wantedLabel}
      </text>
      {tests.map(({ day, mgPerL, error, isBelow }, at) => (
        <g key={at} stroke="var(--ink)" strokeWidth={INK.medium}>
          <path d={`M${x(day)} ${y(mgPerL + NINETY * error)}V${y(mgPerL - NINETY * error)}`} />
          <circle cx={x(day)} cy={y(mgPerL)} r="3.5" fill={isBelow ? 'var(--sheet)' : 'var(--ink)'} />
        </g>
      ))}
      {fitted.length > 0 && (
        <path
          d={`M${fitted.map(({ day, mgPerL }) => `${x(day).toFixed(1)} ${y(mgPerL).toFixed(1)}`).join('L')}`}
          fill="none"
          stroke="var(--feed)"
          strokeWidth={INK.heavy}
        />
      )}
      <path d={`M${LEFT} ${TOP}V${HEIGHT - BOTTOM}H${width - RIGHT}`} fill="none" stroke="var(--ink)" strokeWidth={INK.thin} />
      {[0, most / 1.05].map((value) => (
        <text key={value} x={LEFT - 5} y={y(value) + 4} fontSize="11.5" textAnchor="end" fill="var(--ink)">
          {show(value)}
        </text>
      ))}
      {[from, to].map((day, at) => (
        <text key={day} x={x(day)} y={HEIGHT - 7} fontSize="11.5" textAnchor={at === 0 ? 'start' : 'end'} fill="var(--ink)">
          {dayLabel(day)}
        </text>
      ))}
    </svg>
  )
}
