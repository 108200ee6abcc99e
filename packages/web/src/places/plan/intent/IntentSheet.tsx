import {
  describeWords,
  intentWords,
  layoutWords,
  paceWords,
  shoppingWords,
  shoppingGroupWords,
  supplyLevelWords,
  supplyLevelWhatWords,
  viewSideWords,
  wishWords,
} from '@jovrin/contract'
import { PlanField } from '../PlanField.js'
import {
  columnTotals,
  LAYOUT_KINDS,
  levelCosts,
  monthlyCost,
  openMonth,
  openUpkeep,
  PACES,
  type Plan,
  proposedLevel,
  runningParts,
  SHOPPING_GROUPS,
  shoppingList,
  upkeepHours,
  USUAL_SPLIT,
  VIEW_SIDES,
  WISHES,
  withSupplyLevel,
} from '@jovrin/core'
import { Box, Button, Checkbox, FormControlLabel } from '@mui/material'
import { useDeferredValue, useMemo } from 'react'
import { Measured } from '../../../drawing/Measured.js'
import { Section } from '../../../drawing/section/Section.js'
import { Choice } from '../../../ui/Choice.js'
import { HeadRow } from '../../../ui/HeadRow.js'
import { Grid, Group } from '../../../ui/QuestionGroup.js'
import { significant, useUnits, money } from '../../../ui/units.js'
import { useFindings, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { sectionLabels } from '../sectionLabels.js'
import { SheetFrame } from '../SheetFrame.js'
import { SumFigure } from '../../shared/SumFigure.js'

const GROWN_IN = 84

/** What is wanted, what suits it, and what of it does not go together. */
export function IntentSheet({ desk }: { desk: Desk }) {
  const { plan, figures } = desk
  const units = useUnits()
  const findings = useFindings(desk)
  return (
    <SheetFrame
      drawing={
        <>
          <Measured usual={760}>
            {(width) => (
              <Section
                width={width}
                plan={plan}
                figures={figures}
                ageDays={GROWN_IN}
                mostHeight={330}
                labels={{
                  ...sectionLabels(plan, figures, units, [
                    [describeWords.figures.net, units.show('volume', figures.waterL)],
                    [describeWords.figures.ppfd, `${significant(figures.ppfd, 2)} µmol`],
                  ]),
                  description: intentWords.description(plan.name),
                }}
              />
            )}
          </Measured>
          <Levels desk={desk} />
          <FindingsList tankId={desk.tankId} muted={desk.plan.muted} change={desk.change} findings={findings} sheet="intent" />
        </>
      }
      margin={
        <>
          <Wants desk={desk} />
          <Spread desk={desk} />
        </>
      }
    />
  )
}

function Wants({ desk }: { desk: Desk }) {
  const { form, change } = desk
  const { intent, money: purse } = form.draft
  const text = intentWords
  const set = (part: Partial<Plan['intent']>, isFinal = true): void =>
    change((plan) => ({ ...plan, intent: { ...plan.intent, ...part } }), isFinal)
  const toggled = <T extends string>(list: readonly T[], one: T): T[] =>
    list.includes(one) ? list.filter((other) => other !== one) : [...list, one]
  return (
    <Group number={1} title={text.what}>
      <Box sx={{ display: 'grid', gap: 1 }}>
        <Choice
          label={text.layout}
          why={text.layoutWhy}
          value={intent.layout}
          options={LAYOUT_KINDS.map((kind) => [kind, layoutWords[kind]] as const)}
          canBeUnknown
          onChange={(layout) => set({ layout })}
        />
        <Choice
          label={text.pace}
          why={text.paceWhy}
          value={intent.pace}
          options={PACES.map((pace) => [pace, paceWords[pace]] as const)}
          canBeUnknown
          onChange={(pace) => set({ pace })}
        />
        <Grid min={140}>
          <PlanField path="intent/hoursPerWeek" />
          <PlanField path="intent/money" unit={purse.currency} />
        </Grid>
        <Ticks
          label={text.views}
          options={VIEW_SIDES.map((side) => [side, viewSideWords[side]] as const)}
          chosen={intent.views}
          onToggle={(side) => set({ views: toggled(intent.views, side) })}
        />
        <Ticks
          label={text.wishes}
          options={WISHES.map((wish) => [wish, wishWords[wish]] as const)}
          chosen={intent.wishes}
          onToggle={(wish) => set({ wishes: toggled(intent.wishes, wish) })}
        />
      </Box>
    </Group>
  )
}

function Ticks<T extends string>({
  label,
  options,
  chosen,
  onToggle,
}: {
  label: string
  options: readonly (readonly [T, string])[]
  chosen: readonly T[]
  onToggle: (one: T) => void
}) {
  return (
    <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
      <Box component="legend" sx={{ fontSize: 12, color: 'text.secondary', p: 0 }}>
        {label}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5 }}>
        {options.map(([value, name]) => (
          <FormControlLabel
            key={value}
            label={name}
            control={
              <Checkbox
                size="small"
                checked={chosen.includes(value)}
                onChange={() => onToggle(value)}
                sx={{ p: '3px', color: 'var(--ink)' }}
              />
            }
            sx={{ mr: 0 }}
          />
        ))}
      </Box>
    </Box>
  )
}

function Levels({ desk }: { desk: Desk }) {
  const units = useUnits()
  const { plan, change } = desk
  const text = intentWords
  const settled = useDeferredValue(plan)
  const costs = useMemo(() => levelCosts(settled), [settled])
  const need = useMemo(() => upkeepHours(settled) * 60, [settled])
  const { level, isLoweredForHours, unmet } = proposedLevel(settled.intent, costs)
  const have = plan.intent.hoursPerWeek
  const minutesShown = units.show('minutes', need)
  return (
    <Box component="section" aria-label={text.levels} sx={{ mt: 1 }}>
      <Box
        component="h2"
        className="lettering"
        sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)', display: 'flex', justifyContent: 'space-between', gap: 2 }}
      >
        {text.levels}
        <Box component="span" sx={{ fontWeight: 400, fontSize: 15, textTransform: 'none' }}>
          {have === null ? text.noYardstick(minutesShown) : text.yardstick(units.show('minutes', have * 60), minutesShown)}
        </Box>
      </Box>
      <Box
        component="table"
        className="figures"
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          fontSize: 14,
          '& th': { fontWeight: 'normal', color: 'text.secondary', textAlign: 'left', fontSize: 12.5 },
          '& td': { py: '3px', pr: 1, verticalAlign: 'baseline' },
        }}
      >
        <thead>
          <tr>
            {text.head.map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
            <td />
          </tr>
        </thead>
        <tbody>
          {costs.map((cost) => (
            <Box
              component="tr"
              key={cost.level}
              sx={{
                background: cost.level === level ? 'var(--mass-fill)' : 'none',
                backgroundBlendMode: 'soft-light',
                '& td:first-of-type': { borderLeft: cost.level === level ? '3px solid var(--mass)' : '3px solid transparent', pl: 1 },
                ...(cost.level === level ? { background: 'color-mix(in srgb, var(--mass-fill) 22%, transparent)' } : {}),
              }}
            >
              <td>
                <b>{supplyLevelWords[cost.level]}</b>
                <Box sx={{ fontSize: 12.5, color: 'text.secondary' }}>
                  {cost.level === level
                    ? `${unmet.length > 0 ? text.proposedForRest : text.proposed}. ${isLoweredForHours ? text.lowered : ''}`
                    : supplyLevelWhatWords[cost.level]}
                </Box>
              </td>
              <td>{significant(cost.figures.ppfd, 2)} µmol</td>
              <td>
                <SumFigure sum={openUpkeep(cost)} />
              </td>
              <td>
                <SumFigure sum={openMonth(cost.runningParts, plan.money.currency)}>
                  {money(cost.costPerMonth, plan.money.currency, 0)}
                </SumFigure>
              </td>
              <td>{text.difficulty[cost.difficulty]}</td>
              <td style={{ textAlign: 'right' }}>
                <Button onClick={() => change((now) => withSupplyLevel(now, cost.level))}>{text.take(supplyLevelWords[cost.level])}</Button>
              </td>
            </Box>
          ))}
        </tbody>
      </Box>
      {level === null && <Box>{text.sayFirst}</Box>}
      {unmet.length > 0 && (
        <Box role="note" sx={{ color: 'var(--algae)', mt: 0.5 }}>
          {unmet.map(({ wish, reason }) => (
            <div key={wish}>{text.unmet[reason](wishWords[wish])}</div>
          ))}
        </Box>
      )}
      <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{text.levelsHint}</Box>
    </Box>
  )
}

function Spread({ desk: { plan, figures } }: { desk: Desk }) {
  const text = intentWords
  const list = useMemo(() => columnTotals(plan, shoppingList(plan, figures))[0], [plan, figures])
  const monthly = useMemo(() => monthlyCost(runningParts(plan, figures)), [plan, figures])
  const { currency } = plan.money
  return (
    <Group number={2} title={text.budget}>
      <Box
        component="table"
        className="figures"
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          fontSize: 14,
          '& th': { fontWeight: 'normal', color: 'text.secondary', fontSize: 12.5 },
          '& td, & th': { textAlign: 'right' },
          '& td:first-of-type, & th:first-of-type': { textAlign: 'left' },
        }}
      >
        <HeadRow heads={text.budgetHead} />
        <tbody>
          {SHOPPING_GROUPS.map((group) => (
            <tr key={group}>
              <td>{shoppingGroupWords[group]}</td>
              <td>{significant(USUAL_SPLIT[group] * 100)} %</td>
              <td>{plan.intent.money === null ? '–' : money(plan.intent.money * USUAL_SPLIT[group], currency, 0)}</td>
              <td>{list === undefined || list.byGroup[group] === 0 ? '–' : money(list.byGroup[group], currency, 0)}</td>
            </tr>
          ))}
          <tr style={{ borderTop: '1px solid var(--ink)' }}>
            <td>{shoppingWords.total}</td>
            <td />
            <td>{plan.intent.money === null ? '–' : money(plan.intent.money, currency, 0)}</td>
            <td>{list === undefined || list.total === 0 ? '–' : money(list.total, currency, 0)}</td>
          </tr>
          <tr>
            <td colSpan={3}>{shoppingWords.running}</td>
            <td>{money(monthly, currency, 0)}</td>
          </tr>
        </tbody>
      </Box>
      <Box sx={{ fontSize: 13, color: 'text.secondary', mt: 0.5 }}>{text.budgetHint}</Box>
    </Group>
  )
}
