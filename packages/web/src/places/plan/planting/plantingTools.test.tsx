import { fieldWords, plantingWords, PlanSchema } from '@jovrin/contract'
import { plantInBed, twinOf, type Bed, type Plan } from '@jovrin/core'
import { cleanup, configure, createEvent, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { builtPlan } from '../../../testing/builtPlan.js'
import { hand, press } from '../../../testing/hand.js'
import { libraryPlant, libraryPlants } from '../../../testing/libraryPlants.js'
import { renderPage } from '../../../testing/renderPage.js'
import { standInServer } from '../../../testing/standInServer.js'
import { renderSheet } from '../../../testing/withDesk.js'
import { BoxList } from './BoxList.js'
import { PlantingSheet } from './PlantingSheet.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
const text = plantingWords
const square = (id: string, left: number, front: number): Bed => ({
  id,
  name: '',
  outline: [
    [left, front],
    [left + 21, front],
    [left + 21, front + 20],
    [left, front + 20],
  ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false })),
  plants: [],
  start: 'pot',
  spacingCm: null,
  stands: 'water',
  cutCm: null,
})
let number = 0
const newId = (stem: string): string => `${stem}${++number}`
const bare: Plan = { ...builtPlan, hardscape: [], zones: [], barriers: [] }
const stems = plantInBed({ ...bare, beds: [square('b1', 4, 20)] }, 'b1', libraryPlant('Rotala rotundifolia'), newId)
const show = (plan: Plan) => renderSheet(plan, (desk) => <PlantingSheet desk={desk} />)

let tanks: readonly unknown[] = []
beforeEach(() => {
  tanks = []
  sessionStorage.clear()
  standInServer(({ path }) =>
    path.startsWith('/api/species')
      ? { status: 200, body: libraryPlants() }
      : path === '/api/tanks'
        ? { status: 200, body: tanks }
        : { status: 404, body: null },
  )
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})

describe('what is done to a patch', () => {
  test('one group becomes three that rise to the back, and a wall runs round it', async () => {
    const work = show(stems)
    await press('Rotala rotundifolia')
    await press(text.rising)
    const cuts = work.valid().beds.map(({ cutCm }) => cutCm ?? 0)
    expect(cuts).toHaveLength(3)
    expect(cuts).toEqual([...cuts].sort((a, b) => a - b))
    await press(text.border)
    expect(work.valid().barriers.length).toBeGreaterThan(0)
    expect(PlanSchema.safeParse(work.valid()).success).toBe(true)
  })
  test('neighbours are kept off, once there are any', async () => {
    const beside = { ...stems, beds: [...stems.beds, square('b2', 24, 20)] }
    const work = show(plantInBed(beside, 'b2', libraryPlant('Micranthemum tweediei'), newId))
    await press('Micranthemum tweediei')
    await press(text.apart)
    expect(Math.min(...work.valid().beds[1]!.outline.map(({ xCm }) => xCm))).toBeCloseTo(27, 1)
    expect(screen.queryByRole('button', { name: text.apart })).toBeNull()
  })
  test('out of the water it is judged no more by what reaches it below, and counts no floor', async () => {
    const work = show(stems)
    await press('Rotala rotundifolia')
    const planted = (): string | null => screen.getByText(text.sums.planted).nextElementSibling?.textContent ?? null
    expect(planted()).not.toBe('0 %')
    await press('out of the water')
    expect(work.valid().beds[0]?.stands).toBe('air')
    expect(planted()).toBe('0 %')
  })
})

describe('plants to put down', () => {
  test('pressed, it gets a patch in the middle; dragged, where it is let go', async () => {
    const work = show({ ...bare, beds: [] })
    const [glyph] = await within(await screen.findByRole('group', { name: text.palette.title })).findAllByRole('button')
    if (glyph === undefined) throw new Error('no plant to put down')
    await hand.click(glyph)
    const outline = (index: number) => work.valid().beds[index]!.outline
    expect(outline(0).reduce((sum, { xCm }) => sum + xCm, 0) / 4).toBeCloseTo(107.6 / 2, 1)
    const carried = new Map<string, string>()
    const dataTransfer = {
      setData: (type: string, what: string) => void carried.set(type, what),
      getData: (type: string) => carried.get(type) ?? '',
      get types() {
        return [...carried.keys()]
      },
    }
    fireEvent.dragStart(glyph, { dataTransfer })
    const map = screen.getByTestId('planting-plan')
    map.getBoundingClientRect = () => new DOMRect(0, 0, 740, 300)
    expect(fireEvent.dragOver(map, { dataTransfer })).toBe(false)
    // This page's drag events know no place of their own.
    const drop = Object.defineProperties(createEvent.drop(map, { dataTransfer }), { clientX: { value: 200 }, clientY: { value: 100 } })
    fireEvent(map, drop)
    expect(work.valid().beds).toHaveLength(2)
    expect(work.valid().beds[0]?.plants).toHaveLength(1)
    expect(work.valid().beds[1]?.plants[0]?.species).toBe(work.valid().beds[0]?.plants[0]?.species)
  })
  test('what is no plant is not taken', () => {
    const work = show({ ...bare, beds: [] })
    const dataTransfer = { types: ['text/plain'], getData: () => '' }
    expect(fireEvent.dragOver(screen.getByTestId('planting-plan'), { dataTransfer })).toBe(true)
    fireEvent.drop(screen.getByTestId('planting-plan'), { dataTransfer, clientX: 0, clientY: 0 })
    expect(work.valid().beds).toEqual([])
  })
})

describe('symmetry', () => {
  test('a patch that is added, planted and spaced on one side is so on the other; with one goes the other', async () => {
    const work = show({ ...bare, beds: [] })
    await press(text.symmetryStates.on)
    await press(text.addPatch)
    const [first, second] = work.valid().beds
    expect(second && twinOf(work.valid(), first!, 107.6)?.id).toBe(second?.id)
    const picker = screen.getByRole('combobox', { name: new RegExp(`^${text.addPlant}`) })
    await hand.click(picker)
    await hand.type(picker, 'Bacopa caroliniana')
    await hand.click(await screen.findByRole('option', { name: /^Bacopa caroliniana/ }))
    expect(work.valid().beds.map(({ plants }) => plants[0]?.species)).toEqual(['bacopa-caroliniana', 'bacopa-caroliniana'])
    const [spacing] = fieldWords['beds/*/spacingCm']
    const field = screen.getByRole('textbox', { name: new RegExp(spacing) })
    await hand.click(field)
    await hand.type(field, '5')
    await hand.tab()
    expect(work.valid().beds.map(({ spacingCm }) => spacingCm)).toEqual([5, 5])
    await press(text.remove)
    expect(work.valid().beds).toEqual([])
  })
})

describe('stock', () => {
  const asTank = (plan: Plan) => ({
    id: '01920000-0000-7000-8000-0000000000bb',
    revision: 1,
    createdAt: '2026-01-01T00:00:00.000Z',
    changedAt: '2026-01-01T00:00:00.000Z',
    plan,
  })
  test('what another tank gives, from which patch, and what is still to buy', async () => {
    tanks = [asTank({ ...stems, name: 'Donor', startedOn: '2026-01-01' })]
    const wide = { ...stems, beds: [{ ...stems.beds[0]!, spacingCm: 2 }] }
    show(wide)
    const table = within(await screen.findByRole('table', { name: text.stock.caption }))
    const row = table.getByRole('row').textContent
    expect(row).toMatch(/^Rotala rotundifolia\d+ from Donor, patch 1, (now|in about \d+ d)/)
    expect(row).toMatch(/\d+ (bunch|bunches|pot|pots)$/)
    expect(table.getByRole('link').getAttribute('href')).toBe('/tanks/01920000-0000-7000-8000-0000000000bb/plan/planting?patch=b1')
  })
  test('no tank has any: so it says; one stock for two tanks all the same', async () => {
    show(stems)
    expect(screen.getByText(text.stock.none)).toBeTruthy()
    await press('2')
    expect(screen.getByRole('table', { name: text.stock.trayCaption })).toBeTruthy()
  })
})

describe('plants that wait', () => {
  const arrived = (id: string, at: string, heldUntil: string | null) => ({
    id,
    at,
    kind: 'plants' as const,
    deed: 'arrived' as const,
    species: null,
    plant: null,
    plantKind: 'stems' as const,
    count: 12,
    countedIn: 'portion' as const,
    portions: 12,
    dryG: 1,
    raised: 'in-air' as const,
    bed: null,
    toBed: null,
    heldUntil,
    note: null,
    photos: [],
    recordedBy: null,
  })
  test('with their days, until when they are kept apart, and when it is too long', () => {
    renderPage(
      <BoxList
        timeZone="UTC"
        records={[arrived('a', '2026-01-10T10:00:00.000Z', null), arrived('b', '2026-01-12T10:00:00.000Z', '2026-02-02')]}
      />,
    )
    const [old, held] = within(screen.getByRole('region', { name: text.box.title })).getAllByRole('listitem')
    expect(old?.textContent).toContain(text.box.past)
    expect(held?.textContent).toContain('kept apart until Feb 2')
    expect(held?.textContent).not.toContain(text.box.past)
  })
  test('nothing waits: nothing is said', () => {
    renderPage(<BoxList timeZone="UTC" records={[]} />)
    expect(screen.queryByRole('region', { name: text.box.title })).toBeNull()
  })
})
