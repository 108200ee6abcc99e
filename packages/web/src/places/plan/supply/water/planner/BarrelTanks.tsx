import { waterSheetWords } from '@jovrin/contract'
import { barrelCourse, datePlusDays, mixOf, purifiedDraws, tankFigures } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { allTanks } from '../../../../../api/tanks.queries.js'
import { HeadRow } from '../../../../../ui/HeadRow.js'
import { shortDate, useUnits } from '../../../../../ui/units.js'
import type { Desk } from '../../../desk.js'
import { Heading } from '../../light/LampsPanel.js'

const DAYS = 28

/** All tanks that are changed from one barrel: whether what the purifier gives is enough, and on which day it is not. */
export function BarrelTanks({ desk: { tankId, plan }, age }: { readonly desk: Desk; readonly age: number }) {
  const text = waterSheetWords
  const units = useUnits()
  const tanks = useQuery(allTanks()).data
  const today = datePlusDays(plan.startedOn, age)
  const all = useMemo(
    () =>
      // This sheet's plan may be a moment ahead of the server's.
      [{ id: tankId, plan }, ...(tanks ?? []).filter(({ id }) => id !== tankId)]
        .map((tank) => {
          const { waterL } = tankFigures(tank.plan)
          const draws = purifiedDraws(tank.plan, waterL, today, DAYS)
          return {
            id: tank.id,
            name: tank.plan.name,
            eachL: mixOf(tank.plan).purified * waterL * tank.plan.changes.fraction,
            draws,
            totalL: draws.reduce((sum, { litres }) => sum + litres, 0),
          }
        })
        .filter(({ totalL }) => totalL > 0),
    [tankId, plan, tanks, today],
  )
  const { barrelL, purifierLPerDay } = plan.logistics
  const course =
    barrelL === null || purifierLPerDay === null
      ? null
      : barrelCourse({ draws: all.flatMap(({ draws }) => draws), barrelL, unitLPerDay: purifierLPerDay }, DAYS)
  const litres = (value: number): string => units.show('volume', value, 2)
  return (
    <Box component="section" aria-labelledby="water-barrels" sx={{ mt: 1.5 }}>
      <Heading id="water-barrels">{text.barrels}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <Box sx={{ color: 'text.secondary' }}>{text.barrelsWhy}</Box>
        {all.length === 0 ? (
          <div role="status">{text.barrelsNone}</div>
        ) : (
          <>
            <Box
              component="table"
              className="figures"
              sx={{ width: '100%', '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' } }}
            >
              <HeadRow heads={text.barrelsHead} />
              <tbody>
                {all.map(({ id, name, eachL, totalL }) => (
                  <tr key={id}>
                    <td>
                      {id === tankId ? (
                        name
                      ) : (
                        <Box component={Link} to={`/tanks/${id}/supply/water?part=planner`} sx={{ color: 'inherit' }}>
                          {name}
                        </Box>
                      )}
                    </td>
                    <td>{litres(eachL)}</td>
                    <td>{litres(totalL)}</td>
                  </tr>
                ))}
                {all.length > 1 && (
                  <tr>
                    <td>{text.barrelsAll}</td>
                    <td />
                    <td>{litres(all.reduce((sum, { totalL }) => sum + totalL, 0))}</td>
                  </tr>
                )}
              </tbody>
            </Box>
            <Box role="status" sx={course?.shortOnDay == null ? {} : { color: 'var(--algae)' }}>
              {course === null
                ? text.barrelsOpen
                : course.shortOnDay === null
                  ? text.barrelsLast(litres(Math.min(...course.days.map(({ leftL }) => leftL))))
                  : text.barrelsShort(shortDate(datePlusDays(today, course.shortOnDay)), litres(course.shortL))}
            </Box>
          </>
        )}
      </Box>
    </Box>
  )
}
