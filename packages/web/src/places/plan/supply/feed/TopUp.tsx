import { feedSheetWords, nutrientWords, portionText } from '@jovrin/contract'
import {
  cupboardOf,
  feedRecipe,
  fullAmounts,
  jobPortion,
  NUTRIENT_DIMENSION,
  nutrientsBy,
  TESTED_NUTRIENTS,
  type FeedNutrient,
  type TestedNutrient,
} from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { NumberField } from '../../../../ui/NumberField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { useKeptState } from '../../../../ui/useKeptState.js'
import { useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { Heading } from '../light/LampsPanel.js'
import { levelsText } from './nutrientText.js'

type Read = Readonly<Partial<Record<TestedNutrient, number | null>>>
const readKept = (kept: unknown): Read | null => (typeof kept === 'object' && kept !== null ? kept : null)

/** For a school that measures: what to weigh so that today's tests come up to its levels, and never above. */
export function TopUp({ desk: { tankId, plan, figures } }: { readonly desk: Desk }) {
  const text = feedSheetWords
  const units = useUnits()
  const [read, setRead] = useKeptState<Read>(`jovrin.feedTopUp.${tankId}`, {}, readKept)
  const { recipe, levels } = useMemo(() => {
    const full = fullAmounts(plan)
    const isTested = (nutrient: FeedNutrient): nutrient is TestedNutrient => (TESTED_NUTRIENTS as readonly string[]).includes(nutrient)
    // What was not tested is left alone: nobody knows how much is there.
    const missing = nutrientsBy((nutrient) => {
      const found = isTested(nutrient) ? read[nutrient] : undefined
      return typeof found === 'number' ? Math.max(0, full[nutrient] - found) : 0
    })
    return { recipe: feedRecipe(cupboardOf(plan), missing), levels: full }
  }, [plan, read])
  const { waterL } = figures
  const doses = recipe.portions.map(({ product, content: { unit }, perL }) =>
    portionText(jobPortion({ product, unit, perL }, waterL), units.reader),
  )
  return (
    <section aria-labelledby="feed-topup">
      <Heading id="feed-topup">{text.topUp}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <div>{text.topUpWhy(levelsText(units, levels))}</div>
        <Grid min={120}>
          {TESTED_NUTRIENTS.map((nutrient) => (
            <NumberField
              key={nutrient}
              label={text.topUpRead(nutrientWords[nutrient])}
              why={text.topUpReadWhy}
              dimension={NUTRIENT_DIMENSION[nutrient]}
              range={[0, 500]}
              value={read[nutrient] ?? null}
              onChange={(value) => setRead({ ...read, [nutrient]: value })}
            />
          ))}
        </Grid>
        <div role="status" className="figures">
          {doses.length === 0 ? text.topUpNothing : text.topUpTold(doses.join(' · '), levelsText(units, recipe.givenMgPerL))}
        </div>
      </Box>
    </section>
  )
}
