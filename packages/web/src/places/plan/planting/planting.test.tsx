import { describeWords, plantingWords, plantKindWords, PlanSchema } from '@jovrin/contract'
import { plantInBed, ROLE_PLANTS, type Plan } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { builtPlan } from '../../../testing/builtPlan.js'
import { hand } from '../../../testing/hand.js'
import { libraryPlant, libraryPlants } from '../../../testing/libraryPlants.js'
import { standInServer } from '../../../testing/standInServer.js'
import { renderSheet } from '../../../testing/withDesk.js'
import { PlanFields } from '../describe/PlanFields.js'
import { PlantingSheet } from './PlantingSheet.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
const text = plantingWords
beforeEach(() => {
  sessionStorage.clear()
  standInServer(({ path }) => (path.startsWith('/api/species') ? { status: 200, body: libraryPlants() } : { status: 404, body: null }))
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})

const bed = {
  id: 'b1',
  name: '',
  outline: [
    [0, 0],
    [21, 0],
    [21, 20],
    [0, 20],
  ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false })),
  plants: [],
  start: 'pot',
  spacingCm: null,
  stands: 'water',
  cutCm: null,
} as const
let number = 0
const planted = (name: string, plan: Plan = { ...builtPlan, hardscape: [], beds: [bed] }): Plan =>
  plantInBed(plan, 'b1', libraryPlant(name), (stem) => `${stem}${++number}`)
const show = (plan: Plan) => renderSheet(plan, (desk) => <PlantingSheet desk={desk} />)
const press = (name: RegExp | string): Promise<void> => hand.click(screen.getByRole('button', { name }))

describe('the planting sheet', () => {
  test('the contract takes a plan with a map, and refuses one with two plants of one id', () => {
    const plan = planted('Micranthemum tweediei')
    expect(PlanSchema.safeParse(plan).success).toBe(true)
    expect(PlanSchema.safeParse({ ...plan, flora: [...plan.flora, ...plan.flora] }).success).toBe(false)
  })
  test('the legend numbers the patches, and the chosen one tells portions, pots and how it stands', async () => {
    show(planted('Micranthemum tweediei'))
    const legend = screen.getByRole('region', { name: text.patches })
    expect(within(legend).getByRole('row').textContent).toMatch(/^1Micranthemum tweediei8.2 %78/)
    await press('Micranthemum tweediei')
    // 420 cm² at 2.5 cm.
    expect(screen.getByText(/^78 portions, 2.5 cm apart; 6 pots, 6 over; closes in about/)).toBeTruthy()
    expect(screen.getByTestId('planting-front').getAttribute('aria-label')).toBe('Built from the front, 4 weeks after planting')
  })
  test('a plant is taken from the library by an older name, mixed in, exchanged, taken out', async () => {
    const work = show(planted('Micranthemum tweediei'))
    await press('Micranthemum tweediei')
    const picker = screen.getByRole('combobox', { name: text.mixPlant })
    await hand.click(picker)
    await hand.type(picker, 'Hemianthus call')
    await hand.click(await screen.findByRole('option', { name: /Micranthemum callitrichoides/ }))
    expect(work.valid().beds[0]?.plants.map(({ species }) => species)).toEqual(['micranthemum-tweediei', 'micranthemum-callitrichoides'])
    expect(work.valid().flora).toHaveLength(2)
    await press(text.takeOut('Micranthemum callitrichoides'))
    expect(work.valid().flora.map(({ id }) => id)).toEqual(['micranthemum-tweediei'])
    expect(PlanSchema.safeParse(work.valid()).success).toBe(true)
  })
  test('cups, a spacing of one’s own and another week are told at once', async () => {
    const work = show(planted('Micranthemum tweediei'))
    await press('Micranthemum tweediei')
    await press('culture cups')
    expect(work.valid().beds[0]?.start).toBe('cup')
    expect(screen.getByText(/^78 portions, 2.5 cm apart; 5 culture cups, 12 over/)).toBeTruthy()
    const slider = screen.getByRole('slider', { name: text.week })
    fireEvent.change(slider, { target: { value: 9 } })
    expect(screen.getByTestId('planting-front').getAttribute('aria-label')).toBe('Built from the front, 9 weeks after planting')
  })
  test('patches are added, duplicated, mirrored and deleted', async () => {
    const work = show(planted('Micranthemum tweediei'))
    await press(text.addPatch)
    expect(work.valid().beds).toHaveLength(2)
    await press('Micranthemum tweediei')
    await press(text.duplicate)
    await press(text.mirror)
    expect(work.valid().beds).toHaveLength(4)
    await press(text.remove)
    expect(work.valid().beds).toHaveLength(3)
    expect(work.kept.length).toBeGreaterThan(3)
  })
  test('the work list tells what is done to each plant, and the patches in the chosen order', async () => {
    const two = { ...bed, id: 'b2', outline: bed.outline.map((at) => ({ ...at, yCm: at.yCm + 26 })) }
    const front = planted('Micranthemum tweediei', { ...builtPlan, hardscape: [], beds: [bed, two] })
    show(plantInBed(front, 'b2', libraryPlant('Rotala rotundifolia'), (stem) => `${stem}9`))
    const order = (): string[] =>
      within(screen.getByRole('table', { name: text.orderCaption }))
        .getAllByRole('row')
        .map((row) => row.textContent.slice(0, 1))
    expect(order()).toEqual(['1', '2'])
    await press(text.orders['back-first'])
    expect(order()).toEqual(['2', '1'])
    const ready = within(screen.getByRole('region', { name: text.makeReady }))
    const done = (handling: keyof typeof text.handlings): string | undefined =>
      ready
        .getAllByRole('listitem')
        .map((item) => item.textContent)
        .find((told) => told.startsWith(text.handlings[handling]))
    expect(done('pick-wool')).toBe(`${text.handlings['pick-wool']} ${text.allPlants}`)
    expect(done('halve-stems')).toBe(`${text.handlings['halve-stems']} Rotala rotundifolia`)
    expect(done('rinse-gel')).toBeUndefined()
    await press('Micranthemum tweediei')
    await press('culture cups')
    expect(done('rinse-gel')).toBe(`${text.handlings['rinse-gel']} Micranthemum tweediei`)
    expect(done('pick-wool')).toBe(`${text.handlings['pick-wool']} Rotala rotundifolia`)
    const melts = within(screen.getByRole('table', { name: text.meltCaption }))
    expect(melts.getAllByRole('row')).toHaveLength(2)
  })
  test('looked at from an end or the couch: what stands before a patch is told, side by side', async () => {
    const behind = { ...bed, id: 'b2', outline: bed.outline.map((at) => ({ ...at, yCm: at.yCm + 26 })) }
    const tall = plantInBed(
      { ...builtPlan, hardscape: [], beds: [bed, behind] },
      'b1',
      libraryPlant('Rotala rotundifolia'),
      (stem) => `${stem}t`,
    )
    show(plantInBed(tall, 'b2', libraryPlant('Micranthemum tweediei'), (stem) => `${stem}c`))
    fireEvent.change(screen.getByRole('slider', { name: text.week }), { target: { value: 12 } })
    const seen = within(await screen.findByRole('table', { name: text.seen.caption('12') }))
    const [, front, rear] = seen.getAllByRole('row')
    expect(front?.textContent).toMatch(/^1Rotala|^1 Rotala/)
    expect(front?.textContent).toContain('100 %')
    expect(rear?.textContent).toContain(text.seen.hidden(text.seen.patchNumber('1')))
    await press(text.looks.left)
    expect(screen.getByTestId('planting-front').getAttribute('aria-label')).toBe('Built from the left end, 12 weeks after planting')
    await press(text.looks.couch)
    expect(screen.getByRole('img', { name: 'Built from the couch, 12 weeks after planting' })).toBeTruthy()
    expect(screen.queryByTestId('planting-front')).toBeNull()
    await press(text.looks.front)
    expect(screen.getByTestId('planting-front')).toBeTruthy()
  })
  test('shares become a map in one step, with as much floor as before', async () => {
    const work = show({ ...builtPlan, hardscape: [] })
    await hand.click(await screen.findByRole('button', { name: text.fromShares }))
    const { beds, flora } = work.valid()
    expect(beds.length).toBeGreaterThan(3)
    expect(new Set(flora.map(({ kind }) => kind))).toEqual(new Set(['carpet', 'stems', 'rosette']))
    expect(PlanSchema.safeParse(work.valid()).success).toBe(true)
  })
})

test('the description does not ask again for what the map shows', () => {
  renderSheet(planted('Micranthemum tweediei'), () => <PlanFields />)
  expect(screen.getByText(describeWords.fromMap(plantKindWords.carpet))).toBeTruthy()
  expect(screen.queryByRole('group', { name: plantKindWords.carpet })).toBeNull()
  expect(screen.getByRole('group', { name: plantKindWords.stems })).toBeTruthy()
})

describe('spraying what waits out of water', () => {
  test('in half the time in which this room dries a leaf; the reminder outlives a reload, calls, and is stopped', async () => {
    show(planted('Rotala rotundifolia'))
    await hand.click(screen.getByRole('button', { name: text.spray.start }))
    expect(screen.getByText(/^spray again in \d+ min$/)).toBeTruthy()
    cleanup()
    show(planted('Rotala rotundifolia'))
    expect(screen.getByText(/^spray again in \d+ min$/)).toBeTruthy()
    cleanup()
    sessionStorage.setItem('jovrin.sprayed.tank', String(Date.now() - 20 * 60_000))
    show(planted('Rotala rotundifolia'))
    expect(screen.getByText(text.spray.now)).toBeTruthy()
    await hand.click(screen.getByRole('button', { name: text.spray.sprayed }))
    expect(screen.queryByText(text.spray.now)).toBeNull()
    await hand.click(screen.getByRole('button', { name: text.spray.stop }))
    expect(screen.getByRole('button', { name: text.spray.start })).toBeTruthy()
  })
})

test('the library knows every plant that a layout may ask for', () => {
  const known = new Set(libraryPlants().map(({ id }) => id))
  for (const { plants } of Object.values(ROLE_PLANTS)) for (const id of plants) expect(known, id).toContain(id)
})
