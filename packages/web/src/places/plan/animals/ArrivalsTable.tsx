import { animalsWords } from '@jovrin/contract'
import { ARRIVAL_APART_DAYS, arrivalsOf, inGroups, type Arrival, type Plan, type TankFigures } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { timelineOfTank } from '../../../api/tanks.queries.js'
import { Choice } from '../../../ui/Choice.js'
import { HeadRow } from '../../../ui/HeadRow.js'
import { significant, useUnits } from '../../../ui/units.js'
import { nameOfSpecies } from '../../shared/animals/nameOfGroup.text.js'
import { BandCell } from '../../shared/BandCell.js'
import { AFTER_DAYS, type Gates } from '../../shared/animals/useGates.js'
import type { Desk } from '../desk.js'

interface ArrivalsProps {
  readonly desk: Desk
  readonly gates: Gates
  readonly isFilmSeen: boolean | null
  readonly onFilmSeen: (isSeen: boolean | null) => void
}

/** Arrivals in turn, each with what the model makes of the weeks after it, and whether it may come today. */
export function ArrivalsTable({ desk, gates, isFilmSeen, onFilmSeen }: ArrivalsProps) {
  const { plan, figures, change } = desk
  const allowedFromDay = useQuery(timelineOfTank(desk.tankId)).data?.animalsAllowedFromDay ?? null
  const text = animalsWords
  const ordered = inGroups(plan, gates.today, allowedFromDay)
  const isInGroups = areApart(plan, ordered, gates.today)
  const asksForFilm = [...gates.gates.values()].some(({ checks }) => checks.some(({ check }) => check === 'food'))
  return (
    <Box component="section" aria-label={text.order} sx={{ display: 'grid', gap: 0.75 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16 }}>
        {text.order}
      </Box>
      <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{text.orderWhy}</Box>
      <Box
        component="table"
        className="figures"
        sx={{
          borderCollapse: 'collapse',
          fontSize: 14,
          '& td, & th': { textAlign: 'left', pr: 1.5, py: 0.25, verticalAlign: 'top', fontWeight: 'normal' },
          '& tbody tr': { borderTop: '1px solid var(--hair)' },
        }}
      >
        <HeadRow heads={Object.values(text.heads)} />
        <tbody>
          {arrivalsOf(figures.kept, figures.foodGPerDay).map((arrival) => (
            <ArrivalRow key={arrival.day} arrival={arrival} gates={gates} figures={figures} />
          ))}
        </tbody>
      </Box>
      <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
        {!isInGroups && <Button onClick={() => change(() => ordered)}>{text.inGroups}</Button>}
        {asksForFilm && (
          <Choice
            label={text.filmSeen}
            why={text.filmSeenWhy}
            value={isFilmSeen === null ? null : isFilmSeen ? 'yes' : 'no'}
            options={[
              ['yes', text.yes],
              ['no', text.no],
            ]}
            canBeUnknown
            onChange={(next) => onFilmSeen(next === null ? null : next === 'yes')}
          />
        )}
      </Box>
    </Box>
  )
}

/** Nothing is offered to those who planned as much room between groups themselves: none earlier than it would be put, and a week between any two. */
function areApart(plan: Plan, ordered: Plan, today: number): boolean {
  const waiting = plan.animals.groups.filter(({ fromDay, count }) => fromDay > today && count !== 0)
  const days = waiting.map(({ fromDay }) => fromDay).sort((a, b) => a - b)
  const first = Math.min(...ordered.animals.groups.filter(({ fromDay }) => fromDay > today).map(({ fromDay }) => fromDay))
  return days.every((day, at) => day >= first && (at === 0 || day - (days[at - 1] ?? 0) >= ARRIVAL_APART_DAYS))
}

function ArrivalRow({ arrival, gates, figures }: { readonly arrival: Arrival; readonly gates: Gates; readonly figures: TankFigures }) {
  const units = useUnits()
  const text = animalsWords
  const { ahead, today } = gates
  const isIn = arrival.day <= today
  const isFar = ahead !== null && !isIn && arrival.day - today > MOST_TOLD_DAYS
  return (
    <tr>
      <td>{significant(arrival.day)}</td>
      <td>
        {arrival.groups.map(({ group, species, count }) => (
          <div key={group.id}>
            {group.count === null ? '' : `${significant(count)} `}
            <i>{nameOfSpecies(species)}</i>
          </div>
        ))}
      </td>
      <td>{figures.foodGPerDay > 0 ? text.shareOf(units.show('fraction', arrival.foodShare)) : '–'}</td>
      {isIn || isFar ? (
        <>
          <td>–</td>
          <td>–</td>
        </>
      ) : ahead === null ? (
        <td colSpan={2}>{text.waits}</td>
      ) : (
        <>
          <BandCell band={ahead.ammoniumAfter(arrival.day - today, AFTER_DAYS)} dimension="ammonia" />
          <BandCell band={ahead.oxygenAfter(arrival.day - today, AFTER_DAYS)} dimension="concentration" />
        </>
      )}
      <td>
        {isIn
          ? text.inNow
          : arrival.groups.map(({ group }) => {
              const gate = gates.gates.get(group.id)
              return <div key={group.id}>{gate === undefined ? text.waits : text.shortVerdict[gate.verdict]}</div>
            })}
      </td>
    </tr>
  )
}
const MOST_TOLD_DAYS = 120
