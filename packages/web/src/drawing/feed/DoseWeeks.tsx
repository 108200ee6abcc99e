import { INK } from '../ink.js'

/** One nutrient's doses, week by week, as a share of its full amount. */
export interface DoseLane {
  readonly label: string
  readonly amount: string
  /** 1 is the full amount; one number a week. */
  readonly shareOfWeek: readonly number[]
}
interface DoseWeeksProps {
  readonly width: number
  readonly description: string
  readonly lanes: readonly DoseLane[]
  /** Changes of water in each week. */
  readonly changesOfWeek: readonly number[]
  readonly changeLabel: string
  readonly weekLabel: string
  /** Of the first column, from the tank's start. */
  readonly firstWeek: number
  /** Weeks and parts of one since the first column; `null` before it. */
  readonly todayWeek: number | null
  readonly todayLabel: string
}

const LEFT = 118
const RIGHT = 10
const TOP = 22
const LANE = 40
const BAR = 28
const TICKS = 18
const AXIS = 22
const MOST_SHARE = 1.25

/** The dose plan as lanes: a block a week, as high as its share of the full amount; a tick for each change of water below. */
export function DoseWeeks(props: DoseWeeksProps) {
  const { width, lanes, changesOfWeek, todayWeek } = props
  const weeks = changesOfWeek.length
  const step = (width - LEFT - RIGHT) / weeks
  const x = (week: number): number => LEFT + week * step
  const floorOf = (lane: number): number => TOP + lane * LANE + BAR + 6
  const changesY = TOP + lanes.length * LANE + 4
  const height = changesY + TICKS + AXIS
  const every = Math.ceil(46 / step)
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={props.description}
      data-testid="dose-weeks"
      style={{ display: 'block' }}
    >
      {lanes.map(({ label, amount, shareOfWeek }, lane) => (
        <g key={label}>
          <text x="2" y={floorOf(lane) - 14} fontSize="13" fill="var(--ink)" className="lettering">
            {label}
          </text>
          <text x="2" y={floorOf(lane) - 1} fontSize="11.5" fill="var(--ink)">
            {amount}
          </text>
          {shareOfWeek.map((share, week) => {
            const high = BAR * Math.min(1, share / MOST_SHARE)
            return share > 0 ? (
              <rect
                key={week}
                x={x(week) + 1}
                y={floorOf(lane) - high}
                width={Math.max(1, step - 2)}
                height={high}
                fill="var(--feed-fill)"
                stroke="var(--feed)"
                strokeWidth={INK.thin}
              />
            ) : null
          })}
          <path d={`M${LEFT} ${floorOf(lane)}H${width - RIGHT}`} stroke="var(--ink)" strokeWidth={INK.thin} />
        </g>
      ))}
      <text x="2" y={changesY + 12} fontSize="13" fill="var(--ink)" className="lettering">
        {props.changeLabel}
      </text>
      {changesOfWeek.flatMap((changes, week) =>
        Array.from({ length: changes }, (_, at) => (
          <path
            key={`${week} ${at}`}
            d={`M${(x(week) + (step * (at + 0.5)) / changes).toFixed(1)} ${changesY + 3}v10`}
            stroke="var(--clean)"
            strokeWidth={INK.medium}
          />
        )),
      )}
      {Array.from({ length: weeks + 1 }, (_, week) =>
        week % every === 0 ? (
          <text key={week} x={x(week)} y={height - 6} fontSize="12" textAnchor="middle" fill="var(--ink)">
            {week === 0 ? `${props.weekLabel} ${props.firstWeek}` : props.firstWeek + week}
          </text>
        ) : null,
      )}
      {todayWeek !== null && todayWeek <= weeks && (
        <g>
          <path d={`M${x(todayWeek)} ${TOP - 4}V${changesY + TICKS}`} stroke="var(--ink)" strokeWidth={INK.medium} strokeDasharray="5 3" />
          <text x={Math.min(width - 40, x(todayWeek))} y={TOP - 8} fontSize="12" textAnchor="middle" fill="var(--ink)">
            {props.todayLabel}
          </text>
        </g>
      )}
    </svg>
  )
}
