import { awayDangerWords, awayWords, say } from '@jovrin/contract'
import { awayDangers, awayGas, entryAt, hasGas, plannedLife, settingsWith, tankFigures, type Absence, type Plan } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import type { AgedTimeline } from '../../../api/tanks.queries.js'
import { useUnits } from '../../../ui/units.js'
import { AwayAheadTable } from './AwayAheadTable.js'
import { AwayFields } from './AwayFields.js'
import { useCylinder } from '../../shared/useCylinder.js'
import { AwayDays } from './AwayDays.js'
import { AwayNeeds } from './AwayNeeds.js'
import { AwayReturn } from './AwayReturn.js'
import { AwayDrawing } from './AwayDrawing.js'
import { AnswerPart } from '../AnswerPart.js'

const NO_GAS: Pick<Plan, 'gasLines'> = { gasLines: [] }

interface OutlookProps {
  readonly tankId: string
  readonly aged: AgedTimeline
  readonly absence: Absence
  readonly onChange: (absence: Absence) => void
}

/** An absence, kept or still typed: its days, its dangers, what is set for it, the model through it, what is needed, and the return. */
export function AwayOutlook({ tankId, aged, absence, onChange }: OutlookProps) {
  const units = useUnits()
  const text = awayWords
  const timeline = useMemo(
    () => plannedLife(settingsWith(aged.settings, absence), aged.facts).timeline,
    [aged.settings, aged.facts, absence],
  )
  const plan = entryAt(timeline, aged.today)?.plan
  const forecast = useCylinder(tankId, plan ?? NO_GAS)
  if (plan === undefined) return null
  const figures = tankFigures(plan)
  const dangers = awayDangers(plan, figures, absence)
  const isGasShort = hasGas(plan) && awayGas(forecast, absence) === 'short'
  return (
    <>
      <AwayDrawing timeline={timeline} plan={plan} figures={figures} absence={absence} />
      <AnswerPart title={text.dangers}>
        {dangers.length === 0 && !isGasShort ? (
          <div>{text.noDangers}</div>
        ) : (
          <Box component="ul" sx={{ m: 0, pl: 2.5, color: 'var(--algae)' }}>
            {isGasShort && <li>{text.gasRunsOut}</li>}
            {dangers.map(({ code, values, name }, at) => (
              <li key={at}>{say(awayDangerWords, code, values, units.reader, { animal: name })}</li>
            ))}
          </Box>
        )}
      </AnswerPart>
      <AwayFields absence={absence} onChange={onChange} />
      <AnswerPart title={text.ahead}>
        <AwayAheadTable aged={aged} absence={absence} />
      </AnswerPart>
      <AnswerPart title={text.stocks}>
        <AwayNeeds forecast={forecast} timeline={timeline} plan={plan} figures={figures} absence={absence} />
      </AnswerPart>
      <AnswerPart title={text.schedule}>
        <AwayDays timeline={timeline} plan={plan} absence={absence} />
      </AnswerPart>
      <AnswerPart title={text.returning}>
        <AwayReturn plan={plan} figures={figures} absence={absence} />
      </AnswerPart>
    </>
  )
}
