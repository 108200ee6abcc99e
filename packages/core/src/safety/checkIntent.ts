import { plannedShare } from '../planting/standOf.js'
import { monthlyCost, runningParts } from '../budget/running.js'
import { columnTotals, shoppingList } from '../budget/shopping.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import { addedGasLine, hasGas } from '../gas/linesOf.js'
import { GROUND } from '../ground/kinds.js'
import { MATERIAL } from '../hardscape/materials.js'
import { RED_PPFD, upkeepHours, withSupplyLevel } from '../intent/supplyLevel.js'
import { diff } from '../plan/edit.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import { plantedAge, startEndDay } from '../plan/startPhase.js'
import { animalGroups } from '../plan/planAnimals.js'
import type { AnimalKind } from '../species/animals/index.js'
import type { Plan } from '../plan/plan.js'
import { MENDS } from './mends.js'
const SHALLOW_CM = 32
const WARM_FISH_C = 26.5
const ROWS_OF_STEMS = 0.4
/** Two quiet tests come first; rule of thumb 28–42. */
const SHRIMP_DAY = 35
/** Minutes are rules of thumb: a few more are no conflict. */
const SLACK = 1.05

const SHRIMPS: readonly AnimalKind[] = ['algae-shrimp', 'dwarf-shrimp', 'fan-shrimp']

export const INTENT_FINDINGS = findingsOf('intent', {
  'hours-short': { severity: 'warn', values: { have: 'minutes', needed: 'minutes' } },
  'money-short': { severity: 'warn', values: { have: 'money', needed: 'money', monthly: 'money' }, restsOncePlanted: true },
  'wish-red-weak-light': { severity: 'warn', values: { light: 'ppfd', needed: 'ppfd' } },
  'wish-carpet-no-gas': { severity: 'warn', values: {} },
  'wish-diggers-carpet': { severity: 'warn', values: {} },
  'wish-shrimps-rich-start': { severity: 'warn', values: { planned: 'day', usual: 'day' } },
  'wish-warm-cool': { severity: 'note', values: { water: 'temperature' } },
  'pace-many-stems': { severity: 'note', values: { stems: 'fraction' }, restsOncePlanted: true },
  'layout-no-stems': { severity: 'note', values: { stems: 'fraction', wanted: 'fraction' }, restsOncePlanted: true },
  'layout-no-stones': { severity: 'note', values: {}, restsOncePlanted: true },
  'layout-too-tall': { severity: 'note', values: { height: 'length', most: 'length' }, restsOncePlanted: true },
  'view-back-kit': { severity: 'note', values: {} },
})

/** What the grower said they want, held against what the plan asks for. */
export function checkIntent(plan: Plan, figures: TankFigures): Finding[] {
  const { intent } = plan
  const found: Finding[] = [...checkHours(plan), ...checkMoney(plan, figures)]
  const wishes = (wish: Plan['intent']['wishes'][number]): boolean => intent.wishes.includes(wish)
  const share = (kind: Plan['patches'][number]['kind']): number => plannedShare(plan, figures.stand, kind)
  const { ppfd: light, temperatureC: water } = figures
  if (wishes('red-stems') && light < RED_PPFD) found.push(raise(INTENT_FINDINGS['wish-red-weak-light'], { light, needed: RED_PPFD }))
  if (wishes('fine-carpet') && !hasGas(plan)) {
    const mend = mendWith(MENDS.gas, {}, [{ path: '/gasLines', from: plan.gasLines, to: [addedGasLine('c1')] }])
    found.push(raise(INTENT_FINDINGS['wish-carpet-no-gas'], {}, { mend }))
  }
  if (wishes('diggers') && (wishes('fine-carpet') || share('carpet') > 0.1)) found.push(raise(INTENT_FINDINGS['wish-diggers-carpet'], {}))
  const leaches = figures.layers.some(({ ground, volumeL }) => volumeL > 0 && GROUND[ground].leaches)
  const shrimpDays = animalGroups(plan).flatMap(({ group, species }) => (SHRIMPS.includes(species.kind) ? [group.fromDay] : []))
  const planned = shrimpDays.length === 0 ? null : Math.min(...shrimpDays)
  if (wishes('shrimps') && leaches && planned !== null && plantedAge(plan, planned) < SHRIMP_DAY - 7)
    found.push(raise(INTENT_FINDINGS['wish-shrimps-rich-start'], { planned, usual: SHRIMP_DAY + startEndDay(plan) }))
  if (wishes('warm-water-fish') && (wishes('cool-water-plants') || water < WARM_FISH_C))
    found.push(raise(INTENT_FINDINGS['wish-warm-cool'], { water }))
  const stems = share('stems')
  if (intent.pace === 'quiet' && stems > 0.25) found.push(raise(INTENT_FINDINGS['pace-many-stems'], { stems }))
  if (intent.layout === 'formal-rows' && stems < ROWS_OF_STEMS)
    found.push(raise(INTENT_FINDINGS['layout-no-stems'], { stems, wanted: ROWS_OF_STEMS }))
  if (intent.layout === 'stones' && plan.hardscape.every(({ material }) => MATERIAL[material].isWood))
    found.push(raise(INTENT_FINDINGS['layout-no-stones'], {}))
  const height = figures.vessel.heightCm
  if (intent.layout === 'shallow' && height > SHALLOW_CM)
    found.push(raise(INTENT_FINDINGS['layout-too-tall'], { height, most: SHALLOW_CM }))
  if (intent.views.includes('back') && plan.outlets.some(({ yCm }) => yCm > figures.inner.widthCm * 0.85))
    found.push(raise(INTENT_FINDINGS['view-back-kit'], {}))
  return found
}

function checkHours(plan: Plan): Finding[] {
  const has = plan.intent.hoursPerWeek
  const needed = upkeepHours(plan)
  if (has === null || needed <= has * SLACK) return []
  const gentler = withSupplyLevel(plan, 'gentle')
  const withLess = upkeepHours(gentler)
  const mend = withLess <= has * SLACK ? mendWith(MENDS.light, { upkeep: withLess * 60 }, diff(plan, gentler)) : null
  return [raise(INTENT_FINDINGS['hours-short'], { have: has * 60, needed: needed * 60 }, { mend })]
}

function checkMoney(plan: Plan, figures: TankFigures): Finding[] {
  const have = plan.intent.money
  if (have === null) return []
  const needed = columnTotals(plan, shoppingList(plan, figures)).reduce((least, { total }) => Math.min(least, total), Infinity)
  if (!Number.isFinite(needed) || needed <= have) return []
  const monthly = monthlyCost(runningParts(plan, figures))
  return [raise(INTENT_FINDINGS['money-short'], { have, needed, monthly }, { currency: plan.money.currency })]
}
