import { feedSheetWords, saltWords } from '@jovrin/contract'
import { UNKNOWN_PRODUCT, type FeedProduct, type Plan } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { builtPlan } from '../../../../testing/builtPlan.js'
import { hand } from '../../../../testing/hand.js'
import { standInServer } from '../../../../testing/standInServer.js'
import { renderSheet } from '../../../../testing/withDesk.js'
import { BottlesPart } from './BottlesPart.js'
import { CupboardPart } from './CupboardPart.js'
import { DoseDrawing } from './DoseDrawing.js'
import { DosesTable } from './DosesTable.js'
import { FeedSheet } from './FeedSheet.js'
import { OverdosePart } from './OverdosePart.js'
import { PlanPart } from './PlanPart.js'
import { TopUp } from './TopUp.js'

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
const text = feedSheetWords
const press = (name: RegExp | string): Promise<void> => hand.click(screen.getByRole('button', { name }))
const field = (name: RegExp): HTMLInputElement => screen.getByRole('textbox', { name })
const rich: Plan = { ...builtPlan, feeding: 'rich-column' }
const bottle: FeedProduct = {
  ...UNKNOWN_PRODUCT,
  id: 'b',
  name: 'Evening bottle',
  form: 'bottle',
  labelUnit: 'mg-per-ml',
  bottleMl: 500,
  label: [
    { id: 'l1', species: 'NO3', value: 20 },
    { id: 'l2', species: 'K2O', value: 24 },
  ],
}

describe('the dose plan', () => {
  test('says what is weighed in each phase, and what waits', () => {
    renderSheet(rich, (desk) => <DosesTable desk={desk} age={3} />)
    const rows = within(screen.getByRole('table', { name: text.dosesTitle })).getAllByRole('row')
    expect(rows).toHaveLength(4)
    expect(rows[1]!.textContent).toMatch(/Waits, because it brings nitrogen or phosphorus: potassium nitrate/)
    expect(rows[1]!.textContent).toContain(text.holdsNow)
    expect(rows[1]!.textContent).not.toMatch(/potassium nitrate \d/)
    expect(rows[3]!.textContent).toMatch(/potassium nitrate [\d.]+ g/)
  })
  test('amounts of one’s own change the doses, and go back with one click', async () => {
    const work = renderSheet(rich, (desk) => (
      <>
        <PlanPart desk={desk} />
        <DosesTable desk={desk} age={50} />
      </>
    ))
    fireEvent.change(field(/^Nitrate/), { target: { value: '10,5' } })
    await waitFor(() =>
      expect(screen.getByRole('table', { name: text.dosesTitle }).textContent).toMatch(/nitrate 10\.5? mg NO3\/L|nitrate 11 mg NO3\/L/),
    )
    expect(work.draft().feed.amounts).toMatchObject({ school: 'rich-column' })
    expect(work.draft().feed.amounts.nitrateMgNPerL).toBeCloseTo(10.5 * (14.007 / 62.004), 6)
    await press(text.amountsReset)
    expect(work.draft().feed.amounts.nitrateMgNPerL).toBeNull()
  })
  test('nonsense in an amount is told with its range, and the typed text stays', () => {
    const work = renderSheet(rich, (desk) => <PlanPart desk={desk} />)
    fireEvent.change(field(/^Potassium/), { target: { value: '9999' } })
    expect(field(/^Potassium/).value).toBe('9999')
    expect(field(/^Potassium/).getAttribute('aria-invalid')).toBe('true')
    expect(work.valid().feed.amounts.potassiumMgPerL).toBeNull()
  })
  test('phases are made one’s own, wait for a sign, and begin when it was seen', async () => {
    const work = renderSheet(rich, (desk) => <PlanPart desk={desk} />)
    await press(text.phasesEdit)
    expect(work.draft().feed.phases).toHaveLength(3)
    expect(work.draft().feed.phases[1]).toMatchObject({ sign: 'pale-new-leaves', seenOn: null })
    await press(text.seenNow)
    expect(work.draft().feed.phases[1]!.seenOn).toMatch(/^\d{4}-\d\d-\d\d$/)
    await press(text.phaseAdd)
    expect(work.draft().feed.phases).toHaveLength(4)
    await press(text.phaseRemove('4'))
    await press(text.phasesAsProposed)
    expect(work.draft().feed.phases).toEqual([])
  })
  test('days of the week and a pause', async () => {
    const work = renderSheet(rich, (desk) => <PlanPart desk={desk} />)
    const days = screen.getByRole('group', { name: text.daysMacro })
    await hand.click(within(days).getByRole('button', { name: 'Wednesday' }))
    await hand.click(within(days).getByRole('button', { name: 'Monday' }))
    expect(work.draft().feed.macroDays).toEqual(['mon', 'wed'])
    await press(text.pauseAdd)
    const [pause] = work.draft().feed.pauses
    expect(pause!.from < pause!.to).toBe(true)
    await press(text.pauseRemove)
    expect(work.draft().feed.pauses).toEqual([])
  })
  test('is drawn with its changes of water and where today is', () => {
    renderSheet(rich, (desk) => <DoseDrawing plan={desk.plan} age={20} />)
    const drawing = screen.getByTestId('dose-weeks')
    // Nitrate and phosphate begin in the third week.
    expect(drawing.querySelectorAll('rect').length).toBe(2 * 10 + 3 * 12)
    expect(drawing.textContent).toContain(text.today)
  })
})

describe('the cupboard', () => {
  test('a labelled bottle is told by what a millilitre holds, dosed in millilitres, and lasts so long', async () => {
    const work = renderSheet({ ...rich, feed: { ...rich.feed, cupboard: [bottle] } }, (desk) => (
      <>
        <CupboardPart desk={desk} />
        <DosesTable desk={desk} age={50} />
      </>
    ))
    // 24 mg of K2O are 19.9 of potassium.
    expect(screen.getByText(/4\.52 mg N as nitrate, 19\.9 mg K/)).toBeTruthy()
    expect(screen.getByRole('table', { name: text.dosesTitle }).textContent).toMatch(/Evening bottle [\d.]+ mL/)
    expect(screen.getByRole('table', { name: text.dosesTitle }).textContent).toMatch(/phosphate falls short by 100 %/)
    await press(text.labelAdd)
    expect(work.draft().feed.cupboard[0]!.label).toHaveLength(3)
    fireEvent.change(field(/^Pump gives/), { target: { value: '30' } })
    expect(await screen.findByText(/run it [\d.]+ s/)).toBeTruthy()
  })
  test('what says too little is told to be so', async () => {
    const work = renderSheet(rich, (desk) => <CupboardPart desk={desk} />)
    await press(text.addBottle)
    expect(screen.getByText(text.holdsNothing)).toBeTruthy()
    expect(work.draft().feed.cupboard).toMatchObject([{ form: 'bottle' }])
    await press(text.remove(text.unnamed))
    expect(work.draft().feed.cupboard).toEqual([])
  })
  test('the usual salts are a start', async () => {
    const work = renderSheet(rich, (desk) => <CupboardPart desk={desk} />)
    await press(text.takeUsual)
    expect(work.draft().feed.cupboard.map(({ salt }) => salt)).toContain('monopotassium-phosphate')
  })
})

describe('bottles to mix', () => {
  test('traces apart, grams and warnings on each label; they go into the cupboard in place of the salts', async () => {
    const work = renderSheet(rich, (desk) => <BottlesPart desk={desk} />)
    const labels = screen.getAllByTestId('bottle-label')
    expect(labels).toHaveLength(2)
    expect(labels[0]!.textContent).toContain(saltWords['potassium-nitrate'])
    expect(labels[0]!.textContent).toContain(text.hazards.oxidiser)
    expect(labels[1]!.textContent).toContain(text.notFood)
    await press(text.toCupboard)
    expect(work.draft().feed.cupboard.map(({ form, mix }) => [form, mix.length])).toEqual([
      ['stock', 4],
      ['stock', 1],
    ])
  })
  test('a dose too small to stay dissolved is stretched, and told so', async () => {
    renderSheet(rich, (desk) => <BottlesPart desk={desk} />)
    fireEvent.change(field(/^Each dose/), { target: { value: '0.2' } })
    expect((await screen.findAllByText(/The dose is stretched/)).length).toBeGreaterThan(0)
  })
})

describe('a school that measures', () => {
  test('is dosed up to its levels by what was tested; what was not is left alone', async () => {
    renderSheet({ ...rich, feeding: 'measured-ratio' }, (desk) => <TopUp desk={desk} />)
    expect(screen.getByText(text.topUpNothing)).toBeTruthy()
    fireEvent.change(field(/^Read: nitrate/), { target: { value: '4' } })
    // 6 mg/L of nitrate are missing up to 10.
    expect(await screen.findByText(/^potassium nitrate [\d.]+ g\. It raises nitrate 6 mg NO3\/L/)).toBeTruthy()
    fireEvent.change(field(/^Read: nitrate/), { target: { value: '12' } })
    expect(await screen.findByText(text.topUpNothing)).toBeTruthy()
  })
})

describe('after an overdose', () => {
  test('ten times the day’s dose of what is chosen, or what was typed', async () => {
    renderSheet(rich, (desk) => <OverdosePart desk={desk} results={[]} />)
    expect(screen.getByText(text.overdoseCalm)).toBeTruthy()
    fireEvent.change(field(/^How much went in/), { target: { value: '150' } })
    expect(await screen.findByText(/of 50 %, an hour or more apart/)).toBeTruthy()
  })
  test('urea is a danger to animals', () => {
    const salts = [{ ...UNKNOWN_PRODUCT, id: 'u', name: '', form: 'salt' as const, salt: 'urea' as const }]
    renderSheet({ ...rich, feed: { ...rich.feed, cupboard: salts } }, (desk) => <OverdosePart desk={desk} results={[]} />)
    fireEvent.change(field(/^How much went in/), { target: { value: '20' } })
    expect(screen.getByText(text.overdoseAmmonia)).toBeTruthy()
    expect(screen.queryByText(text.overdoseNoAnimals)).toBeNull()
  })
})

test('the whole sheet of a tank that doses nothing says so', () => {
  renderSheet({ ...builtPlan, feeding: 'none' }, (desk) => <FeedSheet desk={desk} age={10} />)
  expect(screen.getByText(text.nothingFed)).toBeTruthy()
})
