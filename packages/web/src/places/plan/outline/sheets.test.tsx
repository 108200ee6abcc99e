import { groundWords, hardscapeWords, outlineWords, PlanSchema } from '@jovrin/contract'
import { tankFigures, type Plan } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { planLayout, xPx, yPx, type PlanLayout } from '../../../drawing/plan/planLayout.js'
import { barePlan, builtPlan } from '../../../testing/builtPlan.js'
import { renderSheet } from '../../../testing/withDesk.js'
import { GroundSheet } from '../ground/GroundSheet.js'
import { HardscapeSheet } from '../hardscape/HardscapeSheet.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
beforeEach(() => sessionStorage.clear())
afterEach(cleanup)

const plain: Plan = { ...barePlan, vessel: { ...builtPlan.vessel } }
/** By their texts; a search of a whole sheet by accessible name takes seconds. */
const press = (name: string): void => {
  const named = [...document.querySelectorAll('button')].find(
    (button) => (button.getAttribute('aria-label') ?? button.textContent) === name,
  )
  if (named === undefined) throw new Error(`no button ${name}`)
  fireEvent.click(named)
}
/** The drawing as if it were laid out in its own size, and a hand that clicks on it [cm]. */
function handOn(testId: string, layout: PlanLayout) {
  const drawing = screen.getByTestId(testId)
  drawing.getBoundingClientRect = () => ({ left: 0, top: 0, width: layout.widthPx, height: layout.heightPx }) as DOMRect
  return (xCm: number, yCm: number): void =>
    void fireEvent.click(screen.getByTestId(testId), { clientX: xPx(layout, xCm), clientY: yPx(layout, yCm) })
}

describe('the ground’s sheet', () => {
  const show = (plan: Plan = plain) => {
    const work = renderSheet(plan, (desk) => <GroundSheet desk={desk} />)
    return { work, click: handOn('ground-plan', planLayout(tankFigures(plan).inner, 740, 400)) }
  }
  const triangle = [
    [10, 10],
    [40, 10],
    [40, 30],
  ] as const
  test('a zone is drawn, chosen, and kept as one gesture', () => {
    const { work, click } = show()
    press(groundWords.tools.draw)
    for (const [x, y] of triangle) click(x, y)
    expect(work.kept).toHaveLength(0)
    click(10, 10)
    expect(work.kept).toHaveLength(1)
    const [zone] = work.valid().zones
    expect(zone?.outline.map(({ xCm, yCm }) => [xCm, yCm])).toEqual(triangle.map((corner) => [...corner]))
    expect(PlanSchema.safeParse(work.valid()).success).toBe(true)
    expect(screen.getByRole('button', { name: groundWords.shape(zone?.name ?? '') })).toBeTruthy()
  })
  test('a barrier is a line of two corners or more', () => {
    const { work, click } = show()
    press(groundWords.tools.barrier)
    click(10, 10)
    click(60, 10)
    press(outlineWords.finish.line)
    expect(work.valid().barriers).toMatchObject([
      {
        heightCm: 5,
        line: [
          { xCm: 10, yCm: 10 },
          { xCm: 60, yCm: 10 },
        ],
      },
    ])
  })
  test('tabs, capsules and rings of tabs stand where they are set', () => {
    const { work, click } = show()
    press(groundWords.tools.tab)
    click(20, 10)
    press(groundWords.tools.capsule)
    click(30, 10)
    press(groundWords.tools.ring)
    click(60, 20)
    const { tabs } = work.valid()
    expect(tabs.slice(0, 2)).toMatchObject([
      { kind: 'tab', xCm: 20, yCm: 10 },
      { kind: 'capsule', xCm: 30, yCm: 10 },
    ])
    for (const { xCm, yCm } of tabs.slice(2)) expect(Math.hypot(xCm - 60, yCm - 20)).toBeCloseTo(5, 1)
    expect(tabs).toHaveLength(6)
    expect(new Set(tabs.map(({ id }) => id)).size).toBe(6)
  })
  test('a height belongs to the chosen zone; without one nothing is set', () => {
    const { work, click } = show()
    press(groundWords.tools.height)
    click(20, 20)
    expect(work.kept).toHaveLength(0)
    press(groundWords.tools.draw)
    for (const [x, y] of [...triangle, triangle[0]]) click(x, y)
    press(groundWords.tools.height)
    click(35, 15)
    expect(work.valid().zones[0]?.heights).toMatchObject([{ xCm: 35, yCm: 15 }])
  })
  test('a free cut takes two spots, and leaves the plan as it was', () => {
    const { work, click } = show()
    press(groundWords.cuts.free)
    click(20, 5)
    click(80, 40)
    expect(work.kept).toHaveLength(0)
    expect(screen.getByText(groundWords.cutName.free())).toBeTruthy()
    expect(screen.getByRole('button', { name: groundWords.tools.choose }).getAttribute('aria-pressed')).toBe('true')
  })
})

describe('the hardscape’s sheet', () => {
  const show = (plan: Plan = plain) => {
    const work = renderSheet(plan, (desk) => <HardscapeSheet desk={desk} />)
    const box = screen.getByTestId('hardscape-plan').getAttribute('viewBox')?.split(' ').map(Number) ?? []
    return { work, click: handOn('hardscape-plan', planLayout(tankFigures(plan).inner, 740, box[3] ?? 0)) }
  }
  const corners = [
    [30, 10],
    [50, 10],
    [50, 25],
    [30, 25],
  ] as const
  test('a stone is drawn on the floor, and drawn anew when it is the chosen one', () => {
    const { work, click } = show()
    press(hardscapeWords.tools.draw)
    for (const [x, y] of corners) click(x, y)
    press(outlineWords.finish.outline)
    const [stone] = work.valid().hardscape
    expect(stone?.material).toBe('granite')
    expect(stone?.outline).toHaveLength(4)
    press(hardscapeWords.tools.outline)
    for (const [x, y] of corners.slice(0, 3)) click(x + 20, y)
    press(outlineWords.finish.outline)
    expect(work.valid().hardscape.map(({ id }) => id)).toEqual([stone?.id])
    expect(work.valid().hardscape[0]?.outline).toHaveLength(3)
    expect(PlanSchema.safeParse(work.valid()).success).toBe(true)
  })
  test('its open mass says what the drawing makes of it', () => {
    const { click } = show()
    press(hardscapeWords.tools.draw)
    for (const [x, y] of corners) click(x, y)
    press(outlineWords.finish.outline)
    expect(screen.getByText(/^[\d.]+ kg, from the drawing$/)).toBeTruthy()
    expect(screen.queryByText(/^assumed .* kg$/)).toBeNull()
  })
})
