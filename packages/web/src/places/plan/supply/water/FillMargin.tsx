import { waterSheetWords } from '@jovrin/contract'
import { Box } from '@mui/material'
import { useState } from 'react'
import { Choice } from '../../../../ui/Choice.js'
import { NumberField } from '../../../../ui/NumberField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { significant, useUnits } from '../../../../ui/units.js'
import { PlanField } from '../../PlanField.js'
import { Heading } from '../light/LampsPanel.js'
import type { FillState } from './useFirstFill.js'

const CLOUDS = ['dust', 'haze', 'tannin', 'milk'] as const

/** How warm the first water is to be, what the boiler makes of that, and what to do about a cloud. */
export function FillMargin({ state: { fill, wantedC, setWanted } }: { readonly state: FillState }) {
  const text = waterSheetWords
  const units = useUnits()
  const [cloud, look] = useState<(typeof CLOUDS)[number]>('dust')
  const { warming, boiler, heaterHours } = fill
  return (
    <>
      <section aria-labelledby="water-fill">
        <Heading id="water-fill">{text.fill}</Heading>
        <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
          <Grid min={130}>
            <NumberField
              label={text.wantedC}
              why={text.wantedCWhy}
              dimension="temperature"
              range={[5, 36]}
              canBeUnknown={false}
              value={wantedC}
              onChange={(value) => value !== null && setWanted(value)}
            />
            <PlanField path="water/kit/bucketL" />
            <PlanField path="water/kit/fillS" />
            <PlanField path="water/kit/hotC" />
            <PlanField path="water/kit/boilerL" />
            <PlanField path="water/kit/boilerW" />
          </Grid>
          <div role="status">
            {warming.hotL > 0.05
              ? text.hotTold(units.show('volume', warming.hotL, 2), units.show('temperature', warming.mixC))
              : text.coldTold(units.show('temperature', warming.coldC))}
          </div>
          {boiler !== null && (
            <div>
              {text.boiler(
                significant(boiler.loads),
                boiler.pauseMin === null ? text.boilerPauseUnknown : units.show('minutes', boiler.pauseMin),
              )}
            </div>
          )}
          {heaterHours !== null && heaterHours > 0 && <div>{text.heater(units.show('hours', heaterHours, 2))}</div>}
        </Box>
      </section>
      <section aria-labelledby="water-cloud">
        <Heading id="water-cloud">{text.cloud}</Heading>
        <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
          <Choice
            label={text.cloud}
            why={text.cloudWhy}
            value={cloud}
            options={CLOUDS.map((one) => [one, text.clouds[one]] as const)}
            onChange={(next) => next !== null && look(next)}
          />
          <div role="status">{text.cloudAdvice[cloud]}</div>
        </Box>
      </section>
    </>
  )
}
