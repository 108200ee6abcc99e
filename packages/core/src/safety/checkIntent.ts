import { monthlyCost, runningParts } from '../budget/running.js'
import { columnTotals, shoppingList } from '../budget/shopping.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import { upkeepHours, withSupplyLevel } from '../intent/supplyLevel.js'
import { diff } from '../plan/edit.js'
import type { Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'

const RED_PPFD = 60
const SHALLOW_CM = 32
const WARM_FISH_C = 26.5
const ROWS_OF_STEMS = 0.4
/** Minutes are rules of thumb: a few more are no conflict. */
const SLACK = 1.05

/** What the grower said they want, held against what the plan asks for. */
export function checkIntent(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const { intent } = plan
  const add = (code: Finding['code'], severity: Finding['severity'], values: Finding['values'] = {}, mend?: Finding['mend']): void =>
    void found.push({ code, severity, sheet: 'intent', values, ...(mend ? { mend } : {}) })
  const wishes = (wish: Plan['intent']['wishes'][number]): boolean => intent.wishes.includes(wish)
  const share = (kind: Plan['patches'][number]['kind']): number =>
    plan.patches.filter((patch) => patch.kind === kind).reduce((sum, patch) => sum + (patch.footFraction ?? 0), 0)
  const hasGas = plan.gasLines.some(({ control }) => control !== 'none')
  if (intent.hoursPerWeek !== null) {
    const hours = upkeepHours(plan)
    if (hours > intent.hoursPerWeek * SLACK) {
      const gentler = withSupplyLevel(plan, 'gentle')
      const withLess = upkeepHours(gentler)
      add(
        'hours-short',
        'warn',
        { haveMin: intent.hoursPerWeek * 60, needMin: hours * 60 },
        withLess <= intent.hoursPerWeek * SLACK
          ? { code: 'light', values: { minutes: withLess * 60 }, edits: diff(plan, gentler) }
          : undefined,
      )
    }
  }
  if (intent.money !== null) {
    const dearest = columnTotals(plan, shoppingList(plan, figures)).reduce((least, total) => Math.min(least, total.total), Infinity)
    if (Number.isFinite(dearest) && dearest > intent.money)
      add('money-short', 'warn', { have: intent.money, need: dearest, perMonth: monthlyCost(runningParts(plan, figures)) })
  }
  if (wishes('red-stems') && figures.ppfd < RED_PPFD) add('wish-red-weak-light', 'warn', { ppfd: figures.ppfd, needPpfd: RED_PPFD })
  if (wishes('fine-carpet') && !hasGas)
    add(
      'wish-carpet-no-gas',
      'warn',
      {},
      {
        code: 'gas',
        values: {},
        edits: [
          {
            path: '/gasLines',
            from: plan.gasLines,
            to: [
              {
                id: 'c1',
                control: 'timer',
                bubblesPerS: null,
                bubbleMl: null,
                linePressureBar: null,
                beforeLightMin: 90,
                beforeDarkMin: 60,
                limitMgPerL: null,
              },
            ],
          },
        ],
      },
    )
  if (wishes('diggers') && (wishes('fine-carpet') || share('carpet') > 0.1)) add('wish-diggers-carpet', 'warn')
  if (
    wishes('shrimps') &&
    figures.layers.some(({ ground, volumeL }) => volumeL > 0 && ground === 'rich-soil') &&
    plan.animals.grazersFromDay < 28
  )
    add('wish-shrimps-rich-start', 'warn', { day: plan.animals.grazersFromDay, needDay: 35 })
  if (wishes('warm-water-fish') && (wishes('cool-water-plants') || figures.temperatureC < WARM_FISH_C))
    add('wish-warm-cool', 'note', { temperatureC: figures.temperatureC })
  if (intent.pace === 'quiet' && share('stems') > 0.25) add('pace-many-stems', 'note', { percent: share('stems') * 100 })
  if (intent.layout === 'formal-rows' && share('stems') < ROWS_OF_STEMS)
    add('layout-no-stems', 'note', { percent: share('stems') * 100, wantPercent: ROWS_OF_STEMS * 100 })
  if (intent.layout === 'stones' && !plan.hardscape.some(({ material }) => material !== 'wood' && material !== 'staining-wood'))
    add('layout-no-stones', 'note')
  if (intent.layout === 'shallow' && figures.vessel.heightCm > SHALLOW_CM)
    add('layout-too-tall', 'note', { heightCm: figures.vessel.heightCm, mostCm: SHALLOW_CM })
  if (intent.views.includes('back') && plan.outlets.some(({ yCm }) => yCm > figures.inner.widthCm * 0.85)) add('view-back-kit', 'note')
  return found
}
