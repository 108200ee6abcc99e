import { PlanSchema } from '@jovrin/contract'
import { cornersOf, levelOf, type Plan } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, describe, expect, test } from 'vitest'
import { barePlan, builtPlan } from '../../testing/builtPlan.js'
import { renderSheet } from '../../testing/withDesk.js'
import { KitMargin } from './kit/KitMargin.js'
import { IntentSheet } from './intent/IntentSheet.js'
import { ProgrammeSheet } from './programme/ProgrammeSheet.js'
import { ShoppingSheet } from './shopping/ShoppingSheet.js'
import { VesselFields } from './vessel/VesselFields.js'
import { VesselSheet } from './vessel/VesselSheet.js'
import { dateField, typeDate } from '../../testing/typeDate.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
afterEach(cleanup)
/** By its label; a search of the whole sheet by accessible name takes seconds. */
const field = (label: RegExp | string): HTMLInputElement => {
  const found = [...document.querySelectorAll('label')].find(({ textContent }) =>
    typeof label === 'string' ? textContent === label : label.test(textContent),
  )
  if (!(found?.control instanceof HTMLInputElement)) throw new Error(`no field ${String(label)}`)
  return found.control
}
const type = (label: RegExp | string, text: string): void => {
  fireEvent.change(field(label), { target: { value: text } })
  fireEvent.blur(field(label))
}
const press = (name: RegExp | string): void => {
  const named = [...document.querySelectorAll('button')].find((button) => {
    const told = button.getAttribute('aria-label') ?? button.textContent
    return typeof name === 'string' ? told === name : name.test(told)
  })
  if (named === undefined) throw new Error(`no button ${String(name)}`)
  fireEvent.click(named)
}
const row = (name: string): HTMLElement => screen.getAllByText(name).flatMap((found) => found.closest('tr') ?? [])[0]!
const levelOfPlan = (plan: Plan) => (cornersOf(plan) === null ? null : levelOf(cornersOf(plan)!, { lengthCm: 110, widthCm: 50 }))
const open = (name: string): HTMLElement => {
  fireEvent.click(within(row(name)).getByRole('button'))
  return screen.getByRole('dialog')
}

describe('vessel', () => {
  test('every volume and weight opens with its own sum', () => {
    renderSheet(builtPlan, (desk) => <VesselSheet desk={desk} />)
    expect(within(open('Gross, outer size')).getByText('110·50·45/1000 = 247.5 L')).toBeTruthy()
    for (const name of [
      'Empty tank to the water line',
      'Open water',
      'Water in the pores',
      'All water',
      'Long pane against bending',
      'Evaporation',
      'Glass',
      'Filled',
      'Floor load',
      'On each foot',
    ])
      expect(row(name).querySelector('[aria-haspopup=dialog]'), name).not.toBeNull()
  })
  test('what nobody weighed says that it is assumed', () => {
    renderSheet(barePlan, (desk) => <VesselSheet desk={desk} />)
    expect(screen.getByText('Stand (assumed)')).toBeTruthy()
    expect(screen.getByText('Lamp, filter, cylinder (assumed)')).toBeTruthy()
  })
  test('a length is one gesture: kept when the field is left, with the new volume beside it', () => {
    const work = renderSheet(builtPlan, (desk) => <VesselSheet desk={desk} />)
    fireEvent.change(field(/^Length/), { target: { value: '60' } })
    expect(work.kept).toHaveLength(0)
    fireEvent.blur(field(/^Length/))
    expect(work.kept).toHaveLength(1)
    expect(within(row('Gross, outer size')).getByRole('button').textContent).toBe('135 L')
  })
  test('nonsense stays as typed, is explained with its range, and the drawing keeps the last good plan', () => {
    const work = renderSheet(builtPlan, (desk) => <VesselFields desk={desk} level={null} />)
    type(/^Length/, '1.000,5')
    expect(field(/^Length/).value).toBe('1.000,5')
    expect(field(/^Length/).getAttribute('aria-invalid')).toBe('true')
    type(/^Width/, '4000')
    expect(screen.getByText(/300/)).toBeTruthy()
    expect(work.valid().vessel).toMatchObject({ lengthCm: 110, widthCm: 50 })
  })
  test('feet are asked for only where it stands on feet', () => {
    renderSheet(builtPlan, (desk) => <VesselFields desk={desk} level={null} />)
    expect(field('Feet')).toBeTruthy()
    press('a full base')
    expect(() => field('Feet')).toThrow()
  })
  test('four corners tell tilt, twist and shims; three tell nothing yet', () => {
    const work = renderSheet(builtPlan, (desk) => <VesselFields desk={desk} level={levelOfPlan(desk.plan)} />)
    for (const [corner, mm] of [
      ['Back left', '0'],
      ['Back right', '3'],
      ['Front left', '0'],
    ] as const)
      type(new RegExp(corner), mm)
    expect(screen.getByText(/Enter all four corners/)).toBeTruthy()
    type(/Front right/, '3')
    expect(screen.queryByText(/Enter all four corners/)).toBeNull()
    expect(screen.getByText(/Shims/)).toBeTruthy()
    expect(work.draft().stand.cornersMm).toEqual({ backLeft: 0, backRight: 3, frontLeft: 0, frontRight: 3 })
  })
})

describe('intent', () => {
  test('three levels of this very tank; taking one changes light, gas, feed and changes in one gesture', () => {
    const work = renderSheet(barePlan, (desk) => <IntentSheet desk={desk} />)
    press('Plan the gentle level')
    expect(work.kept).toHaveLength(1)
    expect(work.valid()).toMatchObject({ feeding: 'ground-led', gasLines: [], changes: { everyDays: 14, fraction: 0.3 } })
    expect(PlanSchema.safeParse(work.valid()).success).toBe(true)
  })
  test('hours are the yardstick: what was said stands against what the plan asks for', () => {
    renderSheet(barePlan, (desk) => <IntentSheet desk={desk} />)
    expect(screen.getByText(/^This plan asks for/)).toBeTruthy()
    type(/^Time a week/, '1')
    expect(screen.getByText(/^You said 1 h a week; this plan asks for/)).toBeTruthy()
  })
  test('a wish is taken back as easily as made', () => {
    const work = renderSheet(barePlan, (desk) => <IntentSheet desk={desk} />)
    fireEvent.click(screen.getByLabelText('fine carpet'))
    expect(work.draft().intent.wishes).toEqual(['fine-carpet'])
    fireEvent.click(screen.getByLabelText('fine carpet'))
    expect(work.draft().intent.wishes).toEqual([])
  })
  test('upkeep opens by kind of work', () => {
    renderSheet(barePlan, (desk) => <IntentSheet desk={desk} />)
    const [upkeep] = screen.getAllByTitle(/Upkeep a week/)
    fireEvent.click(upkeep!)
    expect(within(screen.getByRole('dialog')).getByText('Change water')).toBeTruthy()
  })
})

describe('kit', () => {
  const show = (plan = builtPlan) => renderSheet(plan, (desk) => <KitMargin desk={desk} dead={{ cells: [], all: 5, share: 0 }} />)
  test('real flow follows what the filter is rated, and half-typed numbers are let be', () => {
    show()
    expect(screen.getByTitle(/Really moves|flow/i)).toBeTruthy()
    const rated = screen.getAllByLabelText(/rated|Rated/)[0] as HTMLInputElement
    fireEvent.change(rated, { target: { value: '12x' } })
    expect(rated.value).toBe('12x')
    expect(screen.getAllByRole('group').length).toBeGreaterThan(1)
  })
  test('a second outlet stands on the other side and looks back', () => {
    const work = show()
    press('Add an outlet')
    const [first, second] = work.valid().outlets
    expect(second!.xCm).toBeGreaterThan(first!.xCm)
    expect(Math.cos((second!.headingDeg * Math.PI) / 180)).toBeLessThan(0)
    expect(work.kept).toHaveLength(1)
  })
  test('filters and outlets go as they came', () => {
    const work = show()
    press('Delete outlet 1')
    press('Delete filter 1')
    expect([work.valid().outlets, work.valid().filters]).toEqual([[], []])
  })
  test('the size of heater that is needed is taken by one click', () => {
    const work = show({ ...builtPlan, temperatureC: 28 })
    press(/^Use \d+ W$/)
    expect(work.valid().climate.heaterW).toBeGreaterThan(0)
  })
  test('without gas there is no gas kit', () => {
    show({ ...builtPlan, gasLines: [] })
    expect(screen.queryByText(/licensed|regulator/i)).toBeNull()
  })
})

describe('shopping', () => {
  const show = (plan = builtPlan) => renderSheet(plan, (desk) => <ShoppingSheet desk={desk} />)
  test('a column more is a list of prices more; the last one cannot go', () => {
    const work = show()
    press('Add a column')
    expect(work.valid().money.columns).toHaveLength(2)
  })
  test('what is at hand costs nothing', () => {
    const work = show({ ...builtPlan, money: { ...builtPlan.money, prices: [{ id: 'p1', item: 'tank', column: 'first', price: 100 }] } })
    const totals = (): string =>
      screen
        .getAllByText('Total')
        .map((cell) => cell.closest('tr')?.textContent)
        .join()
    expect(totals()).toContain('100')
    fireEvent.click(screen.getByLabelText(/^Tank 110 cm.*have it$/))
    expect(work.draft().money.owned).toContain('tank')
    expect(totals()).not.toContain('100')
  })
  test('a line of one’s own is named and counted', () => {
    const work = show()
    press('Add an item')
    expect(work.valid().money.extras).toHaveLength(1)
  })
  test('each part of the running cost opens with power, hours and price', () => {
    show()
    fireEvent.click(screen.getAllByTitle(/Light/).at(-1)!)
    const dialog = screen.getByRole('dialog')
    expect(within(dialog).getByText(/·30\.44\/1000·0\.41 = /)).toBeTruthy()
    expect(within(dialog).getByText('typed')).toBeTruthy()
  })
  test('a silly currency is refused in a sentence and the old one stands', () => {
    const work = show()
    type(/^Currency/, 'EURO')
    expect(work.valid().money.currency).toBe('EUR')
  })
})

describe('programme', () => {
  test('counts back from the planting day; wood soaks four weeks', () => {
    renderSheet({ ...builtPlan, startedOn: '2027-03-01' }, (desk) => <ProgrammeSheet desk={desk} />)
    const soak = screen.getByText(/^If you soak the wood/).closest('tr')!
    expect(within(soak).getByText('−28 d')).toBeTruthy()
    expect(soak.textContent).toContain('2027')
  })
  test('another planting day moves everything, and is kept', async () => {
    const work = renderSheet({ ...builtPlan, startedOn: '2027-03-01' }, (desk) => <ProgrammeSheet desk={desk} />)
    await typeDate(/^Planting day/, '2027-05-01')
    fireEvent.blur(await dateField(/^Planting day/))
    expect(work.kept.at(-1)?.startedOn).toBe('2027-05-01')
    await typeDate(/^Planting day/, '')
    expect(work.draft().startedOn).toBe('2027-05-01')
  })
  test('a dark start asks for its end, and counts ahead to planting; a wet one asks for nothing', () => {
    const work = renderSheet({ ...builtPlan, startedOn: '2027-03-01' }, (desk) => <ProgrammeSheet desk={desk} />)
    expect(document.body.textContent).toContain('planted and filled at once')
    expect([...document.querySelectorAll('label')].some(({ textContent }) => /^Ends on day/.test(textContent))).toBe(false)
    press(/^dark start/)
    type(/^Ends on day/, '28')
    expect(work.kept.at(-1)?.start).toEqual({ method: 'dark', endsOnDay: 28, dryLightHours: null })
    const planting = screen.getByText(/^Planting: about/).closest('tr')!
    expect(within(planting).getByText('+28 d')).toBeTruthy()
    type(/^Ends on day/, '0')
    expect(field(/^Ends on day/).getAttribute('aria-invalid')).toBe('true')
  })
  test('a dry start is flooded later, and asks for its light', () => {
    const work = renderSheet({ ...builtPlan, startedOn: '2027-03-01' }, (desk) => <ProgrammeSheet desk={desk} />)
    press(/^dry start/)
    type(/^Light while dry/, '11')
    expect(work.kept.at(-1)?.start).toMatchObject({ method: 'dry', dryLightHours: 11 })
    expect(screen.getByText(/^Flood: cut the carpet first/)).toBeTruthy()
  })
  test('a long day of planting is said in hours', () => {
    renderSheet(builtPlan, (desk) => <ProgrammeSheet desk={desk} />)
    expect(screen.queryByText(/more than one good day/)).toBeNull()
    cleanup()
    const patches = builtPlan.patches.map((patch) => ({ ...patch, pots: 60 }))
    renderSheet({ ...builtPlan, patches }, (desk) => <ProgrammeSheet desk={desk} />)
    const [told] = /\d+/.exec(screen.getByText(/more than one good day/).textContent ?? '') ?? []
    expect(Number(told)).toBeLessThan(100)
  })
  test('purified water is reckoned only where some is asked for', () => {
    renderSheet({ ...builtPlan, logistics: { ...builtPlan.logistics, purifiedFraction: 0 } }, (desk) => <ProgrammeSheet desk={desk} />)
    expect(screen.queryByText('Purified for a change')).toBeNull()
    cleanup()
    renderSheet(builtPlan, (desk) => <ProgrammeSheet desk={desk} />)
    expect(screen.getByText('Purified for a change')).toBeTruthy()
  })
})
