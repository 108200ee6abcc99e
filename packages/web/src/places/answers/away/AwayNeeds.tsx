import { awayWords } from '@jovrin/contract'
import {
  awayDoses,
  awayGas,
  awayWater,
  daysBetween,
  FEEDER_SHARE,
  hasGas,
  openAwayFall,
  openAwayLoss,
  openAwayStock,
  portionG,
  visitDays,
  type Absence,
  type CylinderForecast,
  type Plan,
  type TankFigures,
  type TimelineEntry,
} from '@jovrin/core'
import { Box } from '@mui/material'
import { productName } from '../../shared/productName.js'
import { SumFigure } from '../../shared/SumFigure.js'
import { useUnits } from '../../../ui/units.js'
import type { ReactNode } from 'react'

interface NeedsProps {
  /** Of the cylinder; `null` where the scale says nothing yet. */
  readonly forecast: CylinderForecast | null
  readonly timeline: readonly TimelineEntry[]
  readonly plan: Plan
  readonly figures: TankFigures
  readonly absence: Absence
}

/** What has to be there before the grower goes: gas, food, water, and what a pump gives. */
export function AwayNeeds({ forecast, timeline, plan, figures, absence }: NeedsProps) {
  const text = awayWords
  const doses = awayDoses(timeline, absence, figures.waterL)
  return (
    <Box component="dl" className="figures" sx={{ m: 0, display: 'grid', gap: 0.75, fontSize: 14.5 }}>
      {hasGas(plan) && <Need name={text.gas}>{text.gasIs[awayGas(forecast, absence)]}</Need>}
      <Need name={text.food}>
        <Food figures={figures} absence={absence} />
      </Need>
      <Need name={text.water}>
        <Water plan={plan} figures={figures} absence={absence} />
      </Need>
      {doses.length > 0 && (
        <Need name={text.bottles}>
          {doses.map((stock) => (
            <div key={stock.product.id}>
              {productName(stock.product)} <SumFigure sum={openAwayStock(stock)} />
            </div>
          ))}
        </Need>
      )}
    </Box>
  )
}

function Need({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '190px 1fr' } }}>
      <dt>{name}</dt>
      <Box component="dd" sx={{ m: 0 }}>
        {children}
      </Box>
    </Box>
  )
}

function Food({ figures, absence }: Pick<NeedsProps, 'figures' | 'absence'>) {
  const units = useUnits()
  const text = awayWords
  const grams = portionG(figures)
  if (grams === 0) return text.foodUnfed
  switch (absence.food) {
    case 'none':
      return text.foodNone
    case 'feeder':
      return text.feeder(units.show('salt', grams * FEEDER_SHARE, 2))
    case 'visits': {
      const count = visitDays(absence).length
      return count === 0 ? text.foodNobody : text.portions(count, units.show('salt', grams, 2))
    }
  }
}

function Water({ plan, figures, absence }: Pick<NeedsProps, 'plan' | 'figures' | 'absence'>) {
  const units = useUnits()
  const text = awayWords
  const water = awayWater(plan, figures, absence)
  const litres = units.show('volume', water.refillL, 2)
  const told = (days: number): string => units.show('days', days, 2)
  return (
    <>
      <div>
        {text.evaporates} <SumFigure sum={openAwayLoss(water, daysBetween(absence.leaveOn, absence.backOn))} />,{' '}
        {absence.visitEveryDays === null ? text.refillOnce(litres) : text.refill(litres)}. {text.topUpWith}
      </div>
      {water.storeDays === null ? (
        <div>
          {text.falls} <SumFigure sum={openAwayFall(water)} />
        </div>
      ) : (
        <div>{text.storeLasts(told(water.storeDays.low), told(water.storeDays.high))}</div>
      )}
    </>
  )
}
