import { balanceWords, datesWords, plantKindWords } from '@jovrin/contract'
import { bandOf, forecastMember, leadOf, limitsByKind, tankFigures, type Flag, type Levers } from '@jovrin/core'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, describe, expect, test } from 'vitest'
import { builtPlan } from '../../testing/builtPlan.js'
import { hand, typeOver } from '../../testing/hand.js'
import { renderPage } from '../../testing/renderPage.js'
import { EffectTable } from './EffectTable.js'
import { KeepDialog } from './KeepDialog.js'
import { LeadNote } from './LeadNote.js'
import { LeverBoard } from './LeverBoard.js'
import { LimitTable } from './LimitTable.js'
import { WeekTable } from './WeekTable.js'
import { typeDate } from '../../testing/typeDate.js'

afterEach(cleanup)
const results = [1, 2, 3, 4, 5, 6].map((member) =>
  forecastMember(
    { timeline: [{ fromDay: 0, plan: builtPlan }], today: 14, weeks: 3, seed: 1, levers: { dimFraction: 0.3 } },
    member,
    new Map(),
  ),
)
const row = (name: string): HTMLElement => screen.getByText(name).closest('tr')!

describe('levers', () => {
  const figures = tankFigures(builtPlan)
  const show = (levers: Levers = {}, plan = builtPlan): { readonly moves: (readonly [Levers, boolean])[]; readonly kept: () => number } => {
    const moves: (readonly [Levers, boolean])[] = []
    let kept = 0
    renderPage(
      <LeverBoard
        phase="planted"
        plan={plan}
        figures={figures}
        levers={levers}
        isMoved={Object.keys(levers).length > 0}
        onMove={(next, isFinal) => moves.push([next, isFinal])}
        onKeep={() => kept++}
      />,
    )
    return { moves, kept: () => kept }
  }
  const slide = (name: string, value: number): void =>
    void fireEvent.change(screen.getByRole('slider', { name }), { target: { value: String(value) } })
  test('each stands at its planned value until it is moved', () => {
    show()
    const hours = screen.getByRole('slider', { name: balanceWords.lever.hours })
    expect(Number(hours.getAttribute('value') ?? (hours as HTMLInputElement).value)).toBe(builtPlan.lightWindows[0]?.hours)
    expect(screen.getByRole<HTMLButtonElement>('button', { name: balanceWords.keep }).disabled).toBe(true)
  })
  test('a move names only the lever that moved; back at the plan it is none', () => {
    const { moves } = show({ changeFraction: 0.3 })
    slide(balanceWords.lever.hours, 5)
    expect(moves.at(-1)?.[0]).toEqual({ changeFraction: 0.3, hours: 5 })
    slide(balanceWords.lever.changeFraction, builtPlan.changes.fraction)
    expect(moves.at(-1)?.[0]).toEqual({})
  })
  test('gas off says so in a word', () => {
    show({ gasFactor: 0 })
    expect(screen.getByRole('slider', { name: balanceWords.lever.gasFactor }).getAttribute('aria-valuetext')).toBe(balanceWords.off)
  })
  test('what a tank has not is no lever', () => {
    show({}, { ...builtPlan, gasLines: [], lamps: [] })
    expect(screen.queryByRole('slider', { name: balanceWords.lever.gasFactor })).toBeNull()
    expect(screen.queryByRole('slider', { name: balanceWords.lever.dimFraction })).toBeNull()
  })
  test('one click puts all back, another keeps', () => {
    const { moves, kept } = show({ hours: 5 })
    fireEvent.click(screen.getByRole('button', { name: balanceWords.back }))
    expect(moves).toEqual([[{}, true]])
    fireEvent.click(screen.getByRole('button', { name: balanceWords.keep }))
    expect(kept()).toBe(1)
  })
})

describe('keeping the moved levers', () => {
  const show = (): { readonly kept: unknown[][] } => {
    const kept: unknown[][] = []
    renderPage(
      <KeepDialog isOpen today="2026-11-24" startedOn="2026-09-01" onClose={() => undefined} onKeep={(...told) => kept.push(told)} />,
    )
    return { kept }
  }
  const day = (value: string): Promise<void> => typeDate(balanceWords.keepFrom, value)
  const yes = (): HTMLButtonElement => screen.getByRole('button', { name: balanceWords.keepYes })
  test('from today without a reason, or from another day with one', async () => {
    const { kept } = show()
    await hand.click(yes())
    await day('2026-11-20')
    await typeOver(screen.getByLabelText(balanceWords.keepWhy), ' brown film ')
    await hand.click(yes())
    expect(kept).toEqual([
      ['2026-11-24', null],
      ['2026-11-20', 'brown film'],
    ])
  })
  test('not from before the tank began, nor from no day', async () => {
    const { kept } = show()
    for (const wrong of ['2026-08-31', '']) {
      await day(wrong)
      await hand.click(yes())
    }
    expect(kept).toEqual([])
    expect(screen.getByText(datesWords.noDay)).toBeTruthy()
  })
})

describe('tables beside the braid', () => {
  test('water of the week: median and band of the ensemble, each with its working', () => {
    renderPage(<WeekTable results={results} arm="planned" week={1} />)
    const band = bandOf(results, 'planned', 'co2Max', 1)
    const cell = within(row(balanceWords.waterRow['co2Max'] ?? '')).getByRole('button')
    expect(Number.parseFloat(cell.textContent)).toBeCloseTo(band.median, band.median > 10 ? -0.5 : 0)
    fireEvent.click(cell)
    const working = screen.getByRole('dialog')
    expect(within(working).getByText(balanceWords.ensembleFormula)).toBeTruthy()
    expect(within(working).getByText(String(results.length))).toBeTruthy()
  })
  test('what levers do: less light, less growth; the same numbers as ratios of paired tanks', () => {
    renderPage(<EffectTable results={results} week={2} />)
    const [, middle] = row(balanceWords.effect.totalG ?? '').querySelectorAll('th, td')
    expect(middle?.textContent).toMatch(/^× 0\.\d+/)
    expect(row(balanceWords.effect.co2Max ?? '').textContent).toMatch(/mg\/L/)
  })
  test('the scarcest supply of each kind', () => {
    const limits = limitsByKind(results, 'planned', 1)
    renderPage(<LimitTable limits={[...limits, { kind: 'moss', supplies: [], fraction: 1 }]} />)
    expect(screen.getAllByRole('row').length).toBe(limits.length + 1)
    expect(row(plantKindWords['moss'] ?? '').textContent).toContain(balanceWords.nothingShort)
  })
  test('the lead, the share of tanks that agree, and at most two of what presses', () => {
    const flags: readonly Flag[] = [
      { code: 'co2-too-much', severity: 'alarm', value: 42 },
      { code: 'ammonia', severity: 'warn', value: 0.3 },
      { code: 'nitrite', severity: 'warn', value: 0.4 },
    ]
    renderPage(<LeadNote lead={leadOf(results, 'changed', 1, 14)} flags={flags} results={results} week={1} gas={null} />)
    const note = screen.getByRole('status')
    expect(note.textContent).toMatch(/wipe the glass/)
    expect(within(note).getByRole('button').textContent).toMatch(/\/d$/)
    expect(note.textContent.match(/[▲△]/g)).toEqual(['▲', '△'])
  })
})
