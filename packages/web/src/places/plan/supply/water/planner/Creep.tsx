import { waterSheetWords } from '@jovrin/contract'
import { evaporationOf, hardnessCreep, newWater } from '@jovrin/core'
import { Box } from '@mui/material'
import { useUnits } from '../../../../../ui/units.js'
import type { Desk } from '../../../desk.js'
import { PlanChoice } from '../../../PlanField.js'
import { Heading } from '../../light/LampsPanel.js'

const DAYS = 182

/** Where evaporation takes the hardness. */
export function Creep({ desk: { plan, figures } }: { readonly desk: Desk }) {
  const text = waterSheetWords
  const units = useUnits()
  const newMmolPerL = newWater(plan).mineralised.hardnessMmolPerL
  const { litresPerDay } = evaporationOf(figures)
  const { settlesMmolPerL } = hardnessCreep(
    {
      waterL: figures.waterL,
      evaporationLPerDay: litresPerDay,
      topUpMmolPerL: plan.water.topUp === 'purified' ? 0 : newMmolPerL,
      newMmolPerL,
      startMmolPerL: newMmolPerL,
      fraction: plan.changes.fraction,
      everyDays: plan.changes.everyDays,
    },
    DAYS,
  )
  const weekly = units.show('volume', 7 * litresPerDay, 2)
  const hardness = (mmolPerL: number): string => units.show('hardness', mmolPerL, 2)
  const isRising = settlesMmolPerL !== null && settlesMmolPerL > newMmolPerL + 0.009
  return (
    <section aria-labelledby="water-creep">
      <Heading id="water-creep">{text.creep}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <Box sx={{ color: 'text.secondary' }}>{text.creepWhy}</Box>
        <PlanChoice path="water/topUp" />
        <div role="status">
          {settlesMmolPerL === null
            ? text.creepNever(weekly)
            : text.creepTold(weekly, hardness(settlesMmolPerL), hardness(settlesMmolPerL - newMmolPerL))}
        </div>
        {isRising && plan.water.topUp !== 'purified' && <div>{text.creepSoft}</div>}
      </Box>
    </section>
  )
}
