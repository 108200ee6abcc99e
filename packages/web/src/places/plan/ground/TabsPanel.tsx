import { groundWords } from '@jovrin/contract'
import {
  datePlusDays,
  groundHeightCm,
  type GroundZone,
  lineOf,
  type RootTab,
  tabCost,
  tabGrid,
  UNKNOWN_TAB,
  withTabs,
  zoneAt,
} from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { localId } from '../../../api/localId.js'
import { PlanField } from '../PlanField.js'
import { NumberField } from '../../../ui/NumberField.js'
import { Grid } from '../../../ui/QuestionGroup.js'
import { useKeptState } from '../../../ui/useKeptState.js'
import { useUnits, money } from '../../../ui/units.js'
import { productsOfLibrary } from '../../library/products/products.queries.js'
import type { Desk } from '../desk.js'
import { locale } from '../../../ui/locale.js'

const USUAL = { ...UNKNOWN_TAB, name: '', pack: 10, price: null, renewDays: 90 } as const
const RENEWALS_TOLD = 3

/** Root tabs by zone: a grid where a carpet or a mixed planting will stand, how many packs, when they are spent, and what that costs. */
export function TabsPanel({ desk, zone }: { desk: Desk; zone: GroundZone | null }) {
  const { plan, figures, change } = desk
  const units = useUnits()
  const products = (useQuery(productsOfLibrary()).data ?? []).filter((one) => one.kind === 'tab')
  const [spacing, setSpacing] = useKeptState<number>('jovrin.tabSpacing', 12, (kept) => (typeof kept === 'number' ? kept : null))
  const product = plan.tabProduct ?? USUAL
  const tabs = plan.tabs.filter(({ kind }) => kind === 'tab')
  const capsules = plan.tabs.length - tabs.length
  const cost = tabCost(tabs.length, product.pack, product.price, product.renewDays)
  const fill = (kind: RootTab['kind']): void => {
    const ring = zone === null ? (figures.ground.zones[0]?.ring ?? []) : lineOf(zone.outline)
    const spots = tabGrid(ring, spacing).filter(
      (spot) =>
        (zoneAt(figures.ground, spot.xCm, spot.yCm).id ?? null) === (zone?.id ?? null) &&
        groundHeightCm(figures.ground, spot.xCm, spot.yCm) > 0,
    )
    change((now) => withTabs(now, kind, spots, localId))
  }
  return (
    <>
      <Grid min={120}>
        <TextField
          select
          label={groundWords.tabProduct}
          value={plan.tabProduct?.name ?? ''}
          onChange={(event) => {
            const chosen = products.find(({ name }) => name === event.target.value)
            change((now) => ({
              ...now,
              tabProduct:
                chosen === undefined
                  ? null
                  : { ...UNKNOWN_TAB, name: chosen.name, pack: chosen.pack, price: chosen.price, renewDays: chosen.renewDays },
            }))
          }}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        >
          <MenuItem value="">{groundWords.noProduct}</MenuItem>
          {plan.tabProduct !== null && !products.some(({ name }) => name === plan.tabProduct?.name) && (
            <MenuItem value={plan.tabProduct.name}>{plan.tabProduct.name}</MenuItem>
          )}
          {products.map(({ name }) => (
            <MenuItem key={name} value={name}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <NumberField
          label={groundWords.tabSpacing}
          why={groundWords.tabSpacingWhy}
          value={spacing}
          range={[3, 40]}
          usual={[6, 15]}
          dimension="length"
          canBeUnknown={false}
          onChange={(cm) => cm !== null && setSpacing(cm)}
        />
        <PlanField
          path="tabProduct/price"
          unit={plan.money.currency}
          value={product.price}
          onChange={(price) => change((now) => ({ ...now, tabProduct: { ...(now.tabProduct ?? USUAL), price } }), false)}
        />
      </Grid>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', my: 0.5 }}>
        <Button onClick={() => fill('tab')}>
          {groundWords.tabFill(zone === null ? groundWords.rest : zone.name || groundWords.unnamed)}
        </Button>
        <Button onClick={() => fill('capsule')}>{groundWords.capsuleFill}</Button>
        <Button disabled={plan.tabs.length === 0} onClick={() => change((now) => ({ ...now, tabs: [] }))}>
          {groundWords.tabsClear}
        </Button>
      </Box>
      <Box className="figures" sx={{ fontSize: 14 }}>
        {groundWords.tabsTold(
          String(tabs.length),
          String(capsules),
          String(cost.packs),
          String(cost.spare),
          cost.costNow === null ? null : money(cost.costNow, plan.money.currency),
          cost.costPerYear === null ? null : money(cost.costPerYear, plan.money.currency),
        )}
        {tabs.length > 0 && (
          <>
            {' '}
            {groundWords.tabsRenew(
              Array.from({ length: RENEWALS_TOLD }, (_, time) =>
                new Date(`${datePlusDays(plan.startedOn, Math.round(product.renewDays * (time + 1)))}T12:00Z`).toLocaleDateString(
                  locale(),
                  { dateStyle: 'medium' },
                ),
              ).join(', '),
            )}
          </>
        )}
        <Box sx={{ color: 'text.secondary' }}>{groundWords.tabsHint(units.show('length', 4))}</Box>
      </Box>
    </>
  )
}
