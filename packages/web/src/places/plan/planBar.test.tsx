import { describeWords, planSheetWords, planWords, type PlanRevision } from '@jovrin/contract'
import { PLAN_SHEETS } from '@jovrin/core'
import { cleanup, configure, screen } from '@testing-library/react'
import { hand } from '../../testing/hand.js'
import { afterEach, describe, expect, test } from 'vitest'
import { barePlan } from '../../testing/builtPlan.js'
import { renderPage } from '../../testing/renderPage.js'
import { Conflict, PlanBar, type SheetTabs } from './PlanBar.js'
import type { KeeperState, PlanKeeper } from '../shared/usePlanKeeper.js'
import { typeDate } from '../../testing/typeDate.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
afterEach(cleanup)
const revision: PlanRevision = { revision: 4, plan: barePlan, canUndo: true, canRedo: false }
const asked: string[] = []
const keeper = (state: KeeperState, part: Partial<PlanRevision> = {}): PlanKeeper => ({
  state,
  revision: { ...revision, ...part },
  keep: () => Promise.resolve(),
  step: (way) => Promise.resolve(void asked.push(way)),
  adopt: () => false,
  settle: (choice) => Promise.resolve(void asked.push(choice)),
})
const SHEETS = PLAN_SHEETS.filter((sheet) => sheet !== 'supply')
const TABS: SheetTabs = {
  title: 'Plan',
  label: planWords.sheetsLabel,
  tabs: SHEETS.map((sheet) => ({ to: `/tanks/tank/plan/${sheet}`, name: planSheetWords[sheet], isEnd: false })),
}
const show = (
  state: KeeperState,
  options: { isValid?: boolean; isPlanned?: boolean; effectiveOn?: string | null; part?: Partial<PlanRevision> } = {},
): (string | null)[] => {
  asked.length = 0
  const days: (string | null)[] = []
  renderPage(
    <PlanBar
      tankId="tank"
      tabs={TABS}
      isValid={options.isValid ?? true}
      isPlanned={options.isPlanned ?? false}
      startedOn="2026-09-01"
      timeZone="Europe/Berlin"
      keeper={keeper(state, options.part)}
      effectiveOn={options.effectiveOn ?? null}
      onEffectiveOn={(day) => days.push(day)}
    />,
    { at: '/tanks/tank/plan/ground' },
  )
  return days
}
const status = (): string => screen.getByRole('status').textContent
const button = (name: string): HTMLButtonElement => screen.getByRole('button', { name })

describe('how a plan is kept', () => {
  test('is always said, in one place', () => {
    const said = (
      [{ kind: 'saved' }, { kind: 'saving' }, { kind: 'merged' }, { kind: 'failed', message: 'The server cannot be reached.' }] as const
    ).map((state) => {
      show(state)
      const told = status()
      cleanup()
      return told
    })
    expect(said).toEqual([describeWords.saved, describeWords.saving, describeWords.conflict, 'The server cannot be reached.'])
  })
  test('what is not accepted is not kept, whatever was kept before', () => {
    show({ kind: 'saved' }, { isValid: false })
    expect(status()).toBe(describeWords.unsaved)
  })
  test('undo and redo only where there is something to take back', async () => {
    show({ kind: 'saved' })
    expect([button(describeWords.undo).disabled, button(describeWords.redo).disabled]).toEqual([false, true])
    await hand.click(button(describeWords.undo))
    expect(asked).toEqual(['undo'])
    cleanup()
    show({ kind: 'saved' }, { part: { canUndo: false, canRedo: true } })
    await hand.click(button(describeWords.redo))
    expect(asked).toEqual(['redo'])
  })
  test('an edit corrects the description, or holds from a day; a day that is none or before the start is not taken', async () => {
    const days = show({ kind: 'saved' }, { effectiveOn: '2026-11-24' })
    for (const day of ['2026-11-20', '', '2026-08-31']) await typeDate(describeWords.dated, day)
    expect(days).toEqual(['2026-11-20'])
    expect(screen.getByText(/^No earlier than/)).toBeTruthy()
  })
  test('a tank that is not set up yet has no past: nothing to choose', () => {
    show({ kind: 'saved' })
    expect(screen.getByLabelText(describeWords.meaning)).toBeTruthy()
    cleanup()
    show({ kind: 'saved' }, { isPlanned: true })
    expect(screen.queryByLabelText(describeWords.meaning)).toBeNull()
  })
  test('every sheet is a link, and the open one is marked', () => {
    show({ kind: 'saved' })
    expect(SHEETS.map((sheet) => screen.getByRole('link', { name: planSheetWords[sheet] }).getAttribute('href'))).toEqual(
      SHEETS.map((sheet) => `/tanks/tank/plan/${sheet}`),
    )
    expect(screen.getByRole('link', { current: 'page' }).textContent).toBe(planSheetWords.ground)
  })
})

describe('two windows changed the same answer', () => {
  test('both choices are offered, and nothing else', async () => {
    asked.length = 0
    renderPage(<Conflict keeper={keeper({ kind: 'conflict', mine: barePlan, theirs: revision })} />)
    for (const choice of [describeWords.mine, describeWords.theirs]) await hand.click(button(choice))
    expect(asked).toEqual(['mine', 'theirs'])
    expect(screen.getAllByRole('button')).toHaveLength(2)
  })
  test('no conflict, no question', () => {
    renderPage(<Conflict keeper={keeper({ kind: 'saved' })} />)
    expect(screen.queryByRole('button')).toBeNull()
  })
})
