import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, test } from 'vitest'
import { Schedule } from './Schedule.js'
import { columnPx, LABEL_PX, type ScheduleCell } from './scheduleGeometry.js'

afterEach(cleanup)
const DAYS = 42
const show = (
  options: { cells?: readonly ScheduleCell[]; minutes?: readonly number[]; today?: number | null; chosen?: number } = {},
): { readonly chosen: number[]; readonly svg: SVGSVGElement } => {
  const chosen: number[] = []
  render(
    <Schedule
      width={840}
      days={DAYS}
      rows={['Change water', 'Trim']}
      cells={options.cells ?? []}
      minutes={options.minutes ?? Array<number>(DAYS).fill(0)}
      today={options.today ?? null}
      chosen={options.chosen ?? 10}
      onChoose={(day) => chosen.push(day)}
      labels={{
        description: 'Care by week',
        day: (day) => `day ${day}`,
        weekday: () => 'M',
        minutes: 'minutes',
        told: (day) => `day ${day}: 0 minutes`,
      }}
    />,
  )
  return { chosen, svg: screen.getByRole('slider') as unknown as SVGSVGElement }
}
const press = (key: string): void => void fireEvent.keyDown(screen.getByRole('slider'), { key })

describe('care over some weeks', () => {
  test('is told to those who do not see it', () => {
    const { svg } = show()
    expect(svg.getAttribute('aria-valuetext')).toBe('day 10: 0 minutes')
    expect(svg.getAttribute('aria-valuemax')).toBe('41')
  })
  test('keys go by days and weeks, and stop at the ends', () => {
    const { chosen } = show()
    for (const key of ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End', 'x']) press(key)
    expect(chosen).toEqual([9, 11, 3, 17, 0, 41])
  })
  test('a week’s jump from the second day ends at the first', () => {
    const { chosen } = show({ chosen: 1 })
    press('ArrowUp')
    expect(chosen).toEqual([0])
  })
  test('a click finds its day; one on the names of the rows none', () => {
    const { chosen, svg } = show()
    const column = columnPx(840, DAYS)
    fireEvent.click(svg, { clientX: LABEL_PX + 5.5 * column })
    fireEvent.click(svg, { clientX: LABEL_PX - 20 })
    expect(chosen).toEqual([5])
  })
  test('each mark has its own shape, so that it can be told without colour', () => {
    const marks = ['due', 'done', 'skipped', 'moved', 'assumed'] as const
    const { svg } = show({ cells: marks.map((mark, day) => ({ row: 0, day, mark })) })
    const shapes = [...svg.querySelectorAll('path')].filter(
      (path) =>
        ['var(--ink)', 'var(--ink-2)'].includes(path.getAttribute('stroke') ?? '') &&
        path.getAttribute('stroke-width') !== '0.75' &&
        path.getAttribute('stroke-width') !== '1.5',
    )
    const looks = shapes.map((path) => `${path.getAttribute('d')?.replaceAll(/-?\d+(\.\d+)?/g, '')}|${path.getAttribute('fill')}`)
    expect(shapes).toHaveLength(5)
    expect(new Set(looks).size).toBe(5)
  })
  test('today is shaded where it is shown; minutes stand as bars that never leave their row', () => {
    const { svg } = show({ today: 3, minutes: Array.from({ length: DAYS }, (_, day) => (day === 4 ? 400 : day % 2)) })
    const bars = [...svg.querySelectorAll('rect')]
    expect(bars.some((bar) => bar.getAttribute('fill') === 'var(--water-fill)')).toBe(true)
    const height = Number(svg.getAttribute('height'))
    for (const bar of bars) expect(Number(bar.getAttribute('y')) + Number(bar.getAttribute('height'))).toBeLessThanOrEqual(height + 0.01)
  })
})
