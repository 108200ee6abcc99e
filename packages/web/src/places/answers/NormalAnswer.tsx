import { en, enAnswers, enProgramme, type TankEntry } from '@jovrin/contract'
import { PROGRAMME_DAYS, stepsOn, wetStartProgramme } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { agedTimeline, timelineOfTank } from '../../api/tanks.queries.js'
import { significant } from '../../ui/units.js'
import { SettingHistory } from '../journal/SettingHistory.js'

/** What belongs to this week of a tank's life, what never does, and what changed before. Judging of signs comes later. */
export function NormalAnswer({ tank }: { tank: TankEntry }) {
  const told = useQuery(timelineOfTank(tank.id)).data
  if (told === undefined) return null
  const { timeline, today } = agedTimeline(told)
  const normal = stepsOn(wetStartProgramme(tank.plan, timeline), today).filter(({ lane }) => lane === 'normal')
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box role="status" sx={{ fontSize: 17, fontWeight: 600 }}>
        {today >= PROGRAMME_DAYS
          ? enAnswers.pastFirstWeeks
          : enAnswers.normalNow(
              significant(Math.floor(today / 7) + 1),
              normal.map(({ code }) => enProgramme[code]?.({}) ?? code).join(', '),
            )}
      </Box>
      <Box sx={{ color: 'var(--algae)' }}>{en.notNormal}</Box>
      <div>{enAnswers.oneChange}</div>
      <SettingHistory tankId={tank.id} />
    </Box>
  )
}
