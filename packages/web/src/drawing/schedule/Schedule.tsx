import { columnPx, FOOT_PX, HEAD_PX, LABEL_PX, markPath, ROW_PX, type ScheduleCell } from './scheduleGeometry.js'

interface ScheduleProps {
  readonly width: number
  readonly days: number
  readonly rows: readonly string[]
  readonly cells: readonly ScheduleCell[]
  /** Minutes of people's work a day. */
  readonly minutes: readonly number[]
  /** `null` when today is not shown. */
  readonly today: number | null
  readonly chosen: number
  readonly onChoose: (day: number) => void
  readonly labels: {
    readonly description: string
    /** One a day; written where a week begins. */
    readonly day: (day: number) => string
    readonly weekday: (day: number) => string
    readonly minutes: string
    readonly told: (day: number) => string
  }
}

/** Care over some weeks: rows are jobs, columns are days, shapes are what became of them. One day is chosen by pointer or arrow keys. */
export function Schedule({ width, days, rows, cells, minutes, today, chosen, onChoose, labels }: ScheduleProps) {
  const column = columnPx(width, days)
  const x = (day: number): number => LABEL_PX + day * column
  const foot = HEAD_PX + rows.length * ROW_PX
  const height = foot + FOOT_PX
  const half = Math.min(5.5, column * 0.36)
  const most = Math.max(30, ...minutes)
  const step = (by: number): void => onChoose(Math.min(days - 1, Math.max(0, chosen + by)))
  const keys: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7, Home: -days, End: days }
  return (
    <svg
      width={width}
      height={height}
      role="slider"
      tabIndex={0}
      aria-label={labels.description}
      aria-valuemin={0}
      aria-valuemax={days - 1}
      aria-valuenow={chosen}
      aria-valuetext={labels.told(chosen)}
      onKeyDown={(event) => {
        const by = keys[event.key]
        if (by === undefined) return
        event.preventDefault()
        step(by)
      }}
      onClick={(event) => {
        const at = Math.floor((event.clientX - event.currentTarget.getBoundingClientRect().left - LABEL_PX) / column)
        if (at >= 0 && at < days) onChoose(at)
      }}
      style={{ display: 'block', cursor: 'pointer' }}
    >
      {today !== null && <rect x={x(today)} y={HEAD_PX} width={column} height={height - HEAD_PX} fill="var(--water-fill)" />}
      <rect x={x(chosen)} y={2} width={column} height={height - 4} fill="none" stroke="var(--ink)" strokeWidth={2} />
      {Array.from({ length: days }, (_, day) => (
        <g key={day}>
          {day % 7 === 0 && (
            <>
              <path d={`M${x(day)} 2V${height}`} stroke="var(--ink)" strokeWidth={0.75} />
              <text x={x(day) + 3} y={14} fontSize={13} fill="var(--ink)">
                {labels.day(day)}
              </text>
            </>
          )}
          {column > 11 && (
            <text x={x(day) + column / 2} y={30} fontSize={11.5} textAnchor="middle" fill="var(--ink-2)">
              {labels.weekday(day)}
            </text>
          )}
        </g>
      ))}
      {rows.map((row, index) => (
        <g key={row}>
          <path d={`M0 ${HEAD_PX + index * ROW_PX}H${width}`} stroke="var(--hair)" strokeWidth={0.75} />
          <text x={2} y={HEAD_PX + index * ROW_PX + 16} fontSize={15} fill="var(--ink)">
            {row}
          </text>
        </g>
      ))}
      <path d={`M0 ${foot}H${width}`} stroke="var(--ink)" strokeWidth={1.5} />
      {cells.map(({ row, day, mark }) => (
        <path
          key={`${row} ${day}`}
          d={markPath(mark, x(day) + column / 2, HEAD_PX + row * ROW_PX + ROW_PX / 2, half)}
          fill={mark === 'done' ? 'var(--ink)' : mark === 'due' ? 'var(--sheet)' : 'none'}
          stroke={mark === 'assumed' ? 'var(--ink-2)' : 'var(--ink)'}
          strokeWidth={mark === 'assumed' ? 2.5 : 1.4}
        />
      ))}
      <text x={2} y={foot + 18} fontSize={14} fill="var(--ink-2)">
        {labels.minutes}
      </text>
      {minutes.map(
        (value, day) =>
          value > 0 && (
            <rect
              key={day}
              x={x(day) + column * 0.2}
              y={foot + FOOT_PX - 4 - (value / most) * (FOOT_PX - 12)}
              width={column * 0.6}
              height={(value / most) * (FOOT_PX - 12)}
              fill="var(--ink-2)"
            />
          ),
      )}
    </svg>
  )
}
