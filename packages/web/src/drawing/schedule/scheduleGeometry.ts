/** What stands in one cell of a schedule. */
export type ScheduleMark = 'due' | 'done' | 'skipped' | 'moved' | 'assumed'

export interface ScheduleCell {
  readonly row: number
  /** Day from the first one shown. */
  readonly day: number
  readonly mark: ScheduleMark
}

export const ROW_PX = 22
export const HEAD_PX = 36
export const LABEL_PX = 168
/** Height of the row of minutes at the foot. */
export const FOOT_PX = 46

export const columnPx = (width: number, days: number): number => Math.max(6, (width - LABEL_PX - 4) / days)

/** The mark's outline around a centre; shape tells kinds apart, not colour. */
export function markPath(mark: ScheduleMark, x: number, y: number, half: number): string {
  switch (mark) {
    case 'due':
    case 'done':
      return `M${x - half} ${y - half}H${x + half}V${y + half}H${x - half}Z`
    case 'skipped':
      return `M${x - half} ${y - half}L${x + half} ${y + half}M${x + half} ${y - half}L${x - half} ${y + half}`
    case 'moved':
      return `M${x - half} ${y - half}L${x + half} ${y}L${x - half} ${y + half}Z`
    case 'assumed':
      return `M${x - half * 0.6} ${y}H${x + half * 0.6}`
  }
}
