import { gasKitWords } from '@jovrin/contract'
import { bubbleMlOfCaught, gasGPerDay, numberField, withBubbleTimes, type AnsweredLine, type GasLine } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useState } from 'react'
import { NumberField } from '../../../../ui/NumberField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { significant, useUnits } from '../../../../ui/units.js'
import { useCylinder } from '../../../shared/useCylinder.js'
import type { Desk } from '../../desk.js'
import { PlanField } from '../../PlanField.js'
import { Heading } from '../light/LampsPanel.js'

const CAUGHT_ML = [0.2, 500] as const
const COUNTED = [1, 5000] as const
/** A scale tells bubbles from a week on; nearer than a twelfth it says the same. */
const LEAST_DAYS = 7
const SAME_SHARE = 0.08

interface BubbleSizeProps {
  readonly desk: Desk
  readonly item: GasLine
  readonly line: AnsweredLine
}
/** What a bubble in the counter holds: as the plan has it, from gas that was caught, and from the scale. */
export function BubbleSize({ desk: { tankId, plan, figures, change }, item, line }: BubbleSizeProps) {
  const text = gasKitWords
  const units = useUnits()
  const [caughtMl, setCaught] = useState<number | null>(null)
  const [counted, setCounted] = useState<number | null>(null)
  const forecast = useCylinder(tankId, plan)
  const byBubbles = gasGPerDay(plan, figures.gasLines)
  const times =
    forecast === null || forecast.spanDays < LEAST_DAYS || item.sharedWith !== null || item.bubblesPerS === null || byBubbles <= 0
      ? null
      : forecast.gPerDay.value / byBubbles
  const size = caughtMl === null || counted === null ? null : bubbleMlOfCaught(caughtMl, counted, line.linePressureBar)
  const [least, most] = numberField('gasLines/*/bubbleMl').range
  const canUse = size !== null && size >= least && size <= most
  return (
    <section aria-labelledby="gas-bubble">
      <Heading id="gas-bubble">{text.bubble}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <Grid min={110}>
          <PlanField path="gasLines/*/bubblesPerS" item={item} />
          <PlanField path="gasLines/*/bubbleMl" item={item} />
        </Grid>
        {times !== null && Math.abs(times - 1) > SAME_SHARE && (
          <div>
            {text.byScale(significant(times, 2))}{' '}
            <Button sx={{ py: 0 }} onClick={() => change((now) => withBubbleTimes(now, figures.gasLines, times))}>
              {text.byScaleUse}
            </Button>
          </div>
        )}
        <div>{text.bubbleWhy}</div>
        <Grid min={110}>
          <NumberField
            label={text.caught}
            why={text.caughtWhy}
            dimension="dosing"
            range={CAUGHT_ML}
            value={caughtMl}
            onChange={setCaught}
          />
          <NumberField
            label={text.counted}
            why={text.countedWhy}
            dimension="count"
            range={COUNTED}
            isWhole
            value={counted}
            onChange={setCounted}
          />
        </Grid>
        {size !== null && (
          <div className="figures">
            {text.bubbleTold(units.show('bubble', size, 2))}{' '}
            {canUse && (
              <Button
                sx={{ py: 0 }}
                onClick={() =>
                  change((now) => ({
                    ...now,
                    gasLines: now.gasLines.map((one) => (one.id === item.id ? { ...one, bubbleMl: Number(size.toPrecision(3)) } : one)),
                  }))
                }
              >
                {text.bubbleUse}
              </Button>
            )}{' '}
            {text.bubbleLost}
          </div>
        )}
      </Box>
    </section>
  )
}
