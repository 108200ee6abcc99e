import { tankFigures, type Plan } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo, useState, type FocusEvent, type ReactNode } from 'react'
import { useChange, useFindings } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { PlanFields } from './PlanFields.js'
import { SectionSheet } from './SectionSheet.js'
import { usePen } from '../pen.js'

interface DescribeSheetProps {
  readonly head: ReactNode
  /** `null` while it is not kept yet. */
  readonly tankId: string | null
  /** Days at which the tank is drawn first. */
  readonly age: number
}

/** The drawing beside the questions; the drawing stays in view while the questions scroll, and explains the question that is being answered. */
export function DescribeSheet({ head, tankId, age }: DescribeSheetProps) {
  const pen = usePen()
  const { form, commit } = pen
  const plan = form.valid
  const figures = useMemo(() => tankFigures(plan), [plan])
  const change = useChange(pen)
  const findings = useFindings({ tankId, plan, figures })
  const [question, setQuestion] = useState<string | null>(null)
  const moveDay = (plan: Plan, isFinal: boolean): void => {
    form.set('lightWindows', plan.lightWindows)
    form.set('gasLines', plan.gasLines)
    if (isFinal) commit()
  }
  const explain = (event: FocusEvent<HTMLElement>): void =>
    setQuestion(event.target.closest('[data-question]')?.getAttribute('data-question') ?? null)
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 492px' }, flexGrow: 1 }}>
      <Box sx={{ position: { md: 'sticky' }, top: 0, alignSelf: 'start', p: 2, minWidth: 0 }}>
        <SectionSheet plan={plan} figures={figures} age={age} question={question} onMoveDay={moveDay} />
        <FindingsList tankId={tankId} muted={plan.muted} change={change} findings={findings} />
      </Box>
      <Box sx={{ borderLeft: { md: '2px solid var(--ink)' }, background: 'var(--sheet)', p: 2, minWidth: 0 }} onFocus={explain}>
        {head !== null && <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', gap: 1, mb: 1.5 }}>{head}</Box>}
        <PlanFields />
      </Box>
    </Box>
  )
}
