import { fieldWords, planWords, shoppingWords, shoppingGroupWords } from '@jovrin/contract'
import { PlanField } from '../PlanField.js'
import {
  columnTotals,
  monthlyCost,
  openMonth,
  openRunningPart,
  type Plan,
  priceOf,
  type Rate,
  runningParts,
  SHOPPING_GROUPS,
  type ShoppingItem,
  shoppingList,
  USUAL_RATE,
} from '@jovrin/core'
import { Box, Button, Checkbox, TextField, ToggleButton } from '@mui/material'
import { RemoveIcon } from '../../../ui/icons/RemoveIcon.js'
import { useMemo, useState } from 'react'
import { localId } from '../../../api/localId.js'
import { Group } from '../../../ui/QuestionGroup.js'
import { significant, useUnits, money } from '../../../ui/units.js'
import { useFindings, type Desk } from '../desk.js'
import { PriceCell, withPrice } from '../PriceCell.js'
import { FindingsList } from '../FindingsList.js'
import { SumFigure } from '../../shared/SumFigure.js'
import { Substitutes } from './Substitutes.js'
import { itemName, plantsOfItem } from './shopping.text.js'
import { saveCsv } from './shoppingCsv.js'

const RATES: readonly Rate[] = ['electricityPerKwh', 'gasPerKg', 'waterPerM3', 'saltsPerKg', 'plantsPerMonth']

/** Everything that the plan asks to be bought, with own prices in columns side by side, and what it costs to run. */
export function ShoppingSheet({ desk }: { desk: Desk }) {
  const { plan, figures } = desk
  const units = useUnits()
  const findings = useFindings(desk)
  const items = useMemo(() => shoppingList(plan, figures), [plan, figures])
  const totals = useMemo(() => columnTotals(plan, items), [plan, items])
  const { currency, columns } = plan.money
  const [isOpenOnly, setOpenOnly] = useState(false)
  const columnName = (index: number): string => {
    const name = columns[index]?.name ?? ''
    return name === '' ? (shoppingWords.columnNames[index] ?? '') : name
  }
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 330px' }, flexGrow: 1 }}>
      <Box sx={{ px: 2, py: 1, minWidth: 0 }}>
        <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, borderBottom: '2px solid var(--ink)', mb: 0.5, pb: 0.5 }}>
          <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 20, flexGrow: 1 }}>
            {shoppingWords.title} · {plan.name}
          </Box>
          <Box className="no-print" sx={{ display: 'flex', gap: 1 }}>
            <ToggleButton value="open" size="small" selected={isOpenOnly} onChange={() => setOpenOnly(!isOpenOnly)}>
              {shoppingWords.openOnly}
            </ToggleButton>
            <Button
              onClick={() =>
                saveCsv(
                  plan,
                  items,
                  columns.map((_, index) => columnName(index)),
                  (item) => (item.plants.length === 0 ? itemName(item, units) : `${itemName(item, units)}: ${plantsOfItem(item)}`),
                )
              }
            >
              {shoppingWords.csv}
            </Button>
            <Button onClick={() => window.print()}>{planWords.print}</Button>
          </Box>
        </Box>
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={shoppingWords.title}>
          <Box
            component="table"
            className="figures"
            sx={{
              borderCollapse: 'collapse',
              width: '100%',
              fontSize: 14,
              '& th': { fontWeight: 'normal', color: 'text.secondary', fontSize: 12.5, textAlign: 'left' },
              '& td': { py: '1px', pr: 1, verticalAlign: 'baseline' },
            }}
          >
            <thead>
              <tr>
                <th scope="col">{shoppingWords.item}</th>
                <th scope="col">{shoppingWords.count}</th>
                <th scope="col">{shoppingWords.have}</th>
                {columns.map(({ id }, index) => (
                  <Box component="th" key={id} scope="col" sx={{ textAlign: 'right !important', minWidth: 110 }}>
                    {shoppingWords.each(columnName(index))}
                  </Box>
                ))}
              </tr>
            </thead>
            {SHOPPING_GROUPS.map((group) => (
              <GroupRows
                key={group}
                desk={desk}
                name={shoppingGroupWords[group]}
                items={items.filter((item) => item.group === group && !(isOpenOnly && item.isOwned))}
                totals={totals.map(({ byGroup }) => byGroup[group])}
                columnName={columnName}
              />
            ))}
            <tfoot>
              <Box component="tr" sx={{ borderTop: '2px solid var(--ink)', fontWeight: 600 }}>
                <td>{shoppingWords.total}</td>
                <td />
                <td />
                {totals.map(({ columnId, total }) => (
                  <Box component="td" key={columnId} sx={{ textAlign: 'right' }} data-testid="column-total">
                    {money(total, currency, 2)}
                  </Box>
                ))}
              </Box>
              <tr>
                <td colSpan={3} />
                {totals.map(({ columnId, total, unpriced }) => (
                  <Box component="td" key={columnId} sx={{ textAlign: 'right', fontSize: 12.5, color: 'text.secondary' }}>
                    {unpriced > 0 && <div>{shoppingWords.unpriced(String(unpriced))}</div>}
                    {plan.intent.money !== null && (
                      <div>
                        {total > plan.intent.money
                          ? shoppingWords.over(money(total - plan.intent.money, currency, 0))
                          : shoppingWords.under(money(plan.intent.money - total, currency, 0))}
                      </div>
                    )}
                  </Box>
                ))}
              </tr>
            </tfoot>
          </Box>
        </Box>
        <FindingsList
          tankId={desk.tankId}
          muted={desk.plan.muted}
          change={desk.change}
          findings={findings.filter(({ code, severity }) => code === 'money-short' || severity === 'stop')}
        />
      </Box>
      <Box
        sx={{
          borderLeft: { md: '2px solid var(--ink)' },
          background: 'var(--sheet)',
          px: 2,
          py: 1.5,
          display: 'grid',
          gap: 2,
          alignContent: 'start',
        }}
      >
        <Running desk={desk} />
        <Columns desk={desk} columnName={columnName} />
        <Extras desk={desk} />
      </Box>
    </Box>
  )
}

interface GroupRowsProps {
  readonly desk: Desk
  readonly name: string
  readonly items: readonly ShoppingItem[]
  readonly totals: readonly number[]
  readonly columnName: (index: number) => string
}

function GroupRows({ desk, name, items, totals, columnName }: GroupRowsProps) {
  const { plan, change } = desk
  const units = useUnits()
  const { currency, columns } = plan.money
  if (items.length === 0) return null
  const own = (key: string): void =>
    change((now) => ({
      ...now,
      money: {
        ...now.money,
        owned: now.money.owned.includes(key) ? now.money.owned.filter((one) => one !== key) : [...now.money.owned, key],
      },
    }))
  return (
    <tbody>
      <Box component="tr" sx={{ borderTop: '1px solid var(--hair)' }}>
        <Box
          component="th"
          scope="rowgroup"
          colSpan={3}
          className="lettering"
          sx={{ fontSize: '15px !important', color: 'var(--ink) !important', fontWeight: '600 !important', pt: '4px' }}
        >
          {name}
        </Box>
        {totals.map((total, index) => (
          <Box component="td" key={index} sx={{ textAlign: 'right', color: 'text.secondary' }}>
            {total === 0 ? '' : money(total, currency, 0)}
          </Box>
        ))}
      </Box>
      {items.map((item) => {
        const told = itemName(item, units)
        return (
          <Box component="tr" key={item.key} sx={{ color: item.isOwned ? 'text.secondary' : 'inherit' }}>
            <td style={{ paddingLeft: 10 }}>
              {told}
              {item.plants.length > 0 && (
                <>
                  <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{plantsOfItem(item)}</Box>
                  <Substitutes desk={desk} plants={item.plants} />
                </>
              )}
            </td>
            <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
              {shoppingWords.counted[item.unit](String(item.count))}
              {item.unit === 'kg' && units.preferences.mass !== 'kg' && ` (${units.show('mass', item.count, 2)})`}
            </Box>
            <td>
              <Checkbox
                size="small"
                checked={item.isOwned}
                onChange={() => own(item.key)}
                sx={{ p: 0, color: 'var(--ink)' }}
                slotProps={{ input: { 'aria-label': `${told}: ${shoppingWords.have}` } }}
              />
            </td>
            {columns.map(({ id }, index) => (
              <Box component="td" key={id} sx={{ textAlign: 'right' }}>
                <PriceCell
                  key={`${item.key} ${id} ${priceOf(plan, item, id) ?? ''}`}
                  value={priceOf(plan, item, id)}
                  label={`${told}, ${shoppingWords.price(columnName(index))}`}
                  column={id}
                  onPrice={(price) => change((now) => withPrice(now, item.key, id, price))}
                />
              </Box>
            ))}
          </Box>
        )
      })}
    </tbody>
  )
}

function Running({ desk }: { desk: Desk }) {
  const { plan, figures } = desk
  const text = shoppingWords
  const units = useUnits()
  const parts = useMemo(() => runningParts(plan, figures), [plan, figures])
  const month = monthlyCost(parts)
  const { currency } = plan.money
  const amount = (part: (typeof parts)[number]): string =>
    part.kind === 'water'
      ? units.show('volume', part.amount, 2)
      : part.kind === 'gas' || part.kind === 'salts'
        ? units.show('mass', part.amount, 2)
        : part.kind === 'plants' || part.kind === 'fertiliser'
          ? ''
          : `${significant(part.amount, 2)} kWh`
  return (
    <Group number={1} title={text.running}>
      <Box
        component="table"
        className="figures"
        sx={{ borderCollapse: 'collapse', width: '100%', fontSize: 14, '& td:nth-of-type(n+2)': { textAlign: 'right', pl: 1 } }}
      >
        <tbody>
          {parts.map((part) => (
            <tr key={part.kind}>
              <td>{text.runningPart[part.kind]}</td>
              <td>{amount(part)}</td>
              <td>
                <SumFigure sum={openRunningPart(part, currency)} />
              </td>
            </tr>
          ))}
          <Box component="tr" sx={{ borderTop: '1px solid var(--ink)', fontWeight: 600 }}>
            <td>{text.total}</td>
            <td>{text.year(money(month * 12, currency, 0))}</td>
            <td>
              <SumFigure sum={openMonth(parts, currency)} />
            </td>
          </Box>
        </tbody>
      </Box>
      <Box className="no-print" sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 1.5, mt: 1 }}>
        {RATES.map((name) => (
          <PlanField key={name} path={`money/${name}`} unit={plan.money.currency} />
        ))}
      </Box>
      <Box sx={{ fontSize: 12.5, color: 'text.secondary' }}>
        {RATES.filter((name) => plan.money[name] === null && USUAL_RATE[name] > 0)
          .map((name) => `${fieldWords[`money/${name}`][0]}: ${text.assumed} ${money(USUAL_RATE[name], currency)}`)
          .join('; ')}
      </Box>
    </Group>
  )
}

function Columns({ desk, columnName }: { desk: Desk; columnName: (index: number) => string }) {
  const { plan, form, change, commit } = desk
  const text = shoppingWords
  const { columns } = form.draft.money
  const set = (part: Partial<Plan['money']>, isFinal = true): void =>
    change((now) => ({ ...now, money: { ...now.money, ...part } }), isFinal)
  return (
    <Box className="no-print" sx={{ display: 'grid', gap: 0.5 }}>
      <TextField
        label={text.currency}
        title={text.currencyWhy}
        value={form.draft.money.currency}
        error={!/^[A-Z]{3}$/.test(form.draft.money.currency)}
        helperText={/^[A-Z]{3}$/.test(form.draft.money.currency) ? '' : text.currencyWhy}
        onChange={(event) => set({ currency: event.target.value.toUpperCase().slice(0, 3) }, false)}
        onBlur={() => commit()}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ width: 120 }}
      />
      {columns.map((column, index) => (
        <Box key={column.id} sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
          <TextField
            label={text.column}
            value={column.name}
            placeholder={text.columnNames[index]}
            onChange={(event) =>
              set({ columns: columns.map((one) => (one.id === column.id ? { ...one, name: event.target.value } : one)) }, false)
            }
            onBlur={() => commit()}
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 40 } }}
          />
          {columns.length > 1 && (
            <Button
              variant="text"
              aria-label={text.removeColumn(columnName(index))}
              onClick={() =>
                set({
                  columns: columns.filter(({ id }) => id !== column.id),
                  prices: plan.money.prices.filter((price) => price.column !== column.id),
                })
              }
            >
              <RemoveIcon />
            </Button>
          )}
        </Box>
      ))}
      {columns.length < 6 && (
        <Button
          variant="text"
          sx={{ px: 0, justifySelf: 'start' }}
          onClick={() => set({ columns: [...columns, { id: localId('k'), name: '' }] })}
        >
          {text.addColumn}
        </Button>
      )}
    </Box>
  )
}

function Extras({ desk }: { desk: Desk }) {
  const { form, change, commit } = desk
  const text = shoppingWords
  const { extras } = form.draft.money
  const set = (next: Plan['money']['extras'], isFinal = true): void =>
    change((now) => ({ ...now, money: { ...now.money, extras: next } }), isFinal)
  return (
    <Box className="no-print" sx={{ display: 'grid', gap: 0.5 }}>
      {extras.map((extra) => (
        <Box key={extra.id} sx={{ display: 'grid', gridTemplateColumns: '1fr 84px auto', gap: 1, alignItems: 'start' }}>
          <TextField
            label={text.extraName}
            value={extra.name}
            onChange={(event) =>
              set(
                extras.map((one) => (one.id === extra.id ? { ...one, name: event.target.value } : one)),
                false,
              )
            }
            onBlur={() => commit()}
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 80 } }}
          />
          <PlanField path="money/extras/*/count" of={[extra.id]} />
          <Button
            variant="text"
            sx={{ mt: 1.5 }}
            aria-label={text.removeExtra(extra.name)}
            onClick={() => set(extras.filter(({ id }) => id !== extra.id))}
          >
            <RemoveIcon />
          </Button>
        </Box>
      ))}
      <Button
        variant="text"
        sx={{ px: 0, justifySelf: 'start' }}
        onClick={() =>
          change((now) => ({
            ...now,
            money: { ...now.money, extras: [...now.money.extras, { id: localId('e'), name: text.own, count: 1 }] },
          }))
        }
      >
        {text.addExtra}
      </Button>
    </Box>
  )
}
