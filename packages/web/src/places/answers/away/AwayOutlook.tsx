import { awayDangerWords, awayWords, say } from '@jovrin/contract'
import { awayDangers, entryAt, plannedLife, settingsWith, tankFigures, type Absence } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import type { AgedTimeline } from '../../../api/tanks.queries.js'
import { useUnits } from '../../../ui/units.js'
import { AwayAheadTable } from './AwayAheadTable.js'
import { AwayDays } from './AwayDays.js'
import { AwayNeeds } from './AwayNeeds.js'
import { AwayReturn } from './AwayReturn.js'
import { AwayDrawing } from './AwayDrawing.js'
import type { ReactNode } from 'react'

interface OutlookProps {
  readonly tankId: string
  readonly aged: AgedTimeline
  readonly absence: Absence
}

/** What follows from an absence, kept or still typed: its days, its dangers, the model through it, what is needed, and the return. */
export function AwayOutlook({ tankId, aged, absence }: OutlookProps) {
  const units = useUnits()
  const text = awayWords
  const timeline = useMemo(
    () => plannedLife(settingsWith(aged.settings, absence), aged.facts).timeline,
    [aged.settings, aged.facts, absence],
  )
  const plan = entryAt(timeline, aged.today)?.plan
  if (plan === undefined) return null
  const figures = tankFigures(plan)
  const dangers = awayDangers(plan, figures, absence)
  return (
    <>
      <AwayDrawing timeline={timeline} plan={plan} figures={figures} absence={absence} />
      <Part title={text.dangers}>
        {dangers.length === 0 ? (
          <div>{text.noDangers}</div>
        ) : (
          <Box component="ul" sx={{ m: 0, pl: 2.5, color: 'var(--algae)' }}>
            {dangers.map(({ code, values, name }, at) => (
              <li key={at}>{say(awayDangerWords, code, values, units.reader, { animal: name })}</li>
            ))}
          </Box>
        )}
      </Part>
      <Part title={text.ahead}>
        <AwayAheadTable aged={aged} absence={absence} />
      </Part>
      <Part title={text.stocks}>
        <AwayNeeds tankId={tankId} timeline={timeline} plan={plan} figures={figures} absence={absence} />
      </Part>
      <Part title={text.schedule}>
        <AwayDays timeline={timeline} plan={plan} absence={absence} />
      </Part>
      <Part title={text.returning}>
        <AwayReturn plan={plan} figures={figures} absence={absence} />
      </Part>
    </>
  )
}

function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ display: 'grid', gap: 0.5 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {title}
      </Box>
      {children}
    </Box>
  )
}
