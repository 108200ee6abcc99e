import { gasKitWords, gasLevelWords, gasSheetWords } from '@jovrin/contract'
import { tankFigures, type Plan } from '@jovrin/core'
import { cleanup, configure, screen, waitFor, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { builtPlan } from '../../../../testing/builtPlan.js'
import { hand, press, typeOver } from '../../../../testing/hand.js'
import { standInServer } from '../../../../testing/standInServer.js'
import { renderSheet } from '../../../../testing/withDesk.js'
import { AimPanel } from './AimPanel.js'
import { BottlePanel } from './BottlePanel.js'
import { GasSheet } from './GasSheet.js'
import { KitPanel } from './KitPanel.js'
import { LevelPanel } from './level/LevelPanel.js'
import { MovesTable } from './MovesTable.js'
import { SharedCylinder } from './SharedCylinder.js'
import { NO_ANIMALS, shrimps } from '../../../../testing/animals.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
beforeEach(() => {
  sessionStorage.clear()
  localStorage.clear()
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
const OTHER = '01920000-0000-7000-8000-0000000000bb'
const [builtLine] = builtPlan.gasLines
const gassed: Plan = {
  ...builtPlan,
  gasLines: [{ ...builtLine!, control: 'timer', diffuser: 'in-tank', bubblesPerS: 3, sharedWith: null }],
}
const without: Plan = { ...gassed, animals: NO_ANIMALS }
const lineOf = (plan: Plan) => tankFigures(plan).gasLines[0]!
const serve = (tanks: readonly { id: string; plan: Plan }[] = []) =>
  standInServer(({ path }) => {
    if (path.endsWith('/condition')) return { status: 200, body: CONDITION }
    if (path === '/api/tanks') return { status: 200, body: tanks.map((tank) => ({ ...tank, revision: 1, createdAt: NOW, changedAt: NOW })) }
    return { status: 404, body: null }
  })
const NOW = '2026-11-24T09:00:00.000Z'
/** Nothing was read yet. */
const CONDITION = {
  gas: {
    verdict: 'unknown',
    severity: 'note',
    animals: 'none',
    by: null,
    supply: { atLightsOn: 'unknown', atPeak: 'unknown' },
    advice: [],
    evidence: [],
    limitMgPerL: null,
  },
  cycle: null,
  nitrogen: {
    readiness: 'not-tested',
    ammonia: null,
    nitrite: null,
    pH: null,
    unionisedMgNPerL: null,
    withoutGasMgNPerL: null,
    danger: 'unknown',
    isBinderFirst: false,
  },
}

describe('the level', () => {
  const open = async (): Promise<HTMLElement> => {
    serve()
    renderSheet(gassed, (desk) => <LevelPanel desk={desk} age={300} />)
    return screen.findByRole('region', { name: gasLevelWords.ways })
  }
  test('asks for what is missing, then tells each way, and which errs', async () => {
    const ways = await open()
    expect(within(ways).getByText(gasLevelWords.wayMissing.phKh)).toBeTruthy()
    const type = (name: RegExp, text: string) => typeOver(screen.getByRole('textbox', { name }), text)
    await type(/^pH$/, '6.3')
    await type(/^KH, /, '4')
    await type(/^pH, degassed/, '7.4')
    await type(/^CO2 of the room/, '700')
    expect(within(ways).getByText(gasLevelWords.apart['drop-below'])).toBeTruthy()
    expect(within(ways).getAllByRole('button', { name: /mg\/L/ })).toHaveLength(2)
    await type(/^KH, /, '1')
    expect(within(ways).getByText(gasLevelWords.doubtWords['kh-low'])).toBeTruthy()
  })
  test('a colour is chosen and forgotten; only that of a usual liquid is logged', async () => {
    const ways = await open()
    await hand.click(screen.getByRole('radio', { name: gasLevelWords.swatch('30 mg/L') }))
    expect(within(ways).getByRole('button', { name: /^30 mg\/L/ })).toBeTruthy()
    expect(screen.getByRole('button', { name: gasLevelWords.log })).toBeTruthy()
    await typeOver(screen.getByRole('textbox', { name: /^KH of the liquid/ }), '8')
    expect(screen.queryByRole('button', { name: gasLevelWords.log })).toBeNull()
    await press(gasLevelWords.clearColour)
    expect(within(ways).getByText(gasLevelWords.wayMissing.dye)).toBeTruthy()
  })
})

test('what the surface does stands with the row of now marked', () => {
  renderSheet(gassed, (desk) => <MovesTable desk={desk} />)
  const rows = within(screen.getByRole('region', { name: gasLevelWords.moves })).getAllByRole('row')
  expect(rows).toHaveLength(6)
  expect(rows.filter((row) => row.textContent.includes(gasLevelWords.moveNow))).toHaveLength(1)
})

describe('what to aim at', () => {
  test('much gas is offered while no animals are planned, and not once they are', async () => {
    const work = renderSheet(without, (desk) => <AimPanel desk={desk} age={3} />)
    await press(gasLevelWords.stepTake)
    expect(tankFigures(work.draft()).gasLevels.peak).toBeGreaterThan(45)
    cleanup()
    renderSheet({ ...without, animals: shrimps(10, 60) }, (desk) => <AimPanel desk={desk} age={3} />)
    expect(screen.queryByRole('button', { name: gasLevelWords.stepTake })).toBeNull()
    expect(screen.getByText(gasLevelWords.stepForbidden)).toBeTruthy()
  })
  test('gas and light are given up together, and the shares stay those of the beginning', async () => {
    const bright: Plan = { ...without, lamps: without.lamps.map((lamp) => ({ ...lamp, watts: 150, dimFraction: 1 })) }
    const work = renderSheet(bright, (desk) => <AimPanel desk={desk} age={300} />)
    const before = tankFigures(bright)
    await press(gasLevelWords.stageNames.without)
    const lightOf = (row: HTMLElement): string => within(row).getAllByRole('cell')[2]!.textContent
    const last = () => screen.getAllByRole('row').at(-1)!
    const wanted = lightOf(last())
    await hand.click(screen.getAllByRole('button', { name: gasLevelWords.stepTake })[0]!)
    const then = tankFigures(work.draft())
    expect(then.ppfd).toBeLessThan(before.ppfd)
    expect(lightOf(last())).toBe(wanted)
    await hand.click(screen.getAllByRole('button', { name: gasLevelWords.stepTake }).at(-1)!)
    expect(work.draft().gasLines.every(({ control }) => control === 'none')).toBe(true)
  })
})

describe('one cylinder for several tanks', () => {
  const tanks = [{ id: OTHER, plan: { ...gassed, name: 'Lender' } }]
  test('a line is hung on the cylinder of another, and each valve is told', async () => {
    serve(tanks)
    const work = renderSheet(gassed, (desk) => <SharedCylinder desk={desk} forecast={null} />)
    await hand.click(await screen.findByRole('combobox', { name: gasKitWords.shared }))
    await hand.click(screen.getByRole('option', { name: gasKitWords.sharedOf('Lender') }))
    expect(work.draft().gasLines[0]!.sharedWith).toBe(OTHER)
    expect(screen.getAllByRole('row')).toHaveLength(4)
    expect(screen.getByRole('link', { name: gasKitWords.sharedAt('Lender') }).getAttribute('href')).toBe(`/tanks/${OTHER}/journal`)
  })
  test('who lends cannot borrow', async () => {
    const OWN = '01920000-0000-7000-8000-0000000000aa'
    serve([{ id: OTHER, plan: { ...gassed, gasLines: [{ ...gassed.gasLines[0]!, sharedWith: OWN }] } }])
    renderSheet(gassed, (desk) => <SharedCylinder desk={{ ...desk, tankId: OWN }} forecast={null} />)
    expect((await screen.findByRole('combobox', { name: gasKitWords.shared })).getAttribute('aria-disabled')).toBe('true')
  })
  test('a scale that says far more than the bubbles is told', async () => {
    serve(tanks)
    const gPerDay = { value: 900, low: 850, high: 950 }
    renderSheet(gassed, (desk) => <SharedCylinder desk={desk} forecast={{ weighings: [], gPerDay, spanDays: 20, swap: null }} />)
    expect(await screen.findByText(/soapy water decides/i)).toBeTruthy()
  })
})

describe('the kit', () => {
  test('a step is ticked, counted and taken out again', async () => {
    renderSheet(gassed, (desk) => <KitPanel desk={desk} line={lineOf(gassed)} />)
    const status = screen.getByRole('status')
    await hand.click(screen.getByRole('checkbox', { name: gasKitWords.steps.seal[0] }))
    expect(status.textContent).toContain(gasKitWords.done('1', '17'))
    await press(gasKitWords.startAgain)
    expect(status.textContent).toContain(gasKitWords.done('0', '17'))
  })
  test('finer bubbles dissolve more', () => {
    renderSheet(gassed, (desk) => <KitPanel desk={desk} line={lineOf(gassed)} />)
    const shares = within(screen.getByRole('region', { name: gasKitWords.efficiency }))
      .getAllByRole('button')
      .map((figure) => Number.parseFloat(figure.textContent))
    expect(shares.length).toBe(5)
    shares.slice(1).forEach((share, place) => expect(share).toBeLessThan(shares[place]!))
  })
})

test('a bottle for a tank without gas: a recipe out of range is told at its field and changes nothing', async () => {
  renderSheet({ ...gassed, gasLines: [] }, (desk) => <GasSheet desk={desk} age={3} />)
  expect(screen.getByText(gasSheetWords.noGas)).toBeTruthy()
  const weeks = (): string =>
    screen
      .getAllByRole('row')
      .map((row) => row.textContent)
      .join('\n')
  const before = weeks()
  await typeOver(screen.getByRole('textbox', { name: /^Sugar, g/ }), '5')
  expect(screen.getByText(/from 20 to 1,?000/)).toBeTruthy()
  expect(weeks()).toBe(before)
  await typeOver(screen.getByRole('textbox', { name: /^Sugar, g/ }), '100')
  await waitFor(() => expect(weeks()).not.toBe(before))
})
test('a bottle is told to be too much for animals in a small tank', async () => {
  const small: Plan = {
    ...gassed,
    vessel: { ...gassed.vessel, lengthCm: 25, widthCm: 20, heightCm: 22 },
    flow: { ...gassed.flow, surface: 'still', hasSkimmer: false },
    animals: shrimps(5, 35),
    layers: [],
    zones: [],
    hardscape: [],
    beds: [],
  }
  renderSheet(small, (desk) => <BottlePanel desk={desk} />)
  await typeOver(screen.getByRole('textbox', { name: /^Dry yeast/ }), '10')
  expect(screen.getByText(gasKitWords.bottleTooMuch)).toBeTruthy()
})
