import { fieldWords, groundWords, groundKindWords, PlanSchema } from '@jovrin/contract'
import { areaCm2, groundNeeds, lineOf, tankFigures, type GroundZone, type Plan } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { builtPlan } from '../../../testing/builtPlan.js'
import { renderSheet } from '../../../testing/withDesk.js'
import type { Desk } from '../desk.js'
import { CornerTable } from './CornerTable.js'
import { GroundNeeds } from './GroundNeeds.js'
import { LayersEditor } from './LayersEditor.js'
import { TabsPanel } from './TabsPanel.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
beforeEach(() => localStorage.clear())
afterEach(cleanup)
const text = groundWords
const press = (name: RegExp | string): void => void fireEvent.click(screen.getByRole('button', { name }))
const type = (label: RegExp | string, value: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value } })
  fireEvent.blur(screen.getByLabelText(label))
}

describe('layers', () => {
  const show = (plan: Plan = builtPlan) =>
    renderSheet(plan, (desk) => (
      <LayersEditor
        within=""
        layers={desk.plan.layers}
        onLayers={(edit, isFinal) => desk.change((now) => ({ ...now, layers: edit(now.layers) }), isFinal)}
      />
    ))
  test('stand as one sees them: the uppermost first', () => {
    show()
    expect(screen.getAllByRole('combobox').map(({ textContent }) => textContent)).toEqual([
      groundKindWords['rich-soil'],
      groundKindWords['porous-base'],
    ])
  })
  test('change places, come and go, each as one gesture', () => {
    const work = show()
    fireEvent.click(screen.getAllByRole('button', { name: text.layerDown })[0]!)
    expect(work.valid().layers.map(({ id }) => id)).toEqual(['g2', 'g1'])
    press(text.addLayer)
    expect(work.valid().layers.at(-1)).toMatchObject({ ground: 'sand', frontCm: 2, backCm: 2 })
    for (const button of screen.getAllByRole('button', { name: text.layerRemove })) fireEvent.click(button)
    expect(work.valid().layers).toEqual([])
    expect(work.kept).toHaveLength(5)
    expect(PlanSchema.safeParse(work.valid()).success).toBe(true)
  })
  test('the uppermost cannot rise, the lowest cannot sink', () => {
    show()
    expect(screen.getAllByRole<HTMLButtonElement>('button', { name: text.layerUp }).map(({ disabled }) => disabled)).toEqual([true, false])
    expect(screen.getAllByRole<HTMLButtonElement>('button', { name: text.layerDown }).map(({ disabled }) => disabled)).toEqual([
      false,
      true,
    ])
  })
  test('a depth that is not known is one of the answers', () => {
    const work = show()
    const [front] = screen.getAllByLabelText<HTMLInputElement>(new RegExp(`^${text.front}`))
    fireEvent.change(front!, { target: { value: '' } })
    fireEvent.blur(front!)
    expect(work.valid().layers[1]?.frontCm).toBeNull()
  })
})

describe('corners of a zone', () => {
  const Table = ({ desk, onMessage }: { desk: Desk; onMessage: (message: string | null) => void }) => {
    const [corner, setCorner] = useState<number | null>(null)
    const zone: GroundZone = desk.plan.zones[0]!
    return <CornerTable desk={desk} zone={zone} corner={corner} onCorner={setCorner} onMessage={onMessage} />
  }
  const show = () => {
    const told: (string | null)[] = []
    const work = renderSheet(builtPlan, (desk) => <Table desk={desk} onMessage={(message) => told.push(message)} />)
    return { ...work, told, outline: () => work.valid().zones[0]!.outline }
  }
  test('a place is typed, and kept when the field is left', () => {
    const { outline, kept } = show()
    press(text.cornerButton('2'))
    type(/left/, '66')
    expect(outline()[1]).toMatchObject({ xCm: 66, yCm: 0 })
    expect(kept.length).toBeGreaterThan(0)
  })
  test('a length moves the corner at its far end along the edge', () => {
    const { outline } = show()
    press(text.cornerButton('1'))
    type(new RegExp(`^${text.edge('1', '2').slice(0, 8)}`), '20')
    expect(outline()[1]?.xCm).toBeCloseTo(65, 9)
  })
  test('an outline that would cross itself is refused in a sentence, and the old one stands', () => {
    const { outline, told } = show()
    press(text.cornerButton('2'))
    type(/left/, '20')
    expect(told.at(-1)).toMatch(/crosses itself/)
    expect(outline()[1]?.xCm).toBe(60)
  })
  test('a corner more changes no area; bent it does', () => {
    const { outline } = show()
    const before = areaCm2(lineOf(outline()))
    press(text.cornerButton('3'))
    press(text.addCorner)
    expect(outline()).toHaveLength(5)
    expect(areaCm2(lineOf(outline()))).toBeCloseTo(before, 9)
    press(text.round)
    expect(areaCm2(lineOf(outline()))).toBeLessThan(before)
  })
  test('three corners are the least', () => {
    const { outline } = show()
    press(text.cornerButton('4'))
    press(text.removeCorner)
    expect(outline()).toHaveLength(3)
    press(text.cornerButton('1'))
    expect(screen.getByRole<HTMLButtonElement>('button', { name: text.removeCorner }).disabled).toBe(true)
  })
})

describe('what it needs', () => {
  test('litres, kilograms and bags by product, each with its own sum', () => {
    renderSheet(builtPlan, (desk) => <GroundNeeds desk={desk} />)
    const needs = groundNeeds(tankFigures(builtPlan).ground, () => null)
    expect(screen.getAllByRole('row')).toHaveLength(needs.length + 1)
    for (const need of needs) {
      const cells = within(screen.getByText(groundKindWords[need.ground] ?? '').closest('tr')!)
      const [litres, kg, bags] = cells.getAllByRole('button')
      expect(Number.parseFloat(litres!.textContent)).toBeCloseTo(need.volumeL, 0)
      expect(Number.parseFloat(kg!.textContent)).toBeCloseTo(need.dryKg, 0)
      expect(bags!.textContent).toMatch(new RegExp(`^${need.bags} × `))
    }
  })
  test('laying stands in its order: walls first, base below soil', () => {
    renderSheet(builtPlan, (desk) => <GroundNeeds desk={desk} />)
    const steps = screen.getAllByRole('listitem').map(({ textContent }) => textContent)
    const at = (start: string): number => steps.findIndex((step) => step.startsWith(start))
    expect([
      at('Set the separators') >= 0,
      at('Set the separators') < at('Spread'),
      at('Spread') < at('Pour'),
      at('Pour') < at('Last of all'),
    ]).toEqual([true, true, true, true])
  })
  test('a bare floor needs nothing', () => {
    renderSheet({ ...builtPlan, layers: [], zones: [] }, (desk) => <GroundNeeds desk={desk} />)
    expect(screen.getByText(text.bareFloor)).toBeTruthy()
  })
})

describe('tabs', () => {
  const show = (plan: Plan = builtPlan, zone: GroundZone | null = null) =>
    renderSheet(plan, (desk) => <TabsPanel desk={desk} zone={zone} />)
  test('fill the planted rest on a grid, never the path', () => {
    const work = show({ ...builtPlan, tabs: [] })
    press(text.tabFill(text.rest))
    const { tabs } = work.valid()
    expect(tabs.length).toBeGreaterThan(10)
    for (const { xCm, yCm } of tabs) expect(xCm > 45 && xCm < 60 && yCm < 30, `${xCm} ${yCm}`).toBe(false)
  })
  test('a wider grid takes fewer', () => {
    const count = (spacing: string): number => {
      const work = show({ ...builtPlan, tabs: [] })
      type(new RegExp(`^${text.tabSpacing}`), spacing)
      press(text.tabFill(text.rest))
      cleanup()
      localStorage.clear()
      return work.valid().tabs.length
    }
    expect(count('20')).toBeLessThan(count('8'))
  })
  test('capsules are told apart from tabs, and all can be taken out at once', () => {
    const work = show()
    press(text.capsuleFill)
    expect(new Set(work.valid().tabs.map(({ kind }) => kind))).toEqual(new Set(['tab', 'capsule']))
    press(text.tabsClear)
    expect(work.valid().tabs).toEqual([])
  })
  test('a price makes the cost of a year', () => {
    const work = show()
    expect(screen.queryByText(/€/)).toBeNull()
    type(new RegExp(`^${fieldWords['tabProduct/price'][0]}`), '9.5')
    expect(work.valid().tabProduct?.price).toBe(9.5)
    expect(screen.getAllByText(/€/).length).toBeGreaterThan(0)
  })
})
