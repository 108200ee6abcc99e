import { waterSheetWords } from '@jovrin/contract'
import { Box } from '@mui/material'
import { Grid } from '../../../../../ui/QuestionGroup.js'
import type { Desk } from '../../../desk.js'
import { PlanChoice, PlanField } from '../../../PlanField.js'
import { Heading } from '../../light/LampsPanel.js'
import { Creep } from './Creep.js'
import { Dilution } from './Dilution.js'
import { StepwiseFields } from './Stepwise.js'
import type { StepwiseState } from './useStepwise.js'

/** When water is changed and how much; down to a limit; stepwise; creep; one barrel for all. */
export function PlannerMargin({ desk, stepwise }: { readonly desk: Desk; readonly stepwise: StepwiseState }) {
  const text = waterSheetWords
  const { firstWeeks } = desk.plan.changes
  return (
    <>
      <section aria-labelledby="water-planner">
        <Heading id="water-planner">{text.planner}</Heading>
        <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
          <Grid min={130}>
            <PlanField path="changes/fraction" />
            <PlanField path="changes/everyDays" />
          </Grid>
          <PlanChoice path="changes/firstWeeks" />
          <div>{text.patterns[firstWeeks]}</div>
        </Box>
      </section>
      <Dilution tankId={desk.tankId} />
      <StepwiseFields state={stepwise} />
      <Creep desk={desk} />
    </>
  )
}
