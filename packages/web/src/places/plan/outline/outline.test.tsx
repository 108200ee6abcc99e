import { outlineWords, refusedWords } from '@jovrin/contract'
import type { Spot, Vertex } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { planLayout, xPx, yPx } from '../../../drawing/plan/planLayout.js'
import { renderPage } from '../../../testing/renderPage.js'
import { standStill } from '../../../testing/standStill.js'
import { finishDrawn, OutlineSheet } from './OutlineSheet.js'
import { OutlineTools } from './OutlineTools.js'
import { useOutlines, type Gesture } from './useOutlines.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
beforeEach(() => {
  standStill()
  sessionStorage.clear()
})
afterEach(cleanup)

const inner = { lengthCm: 100, widthCm: 40 }
const layout = planLayout(inner, 700, 400)
const square = (left: number): Vertex[] =>
  [
    [left, 10],
    [left + 20, 10],
    [left + 20, 30],
    [left, 30],
  ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false }))
const SHAPES = [
  { id: 'low', outline: square(20) },
  { id: 'high', outline: square(30) },
]

interface Told {
  readonly drawn: (readonly Spot[])[]
  readonly spots: Spot[]
  readonly outlines: (readonly Vertex[])[]
}
function show(gesture: Gesture = 'choose'): Told {
  const told: Told = { drawn: [], spots: [], outlines: [] }
  const Bench = () => {
    const outlines = useOutlines({ tankId: 'tank', param: 'shape', snaps: true, tools: { choose: gesture } })
    return (
      <>
        <OutlineTools outlines={outlines} onFinish={() => finishDrawn(outlines, (spots) => told.drawn.push(spots))}>
          {null}
        </OutlineTools>
        <OutlineSheet
          outlines={outlines}
          layout={layout}
          inner={inner}
          shapes={SHAPES}
          catches={[]}
          description="floor"
          shapeLabel="outline"
          testId="sheet"
          onOutline={(outline) => told.outlines.push(outline)}
          onDrawn={(spots) => told.drawn.push(spots)}
          onSpot={(spot) => told.spots.push(spot)}
        >
          {(seen) => <text data-testid="scale">{seen.pxPerCm / layout.pxPerCm}</text>}
        </OutlineSheet>
        <span data-testid="chosen">{outlines.chosenId}</span>
      </>
    )
  }
  renderPage(<Bench />, { at: '/tanks/tank/plan' })
  const sheet = screen.getByTestId('sheet')
  sheet.getBoundingClientRect = () => ({ left: 0, top: 0, width: layout.widthPx, height: layout.heightPx }) as DOMRect
  return told
}
const sheet = (): HTMLElement => screen.getByTestId('sheet')
const at = (xCm: number, yCm: number) => ({ clientX: xPx(layout, xCm), clientY: yPx(layout, yCm) })
const click = (xCm: number, yCm: number, more: object = {}): void => void fireEvent.click(sheet(), { ...at(xCm, yCm), ...more })
const key = (name: string, more: object = {}): void => void fireEvent.keyDown(sheet(), { key: name, ...more })
const press = (name: string): void => void fireEvent.click(screen.getByRole('button', { name }))
const zoom = (): number => Number(screen.getByTestId('scale').textContent)
const chosen = (): string | null => screen.getByTestId('chosen').textContent

describe('choosing', () => {
  test('the uppermost outline under the pointer; beside all of them none', () => {
    show()
    click(35, 20)
    expect(chosen()).toBe('high')
    click(22, 20)
    expect(chosen()).toBe('low')
    click(80, 35)
    expect(chosen()).toBe('')
  })
  test('the chosen one shows its corners, and arrow keys move it', () => {
    const told = show()
    expect(screen.queryByRole('button', { name: 'outline' })).toBeNull()
    click(35, 20)
    fireEvent.keyDown(screen.getByRole('button', { name: 'outline' }), { key: 'ArrowRight' })
    expect(told.outlines.at(-1)?.[0]).toMatchObject({ xCm: 31, yCm: 10 })
  })
})

describe('drawing', () => {
  test('corner by corner, caught by half centimetres; the first one closes', () => {
    const told = show('outline')
    click(10.2, 10.1)
    click(20, 10)
    expect(screen.getByText(outlineWords.drawn(2))).toBeDefined()
    click(20, 20)
    click(10.1, 10)
    expect(told.drawn).toEqual([
      [
        { xCm: 10, yCm: 10 },
        { xCm: 20, yCm: 10 },
        { xCm: 20, yCm: 20 },
      ],
    ])
    expect(screen.queryByText(outlineWords.drawn(3))).toBeNull()
  })
  test('with Alt freely, to the millimetre', () => {
    show('outline')
    click(10.23, 10.12, { altKey: true })
    expect(sessionStorage.getItem('jovrin.drawn.shape.tank')).toContain('{"xCm":10.2,"yCm":10.1}')
  })
  test('by keys alone: arrows move the cross, Enter sets, Backspace drops', () => {
    const told = show('outline')
    key('ArrowRight', { shiftKey: true })
    key('Enter')
    key('ArrowUp', { shiftKey: true })
    key('Enter')
    key('ArrowLeft', { altKey: true })
    key('Enter')
    key('Backspace')
    key('ArrowLeft')
    key('Enter')
    press(outlineWords.finish.outline)
    expect(told.drawn).toEqual([
      [
        { xCm: 55, yCm: 20 },
        { xCm: 55, yCm: 25 },
        { xCm: 53.9, yCm: 25 },
      ],
    ])
  })
  test('Escape drops all of it', () => {
    const told = show('line')
    click(10, 10)
    click(20, 10)
    key('Escape')
    expect(screen.queryByText(outlineWords.drawn(2))).toBeNull()
    expect(told.drawn).toEqual([])
  })
  test('an outline that crosses itself is told in a sentence, and stays to be mended', () => {
    const told = show('outline')
    for (const [x, y] of [
      [10, 10],
      [20, 20],
      [20, 10],
      [10, 20],
    ] as const)
      click(x, y)
    press(outlineWords.finish.outline)
    expect(told.drawn).toEqual([])
    expect(screen.getByRole('alert').textContent).toBe(refusedWords.rules.outline_crosses_itself)
    press(outlineWords.dropCorner)
    press(outlineWords.finish.outline)
    expect(told.drawn).toHaveLength(1)
    expect(screen.getByRole('alert').textContent).toBe('')
  })
  test('an open line ends with two corners, and not with one', () => {
    const told = show('line')
    click(10, 10)
    press(outlineWords.finish.line)
    expect(told.drawn).toEqual([])
    click(30, 10)
    press(outlineWords.finish.line)
    expect(told.drawn).toHaveLength(1)
  })
  test('a spot is told as it is set; beside the glass nothing is', () => {
    const told = show('spot')
    click(40, 15)
    click(-4, 15)
    expect(told.spots).toEqual([{ xCm: 40, yCm: 15 }])
  })
})

describe('enlarging', () => {
  test('by buttons and keys; the whole is one press away', () => {
    show()
    press(outlineWords.zoomIn)
    key('+')
    expect(zoom()).toBeCloseTo(2.25, 9)
    key('-')
    expect(zoom()).toBeCloseTo(1.5, 9)
    key('0')
    expect(zoom()).toBe(1)
  })
  test('keys that are the browser’s stay the browser’s', () => {
    show()
    const isTaken = (name: string, more: object = {}): boolean => !fireEvent.keyDown(sheet(), { key: name, ...more })
    expect(isTaken('+', { ctrlKey: true })).toBe(false)
    expect(isTaken('ArrowDown')).toBe(false)
    expect(zoom()).toBe(1)
    expect(isTaken('+')).toBe(true)
    expect(isTaken('ArrowDown')).toBe(true)
    expect(isTaken('ArrowLeft', { altKey: true })).toBe(false)
  })
  test('the wheel enlarges with Ctrl, and scrolls the page without', () => {
    show()
    fireEvent.wheel(sheet(), { deltaY: -100 })
    expect(zoom()).toBe(1)
    expect(fireEvent.wheel(sheet(), { deltaY: -100, ctrlKey: true, ...at(50, 20) })).toBe(false)
    expect(zoom()).toBeCloseTo(Math.exp(0.4), 9)
  })
  test('two fingers that part enlarge, and leave no corner behind', () => {
    const told = show('spot')
    const finger = (pointerId: number, x: number): object => ({ pointerId, pointerType: 'touch', clientX: x, clientY: 100, button: 0 })
    fireEvent.pointerDown(sheet(), finger(1, 200))
    fireEvent.pointerDown(sheet(), finger(2, 300))
    fireEvent.pointerMove(sheet(), finger(2, 400))
    expect(zoom()).toBeCloseTo(2, 9)
    fireEvent.pointerUp(sheet(), finger(2, 400))
    click(50, 20)
    expect(told.spots).toEqual([])
  })
  test('an enlarged sheet is moved by hand, and the click that ends it chooses nothing', () => {
    show()
    press(outlineWords.zoomIn)
    fireEvent.pointerDown(sheet(), { pointerId: 1, button: 0, ...at(35, 20) })
    fireEvent.pointerMove(sheet(), { pointerId: 1, ...at(30, 20) })
    fireEvent.pointerUp(sheet(), { pointerId: 1, ...at(30, 20) })
    click(30, 20)
    expect(chosen()).toBe('')
    fireEvent.pointerDown(sheet(), { pointerId: 1, button: 0, ...at(50, 20) })
    fireEvent.pointerUp(sheet(), { pointerId: 1, ...at(50, 20) })
    key('0')
    click(35, 20)
    expect(chosen()).toBe('high')
  })
  test('an enlarged outline is drawn where the pointer is', () => {
    const told = show('spot')
    key('+')
    const middle = { clientX: layout.widthPx / 2, clientY: layout.heightPx / 2 }
    const xCm = (layout.widthPx / 2 - layout.left) / layout.pxPerCm
    fireEvent.click(sheet(), { ...middle, altKey: true })
    expect(told.spots[0]?.xCm).toBeCloseTo(xCm, 1)
  })
})

test('what was drawn outlives a reload, with its tool', () => {
  show('outline')
  click(10, 10)
  click(20, 10)
  cleanup()
  show('outline')
  expect(screen.getByText(outlineWords.drawn(2))).toBeDefined()
})
