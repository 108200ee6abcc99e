import { waterSheetWords } from '@jovrin/contract'
import { Box } from '@mui/material'
import { useSearchParams } from 'react-router'
import { Choice } from '../../../../ui/Choice.js'
import { useSetParam } from '../../../../ui/useSetParam.js'
import { useFindings, type Desk } from '../../desk.js'
import { FindingsList } from '../../FindingsList.js'
import { SheetFrame } from '../../SheetFrame.js'
import { CardMargin } from './card/CardMargin.js'
import { CardSteps } from './card/CardSteps.js'
import { useChangeCard } from './card/useChangeCard.js'
import { FillMargin } from './FillMargin.js'
import { FillStages } from './FillStages.js'
import { BarrelTanks } from './planner/BarrelTanks.js'
import { FirstWeeks } from './planner/FirstWeeks.js'
import { PlannerMargin } from './planner/PlannerMargin.js'
import { StepwiseTable } from './planner/Stepwise.js'
import { useStepwise } from './planner/useStepwise.js'
import { MixDrawing } from './MixDrawing.js'
import { NewWaterTable } from './NewWaterTable.js'
import { ReadyPart } from './ReadyPart.js'
import { SourcesPart } from './SourcesPart.js'
import { useFirstFill } from './useFirstFill.js'

const PARTS = ['sources', 'ready', 'card', 'planner', 'fill'] as const

/** What a tank is changed with: sources, new water made ready, the card at the tap, the planner, the first fill. */
export function WaterSheet({ desk, age }: { readonly desk: Desk; readonly age: number }) {
  const text = waterSheetWords
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const findings = useFindings(desk)
  const part = PARTS.find((one) => one === search.get('part')) ?? 'sources'
  const card = useChangeCard(desk, age)
  const stepwise = useStepwise(desk)
  const fill = useFirstFill(desk, age)
  return (
    <SheetFrame
      marginWidth={470}
      drawing={
        <>
          {(part === 'sources' || part === 'ready') && (
            <Box
              sx={{
                display: 'grid',
                gridTemplateColumns: { xs: 'minmax(0,1fr)', sm: 'minmax(0,1fr) minmax(0,1fr)' },
                columnGap: 3,
                rowGap: 1,
              }}
            >
              <MixDrawing desk={desk} />
              <NewWaterTable desk={desk} />
            </Box>
          )}
          {part === 'card' && <CardSteps desk={desk} state={card} />}
          {part === 'planner' && (
            <>
              <FirstWeeks desk={desk} />
              <StepwiseTable state={stepwise} />
              <BarrelTanks desk={desk} age={age} />
            </>
          )}
          {part === 'fill' && <FillStages desk={desk} fill={fill.fill} />}
          <Box className={part === 'card' ? 'no-print' : undefined}>
            <FindingsList tankId={desk.tankId} muted={desk.plan.muted} change={desk.change} findings={findings} sheet="water" />
          </Box>
        </>
      }
      margin={
        <>
          <Box className="no-print">
            <Choice
              label={text.part}
              why={text.partWhy}
              value={part}
              options={PARTS.map((one) => [one, text.parts[one]] as const)}
              onChange={(next) => setParam('part', next === 'sources' ? null : next)}
            />
          </Box>
          {part === 'sources' && <SourcesPart desk={desk} />}
          {part === 'ready' && <ReadyPart desk={desk} age={age} />}
          {part === 'card' && <CardMargin desk={desk} state={card} />}
          {part === 'planner' && <PlannerMargin desk={desk} stepwise={stepwise} />}
          {part === 'fill' && <FillMargin state={fill} />}
        </>
      }
    />
  )
}
