import { cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { Choice } from './Choice.js'
import { Figure, type Explained } from './Figure.js'
import { NumberField } from './NumberField.js'
import { UnitsProvider, US_UNITS, useUnits } from './units.js'

beforeEach(() => localStorage.clear())
afterEach(cleanup)

const seen: { held: number | null; text: string | null; commits: number } = { held: null, text: null, commits: 0 }

function Harness({ start, canBeUnknown = true }: { start: number | null; canBeUnknown?: boolean }) {
  const [value, setValue] = useState(start)
  const [text, setText] = useState<string | null>(null)
  const units = useUnits()
  return (
    <>
      <NumberField
        label="Length"
        why="Outer length."
        value={value}
        range={[10, 600]}
        usual={[25, 200]}
        dimension="length"
        unknown={{ value: 60, low: 45, high: 90 }}
        canBeUnknown={canBeUnknown}
        onChange={(next) => {
          seen.held = next
          setValue(next)
        }}
        text={text}
        onText={(next) => {
          seen.text = next
          setText(next)
        }}
        onCommit={() => {
          seen.commits++
        }}
      />
      <button onClick={() => units.choose(US_UNITS)}>us</button>
      <button
        onClick={() => {
          setValue(42)
          setText(null)
        }}
      >
        outside
      </button>
    </>
  )
}
const show = (start: number | null, canBeUnknown = true): HTMLInputElement => {
  seen.commits = 0
  seen.text = null
  seen.held = start
  render(
    <UnitsProvider>
      <Harness start={start} canBeUnknown={canBeUnknown} />
    </UnitsProvider>,
  )
  return screen.getByRole<HTMLInputElement>('textbox')
}
const type = (field: HTMLInputElement, text: string): void => {
  fireEvent.focus(field)
  fireEvent.change(field, { target: { value: text } })
}

describe('a number field', () => {
  test('holds the canonical value while the text stays the person’s own', () => {
    const field = show(60)
    type(field, '61,5')
    expect([seen.held, field.value]).toEqual([61.5, '61,5'])
    fireEvent.blur(field)
    expect([seen.commits, field.value]).toEqual([1, '61.5'])
  })
  test('empty means "don’t know" and says what is assumed', () => {
    const field = show(60)
    type(field, '')
    expect(seen.held).toBeNull()
    expect(screen.getByText(/assumed 60 \(45–90\) cm/)).toBeTruthy()
  })
  test('where an answer is needed, empty is refused', () => {
    type(show(60, false), '')
    expect([seen.held, seen.text]).toEqual([60, ''])
    expect(screen.getByText('Give a value from 10 to 600 cm.')).toBeTruthy()
  })
  test.each([
    ['sixty', 'This is not a number.'],
    ['9', 'Give a value from 10 to 600 cm.'],
    ['1.000,5', /Write either a comma or a point/],
  ])('%s is explained and kept', (text, sentence) => {
    const field = show(60)
    type(field, text)
    fireEvent.blur(field)
    expect([seen.held, seen.text, field.value]).toEqual([60, text, text])
    expect(screen.getByText(sentence)).toBeTruthy()
  })
  test('the unlikely warns and passes', () => {
    type(show(60), '400')
    expect(seen.held).toBe(400)
    expect(screen.getByText(/Unusual: most tanks have 25–200 cm/)).toBeTruthy()
  })
  test('a switch of units rewrites the text and not the value; bounds follow', () => {
    const field = show(60)
    fireEvent.click(screen.getByText('us'))
    expect([seen.held, field.value]).toEqual([60, '23.62'])
    type(field, '27.125')
    fireEvent.blur(field)
    expect(field.value).toBe('27.125')
    expect(seen.held).toBeCloseTo(68.8975, 9)
    type(field, '24')
    expect(seen.held).toBeCloseTo(60.96, 9)
    type(field, '1')
    expect(screen.getByText('Give a value from 3.937 to 236.2 in.')).toBeTruthy()
  })
  test('a value from outside is shown, also after a wrong one was left standing', () => {
    const field = show(60)
    type(field, 'x')
    fireEvent.blur(field)
    fireEvent.click(screen.getByText('outside'))
    expect(field.value).toBe('42')
  })
  test('Enter ends the gesture', () => {
    const field = show(60)
    fireEvent.keyDown(field, { key: 'Enter' })
    expect(seen.commits).toBe(1)
  })
})

test('units survive a reload, and storage that holds something else does no harm', () => {
  const { unmount } = render(
    <UnitsProvider>
      <Harness start={60} />
    </UnitsProvider>,
  )
  fireEvent.click(screen.getByText('us'))
  unmount()
  expect(show(60).value).toBe('23.62')
  cleanup()
  localStorage.setItem('jovrin.units', '{"length":"furlong"')
  expect(show(60).value).toBe('60')
  cleanup()
  localStorage.setItem('jovrin.units', '{"length":"furlong","volume":3}')
  expect(show(60).value).toBe('60')
})

test('a choice offers "don’t know" where it may be', () => {
  const chosen: (string | null)[] = []
  render(
    <UnitsProvider>
      <Choice
        label="Surface"
        why="How it moves."
        value={null}
        canBeUnknown
        options={[
          ['still', 'still'],
          ['strong', 'strong'],
        ]}
        onChange={(value) => chosen.push(value)}
      />
    </UnitsProvider>,
  )
  const group = screen.getByRole('group', { name: 'Surface' })
  expect(within(group).getByText('don’t know').getAttribute('aria-pressed')).toBe('true')
  fireEvent.click(within(group).getByText('strong'))
  expect(chosen).toEqual(['strong'])
})

describe('a figure', () => {
  const explained: Explained = {
    title: 'Daily light',
    formula: 'a·b',
    worked: '2·3 = 6',
    inputs: [
      { name: 'a', value: '2', from: 'typed' },
      { name: 'b', value: '3', from: 'assumed' },
    ],
    source: 'Somebody (1900)',
    range: null,
  }
  test('opens to its formula, the values put in, where each came from, source and range, and closes again', async () => {
    render(<Figure explained={explained}>6 mol</Figure>)
    const button = screen.getByRole('button', { name: '6 mol' })
    expect(button.getAttribute('aria-expanded')).toBe('false')
    fireEvent.click(button)
    const sheet = await screen.findByRole('dialog', { name: 'Daily light' })
    for (const text of ['a·b', '2·3 = 6', 'typed', 'assumed', 'Somebody (1900)', 'exact for these inputs'])
      expect(within(sheet).getByText(text)).toBeTruthy()
    fireEvent.keyDown(sheet, { key: 'Escape' })
    await expect.poll(() => screen.queryByRole('dialog')).toBeNull()
  })
})
