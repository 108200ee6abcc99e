import { answersWords, fieldWords, gasSheetWords, type TankEntry } from '@jovrin/contract'
import { civilDate, datePlusDays, feedNeeds, hasGas, openStockLasts, purifiedDraws, tankFigures, type FeedNeed } from '@jovrin/core'
import { Box } from '@mui/material'
import { Link } from 'react-router'
import { HeadRow } from '../../ui/HeadRow.js'
import { NumberField } from '../../ui/NumberField.js'
import { longDate, useUnits } from '../../ui/units.js'
import { useKeptState } from '../../ui/useKeptState.js'
import { productName } from '../shared/productName.js'
import { addressOfSheet } from '../shared/sheetPlace.js'
import { SumFigure } from '../shared/SumFigure.js'
import { SwapDay } from '../shared/SwapDay.js'
import { useCylinder } from '../shared/useCylinder.js'
import { AnswerPart } from './AnswerPart.js'

/** When gas, feed and purified water run out, and what to buy when. */
export function SuppliesAnswer({ tank }: { readonly tank: TankEntry }) {
  const text = answersWords
  const { id, plan } = tank
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0,1fr)', gap: 2, mb: 2 }}>
      {hasGas(plan) && (
        <AnswerPart title={text.supplyParts.gas}>
          <Gas tank={tank} />
        </AnswerPart>
      )}
      {plan.feeding !== 'none' && (
        <AnswerPart title={text.supplyParts.feed}>
          <Feed tank={tank} />
        </AnswerPart>
      )}
      <AnswerPart title={text.supplyParts.water}>
        <Water tank={tank} />
      </AnswerPart>
      <div>
        <Link to={`/answers/away?tank=${id}`}>{text.supplyAway}</Link> ·{' '}
        <Link to={`/tanks/${id}/plan/shopping`}>{text.supplyShopping}</Link>
      </div>
    </Box>
  )
}

function Gas({ tank: { id, plan } }: { readonly tank: TankEntry }) {
  const units = useUnits()
  const forecast = useCylinder(id, plan)
  return (
    <Box className="figures">
      {forecast === null ? (
        gasSheetWords.noWeighings
      ) : (
        <>
          {answersWords.supplyGas(units.show('gasADay', forecast.gPerDay.value, 2))}{' '}
          <SwapDay forecast={forecast} timeZone={plan.timeZone} />
        </>
      )}{' '}
      <Link to={`${addressOfSheet(id, 'gas')}?part=cylinder`}>{answersWords.cylinderPlace}</Link>
    </Box>
  )
}

/** What somebody read off a bottle or a scale, and on which day. */
type Left = Readonly<Record<string, { readonly amount: number; readonly on: string }>>
function readLeft(kept: unknown): Left | null {
  if (typeof kept !== 'object' || kept === null) return null
  const isWhole = Object.values(kept).every((one: unknown) => {
    const { amount, on } = (one ?? {}) as { amount?: unknown; on?: unknown }
    return typeof amount === 'number' && amount >= 0 && typeof on === 'string'
  })
  return isWhole ? (kept as Left) : null
}
const MOST = { g: 50_000, mL: 50_000 } as const

function Feed({ tank: { id, plan } }: { readonly tank: TankEntry }) {
  const text = answersWords
  const [left, setLeft] = useKeptState<Left>(`left ${id}`, {}, readLeft, { onDevice: true })
  const today = civilDate(new Date(), plan.timeZone)
  const needs = feedNeeds(plan, tankFigures(plan).waterL).filter(({ perDay }) => perDay > 0)
  if (needs.length === 0) return <div>{text.supplyNoDoses}</div>
  return (
    <>
      <Box
        component="table"
        className="figures"
        aria-label={text.supplyParts.feed}
        sx={{
          borderCollapse: 'collapse',
          fontSize: 14.5,
          width: '100%',
          maxWidth: 760,
          '& td, & th': { textAlign: 'left', verticalAlign: 'bottom', pr: { xs: 1, sm: 2 }, pb: 0.75, fontWeight: 'normal' },
          '& td:first-of-type': { width: '42%' },
        }}
      >
        <HeadRow heads={[text.supplyHeads.product, text.supplyHeads.week, text.supplyHeads.full, text.supplyHeads.until]} />
        <tbody>
          {needs.map((need) => (
            <FeedRow
              key={need.product.id}
              need={need}
              left={left[need.product.id]}
              onLeft={(amount) => {
                const { [need.product.id]: _old, ...others } = left
                setLeft(amount === null ? others : { ...others, [need.product.id]: { amount, on: today } })
              }}
            />
          ))}
        </tbody>
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
        {text.supplyKept} <Link to={addressOfSheet(id, 'feed')}>{text.dosePlace}</Link>
      </Box>
    </>
  )
}

/** Ordered so long before it is gone. Rule of thumb: a parcel, and a week-end. */
const ORDER_DAYS = 10

interface RowProps {
  readonly need: FeedNeed
  readonly left: Left[string] | undefined
  readonly onLeft: (amount: number | null) => void
}
function FeedRow({ need, left, onLeft }: RowProps) {
  const units = useUnits()
  const text = answersWords
  const { product, unit, perDay } = need
  const dimension = unit === 'g' ? 'salt' : 'dosing'
  const full = unit === 'g' ? product.packG : product.bottleMl
  const sum = left === undefined ? null : openStockLasts(need, left.amount)
  const until = left === undefined || sum === null ? null : datePlusDays(left.on, Math.floor(sum.result.value))
  return (
    <tr>
      <td>
        <NumberField
          question="supplies/left"
          label={text.supplyLeft(productName(product))}
          why={fieldWords['feed/cupboard/*/bottleMl'][1]}
          dimension={dimension}
          range={[0, MOST[unit]]}
          value={left?.amount ?? null}
          otherwise=""
          onChange={onLeft}
        />
      </td>
      <td>{units.show(dimension, perDay * 7, 2)}</td>
      <td>{full === null ? '–' : <SumFigure sum={openStockLasts(need, full)} />}</td>
      <td>
        {sum !== null && until !== null && (
          <>
            <SumFigure sum={sum} />
            <div>{text.supplyUntil(longDate(until), longDate(datePlusDays(until, -ORDER_DAYS)))}</div>
          </>
        )}
      </td>
    </tr>
  )
}

const WEEKS = 4

function Water({ tank: { id, plan } }: { readonly tank: TankEntry }) {
  const units = useUnits()
  const text = answersWords
  const { waterL } = tankFigures(plan)
  const today = civilDate(new Date(), plan.timeZone)
  const perWeek = purifiedDraws(plan, waterL, today, 7 * WEEKS).reduce((sum, { litres }) => sum + litres, 0) / WEEKS
  const { barrelL } = plan.logistics
  return (
    <div>
      {perWeek === 0
        ? text.supplyNoPurified
        : `${text.supplyPurified(units.show('volume', perWeek, 2))} ${
            barrelL === null ? '' : text.supplyBarrel(units.show('volume', barrelL, 2), units.show('days', (7 * barrelL) / perWeek, 2))
          }`}{' '}
      <Link to={addressOfSheet(id, 'water')}>{text.waterPlanner}</Link>
    </div>
  )
}
