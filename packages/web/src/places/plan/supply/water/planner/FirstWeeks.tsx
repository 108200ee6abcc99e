import { waterSheetWords } from '@jovrin/contract'
import { changeFractionOn, startEndDay, firstFillL, waterLogistics, workMinutes } from '@jovrin/core'
import { Box } from '@mui/material'
import { Measured } from '../../../../../drawing/Measured.js'
import { ChangeDays } from '../../../../../drawing/water/ChangeDays.js'
import { significant, useUnits } from '../../../../../ui/units.js'
import type { Desk } from '../../../desk.js'

const DAYS = 56

/** The plan's changes of the first eight weeks, as calendar and forecast have them. */
export function FirstWeeks({ desk: { plan, figures } }: { readonly desk: Desk }) {
  const text = waterSheetWords
  const units = useUnits()
  const shares = Array.from({ length: DAYS }, (_, day) => changeFractionOn(plan, startEndDay(plan) + day))
  const water = waterLogistics(
    plan,
    { waterL: figures.waterL, fillL: firstFillL(figures) },
    workMinutes(figures, plan.changes.fraction).change,
  )
  const litres = units.show('volume', water.fourWeeksL)
  return (
    <section aria-labelledby="water-weeks">
      <Box component="h2" id="water-weeks" className="lettering" sx={{ fontSize: 16, m: 0 }}>
        {text.weeks}
      </Box>
      <Measured usual={760}>
        {(width) => (
          <ChangeDays
            width={width}
            description={text.weeksDescription(plan.name, litres)}
            shares={shares}
            weekLabel={text.weekAxis}
            fullLabel="100 %"
          />
        )}
      </Measured>
      <Box role="status" sx={{ fontSize: 14 }}>
        {text.fourWeeks(String(water.changes), litres, significant(water.tanksFull, 2))}
      </Box>
    </section>
  )
}
