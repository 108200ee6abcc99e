import { gasKitWords } from '@jovrin/contract'
import {
  bottleDays,
  bottleOutputWorking,
  BOTTLE_RANGE,
  FERMENTED,
  gasAnimalsAt,
  gasGPerDay,
  gasWaterOf,
  gradeOf,
  remixDay,
  SHORT_MG_PER_L,
  unstoppedMgPerL,
  type Bottle,
} from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { NumberField } from '../../../../ui/NumberField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { useKeptState } from '../../../../ui/useKeptState.js'
import { money, significant, useUnits } from '../../../../ui/units.js'
import { WorkingFigure } from '../../../shared/WorkingFigure.js'
import type { Desk } from '../../desk.js'
import { PlanField } from '../../PlanField.js'
import { Heading } from '../light/LampsPanel.js'

/** What was mixed, and what things cost; kept on this device. */
interface Mixed extends Bottle {
  readonly roomC: number
  readonly sugarPerKg: number | null
  readonly cartridgePrice: number | null
  readonly cartridgeG: number
}
const USUAL: Mixed = { sugarG: 200, waterMl: 1000, yeastG: 0.5, roomC: 22, sugarPerKg: null, cartridgePrice: null, cartridgeG: 16 }
const readMixed = (kept: unknown): Mixed | null => {
  if (typeof kept !== 'object' || kept === null) return null
  const all = { ...USUAL, ...kept }
  return Object.values(all).every((value) => value === null || typeof value === 'number') ? all : null
}

const WEEKS = 6
const DAYS_PER_MONTH = 30.4
/** Of what goes through a stone or disc at low pressure. General practice 0.3–0.7. */
const USUAL_SHARE = 0.5
const ROOM_C = [12, 34] as const
const PRICE = [0, 1000] as const

/** A fermentation bottle for this tank: what it gives week by week, when to mix anew, and what each way of buying gas costs. */
export function BottlePanel({ desk }: { readonly desk: Desk }) {
  const text = gasKitWords
  const { tankId, plan, figures } = desk
  const units = useUnits()
  const [mixed, setMixed] = useKeptState<Mixed>(`jovrin.gasBottle.${tankId}`, USUAL, readMixed, { onDevice: true })
  const change = (part: Partial<Mixed>): void => setMixed({ ...mixed, ...part })
  const water = useMemo(() => gasWaterOf(figures), [figures])
  const share = figures.gasLines[0]?.dissolvedShare ?? USUAL_SHARE
  const { sugarG, waterMl, yeastG, roomC } = mixed
  const days = useMemo(() => bottleDays({ sugarG, waterMl, yeastG }, { roomC, days: 90 }), [sugarG, waterMl, yeastG, roomC])
  const anew = remixDay(days)
  const most = Math.max(...days)
  const peak = unstoppedMgPerL(most, share, water)
  const grade = gradeOf(
    { low: peak * (FERMENTED.low / FERMENTED.value), value: peak, high: peak * HIGH_TIMES },
    gasAnimalsAt(plan, Infinity),
  )
  const mean = days.slice(0, anew).reduce((sum, grams) => sum + grams, 0) / anew
  const perDay = (g: number): string => units.show('gasADay', g, 2)
  return (
    <>
      <section aria-labelledby="gas-bottle">
        <Heading id="gas-bottle">{text.bottle}</Heading>
        <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
          <div>{text.bottleWhy}</div>
          <Grid min={110}>
            <NumberField
              label={text.sugar}
              why={text.recipeWhy.sugar}
              dimension="salt"
              range={BOTTLE_RANGE.sugarG}
              canBeUnknown={false}
              value={sugarG}
              onChange={(next) => next !== null && change({ sugarG: next })}
            />
            <NumberField
              label={text.water}
              why={text.recipeWhy.water}
              dimension="dosing"
              range={BOTTLE_RANGE.waterMl}
              canBeUnknown={false}
              value={waterMl}
              onChange={(next) => next !== null && change({ waterMl: next })}
            />
            <NumberField
              label={text.yeast}
              why={text.recipeWhy.yeast}
              dimension="salt"
              range={BOTTLE_RANGE.yeastG}
              canBeUnknown={false}
              value={yeastG}
              onChange={(next) => next !== null && change({ yeastG: next })}
            />
            <NumberField
              label={text.room}
              why={text.recipeWhy.room}
              dimension="temperature"
              range={ROOM_C}
              canBeUnknown={false}
              value={roomC}
              onChange={(next) => next !== null && change({ roomC: next })}
            />
          </Grid>
          <Box
            component="table"
            className="figures"
            sx={{ width: '100%', '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' } }}
          >
            <HeadRow heads={text.bottleHead} />
            <tbody>
              {Array.from({ length: WEEKS }, (_, week) => {
                const first = days[Math.max(1, week * 7)] ?? 0
                const last = days[week * 7 + 6] ?? 0
                const best = Math.max(...days.slice(week * 7, week * 7 + 7))
                return (
                  <tr key={week}>
                    <td>{significant(week + 1)}</td>
                    <td>
                      <WorkingFigure
                        working={bottleOutputWorking}
                        figure={{
                          value: best,
                          low: best * (FERMENTED.low / FERMENTED.value),
                          high: best * (FERMENTED.high / FERMENTED.value),
                        }}
                        inputs={{
                          sugarG: { value: sugarG, from: 'typed' },
                          waterMl: { value: waterMl, from: 'typed' },
                          yeastG: { value: yeastG, from: 'typed' },
                          roomC: { value: roomC, from: 'typed' },
                          day: { value: week * 7 + days.slice(week * 7, week * 7 + 7).indexOf(best) + 1, from: 'reckoned' },
                        }}
                      >
                        {perDay(best)}
                      </WorkingFigure>
                    </td>
                    <td>
                      {text.bottleSpan(
                        significant(unstoppedMgPerL(first, share, water), 2),
                        units.show('concentration', unstoppedMgPerL(last, share, water), 2),
                      )}
                    </td>
                  </tr>
                )
              })}
            </tbody>
          </Box>
          <div>{text.remix(units.show('days', anew))}</div>
          {peak < SHORT_MG_PER_L && <div>{text.bottleLittle}</div>}
          {grade !== 'fine' && grade !== 'wasted' && <Box sx={{ color: 'var(--algae)' }}>{text.bottleTooMuch}</Box>}
          <div>{text.bottleNight}</div>
          <Box sx={{ color: 'var(--algae)' }}>{text.bottleSafe}</Box>
          <Box sx={{ color: 'text.secondary' }}>{text.bottleForecast}</Box>
        </Box>
      </section>
      <Costs desk={desk} mixed={mixed} change={change} bottleGPerDay={mean} anewDays={anew} />
    </>
  )
}
/** What is not known of bubbles and surface. Rule of thumb. */
const HIGH_TIMES = 1.5

interface CostsProps {
  readonly desk: Desk
  readonly mixed: Mixed
  readonly change: (part: Partial<Mixed>) => void
  readonly bottleGPerDay: number
  readonly anewDays: number
}
/** A gram by each way of buying it, and a month of this tank. A price that nobody told is left out. */
function Costs({ desk: { plan, figures }, mixed, change, bottleGPerDay, anewDays }: CostsProps) {
  const text = gasKitWords
  const units = useUnits()
  const { currency, gasPerKg } = plan.money
  const tankGPerDay = gasGPerDay(plan, figures.gasLines)
  const refill = gasPerKg === null ? null : { perG: gasPerKg / 1000, gPerDay: tankGPerDay }
  const bottle =
    mixed.sugarPerKg === null
      ? null
      : { perG: ((mixed.sugarG / 1000) * mixed.sugarPerKg) / Math.max(1e-6, bottleGPerDay * anewDays), gPerDay: bottleGPerDay }
  const cartridge = mixed.cartridgePrice === null ? null : { perG: mixed.cartridgePrice / mixed.cartridgeG, gPerDay: tankGPerDay }
  const rows = [
    [text.costRefill, refill],
    [text.costCartridge, cartridge],
    [text.costBottle, bottle],
  ] as const
  return (
    <section aria-labelledby="gas-costs">
      <Heading id="gas-costs">{text.costs}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <Grid min={130}>
          <NumberField
            label={text.sugarPrice}
            why={text.priceWhy}
            dimension="money"
            unit={currency}
            range={PRICE}
            value={mixed.sugarPerKg}
            onChange={(sugarPerKg) => change({ sugarPerKg })}
          />
          <NumberField
            label={text.cartridgePrice}
            why={text.priceWhy}
            dimension="money"
            unit={currency}
            range={PRICE}
            value={mixed.cartridgePrice}
            onChange={(cartridgePrice) => change({ cartridgePrice })}
          />
          <NumberField
            label={text.cartridgeHolds}
            why={text.cartridgeNote}
            dimension="salt"
            range={CARTRIDGE_G}
            canBeUnknown={false}
            value={mixed.cartridgeG}
            onChange={(cartridgeG) => cartridgeG !== null && change({ cartridgeG })}
          />
          <PlanField path="money/gasPerKg" unit={currency} />
        </Grid>
        <Box
          component="table"
          className="figures"
          sx={{ width: '100%', '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' } }}
        >
          <HeadRow heads={text.costsHead} />
          <tbody>
            {rows.map(([name, cost]) => (
              <tr key={name}>
                <td>{name}</td>
                <td>{cost === null ? '?' : money(cost.perG * 1000, currency, 2)}</td>
                <td>{cost === null ? '?' : money(cost.perG * cost.gPerDay * DAYS_PER_MONTH, currency, 2)}</td>
              </tr>
            ))}
          </tbody>
        </Box>
        {tankGPerDay > 0 && (
          <div>
            {text.cartridgeLasts(units.show('days', mixed.cartridgeG / tankGPerDay, 2))} {text.cartridgeNote}
          </div>
        )}
      </Box>
    </section>
  )
}
const CARTRIDGE_G = [8, 1000] as const
