import { answersWords, startupWords, programmeWords, listed, say, type TankEntry } from '@jovrin/contract'
import { phaseOn, programmeLength, stepsOn, startProgramme } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { agedTimeline, timelineOfTank } from '../../api/tanks.queries.js'
import { significant, useUnits } from '../../ui/units.js'
import { SettingHistory } from '../shared/history/SettingHistory.js'

/** What belongs to this week of a tank's life, what never does, and what changed before. Judging of signs comes later. */
export function NormalAnswer({ tank }: { tank: TankEntry }) {
  const units = useUnits()
  const told = useQuery(timelineOfTank(tank.id)).data
  if (told === undefined) return null
  const { timeline, today } = agedTimeline(told)
  const plan = timeline.at(-1)?.plan
  const length = plan === undefined ? 0 : programmeLength(plan)
  const normal = stepsOn(startProgramme(timeline), today).filter(({ lane }) => lane === 'normal')
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box role="status" sx={{ fontSize: 17, fontWeight: 600 }}>
        {today >= length
          ? answersWords.pastFirstWeeks
          : answersWords.normalNow(
              significant(Math.floor(today / 7) + 1),
              listed(normal.map(({ code, values }) => say(programmeWords, code, values, units.reader))),
            )}
      </Box>
      <Box sx={{ color: 'var(--algae)' }}>
        {plan !== undefined && phaseOn(plan, today) === 'dry' ? startupWords.notNormalDry : startupWords.notNormal}
      </Box>
      <div>{answersWords.oneChange}</div>
      <SettingHistory tankId={tank.id} />
    </Box>
  )
}
