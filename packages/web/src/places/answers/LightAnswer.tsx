import { answersWords, appWords, journalWords, type TankEntry } from '@jovrin/contract'
import { lightScore, planAt, programmeLength, tankFigures, startProgramme } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { agedTimeline, timelineOfTank } from '../../api/tanks.queries.js'
import { MarginTable } from '../../ui/MarginTable.js'
import { significant, useUnits } from '../../ui/units.js'
import { addressOfSheet } from '../shared/sheetPlace.js'
import { Sums } from './Sums.js'

/** Hours and power for this week of the tank's life, and a phone's lux in photons. */
export function LightAnswer({ tank }: { tank: TankEntry }) {
  const units = useUnits()
  const told = useQuery(timelineOfTank(tank.id)).data
  if (told === undefined) return null
  const { timeline, today } = agedTimeline(told)
  const plan = planAt(timeline, today)
  if (plan === undefined) return null
  const figures = tankFigures(plan)
  const { dim, bright } = lightScore(plan, figures)
  const read = plan.light.readings.length
  const steps = startProgramme(timeline).filter(({ lane }) => lane === 'light')
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <div>
        {answersWords.lightNow(
          units.show('ppfd', figures.ppfd, 2),
          units.show('dailyLight', figures.dliMolPerM2, 2),
          units.show('hours', figures.lightHours, 2),
        )}{' '}
        {dim + bright === 0 ? answersWords.lightFits : answersWords.lightWants(String(dim), String(bright))} {answersWords.lightRead(read)}{' '}
        <Link to={addressOfSheet(tank.id, 'light')}>{answersWords.lightPlace}</Link>
      </div>
      {today >= programmeLength(plan) && <div>{answersWords.lightDone}</div>}
      <MarginTable caption={answersWords.lightTarget}>
        {steps.map(({ fromDay, toDay, values }) => {
          const isNow = today >= fromDay && today < toDay
          return (
            <Box component="tr" key={fromDay} sx={{ '& td': { fontWeight: isNow ? '700 !important' : undefined } }}>
              <td>{appWords.dayOfTank(`${significant(fromDay)}–${significant(toDay - 1)}`)}</td>
              <td>{values['light'] && units.tell(values['light'])}</td>
              <td>{values['power'] && units.tell(values['power'])}</td>
              <td>{isNow ? journalWords.now : ''}</td>
            </Box>
          )
        })}
      </MarginTable>
      <Sums ids={['light.ppfd-from-lux', 'light.dli']} tank={tank} />
    </Box>
  )
}
