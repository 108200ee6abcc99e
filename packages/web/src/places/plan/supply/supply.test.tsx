import { gasSheetWords, lightWords } from '@jovrin/contract'
import { tankFigures, type Plan } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { isoLines, isoValues, levelsOf } from '../../../drawing/light/contoursOf.js'
import { builtPlan } from '../../../testing/builtPlan.js'
import { hand } from '../../../testing/hand.js'
import { standInServer } from '../../../testing/standInServer.js'
import { renderSheet } from '../../../testing/withDesk.js'
import { GasSheet } from './gas/GasSheet.js'
import { RunPanel } from './gas/RunPanel.js'
import { TimerPanel } from './gas/TimerPanel.js'
import { HoursPanel } from './light/HoursPanel.js'
import { LampsPanel } from './light/LampsPanel.js'
import { LightSheet } from './light/LightSheet.js'
import { ReadingsPanel } from './light/ReadingsPanel.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
beforeEach(() => {
  sessionStorage.clear()
  standInServer(() => ({ status: 404, body: null }))
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
const press = (name: RegExp | string): Promise<void> => hand.click(screen.getByRole('button', { name }))
const field = (name: RegExp): HTMLInputElement => screen.getByRole('textbox', { name })
const [builtLine] = builtPlan.gasLines
const gassed: Plan = {
  ...builtPlan,
  gasLines: [{ ...builtLine!, control: 'timer', bubblesPerS: 3, beforeLightMin: 60, beforeDarkMin: 60 }],
}
const held = { lamps: null, hold: () => undefined }

describe('lines of equal light', () => {
  const box = { left: 0, right: 100, bottom: 50, top: 0 }
  /** Brightest in the middle: 100 there, 20 at the rim. */
  const grid = {
    xsCm: Float64Array.from({ length: 20 }, (_, x) => x * 5 + 2.5),
    ysCm: Float64Array.from({ length: 10 }, (_, y) => y * 5 + 2.5),
    ppfd: Float64Array.from({ length: 200 }, (_, spot) =>
      Math.max(20, 100 - 9 * Math.hypot((spot % 20) - 9.5, Math.floor(spot / 20) - 4.5)),
    ),
  }
  test('stand at round values, inside the box, and none runs along a pane', () => {
    expect(isoValues(grid)).toEqual([20, 40, 60, 80])
    for (const { d } of isoLines(grid, box))
      for (const [, x = '', y = ''] of d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)) {
        expect(Number(x)).toBeGreaterThanOrEqual(0)
        expect(Number(x)).toBeLessThanOrEqual(100)
        expect(Number(y)).toBeGreaterThanOrEqual(0)
        expect(Number(y)).toBeLessThanOrEqual(50)
      }
  })
  test('levels are drawn from the lowest on, only those that are met', () =>
    expect(levelsOf(grid, box).map(({ level }) => level)).toEqual(['low', 'medium', 'high']))
  test('an even field has no line', () => expect(isoLines({ ...grid, ppfd: new Float64Array(200).fill(50) }, box)).toEqual([]))
})

describe('the sheet of light', () => {
  test('shows map, figures and lamps at once, and without a planting map leads to it', () => {
    renderSheet({ ...builtPlan, beds: [] }, (desk) => <LightSheet desk={desk} age={10} />)
    expect(screen.getByTestId('light-map').querySelectorAll('[data-isoline]').length).toBeGreaterThan(0)
    expect(screen.getByRole('link', { name: lightWords.toMap }).getAttribute('href')).toBe('/tanks/tank/plan/planting')
    expect(screen.getByText(new RegExp(`^${lightWords.onMap}`))).toBeTruthy()
  })
  test('a lamp is moved and raised by keys, one revision each', () => {
    const work = renderSheet(builtPlan, (desk) => <LightSheet desk={desk} age={10} />)
    const lamp = screen.getByRole('button', { name: /^Lamp 1, / })
    const before = tankFigures(work.draft()).lamps[0]!
    fireEvent.keyDown(lamp, { key: 'ArrowUp', shiftKey: true })
    expect(work.draft().lamps[0]!.yCm).toBeCloseTo(before.yCm + 5, 0)
    fireEvent.keyDown(lamp, { key: 'PageUp' })
    expect(work.draft().lamps[0]!.aboveWaterCm).toBeCloseTo(before.aboveWaterCm + 1, 6)
    expect(work.kept).toHaveLength(2)
  })
  test('the mark tells the light of its place by keys', () => {
    renderSheet(builtPlan, (desk) => <LightSheet desk={desk} age={10} />)
    const mark = screen.getByRole('slider', { name: lightWords.probe })
    const told = mark.getAttribute('aria-valuetext')
    for (let step = 0; step < 10; step++) fireEvent.keyDown(mark, { key: 'ArrowLeft', shiftKey: true })
    expect(mark.getAttribute('aria-valuetext')).not.toBe(told)
  })
})

describe('lamps', () => {
  test('one more like the last is added, and taken out again', async () => {
    const work = renderSheet(builtPlan, (desk) => <LampsPanel desk={desk} held={held} />)
    await press(lightWords.addLamp)
    expect(work.draft().lamps).toHaveLength(builtPlan.lamps.length + 1)
    await press(lightWords.removeLamp(String(builtPlan.lamps.length + 1)))
    expect(work.draft().lamps.map(({ id }) => id)).toEqual(builtPlan.lamps.map(({ id }) => id))
  })
  test('the maker’s table gives a flux that is taken with one click', async () => {
    const work = renderSheet({ ...builtPlan, lamps: [builtPlan.lamps[0]!] }, (desk) => <LampsPanel desk={desk} held={held} />)
    fireEvent.change(field(/^Printed/), { target: { value: '150' } })
    await press(lightWords.makerAdd)
    await press(/^Use [\d.]+ µmol\/s$/)
    expect(work.draft().lamps[0]!.fluxUmolPerS).toBeGreaterThan(20)
  })
})

describe('readings', () => {
  const probe = { xCm: 40, yCm: 20 }
  test('one at the mark is typed, told apart from the map, and taken', async () => {
    const work = renderSheet(builtPlan, (desk) => <ReadingsPanel desk={desk} probe={probe} heightCm={null} />)
    expect(screen.getByText(lightWords.noReadings)).toBeTruthy()
    await press(lightWords.addReading)
    expect(work.draft().light.readings).toMatchObject([{ xCm: 40, yCm: 20, medium: 'water', method: 'meter' }])
    fireEvent.change(field(/^Reading/), { target: { value: '400' } })
    expect(await screen.findByText(lightWords.doubts.few)).toBeTruthy()
    expect(await screen.findByText(lightWords.doubts['same-height'])).toBeTruthy()
    const before = tankFigures(work.valid()).ppfd
    await waitFor(() => press(lightWords.fitTake))
    expect(tankFigures(work.valid()).ppfd).toBeGreaterThan(before * 1.1)
  })
})

describe('hours', () => {
  test('a day is split into halves with a rest between, and joined again by taking one out', async () => {
    const work = renderSheet({ ...builtPlan, lightWindows: [{ id: 't', on: '10:00', hours: 8, rampMin: 30 }] }, (desk) => (
      <HoursPanel desk={desk} age={10} />
    ))
    await press(lightWords.addWindow)
    expect(work.draft().lightWindows).toMatchObject([
      { on: '10:00', hours: 4 },
      { on: '17:00', hours: 4 },
    ])
    await press(lightWords.removeWindow('2'))
    expect(work.draft().lightWindows).toHaveLength(1)
  })
  test('each start says what it asks for, as long as the tank is young', async () => {
    renderSheet(builtPlan, (desk) => <HoursPanel desk={desk} age={3} />)
    expect(screen.getByText(lightWords.starts.ramp)).toBeTruthy()
    await press('very dim for weeks')
    expect(screen.getByText(lightWords.starts['very-dim'])).toBeTruthy()
    cleanup()
    renderSheet(builtPlan, (desk) => <HoursPanel desk={desk} age={100} />)
    expect(screen.getByText(lightWords.startLong)).toBeTruthy()
  })
})

describe('gas', () => {
  test('a tank without gas is offered it', async () => {
    const work = renderSheet({ ...builtPlan, gasLines: [] }, (desk) => <GasSheet desk={desk} age={10} />)
    await press(gasSheetWords.addGas)
    expect(work.draft().gasLines).toMatchObject([{ control: 'timer' }])
    expect(await screen.findByTestId('gas-curve')).toBeTruthy()
  })
  test('a way to the level that is wanted is taken; one with too much for the animals is not offered', async () => {
    const quiet: Plan = { ...gassed, gasLines: [{ ...gassed.gasLines[0]!, bubblesPerS: 0.6 }] }
    const way = (): HTMLElement => screen.getByRole('row', { name: /^gas ×/ })
    const work = renderSheet(quiet, (desk) => <TimerPanel desk={desk} animals="none" />)
    await hand.click(within(way()).getByRole('button'))
    expect(work.draft().gasLines[0]!.bubblesPerS).toBeGreaterThan(1)
    expect(tankFigures(work.valid()).gasLevels.atLightsOn).toBeGreaterThan(15)
    cleanup()
    renderSheet(quiet, (desk) => <TimerPanel desk={desk} animals="some" />)
    expect(within(way()).queryByRole('button')).toBeNull()
    expect(screen.getByText(gasSheetWords.tooMuch)).toBeTruthy()
  })
  test('a pasted run is fitted, its faults told by line, and its loss used; a short one is refused', async () => {
    const work = renderSheet(gassed, (desk) => <RunPanel desk={desk} line={desk.figures.gasLines[0]!} onMeasured={() => undefined} />)
    await screen.findByRole('textbox', { name: /^Time and pH/ })
    // The night after gas-off: pH climbs as 30 mg/L go with 0.35 an hour.
    const levels = Array.from({ length: 37 }, (_, place) => 1 + 29 * Math.exp((-0.35 * place * 10) / 60))
    const lines = levels.map((co2, place) => {
      const minute = 22 * 60 + place * 10
      const clock = `${String(Math.floor(minute / 60) % 24).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`
      return `${clock} ${(7.58 + 0.15 - Math.log10(co2)).toFixed(2)}`
    })
    fireEvent.change(field(/^Time and pH/), { target: { value: [...lines, 'late'].join('\n') } })
    fireEvent.change(field(/^Gas was on/), { target: { value: '' } })
    fireEvent.change(field(/^Light was on/), { target: { value: '' } })
    expect(await screen.findByText(gasSheetWords.runFaults('38'))).toBeTruthy()
    const row = await screen.findByRole('row', { name: /^Loss 0\.3/ })
    expect(row).toBeTruthy()
    await press(gasSheetWords.take)
    expect(work.draft().flow.lossTimes).toBeGreaterThan(0.1)
    expect(screen.getByText(gasSheetWords.taken)).toBeTruthy()
    fireEvent.change(field(/^Time and pH/), { target: { value: lines.slice(0, 4).join('\n') } })
    expect(await screen.findByText(gasSheetWords.reasons.few)).toBeTruthy()
  })
})
