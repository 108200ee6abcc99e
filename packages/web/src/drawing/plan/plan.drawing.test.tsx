import { cutGround, newPlan, type Plan, tankFigures, type Vertex } from '@jovrin/core'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, test } from 'vitest'
import { groundFaces } from '../section/groundFaces.js'
import { CouchView } from './CouchView.js'
import { OutlineHandles } from './OutlineHandles.js'
import { pathOf, planLayout, snapped, spotOf, xPx, yPx } from './planLayout.js'

afterEach(cleanup)
const inner = { lengthCm: 100, widthCm: 40 }
const layout = planLayout(inner, 700, 400)

describe('scale', () => {
  test('the front pane is at the bottom, and a pointer finds its place again', () => {
    expect(yPx(layout, 0)).toBeGreaterThan(yPx(layout, 40))
    const svg = {
      getBoundingClientRect: () => ({ left: 10, top: 20, width: 350, height: layout.heightPx / 2 }),
    } as unknown as SVGSVGElement
    const spot = spotOf(layout, svg, { clientX: 10 + xPx(layout, 33) / 2, clientY: 20 + yPx(layout, 12) / 2 })
    expect(spot.xCm).toBeCloseTo(33, 6)
    expect(spot.yCm).toBeCloseTo(12, 6)
  })
  test('the same sizes give the same layout, others another', () => {
    expect(planLayout({ ...inner }, 700, 400)).toBe(layout)
    expect(planLayout(inner, 701, 400)).not.toBe(layout)
  })
  test('a corner catches other corners first, then panes, then half centimetres', () => {
    expect(snapped({ xCm: 20.4, yCm: 10.3 }, [{ xCm: 20, yCm: 10.9 }], inner)).toEqual({ xCm: 20, yCm: 10.9 })
    expect(snapped({ xCm: 0.6, yCm: 39.5 }, [], inner)).toEqual({ xCm: 0, yCm: 40 })
    expect(snapped({ xCm: 12.3, yCm: 7.6 }, [], inner)).toEqual({ xCm: 12.5, yCm: 7.5 })
  })
  test('a closed path closes, an open one does not', () => {
    expect(
      pathOf(layout, [
        { xCm: 0, yCm: 0 },
        { xCm: 1, yCm: 1 },
      ]),
    ).toMatch(/^M.*Z$/)
    expect(pathOf(layout, [{ xCm: 0, yCm: 0 }], false)).not.toMatch(/Z$/)
    expect(pathOf(layout, [])).toBe('')
  })
})

describe('corners', () => {
  const outline: Vertex[] = [
    [20, 10],
    [60, 10],
    [60, 30],
    [20, 30],
  ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false }))
  const changes: (readonly [readonly Vertex[], boolean])[] = []
  const refused: string[] = []
  const show = (shape = outline): void => {
    changes.length = 0
    refused.length = 0
    render(
      <svg>
        <OutlineHandles
          layout={layout}
          outline={shape}
          others={[]}
          inner={inner}
          canSnap
          labels={{ shape: 'outline', corner: (number) => `corner ${number}`, length: (cm) => `${cm.toFixed(1)} cm` }}
          chosenCorner={0}
          onCorner={() => undefined}
          onChange={(next, isFinal) => changes.push([next, isFinal])}
          onRefuse={(fault) => refused.push(fault)}
        />
      </svg>,
    )
  }
  const press = (name: string, key: string, more: object = {}): void =>
    void fireEvent.keyDown(screen.getByRole('button', { name }), { key, ...more })
  test('arrow keys move a corner by one, five or a tenth of a centimetre', () => {
    show()
    press('corner 1', 'ArrowRight')
    press('corner 1', 'ArrowUp', { shiftKey: true })
    press('corner 1', 'ArrowLeft', { altKey: true })
    expect(changes.map(([next]) => [next[0]?.xCm, next[0]?.yCm])).toEqual([
      [21, 10],
      [20, 15],
      [19.9, 10],
    ])
    expect(changes.every(([, isFinal]) => isFinal)).toBe(true)
  })
  test('the outline as a whole moves, a corner is added, bent and taken out', () => {
    show()
    press('outline', 'ArrowDown')
    press('corner 2', 'Insert')
    press('corner 3', 'r')
    press('corner 4', 'Delete')
    expect(changes.map(([next]) => next.length)).toEqual([4, 5, 4, 3])
    expect(changes[0]?.[0].map(({ yCm }) => yCm)).toEqual([9, 9, 29, 29])
    expect(changes[1]?.[0][2]).toMatchObject({ xCm: 60, yCm: 20 })
    expect(changes[2]?.[0][2]?.isRound).toBe(true)
  })
  test('a step that would cross the outline or leave no area is refused and told', () => {
    show(
      [
        [20, 10],
        [24, 10],
        [24, 14],
        [20, 14],
      ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false })),
    )
    press('corner 1', 'ArrowUp', { shiftKey: true })
    press('corner 1', 'Tab')
    expect(changes).toEqual([])
    expect(refused).toEqual(['crosses-itself'])
  })
  test('lengths of the edges at the chosen corner stand on the drawing', () => {
    show()
    expect(screen.getByText('40.0 cm')).toBeTruthy()
    expect(screen.getByText('20.0 cm')).toBeTruthy()
  })
})

const plan: Plan = {
  ...newPlan('x', '2026-01-01', 'UTC'),
  layers: [
    { id: 'a', ground: 'porous-base', frontCm: 2, backCm: 2, product: null },
    { id: 'b', ground: 'rich-soil', frontCm: 0, backCm: 6, product: null },
  ],
}
test('faces of the ground are drawn by layer; one without thickness is left out', () => {
  const { ground } = tankFigures(plan)
  const faces = groundFaces(
    cutGround(ground, { xCm: 5, yCm: 0 }, { xCm: 5, yCm: ground.widthCm }),
    (cm) => cm,
    (cm) => -cm,
  )
  expect(faces.map(({ ground: kind }) => kind)).toEqual(['porous-base', 'rich-soil'])
  const front = groundFaces(
    cutGround(ground, { xCm: 0, yCm: 0 }, { xCm: 30, yCm: 0 }),
    (cm) => cm,
    (cm) => -cm,
  )
  expect(front.map(({ ground: kind }) => kind)).toEqual(['porous-base'])
  for (const { d } of [...faces, ...front]) expect(d).not.toMatch(/NaN|Infinity/)
})
test('from the couch the back pane is smaller than the front pane', () => {
  render(
    <CouchView
      figures={tankFigures(plan)}
      eye={{ awayCm: 150, highCm: 40, share: 0.5 }}
      width={600}
      pxPerCm={6}
      left={20}
      height={300}
      description="couch"
    />,
  )
  const numbers = [...screen.getByRole('img', { name: 'couch' }).querySelectorAll('path')].map((path) => path.getAttribute('d') ?? '')
  expect(numbers.length).toBeGreaterThan(8)
  for (const d of numbers) expect(d).not.toMatch(/NaN|Infinity/)
  const width = (d: string): number => {
    const xs = [...d.matchAll(/[ML](-?[\d.]+) /g)].map(([, x]) => Number(x))
    return Math.max(...xs) - Math.min(...xs)
  }
  expect(width(numbers[0]!)).toBeLessThan(width(numbers.at(-2)!))
})
