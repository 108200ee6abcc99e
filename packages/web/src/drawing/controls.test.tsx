import { type Band, type DayCurve, newPlan, type Plan, type Strand, STRANDS } from '@jovrin/core'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, test } from 'vitest'
import { Braid, type BraidLabels } from './braid/Braid.js'
import type { BraidWeek } from './braid/braidGeometry.js'
import { DayStrip, type DayStripLabels } from './day/DayStrip.js'

afterEach(cleanup)
const band = (median: number): Band => ({ low: median * 0.8, median, high: Math.min(1, median * 1.2) })
const week: BraidWeek = {
  strands: Object.fromEntries(STRANDS.map((strand, index) => [strand, band(1 - index * 0.15)])) as Record<Strand, Band>,
  algae: { low: 0.1, median: 1, high: 4 },
}
const braidLabels: BraidLabels = {
  description: 'braid',
  strand: { light: 'Light', carbon: 'Carbon', feed: 'Feed', warmth: 'Mass', room: 'Clean' },
  algae: 'Algae',
  weakest: 'weakest',
  full: 'ample',
  weeks: ['w0', 'w1', 'w2'],
  algaeTicks: [[2, 'nuisance']],
  chosenWeek: 'week',
}

describe('braid', () => {
  const chosen: number[] = []
  const show = (chosenWeek: number, ghost = false): void => {
    chosen.length = 0
    render(
      <Braid
        weeks={[week, week, week]}
        ghost={ghost ? [week, week, week] : null}
        limiting="room"
        labels={braidLabels}
        isProvisional={false}
        chosenWeek={chosenWeek}
        onChooseWeek={(next) => chosen.push(next)}
      />,
    )
  }
  test('the chosen week moves with the arrow keys and stops at both ends', () => {
    show(0)
    const handle = screen.getByRole('slider', { name: 'week' })
    expect(handle.getAttribute('aria-valuetext')).toBe('w0')
    for (const key of ['ArrowLeft', 'ArrowRight', 'End', 'Tab']) fireEvent.keyDown(handle, { key })
    expect(chosen).toEqual([0, 1, 2])
  })
  test('every strand is named, the scarcest marked; a saved plan shows as outlines', () => {
    show(1)
    for (const name of ['Light', 'Carbon', 'Feed', 'Mass', 'Clean', 'Algae', 'weakest']) expect(screen.getByText(name)).toBeTruthy()
    const plain = document.querySelectorAll('path[stroke-dasharray="7 4"]').length
    cleanup()
    show(1, true)
    expect(document.querySelectorAll('path[stroke-dasharray="7 4"]').length).toBe(plain + 6)
  })
})

describe('day strip', () => {
  const labels: DayStripLabels = {
    description: 'day',
    lanes: { light: 'Light', gas: 'Gas', feed: 'Feed', co2: 'CO2', pH: 'pH', oxygen: 'O2' },
    edges: { lightOn: 'on', lightOff: 'off', ramp: 'ramp', gasOn: 'gas on', gasOff: 'gas off' },
    format: (value, digits) => value.toFixed(digits),
  }
  const plan = newPlan('x', '2026-01-01', 'UTC')
  const moves: [Plan, boolean][] = []
  const show = (curve: DayCurve | null = null, shown = plan): void => {
    moves.length = 0
    render(<DayStrip plan={shown} curve={curve} labels={labels} onMove={(moved, isFinal) => moves.push([moved, isFinal])} />)
  }
  test('an edge tells its time and moves by five minutes, by half an hour with the page keys', () => {
    show()
    const off = screen.getByRole('slider', { name: 'off' })
    expect(off.getAttribute('aria-valuetext')).toBe('19:00')
    fireEvent.keyDown(off, { key: 'ArrowRight' })
    fireEvent.keyDown(off, { key: 'PageDown' })
    expect(moves.map(([moved]) => moved.lightWindows[0]?.hours.toFixed(3))).toEqual(['7.083', '6.500'])
    expect(moves.every(([, isFinal]) => isFinal)).toBe(true)
  })
  test('without gas there are no gas edges; without light there are none at all', () => {
    show(null, { ...plan, gasLines: [] })
    expect(screen.queryByRole('slider', { name: 'gas on' })).toBeNull()
    cleanup()
    show(null, { ...plan, lightWindows: [] })
    expect(screen.queryAllByRole('slider')).toEqual([])
  })
  test('the resulting day is drawn with its highest and lowest value', () => {
    const hours = (from: number, to: number): Float64Array =>
      Float64Array.from({ length: 48 }, (_, index) => from + ((to - from) * index) / 47)
    show({
      day: 1,
      ppfd: hours(0, 90),
      co2MgPerL: hours(3, 25),
      pH: hours(7.2, 6.4),
      oxygenMgPerL: hours(7.1, 9.4),
      indicatorCo2MgPerL: hours(3, 20),
    })
    for (const text of ['25', '7.2', '6.4', '9.4', '7.1']) expect(screen.getByText(text)).toBeTruthy()
  })
})
