import { applyEdits, type Finding, FINDINGS, MENDS, mendWith, newPlan, type Plan, raise } from '@jovrin/core'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { hand, typeAndLeave, typeOver } from '../../testing/hand.js'
import { MemoryRouter } from 'react-router'
import { afterEach, describe, expect, test } from 'vitest'
import { UnitsProvider } from '../../ui/units.js'
import { FindingsList } from './FindingsList.js'
import { PriceCell } from './PriceCell.js'

afterEach(cleanup)
const start = newPlan('x', '2026-01-01', 'UTC')
const findings: readonly Finding[] = [
  raise(FINDINGS['piece-outside'], { over: 4 }, { id: 's1', names: { piece: 'Main stone' } }),
  raise(FINDINGS['open-jumpers'], {}, { mend: mendWith(MENDS.top, {}, [{ path: '/vessel/top', from: null, to: 'covered' }]) }),
  raise(FINDINGS.tilt, { tilt: 3, line: 4 }),
  raise(FINDINGS['room-warm'], { room: 30 }),
  raise(FINDINGS['sun-on-glass'], { sun: 2 }),
  raise(FINDINGS['heavy-wall'], { mass: 200 }),
]

let plan: Plan = start
const show = (props: { sheet?: 'vessel' | 'hardscape'; muted?: Plan['muted']; onChoose?: (id: string) => void } = {}) => {
  plan = start
  return render(
    <MemoryRouter>
      <UnitsProvider>
        <FindingsList
          tankId="t"
          muted={props.muted ?? []}
          findings={findings}
          change={(edit) => (plan = edit(plan))}
          {...(props.sheet ? { sheet: props.sheet } : {})}
          {...(props.onChoose ? { onChoose: props.onChoose } : {})}
        />
      </UnitsProvider>
    </MemoryRouter>,
  )
}

describe('what to look at', () => {
  test('this sheet’s and what stops the plan elsewhere, with a way there; a few at first, all on demand', async () => {
    show({ sheet: 'vessel' })
    expect(screen.getAllByRole('listitem')).toHaveLength(5) // four, and the line that tells of more
    await hand.click(screen.getByRole('button', { name: '2 more' }))
    expect(screen.getByText(/load-bearing wall/)).toBeTruthy()
    expect(screen.queryByText(/Main stone/)).not.toBeNull()
    expect(screen.getAllByRole('link')).toHaveLength(1)
    expect(screen.getByRole('link', { name: 'Hardscape' })).toBeTruthy()
    cleanup()
    show({ sheet: 'hardscape' })
    expect(screen.queryByRole('link')).toBeNull()
    expect(screen.queryByText(/load-bearing wall/)).toBeNull()
  })
  test('of all sheets, with a way there', () => {
    show()
    expect(screen.getAllByRole('link', { name: 'Vessel' }).length).toBeGreaterThan(1)
  })
  test('one click mends', async () => {
    show({ sheet: 'vessel' })
    await hand.click(screen.getByRole('button', { name: 'Plan a cover' }))
    expect(plan).toEqual(applyEdits(start, findings[1]!.mend!.edits))
  })
  test('shows the piece that it is about', async () => {
    const chosen: string[] = []
    show({ sheet: 'hardscape', onChoose: (id) => chosen.push(id) })
    await hand.click(screen.getByRole('button', { name: 'Show' }))
    expect(chosen).toEqual(['s1'])
  })
  test('is dismissed with a note, but not what contradicts itself', async () => {
    show({ sheet: 'hardscape' })
    expect(screen.queryByRole('button', { name: /^Dismiss/ })).toBeNull()
    cleanup()
    show({ sheet: 'vessel' })
    await hand.click(screen.getByRole('button', { name: /^Dismiss: The tank leans/ }))
    await typeOver(screen.getByLabelText('Why it is fine here'), ' old house ')
    await hand.click(screen.getByRole('button', { name: 'Dismiss' }))
    expect(plan.muted).toMatchObject([{ finding: 'tilt', note: 'old house' }])
  })
  test('what was dismissed is told apart, and looked at again', async () => {
    show({ sheet: 'vessel', muted: [{ id: 'm1', finding: 'tilt', note: 'old house' }] })
    expect(screen.getByText('1 dismissed')).toBeTruthy()
    expect(screen.getByText('old house')).toBeTruthy()
    plan = { ...start, muted: [{ id: 'm1', finding: 'tilt', note: 'old house' }] }
    await hand.click(screen.getByRole('button', { name: 'Show again' }))
    expect(plan.muted).toEqual([])
  })
})

describe('a price', () => {
  const given: (number | null)[] = []
  const cell = (value: number | null) => {
    given.length = 0
    render(<PriceCell value={value} label="price" column="a" onPrice={(price) => given.push(price)} />)
    return screen.getByLabelText('price')
  }
  test('takes a comma, is told once, and an emptied one is taken back', async () => {
    const field = cell(null)
    await typeOver(field, '12,5')
    fireEvent.keyDown(field, { key: 'Enter' })
    expect(given).toEqual([12.5])
    cleanup()
    const full = cell(9)
    await typeAndLeave(full, '')
    expect(given).toEqual([null])
  })
  test('Enter and arrow keys go along the column; the cell that is left is kept', async () => {
    given.length = 0
    const row = (name: string, column: string) => (
      <td>
        <PriceCell value={null} label={name} column={column} onPrice={(price) => given.push(price)} />
      </td>
    )
    render(
      <table>
        <tbody>
          <tr>
            {row('stone, here', 'a')}
            {row('stone, there', 'b')}
          </tr>
          <tr>
            {row('wood, here', 'a')}
            {row('wood, there', 'b')}
          </tr>
        </tbody>
      </table>,
    )
    const stone = screen.getByLabelText('stone, here')
    stone.focus()
    await typeOver(stone, '12')
    fireEvent.keyDown(stone, { key: 'Enter' })
    expect(document.activeElement).toBe(screen.getByLabelText('wood, here'))
    expect(given).toEqual([12])
    fireEvent.keyDown(screen.getByLabelText('wood, here'), { key: 'ArrowUp' })
    expect(document.activeElement).toBe(stone)
  })
  test.each(['1.000,5', 'dear', '-4', '99999999'])('%s stays in its cell, marked, and is not kept', async (text) => {
    const field = cell(3)
    await typeAndLeave(field, text)
    expect(given).toEqual([])
    expect((field as HTMLInputElement).value).toBe(text)
    expect(field.getAttribute('aria-invalid')).toBe('true')
  })
})
