import { INK } from '../ink.js'

export type AwayMark = 'clean' | 'leave' | 'visit' | 'back'
/** One day of the strip. */
export interface AwayStripDay {
  /** Of the usual light, 0–1. */
  readonly light: number
  /** How far below the line the water stands at its end [cm]. */
  readonly fallCm: number
  readonly isAway: boolean
  readonly mark: AwayMark | null
  readonly hasWork: boolean
  /** Written below it; '' for none. */
  readonly date: string
}
interface AwayStripProps {
  readonly width: number
  readonly description: string
  readonly days: readonly AwayStripDay[]
  readonly mayFallCm: number
  readonly labels: {
    readonly light: string
    readonly full: string
    readonly water: string
    readonly line: string
    readonly work: string
    readonly marks: Readonly<Record<AwayMark, string>>
  }
}

const LEFT = 92
const RIGHT = 8
const TOP = 20
const LIGHT_H = 46
const WATER_TOP = TOP + LIGHT_H + 18
const WATER_H = 44
const WORK_Y = WATER_TOP + WATER_H + 22
const HEIGHT = WORK_Y + 34

/** Days around an absence: light as steps, the water line as it falls against the line it may reach, and a tick for each day of work. The days away are hatched. */
export function AwayStrip({ width, description, days, mayFallCm, labels }: AwayStripProps) {
  const step = (width - LEFT - RIGHT) / days.length
  const x = (day: number): number => LEFT + day * step
  const floor = TOP + LIGHT_H
  const deepest = Math.max(mayFallCm * 1.25, ...days.map(({ fallCm }) => fallCm))
  const y = (cm: number): number => WATER_TOP + (WATER_H * cm) / deepest
  const first = days.findIndex(({ isAway }) => isAway)
  const last = days.findLastIndex(({ isAway }) => isAway)
  const light = days.map(({ light: share }, day) => `V${(floor - LIGHT_H * share).toFixed(1)}H${x(day + 1).toFixed(1)}`).join('')
  const water = days.map(({ fallCm }, day) => `L${x(day + 1).toFixed(1)} ${y(fallCm).toFixed(1)}`).join('')
  const isTooLow = days.some(({ fallCm }) => fallCm > mayFallCm)
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={description}
      data-testid="away-strip"
      style={{ display: 'block' }}
    >
      {first >= 0 && (
        <>
          <rect x={x(first)} y={TOP - 4} width={x(last + 1) - x(first)} height={WORK_Y - TOP + 10} fill="var(--sheet)" />
          {Array.from({ length: Math.ceil((x(last + 1) - x(first)) / 9) }, (_, line) => (
            <path
              key={line}
              d={`M${Math.min(x(last + 1), x(first) + line * 9)} ${TOP - 4}v${WORK_Y - TOP + 10}`}
              stroke="var(--hair)"
              strokeWidth={INK.thin}
            />
          ))}
        </>
      )}
      {(
        [
          [labels.light, labels.full, TOP + 18],
          [labels.water, labels.line, WATER_TOP + 12],
          [labels.work, '', WORK_Y],
        ] as const
      ).map(([name, note, at]) => (
        <g key={name}>
          <text x="2" y={at} fontSize="14" fill="var(--ink)" className="lettering">
            {name}
          </text>
          <text x="2" y={at + 14} fontSize="12" fill="var(--ink)">
            {note}
          </text>
        </g>
      ))}
      <path
        d={`M${LEFT} ${floor}${light}V${floor}Z`}
        fill="var(--light-fill)"
        stroke="var(--light)"
        strokeWidth={INK.medium}
        strokeLinejoin="round"
      />
      <path d={`M${LEFT} ${y(0)}H${width - RIGHT}`} stroke="var(--ink)" strokeWidth={INK.thin} />
      <path d={`M${LEFT} ${y(mayFallCm)}H${width - RIGHT}`} stroke="var(--algae)" strokeWidth={INK.medium} strokeDasharray="6 3" />
      <path
        d={`M${LEFT} ${y(0)}${water}`}
        fill="none"
        stroke={isTooLow ? 'var(--algae)' : 'var(--clean)'}
        strokeWidth={INK.heavy}
        strokeLinejoin="round"
      />
      {days.map(({ mark, hasWork, date }, day) => (
        <g key={day}>
          {hasWork && <path d={`M${x(day + 0.5)} ${WORK_Y - 10}v10`} stroke="var(--ink)" strokeWidth={INK.medium} />}
          {mark !== null && (
            <>
              <path
                d={markPath(mark, x(day + 0.5), WORK_Y - 5)}
                fill={mark === 'visit' ? 'var(--film)' : 'var(--ink)'}
                stroke="var(--ink)"
                strokeWidth={INK.medium}
              />
              {mark !== 'visit' && (
                <text x={x(day + 0.5)} y={TOP - 8} fontSize="12" textAnchor="middle" fill="var(--ink)">
                  {labels.marks[mark]}
                </text>
              )}
            </>
          )}
          {date !== '' && (
            <text x={x(day + 0.5)} y={HEIGHT - 6} fontSize="12" textAnchor="middle" fill="var(--ink)">
              {date}
            </text>
          )}
        </g>
      ))}
    </svg>
  )
}

/** A square for the clean-up, triangles out and in, a ring for a visit. */
function markPath(mark: AwayMark, x: number, y: number): string {
  switch (mark) {
    case 'clean':
      return `M${x - 5} ${y - 5}h10v10h-10z`
    case 'leave':
      return `M${x - 5} ${y - 6}l10 6l-10 6z`
    case 'back':
      return `M${x + 5} ${y - 6}l-10 6l10 6z`
    case 'visit':
      return `M${x - 5} ${y}a5 5 0 1 0 10 0a5 5 0 1 0 -10 0z`
  }
}
