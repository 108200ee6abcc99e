import { animalsWords } from '@jovrin/contract'
import { acclimatise, toldNewWater, type AnimalSpecies } from '@jovrin/core'
import { Box } from '@mui/material'
import { useState } from 'react'
import { NumberField } from '../../../ui/NumberField.js'
import { Grid } from '../../../ui/QuestionGroup.js'
import { useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'

interface DripProps {
  readonly desk: Desk
  /** The most delicate of those that come next. */
  readonly species: AnimalSpecies
}
const BAG_L = 1

/** Minutes and litres from their water to the tank's. What is typed here is for this one arrival and kept nowhere. */
export function DripPanel({ desk, species }: DripProps) {
  const { plan, figures } = desk
  const units = useUnits()
  const text = animalsWords
  const [temperatureC, setTemperature] = useState<number | null>(null)
  const [hardnessMmolPerL, setHardness] = useState<number | null>(null)
  const [alkalinityMeqPerL, setAlkalinity] = useState<number | null>(null)
  const [bagL, setBag] = useState<number | null>(null)
  const told = toldNewWater(plan)
  const way = acclimatise({ temperatureC, hardnessMmolPerL, alkalinityMeqPerL }, { temperatureC: figures.temperatureC, ...told }, species)
  const litres = way.addedPerL * (bagL ?? BAG_L)
  return (
    <Box component="section" aria-label={text.drip} sx={{ display: 'grid', gap: 0.75 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {text.drip}
      </Box>
      <Grid min={96}>
        <NumberField
          why={text.dripWhy}
          question="drip/temperature"
          label={text.bagC}
          dimension="temperature"
          range={[5, 40]}
          value={temperatureC}
          onChange={setTemperature}
        />
        <NumberField
          why={text.dripWhy}
          question="drip/hardness"
          label={text.gh}
          dimension="hardness"
          range={[0, 10]}
          value={hardnessMmolPerL}
          onChange={setHardness}
        />
        <NumberField
          why={text.dripWhy}
          question="drip/alkalinity"
          label={text.kh}
          dimension="alkalinity"
          range={[0, 12]}
          value={alkalinityMeqPerL}
          onChange={setAlkalinity}
        />
        <NumberField
          why={text.dripWhy}
          question="drip/bag"
          label={text.bag}
          dimension="volume"
          range={[0.05, 100]}
          value={bagL}
          unknown={{ value: BAG_L, low: BAG_L / 2, high: BAG_L * 3 }}
          onChange={setBag}
        />
      </Grid>
      <Box component="ol" sx={{ m: 0, pl: 2.5, fontSize: 14 }}>
        <li>{text.steps.dim}</li>
        <li>{text.steps.float(units.show('minutes', way.floatMin))}</li>
        <li>{text.steps.ammonia}</li>
        <li>
          {text.steps.drip(
            units.show('minutes', way.dripMin),
            units.show('volume', litres, 2),
            units.show('pumping', way.dripMlPerMinPerL * (bagL ?? BAG_L), 2),
          )}
          {way.heldBy !== null && ` ${text.steps.heldBy[way.heldBy]}`}
        </li>
        <li>{text.steps.net}</li>
        <li>{text.steps.after}</li>
      </Box>
      <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{text.unhurried}</Box>
    </Box>
  )
}
