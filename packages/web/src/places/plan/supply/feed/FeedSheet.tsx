import { feedSheetWords } from '@jovrin/contract'
import { SCHOOL } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import { Choice } from '../../../../ui/Choice.js'
import { useSetParam } from '../../../../ui/useSetParam.js'
import { useFindings, type Desk } from '../../desk.js'
import { FindingsList } from '../../FindingsList.js'
import { SheetFrame } from '../../SheetFrame.js'
import { BottlesPart } from './BottlesPart.js'
import { CupboardPart } from './CupboardPart.js'
import { DoseDrawing } from './DoseDrawing.js'
import { DosesTable } from './DosesTable.js'
import { GroundPart } from './GroundPart.js'
import { LevelsDrawing } from './LevelsDrawing.js'
import { OverdosePart } from './OverdosePart.js'
import { PlanPart } from './PlanPart.js'
import { comparedCourses } from './comparedCourses.js'
import { SchoolsPart } from './SchoolsPart.js'
import { SchoolsTable } from './SchoolsTable.js'
import { TestsPart } from './TestsPart.js'
import { TopUp } from './TopUp.js'
import { useCourses } from './useCourses.js'

const PARTS = ['plan', 'cupboard', 'bottles', 'schools', 'tests', 'ground', 'overdose'] as const

/** What a tank is fed: one dose plan, what it is dosed from, and where it leads. */
export function FeedSheet({ desk, age }: { readonly desk: Desk; readonly age: number }) {
  const text = feedSheetWords
  const { plan, change } = desk
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const findings = useFindings(desk)
  const part = PARTS.find((one) => one === search.get('part')) ?? 'plan'
  const isCompared = part === 'schools'
  const courses = useMemo(() => (isCompared ? comparedCourses(plan) : comparedCourses(plan).slice(0, 1)), [isCompared, plan])
  const state = useCourses(desk.tankId, courses)
  const [other, setOther] = useState<number | null>(null)
  return (
    <SheetFrame
      marginWidth={480}
      drawing={
        <Box className={part === 'bottles' ? 'no-print' : undefined}>
          {isCompared && <SchoolsTable desk={desk} courses={courses} results={state.results} />}
          {part !== 'schools' && part !== 'ground' && (
            <>
              <DoseDrawing plan={plan} age={age} />
              <DosesTable desk={desk} age={age} />
            </>
          )}
          <Box component="h2" className="lettering" sx={{ fontSize: 16, m: 0, mt: 1.5 }}>
            {text.levelsTitle}
          </Box>
          {state.results.length === 0 ? (
            <Box role="status" sx={{ fontSize: 14, color: 'text.secondary' }}>
              {text.levelsWait}
            </Box>
          ) : (
            <LevelsDrawing
              name={plan.name}
              results={state.results}
              drawn={0}
              other={isCompared && other !== null && other < courses.length ? other : null}
            />
          )}
          <FindingsList tankId={desk.tankId} muted={plan.muted} change={change} findings={findings} sheet="feed" />
        </Box>
      }
      margin={
        <>
          <Box className="no-print">
            <Choice
              label={text.part}
              why={text.partWhy}
              value={part}
              options={PARTS.map((one) => [one, text.parts[one]] as const)}
              onChange={(next) => setParam('part', next === 'plan' ? null : next)}
            />
          </Box>
          {part === 'plan' && <PlanPart desk={desk} />}
          {part === 'cupboard' && <CupboardPart desk={desk} />}
          {part === 'bottles' && <BottlesPart desk={desk} />}
          {part === 'schools' && <SchoolsPart desk={desk} courses={courses} state={state} other={other} onOther={setOther} />}
          {part === 'tests' && SCHOOL[plan.feeding].kind === 'level' && <TopUp desk={desk} />}
          {part === 'tests' && <TestsPart desk={desk} />}
          {part === 'ground' && <GroundPart desk={desk} results={state.results} />}
          {part === 'overdose' && <OverdosePart desk={desk} results={state.results} />}
        </>
      }
    />
  )
}
