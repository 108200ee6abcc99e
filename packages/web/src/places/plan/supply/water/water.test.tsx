import { waterSheetWords } from '@jovrin/contract'
import { fromUnit, UNKNOWN_SOURCE, type Plan } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { builtPlan } from '../../../../testing/builtPlan.js'
import { hand } from '../../../../testing/hand.js'
import { standInServer } from '../../../../testing/standInServer.js'
import { renderSheet } from '../../../../testing/withDesk.js'
import { RunningTimers } from '../../../../ui/timers/RunningTimers.js'
import { CardMargin } from './card/CardMargin.js'
import { CardSteps } from './card/CardSteps.js'
import { useChangeCard } from './card/useChangeCard.js'
import { FillMargin } from './FillMargin.js'
import { FillStages } from './FillStages.js'
import { NewWaterTable } from './NewWaterTable.js'
import { BarrelTanks } from './planner/BarrelTanks.js'
import { FirstWeeks } from './planner/FirstWeeks.js'
import { PlannerMargin } from './planner/PlannerMargin.js'
import { StepwiseTable } from './planner/Stepwise.js'
import { useStepwise } from './planner/useStepwise.js'
import { ReadyPart } from './ReadyPart.js'
import { SourcesPart } from './SourcesPart.js'
import { useFirstFill } from './useFirstFill.js'
import type { Desk } from '../../desk.js'
import { shrimps } from '../../../../testing/animals.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
  standInServer(() => ({ status: 404, body: null }))
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
const text = waterSheetWords
const press = (name: RegExp | string): Promise<void> => hand.click(screen.getByRole('button', { name }))
const field = (name: RegExp): HTMLInputElement => screen.getByRole('textbox', { name })
const type = (input: HTMLInputElement, value: string): void => {
  fireEvent.change(input, { target: { value } })
  fireEvent.blur(input)
}
const hard: Plan = {
  ...builtPlan,
  logistics: { ...builtPlan.logistics, purifiedFraction: 0, barrelL: 60, purifierLPerDay: 8 },
  changes: { fraction: 0.5, everyDays: 7, firstWeeks: 'daily' },
  sources: [
    {
      ...UNKNOWN_SOURCE,
      id: 'tap',
      hardnessMmolPerL: fromUnit('hardness', 14, '°dGH'),
      alkalinityMeqPerL: fromUnit('alkalinity', 10, '°dKH'),
      disinfectant: 'chlorine',
      temperatureC: 10,
    },
  ],
}
const cell = (row: string, column: number): string =>
  within(screen.getByRole('row', { name: new RegExp(`^${row}`) })).getAllByRole('cell')[column]!.textContent

describe('sources', () => {
  const Sources = ({ desk }: { readonly desk: Desk }) => (
    <>
      <SourcesPart desk={desk} />
      <NewWaterTable desk={desk} />
    </>
  )
  test('a second water is added, given its share and thins the first; taken away, all is as it was', async () => {
    const work = renderSheet(hard, (desk) => <Sources desk={desk} />)
    expect(cell('GH', 0)).toBe('14 °dGH')
    await press(text.addSource)
    await hand.click(within(screen.getByRole('region', { name: /^softened with salt/ })).getByRole('button', { name: 'rain' }))
    const rain = screen.getByRole('region', { name: /^rain/ })
    expect(rain.textContent).toContain(text.cautions.rain)
    type(within(rain).getByRole('textbox', { name: /^Share/ }), '50')
    await waitFor(() => expect(cell('GH', 0)).toMatch(/^7\.1 °dGH/))
    expect(work.valid().sources.map(({ part }) => part)).toEqual([0.5, 0.5])
    await press(text.removeSource('rain'))
    expect(cell('GH', 0)).toBe('14 °dGH')
  })
  test('nonsense is told with its range, the typed text stays, and the mix too', () => {
    const work = renderSheet(hard, (desk) => <Sources desk={desk} />)
    fireEvent.change(field(/^Sodium/), { target: { value: '9000' } })
    expect(field(/^Sodium/).getAttribute('aria-invalid')).toBe('true')
    expect(field(/^Sodium/).value).toBe('9000')
    expect(screen.getByText(/0 to 600 mg\/L/)).toBeTruthy()
    expect(work.valid().sources[0]!.sodiumMgPerL).toBeNull()
  })
  test('a report joins the others with the mean and the ends of the year', async () => {
    renderSheet(hard, (desk) => <Sources desk={desk} />)
    expect(screen.getByText(text.reportsNone)).toBeTruthy()
    await press(text.addReport)
    const hardness = (): HTMLInputElement[] => screen.getAllByRole('textbox', { name: /^Hardness \(GH\)/ })
    type(hardness()[1]!, '12')
    await press(text.addReport)
    type(
      hardness().find(({ value }) => value === '')!,
      '16',
    )
    await waitFor(() => expect(screen.getByText(/12 °dGH to 16 °dGH, mean 14 °dGH/)).toBeTruthy())
  })
})

describe('made ready', () => {
  const soft: Plan = { ...hard, logistics: { ...hard.logistics, purifiedFraction: 1 } }
  test('salts for purified water: grams of a change, and what comes along', async () => {
    renderSheet(soft, (desk) => (
      <>
        <ReadyPart desk={desk} age={50} />
        <NewWaterTable desk={desk} />
      </>
    ))
    expect(screen.getByText(text.recipeEmpty)).toBeTruthy()
    await hand.click(screen.getByRole('checkbox', { name: 'calcium sulfate (2 H2O)' }))
    expect(screen.getByText(/magnesium .* short/)).toBeTruthy()
    await hand.click(screen.getByRole('checkbox', { name: 'magnesium sulfate (7 H2O)' }))
    await waitFor(() => expect(screen.getByText(text.recipeExact)).toBeTruthy())
    expect(screen.getByText(/^Comes along in each litre: sulfate/)).toBeTruthy()
    expect(cell('GH', 1)).toBe('4 °dGH')
    expect(cell('Ca : Mg', 1)).toBe('3')
  })
  test('the purified share that comes nearest to a wanted GH is told, and taken with a click', async () => {
    const work = renderSheet(hard, (desk) => <ReadyPart desk={desk} age={50} />)
    type(field(/^Wanted hardness/), '7')
    await press('Mix in 50 % purified')
    expect(work.valid().logistics.purifiedFraction).toBe(0.5)
    expect(screen.queryByRole('button', { name: /^Mix in/ })).toBeNull()
  })
  test('a conditioner is dosed for new water, or for the whole tank where the hose goes in', async () => {
    renderSheet(hard, (desk) => <ReadyPart desk={desk} age={50} />)
    const region = screen.getByRole('region', { name: text.conditioner })
    expect(within(region).getByRole('status').textContent).toMatch(/as its label says for/)
    type(within(region).getByRole('textbox', { name: /^Conditioner/ }), '10')
    type(within(region).getByRole('textbox', { name: /^for so many litres/ }), '40')
    const told = (): number => Number.parseFloat(/([\d.]+) mL/.exec(within(region).getByRole('status').textContent)![1]!)
    await waitFor(() => expect(told()).toBeGreaterThan(0))
    const premixed = told()
    await hand.click(within(region).getByRole('button', { name: /the tank, hose straight in/ }))
    expect(told() / premixed).toBeCloseTo(2, 1)
  })
})

const Card = ({ desk }: { readonly desk: Desk }) => {
  const state = useChangeCard(desk, 100)
  return (
    <>
      <RunningTimers />
      <CardSteps desk={desk} state={state} />
      <CardMargin desk={desk} state={state} />
    </>
  )
}
describe('the change card', () => {
  const kit = { ...hard.water.kit, bucketL: 10, fillS: 60, drainS: 80, hotC: 50 }
  const lived: Plan = { ...hard, water: { ...hard.water, kit }, animals: shrimps(0, 10, 0.2) }
  test('has all the work in order, with hot water to the tank’s warmth', () => {
    renderSheet(lived, (desk) => <Card desk={desk} />)
    const steps = screen.getAllByRole('listitem').map(({ textContent }) => textContent)
    const at = (pattern: RegExp): number => steps.findIndex((step) => pattern.test(step))
    expect(at(/^Heater, canister/)).toBe(0)
    expect(at(/^Mains: .* L, cold/)).toBeGreaterThan(0)
    expect(at(/^Hot tap/)).toBeGreaterThan(at(/^Mains/))
    expect(at(/^Conditioner as its label/)).toBeGreaterThan(at(/^Hot tap/))
    expect(at(/^Drain/)).toBeGreaterThan(at(/^Thermometer/))
    expect(at(/all on again/)).toBe(steps.length - 1)
  })
  test('another share and a colder tank for today alone, kept over a reload; nonsense is refused', async () => {
    const work = renderSheet(lived, (desk) => <Card desk={desk} />)
    type(field(/^Share of the water/), '25')
    await waitFor(() => expect(screen.getByRole('heading', { name: /^Change 25 %/ })).toBeTruthy())
    fireEvent.change(field(/^Share of the water/), { target: { value: '250' } })
    expect(field(/^Share of the water/).getAttribute('aria-invalid')).toBe('true')
    expect(work.kept).toEqual([])
    cleanup()
    renderSheet(lived, (desk) => <Card desk={desk} />)
    expect(screen.getByRole('heading', { name: /^Change 25 %/ })).toBeTruthy()
  })
  test('timers run until they are over, then shout until they are stopped', async () => {
    renderSheet(lived, (desk) => <Card desk={desk} />)
    const now = Date.now()
    await hand.click(screen.getByRole('button', { name: /^Timer .*Fill/ }))
    const bar = screen.getByRole('region', { name: 'Running timers' })
    expect(within(bar).getByRole('timer').textContent).toMatch(/Fill: \d+:\d\d left/)
    const stopped = vi.spyOn(Date, 'now').mockReturnValue(now + 4 * 3_600_000)
    await waitFor(() => expect(within(bar).getByRole('alert').textContent).toMatch(/time is up/), { timeout: 3000 })
    expect(document.title).toMatch(/^TIME IS UP/)
    stopped.mockRestore()
    await hand.click(within(bar).getByRole('button', { name: /^Stop the timer/ }))
    expect(screen.queryByRole('region', { name: 'Running timers' })).toBeNull()
    expect(document.title).not.toMatch(/TIME IS UP/)
  })
  test('one tap logs it with what it was mixed of, and marks the planned change that was due', async () => {
    const due = {
      ruleId: 'change',
      kind: 'change',
      dueOn: '2026-01-01',
      on: '2026-01-01',
      state: 'due',
      isTimer: false,
      minutes: 20,
      values: {},
      record: null,
    }
    const { asked } = standInServer(({ method, path, body }) => {
      if (method === 'GET' && path.includes('/jobs')) return { status: 200, body: { today: '2026-01-02', minutesPerWeek: 10, jobs: [due] } }
      if (method === 'POST')
        return { status: 201, body: { record: body, version: 1, createdAt: new Date().toISOString(), isDeleted: false } }
      if (method === 'PUT') return { status: 200, body }
      return { status: 404, body: null }
    })
    renderSheet(lived, (desk) => <Card desk={desk} />)
    await waitFor(() => expect(screen.getByText(/It also marks the change due/)).toBeTruthy())
    await press(text.log)
    await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true))
    expect(asked.find(({ method }) => method === 'POST')?.body).toMatchObject({
      kind: 'change',
      fraction: 0.5,
      note: expect.stringMatching(/mains .* L, hot tap .* L/) as unknown,
    })
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
      path: '/api/tanks/tank/jobs/change/2026-01-01',
      body: { state: 'done' },
    })
  })
})

describe('the planner', () => {
  const Planner = ({ desk }: { readonly desk: Desk }) => {
    const stepwise = useStepwise(desk)
    return (
      <>
        <FirstWeeks desk={desk} />
        <StepwiseTable state={stepwise} />
        <BarrelTanks desk={desk} age={100} />
        <PlannerMargin desk={desk} stepwise={stepwise} />
      </>
    )
  }
  test('a pattern of the first weeks changes how many there are', async () => {
    renderSheet(hard, (desk) => <Planner desk={desk} />)
    expect(screen.getByText(/^13 changes/)).toBeTruthy()
    await press(/^twice a week/)
    expect(screen.getByText(/^7 changes/)).toBeTruthy()
    expect(screen.getByText(text.patterns.twice)).toBeTruthy()
    await press(/^as later/)
    expect(screen.getByText(text.patterns.same)).toBeTruthy()
  })
  test('down to a limit: by hand, and never below new water', () => {
    renderSheet(hard, (desk) => <Planner desk={desk} />)
    const region = screen.getByRole('region', { name: text.dilution })
    expect(within(region).getByRole('status').textContent).toBe('3 changes, down to 9.4 mg/L.')
    type(within(region).getByRole('textbox', { name: /^In new water/ }), '10')
    expect(within(region).getByRole('status').textContent).toBe(text.dilutionNever)
    type(within(region).getByRole('textbox', { name: /^Limit/ }), '60')
    expect(within(region).getByRole('status').textContent).toBe(text.dilutionDone)
  })
  test('other water for animals goes in steps that its limits hold down', async () => {
    renderSheet(hard, (desk) => <Planner desk={desk} />)
    type(field(/^Tank GH/), '6')
    await waitFor(() => expect(screen.getAllByRole('row').some(({ textContent }) => /^1\d* %.*GH$/.test(textContent))).toBe(true))
  })
  test('evaporation and a barrel that does not last', async () => {
    const half: Plan = {
      ...hard,
      startedOn: '2026-01-01',
      logistics: { ...hard.logistics, purifiedFraction: 0.9, barrelL: 20, purifierLPerDay: 1 },
    }
    renderSheet(half, (desk) => <Planner desk={desk} />)
    await waitFor(() => expect(screen.getByText(/are missing: move a change/)).toBeTruthy())
    const creep = screen.getByRole('region', { name: text.creep })
    expect(within(creep).getByRole('status').textContent).toMatch(/evaporate in a week/)
    await hand.click(within(creep).getByRole('button', { name: 'purified water' }))
    expect(within(creep).queryByText(text.creepSoft)).toBeNull()
  })
})

describe('the first fill', () => {
  const Fill = ({ desk }: { readonly desk: Desk }) => {
    const state = useFirstFill(desk, 0)
    return (
      <>
        <FillStages desk={desk} fill={state.fill} />
        <FillMargin state={state} />
      </>
    )
  }
  test('asks for the hose, then tells how long; the boiler and the cloud', async () => {
    renderSheet(hard, (desk) => <Fill desk={desk} />)
    expect(screen.getByText(text.fillOpen)).toBeTruthy()
    type(field(/^The hose fills it in/), '90')
    await waitFor(() => expect(screen.getByText(/L in all, /)).toBeTruthy())
    type(field(/^Boiler holds/), '5')
    await waitFor(() => expect(screen.getByText(/^The boiler has to be filled and heated/)).toBeTruthy())
    await press(text.clouds.haze)
    expect(screen.getByText(text.cloudAdvice.haze)).toBeTruthy()
  })
})
