import { feedSheetWords, labelWords } from '@jovrin/contract'
import {
  contentOf,
  feedNeeds,
  SALT_IDS,
  tabContentMg,
  UNKNOWN_PRODUCT,
  usualCupboard,
  type FeedForm,
  type FeedNeed,
  type FeedProduct,
} from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { localId } from '../../../../api/localId.js'
import { RemoveIcon } from '../../../../ui/icons/RemoveIcon.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { significant, useUnits } from '../../../../ui/units.js'
import { addressOfSheet } from '../../../shared/sheetPlace.js'
import type { Desk } from '../../desk.js'
import { PlanChoice, PlanField } from '../../PlanField.js'
import { Heading } from '../light/LampsPanel.js'
import { contentText } from './nutrientText.js'
import { changeFeed } from './changeFeed.js'
import { productName } from '../../../shared/productName.js'
import { saltOptions } from './saltOptions.js'

/** What there is to dose with: dry salts, bottles mixed here, bottles with a label; and what lies in the ground. */
export function CupboardPart({ desk }: { readonly desk: Desk }) {
  const text = feedSheetWords
  const { plan, figures, change } = desk
  const own = desk.form.draft.feed.cupboard
  const needs = useMemo(() => feedNeeds(plan, figures.waterL), [plan, figures.waterL])
  const add = (form: FeedForm): void =>
    changeFeed(change, (feed) => ({
      cupboard: [
        ...feed.cupboard,
        {
          ...UNKNOWN_PRODUCT,
          id: localId('c'),
          name: '',
          form,
          ...(form === 'salt' ? { salt: SALT_IDS.find((salt) => !feed.cupboard.some((one) => one.salt === salt)) ?? null } : {}),
          ...(form === 'stock' ? { mix: [{ id: 'm1', salt: 'potassium-nitrate' as const, grams: 25 }] } : {}),
          ...(form === 'bottle' ? { labelUnit: 'mg-per-ml' as const, label: [{ id: 'l1', species: 'NO3' as const, value: 0 }] } : {}),
        },
      ],
    }))
  return (
    <>
      <section aria-labelledby="feed-cupboard">
        <Heading id="feed-cupboard">{text.cupboard}</Heading>
        <Box sx={{ display: 'grid', gap: 1, fontSize: 14 }}>
          {own.length === 0 && <div>{text.cupboardEmpty[plan.feeding === 'all-in-one' ? 'bottle' : 'salts']}</div>}
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button onClick={() => add('salt')}>{text.addSalt}</Button>
            <Button onClick={() => add('stock')}>{text.addStock}</Button>
            <Button onClick={() => add('bottle')}>{text.addBottle}</Button>
            {own.length === 0 && plan.feeding !== 'none' && (
              <Button
                onClick={() =>
                  changeFeed(change, (_, now) => ({
                    cupboard: usualCupboard(now.feeding).map((product) => ({ ...product, id: localId('c') })),
                  }))
                }
              >
                {text.takeUsual}
              </Button>
            )}
          </Box>
        </Box>
      </section>
      {own.map((product) => (
        <OneProduct key={product.id} desk={desk} product={product} need={needs.find((one) => one.product.id === product.id)} />
      ))}
      <Tabs desk={desk} />
    </>
  )
}

interface OneProductProps {
  readonly desk: Desk
  readonly product: FeedProduct
  /** What a settled tank takes of it; none where it is not dosed. */
  readonly need: FeedNeed | undefined
}
function OneProduct({ desk, product, need }: OneProductProps) {
  const text = feedSheetWords
  const { plan, change } = desk
  const units = useUnits()
  const heading = `feed-${product.id}`
  const set = (part: Partial<FeedProduct>): void =>
    changeFeed(change, (feed) => ({ cupboard: feed.cupboard.map((one) => (one.id === product.id ? { ...one, ...part } : one)) }))
  const content = contentOf(product)
  const isBottle = product.form !== 'salt'
  const lasts = need !== undefined && isBottle && product.bottleMl !== null ? product.bottleMl / need.perDay : null
  return (
    <section aria-labelledby={heading}>
      <Heading id={heading}>
        {productName(product)}
        <Button
          variant="text"
          sx={{ minWidth: 26, p: 0, ml: 'auto' }}
          aria-label={text.remove(productName(product))}
          onClick={() => changeFeed(change, (feed) => ({ cupboard: feed.cupboard.filter(({ id }) => id !== product.id) }))}
        >
          <RemoveIcon />
        </Button>
      </Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <Name value={product.name} onCommit={(name) => set({ name })} />
        {product.form === 'salt' && <SaltChoice label={text.salt} value={product.salt} onChange={(salt) => set({ salt })} />}
        {product.form === 'stock' && (
          <>
            {product.mix.map((mixed) => (
              <Box key={mixed.id} sx={{ display: 'grid', gridTemplateColumns: '1fr 110px 30px', gap: 1, alignItems: 'end' }}>
                <SaltChoice
                  label={text.salt}
                  value={mixed.salt}
                  onChange={(salt) => set({ mix: product.mix.map((one) => (one.id === mixed.id ? { ...one, salt } : one)) })}
                />
                <PlanField path="feed/cupboard/*/mix/*/grams" item={product} of={[mixed.id]} />
                <Button
                  variant="text"
                  sx={{ minWidth: 26, p: 0 }}
                  aria-label={text.mixRemove}
                  onClick={() => set({ mix: product.mix.filter(({ id }) => id !== mixed.id) })}
                >
                  <RemoveIcon />
                </Button>
              </Box>
            ))}
            <Box>
              <Button onClick={() => set({ mix: [...product.mix, { id: localId('m'), salt: 'potassium-sulfate', grams: 10 }] })}>
                {text.mixAdd}
              </Button>
            </Box>
          </>
        )}
        {product.form === 'bottle' && <Label product={product} set={set} />}
        <Grid min={110}>
          {isBottle && <PlanField path="feed/cupboard/*/bottleMl" item={product} />}
          {!isBottle && <PlanField path="feed/cupboard/*/packG" item={product} />}
          <PlanField path="feed/cupboard/*/price" item={product} unit={plan.money.currency} />
        </Grid>
        <div role="status" className="figures">
          {content === null ? text.holdsNothing : text.holds(content.unit, contentText(content))}{' '}
          {lasts !== null && product.pumpMlPerMin === null && text.lasts(units.show('days', Math.round(lasts), 2))}
        </div>
        {isBottle && <Pump product={product} perDayMl={need?.perDay ?? 0} />}
      </Box>
    </section>
  )
}

function SaltChoice({
  label,
  value,
  onChange,
}: {
  readonly label: string
  readonly value: FeedProduct['salt']
  readonly onChange: (salt: (typeof SALT_IDS)[number]) => void
}) {
  return (
    <TextField
      select
      label={label}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value as (typeof SALT_IDS)[number])} // one of the options
      slotProps={{ inputLabel: { shrink: true } }}
    >
      {saltOptions().map(([salt, name]) => (
        <MenuItem key={salt} value={salt}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  )
}

const NAME_MOST = 60
/** Kept when it is left, so that each letter is no revision. */
function Name({ value, onCommit }: { readonly value: string; readonly onCommit: (name: string) => void }) {
  const text = feedSheetWords
  return (
    <TextField
      key={value}
      label={text.name}
      defaultValue={value}
      onBlur={(event) => event.target.value.trim() !== value && onCommit(event.target.value.trim())}
      onKeyDown={(event) => event.key === 'Enter' && (event.target as HTMLInputElement).blur()} // the field's own input
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: NAME_MOST } }}
    />
  )
}

/** A label as it is printed: its unit, and a line for each thing that it counts. */
function Label({ product, set }: { readonly product: FeedProduct; readonly set: (part: Partial<FeedProduct>) => void }) {
  const text = feedSheetWords
  return (
    <>
      <PlanChoice path="feed/cupboard/*/labelUnit" item={product} />
      {product.labelUnit === 'percent' && (
        <Grid min={150}>
          <PlanField path="feed/cupboard/*/densityGPerMl" item={product} />
        </Grid>
      )}
      {product.labelUnit === 'raises' && (
        <Grid min={120}>
          <PlanField path="feed/cupboard/*/raiseMl" item={product} />
          <PlanField path="feed/cupboard/*/raiseL" item={product} />
        </Grid>
      )}
      {product.label.map((line) => (
        <Box key={line.id} sx={{ display: 'grid', gridTemplateColumns: '1fr 110px 30px', gap: 1, alignItems: 'end' }}>
          <TextField
            select
            label={text.labelCounts}
            value={line.species}
            onChange={(event) =>
              set({
                label: product.label.map((one) =>
                  one.id === line.id ? { ...one, species: event.target.value as typeof line.species } : one,
                ), // one of the options
              })
            }
            slotProps={{ inputLabel: { shrink: true } }}
          >
            {labelWords.map(([species, name]) => (
              <MenuItem key={species} value={species}>
                {name}
              </MenuItem>
            ))}
          </TextField>
          <PlanField
            path="feed/cupboard/*/label/*/value"
            item={product}
            of={[line.id]}
            unit={product.labelUnit === null ? '' : text.labelUnits[product.labelUnit]}
          />
          <Button
            variant="text"
            sx={{ minWidth: 26, p: 0 }}
            aria-label={text.labelRemove}
            onClick={() => set({ label: product.label.filter(({ id }) => id !== line.id) })}
          >
            <RemoveIcon />
          </Button>
        </Box>
      ))}
      <Box>
        <Button onClick={() => set({ label: [...product.label, { id: localId('l'), species: 'K', value: 0 }] })}>{text.labelAdd}</Button>
      </Box>
      <PlanChoice path="feed/cupboard/*/chelate" item={product} />
    </>
  )
}

/** A pump's head for a bottle: seconds of running from what a minute was measured to give. */
function Pump({ product, perDayMl }: { readonly product: FeedProduct; readonly perDayMl: number }) {
  const text = feedSheetWords
  const units = useUnits()
  const { pumpMlPerMin, pumpTimesPerDay, bottleMl } = product
  const each = perDayMl / (pumpTimesPerDay ?? 1)
  return (
    <>
      <Grid min={110}>
        <PlanField path="feed/cupboard/*/pumpMlPerMin" item={product} />
        <PlanField path="feed/cupboard/*/pumpTimesPerDay" item={product} />
      </Grid>
      {pumpMlPerMin !== null && perDayMl > 0 && (
        <div className="figures">
          {text.pumpTold(
            `${significant((each / pumpMlPerMin) * 60, 2)} s`,
            units.show('dosing', each),
            bottleMl === null ? '?' : units.show('days', Math.floor(bottleMl / perDayMl), 2),
          )}
        </div>
      )}
    </>
  )
}

/** Tabs and capsules feed too: what they bring, and where they are set. */
function Tabs({ desk: { plan, tankId } }: { readonly desk: Desk }) {
  const text = feedSheetWords
  const tabs = plan.tabs.filter(({ kind }) => kind === 'tab').length
  const sum = (nutrient: 0 | 2): number => plan.tabs.reduce((all, { kind }) => all + tabContentMg(kind, plan.tabProduct)[nutrient], 0)
  return (
    <section aria-labelledby="feed-tabs">
      <Heading id="feed-tabs">{text.tabsTitle}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <div className="figures">
          {text.tabsTold(significant(tabs), significant(plan.tabs.length - tabs), significant(sum(0), 2), significant(sum(2), 2))}
        </div>
        {plan.tabProduct !== null && (
          <Grid min={110}>
            <PlanField path="tabProduct/nitrogenMg" />
            <PlanField path="tabProduct/phosphorusMg" />
            <PlanField path="tabProduct/potassiumMg" />
            <PlanField path="tabProduct/ironMg" />
          </Grid>
        )}
        <Box component={Link} to={addressOfSheet(tankId, 'ground')} sx={{ color: 'inherit' }}>
          {text.toTabs}
        </Box>
      </Box>
    </section>
  )
}
