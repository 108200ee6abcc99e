import { DAY_MIN } from '@jovrin/core'
import { INK } from '../ink.js'

/** A stretch of the day [min after midnight]; over midnight where the end is past it. */
export interface Stretch {
  readonly fromMin: number
  readonly toMin: number
}
export interface GasPoint {
  readonly minute: number
  readonly co2MgPerL: number
}
interface GasCurveProps {
  readonly width: number
  readonly description: string
  /** CO2 at equal steps from midnight on [mg/L]. */
  readonly levels: ArrayLike<number>
  readonly light: readonly Stretch[]
  readonly gas: readonly Stretch[]
  /** With what is known of the animals; drawn as a line. */
  readonly mostMgPerL: number
  readonly mostLabel: string
  readonly marks: readonly { readonly minute: number; readonly label: string; readonly value: string }[]
  readonly measured?: readonly GasPoint[]
  readonly measuredLabel?: string
  /** What was made of them, as a line. */
  readonly fitted?: readonly GasPoint[]
  readonly fittedLabel?: string
}

const HEIGHT = 250
const LEFT = 40
const RIGHT = 12
const TOP = 30
const BOTTOM = 42
const TICK_MIN = 180
const STEPS = [5, 10, 20, 50, 100] as const

/** CO2 over a day: the level as a line, light and gas as bands below it, the most that animals bear, and what was measured. */
export function GasCurve(props: GasCurveProps) {
  const { width, levels, light, gas, marks, mostMgPerL, measured = [], fitted = [] } = props
  const most = Math.max(mostMgPerL * 1.15, ...Array.from(levels), ...measured.map(({ co2MgPerL }) => co2MgPerL)) * 1.08
  const x = (minute: number): number => LEFT + ((width - LEFT - RIGHT) * minute) / DAY_MIN
  const y = (mgPerL: number): number => HEIGHT - BOTTOM - ((HEIGHT - TOP - BOTTOM) * mgPerL) / most
  const line = (values: ArrayLike<number>): string => {
    const list = Array.from(values)
    const step = DAY_MIN / list.length
    return `M${[...list, list[0] ?? 0].map((value, place) => `${x(place * step).toFixed(1)} ${y(value).toFixed(1)}`).join('L')}`
  }
  const step = STEPS.find((one) => most / one <= 6) ?? 200
  const bands = (stretches: readonly Stretch[]): readonly Stretch[] =>
    stretches.flatMap(({ fromMin, toMin }) => {
      const from = ((fromMin % DAY_MIN) + DAY_MIN) % DAY_MIN
      const to = from + (toMin - fromMin)
      return to <= DAY_MIN
        ? [{ fromMin: from, toMin: to }]
        : [
            { fromMin: from, toMin: DAY_MIN },
            { fromMin: 0, toMin: to - DAY_MIN },
          ]
    })
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={props.description}
      data-testid="gas-curve"
      style={{ display: 'block' }}
    >
      {Array.from({ length: Math.floor(most / step) + 1 }, (_, index) => index * step).map((value) => (
        <g key={value}>
          <path d={`M${LEFT} ${y(value)}H${width - RIGHT}`} stroke="var(--hair)" strokeWidth={INK.thin} />
          <text x={LEFT - 6} y={y(value) + 4} fontSize="12" textAnchor="end" fill="var(--ink-2)" className="figures">
            {value}
          </text>
        </g>
      ))}
      {Array.from({ length: DAY_MIN / TICK_MIN + 1 }, (_, index) => index * TICK_MIN).map((minute) => (
        <text key={minute} x={x(minute)} y={HEIGHT - 4} fontSize="12" textAnchor="middle" fill="var(--ink-2)" className="figures">
          {String(minute / 60).padStart(2, '0')}:00
        </text>
      ))}
      {bands(light).map(({ fromMin, toMin }) => (
        <rect
          key={`l${fromMin}`}
          x={x(fromMin)}
          y={HEIGHT - BOTTOM + 4}
          width={x(toMin) - x(fromMin)}
          height="8"
          fill="var(--light-fill)"
          stroke="var(--light)"
        />
      ))}
      {bands(gas).map(({ fromMin, toMin }) => (
        <rect
          key={`g${fromMin}`}
          x={x(fromMin)}
          y={HEIGHT - BOTTOM + 14}
          width={x(toMin) - x(fromMin)}
          height="8"
          fill="var(--carbon-fill)"
          stroke="var(--carbon)"
        />
      ))}
      <path d={`M${LEFT} ${y(mostMgPerL)}H${width - RIGHT}`} stroke="var(--algae)" strokeWidth={INK.medium} strokeDasharray="8 4" />
      <text x={width - RIGHT} y={y(mostMgPerL) - 5} fontSize="12" textAnchor="end" fill="var(--algae)">
        {props.mostLabel}
      </text>
      <path d={line(levels)} fill="none" stroke="var(--carbon)" strokeWidth={INK.heavy} />
      {overMidnight(fitted).map((stretch, place) => (
        <path
          key={place}
          d={`M${stretch.map(({ minute, co2MgPerL }) => `${x(minute).toFixed(1)} ${y(co2MgPerL).toFixed(1)}`).join('L')}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={INK.medium}
          strokeDasharray="4 3"
          data-testid="gas-fitted"
        />
      ))}
      {measured.map(({ minute, co2MgPerL }, place) => (
        <circle key={place} cx={x(minute % DAY_MIN)} cy={y(co2MgPerL)} r="2" fill="var(--ink)" />
      ))}
      {measured.length > 0 && (
        <text x={LEFT + 6} y={TOP - 14} fontSize="12" fill="var(--ink)">
          • {props.measuredLabel}
          {fitted.length > 0 && ` ╌ ${props.fittedLabel ?? ''}`}
        </text>
      )}
      {marks.map(({ minute, label, value }) => {
        const at = ((minute % DAY_MIN) + DAY_MIN) % DAY_MIN
        const level = levels[Math.round((at / DAY_MIN) * levels.length) % levels.length] ?? 0
        return (
          <g key={label}>
            <circle cx={x(at)} cy={y(level)} r="3.5" fill="var(--sheet)" stroke="var(--carbon)" strokeWidth={INK.medium} />
            <text
              x={x(at)}
              y={y(level) - 9}
              fontSize="12"
              textAnchor={at > DAY_MIN / 2 ? 'start' : 'end'}
              fill="var(--ink)"
              stroke="var(--sheet)"
              strokeWidth="4"
              paintOrder="stroke"
              className="figures"
            >
              {label} {value}
            </text>
          </g>
        )
      })}
    </svg>
  )
}

/** Points by the clock, cut where a day ends. */
function overMidnight(points: readonly GasPoint[]): readonly (readonly GasPoint[])[] {
  const days: GasPoint[][] = []
  let dayNow = NaN
  for (const { minute, co2MgPerL } of points) {
    const day = Math.floor(minute / DAY_MIN)
    if (day !== dayNow) days.push([])
    dayNow = day
    days.at(-1)?.push({ minute: minute - day * DAY_MIN, co2MgPerL })
  }
  return days
}
