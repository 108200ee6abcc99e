import type { Band } from '@jovrin/core'
import { INK } from '../ink.js'

/** The level of one nutrient over the weeks: of what is followed, and of another course where one is compared. */
export interface LevelLane {
  readonly label: string
  readonly bands: readonly Band[]
  readonly others: readonly Band[]
  /** As told on the axis. */
  readonly show: (value: number) => string
}
interface LevelLanesProps {
  readonly width: number
  readonly description: string
  readonly lanes: readonly LevelLane[]
  readonly weekLabel: string
}

const COLUMNS_OVER = 560
const HEIGHT = 118
const LEFT = 48
const RIGHT = 12
const TOP = 22
const BOTTOM = 22

/** Small pictures side by side, each nutrient on its own scale: the middle as a line, the range as a band; another course dashed. */
export function LevelLanes({ width, description, lanes, weekLabel }: LevelLanesProps) {
  const columns = width >= COLUMNS_OVER ? 2 : 1
  const wide = width / columns
  const rows = Math.ceil(lanes.length / columns)
  return (
    <svg
      viewBox={`0 0 ${width} ${rows * HEIGHT}`}
      width="100%"
      role="img"
      aria-label={description}
      data-testid="level-lanes"
      style={{ display: 'block' }}
    >
      {lanes.map((lane, at) => (
        <g key={lane.label} transform={`translate(${(at % columns) * wide} ${Math.floor(at / columns) * HEIGHT})`}>
          <OneLevel lane={lane} width={wide} weekLabel={weekLabel} />
        </g>
      ))}
    </svg>
  )
}

function OneLevel({
  lane: { label, bands, others, show },
  width,
  weekLabel,
}: {
  readonly lane: LevelLane
  readonly width: number
  readonly weekLabel: string
}) {
  const most = Math.max(1e-6, ...bands.map(({ high }) => high), ...others.map(({ high }) => high)) * 1.08
  const weeks = bands.length
  const x = (week: number): number => LEFT + ((width - LEFT - RIGHT) * week) / Math.max(1, weeks - 1)
  const y = (value: number): number => HEIGHT - BOTTOM - ((HEIGHT - TOP - BOTTOM) * value) / most
  const along = (values: readonly number[]): string => values.map((value, week) => `${x(week).toFixed(1)} ${y(value).toFixed(1)}`).join('L')
  const area = `M${along(bands.map(({ high }) => high))}L${bands
    .map(({ low }, week) => `${x(week).toFixed(1)} ${y(low).toFixed(1)}`)
    .toReversed()
    .join('L')}z`
  return (
    <g>
      <text x={LEFT} y="13" fontSize="13" fill="var(--ink)" className="lettering">
        {label}
      </text>
      <path d={area} fill="var(--feed-fill)" stroke="none" />
      <path d={`M${along(bands.map(({ median }) => median))}`} fill="none" stroke="var(--feed)" strokeWidth={INK.heavy} />
      {others.length > 0 && (
        <path
          d={`M${along(others.map(({ median }) => median))}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={INK.medium}
          strokeDasharray="5 3"
        />
      )}
      <path d={`M${LEFT} ${TOP}V${HEIGHT - BOTTOM}H${width - RIGHT}`} fill="none" stroke="var(--ink)" strokeWidth={INK.thin} />
      {[most / 1.08, 0].map((value) => (
        <text key={value} x={LEFT - 5} y={y(value) + 4} fontSize="11.5" textAnchor="end" fill="var(--ink)">
          {show(value)}
        </text>
      ))}
      {[0, 8, 16, 24].map((week) =>
        week < weeks ? (
          <text key={week} x={x(week)} y={HEIGHT - 7} fontSize="11.5" textAnchor="middle" fill="var(--ink)">
            {week === 0 ? weekLabel : week}
          </text>
        ) : null,
      )}
    </g>
  )
}
