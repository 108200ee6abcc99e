import { feedSheetWords } from '@jovrin/contract'
import {
  COURSE_WEEKS,
  courseBand,
  countedSpecies,
  GROUND_STORES,
  groundStockMg,
  isInertGround,
  reserveCourse,
  type GroundStore,
  type MemberCourses,
} from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { significant, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { Heading } from '../light/LampsPanel.js'

const NAMES_TOLD = 4

interface GroundPartProps {
  readonly desk: Desk
  readonly results: readonly MemberCourses[]
}

/** The ground's store over the next half year under the plan, and who lives by it. */
export function GroundPart({ desk: { plan, figures }, results }: GroundPartProps) {
  const text = feedSheetWords
  const units = useUnits()
  const rooted = useMemo(
    () =>
      countedSpecies([...figures.beds, ...figures.spots])
        .filter(({ plant }) => plant.feeding === 'root')
        .map(({ plant }) => plant.name),
    [figures.beds, figures.spots],
  )
  const stocks = useMemo(() => groundStockMg(figures.layers), [figures.layers])
  const last = COURSE_WEEKS - 1
  const isInert = isInertGround(results, figures.waterL)
  const spent = (store: GroundStore): string => {
    const course = reserveCourse(results, store, stocks[GROUND_STORES.indexOf(store)] ?? 0)
    return course.kind === 'in-weeks' ? text.groundGone(significant(course.weeks)) : text.groundCourse[course.kind]
  }
  return (
    <section aria-labelledby="feed-ground">
      <Heading id="feed-ground">{text.ground}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <div>{text.groundWhy}</div>
        {results.length === 0 ? (
          <div role="status">{text.levelsWait}</div>
        ) : (
          <Box
            component="table"
            className="figures"
            sx={{ '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' }, '& td': { pr: 1.5, verticalAlign: 'top' } }}
          >
            <HeadRow heads={text.groundHead} />
            <tbody>
              {GROUND_STORES.map((column) => {
                const [now, then] = [courseBand(results, 0, column, 0), courseBand(results, 0, column, last)]
                const mg = (value: number): string => significant(value, 2)
                return (
                  <tr key={column}>
                    <td>{text.groundElements[column]}</td>
                    <td>{text.groundTold(units.show('content', now.median, 2), mg(now.low), mg(now.high))}</td>
                    <td>{text.groundTold(units.show('content', then.median, 2), mg(then.low), mg(then.high))}</td>
                    <td>{spent(column)}</td>
                  </tr>
                )
              })}
            </tbody>
          </Box>
        )}
        {isInert && plan.tabs.length === 0 && <div>{text.groundInert}</div>}
        <div>{rooted.length === 0 ? text.groundNobody : text.groundFirst(rooted.slice(0, NAMES_TOLD).join(', '))}</div>
        <Box sx={{ color: 'text.secondary' }}>{units.words(text.groundNote)}</Box>
      </Box>
    </section>
  )
}
