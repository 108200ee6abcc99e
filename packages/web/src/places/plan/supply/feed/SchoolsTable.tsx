import { feedSheetWords, nutrientWords } from '@jovrin/contract'
import {
  COURSE_WEEKS,
  courseBand,
  datePlusDays,
  feedNeeds,
  fullAmounts,
  minutesPerWeek,
  monthlyCost,
  NUTRIENT_DIMENSION,
  runningParts,
  SCHOOL,
  weekRecipe,
  type FeedCourse,
  type MemberCourses,
  type WeekColumn,
} from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { money, significant, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { courseName } from './comparedCourses.js'

const TOLD = [
  ['nitrateN', 'nitrate'],
  ['phosphateP', 'phosphate'],
  ['potassium', 'potassium'],
] as const
/** Past every phase and the dense changes of the first weeks. */
const SETTLED_DAY = 364

interface SchoolsTableProps {
  readonly desk: Desk
  readonly courses: readonly FeedCourse[]
  readonly results: readonly MemberCourses[]
}

/** The schools as columns: what each adds, where it leads in half a year, what it costs. */
export function SchoolsTable({ desk: { plan, figures }, courses, results }: SchoolsTableProps) {
  const text = feedSheetWords
  const units = useUnits()
  const columns = useMemo(
    () =>
      courses.map((course) => {
        const followed = { ...plan, feeding: course.school }
        const isLevel = SCHOOL[course.school].kind === 'level'
        return {
          course,
          isLevel,
          adds: isLevel ? fullAmounts(followed) : weekRecipe(followed).givenMgPerL,
          products: feedNeeds(followed, figures.waterL).length,
          cost: monthlyCost(runningParts(followed, figures).filter(({ kind }) => kind === 'salts' || kind === 'fertiliser')),
          minutes: minutesPerWeek(
            { timeline: [{ fromDay: 0, plan: followed }], startedOn: plan.startedOn },
            datePlusDays(plan.startedOn, SETTLED_DAY),
          ),
        }
      }),
    [courses, plan, figures],
  )
  const last = COURSE_WEEKS - 1
  const percent = (value: number): string => significant(value * 100, 2)
  const band = (at: number, column: WeekColumn, shown: (value: number) => string): string => {
    if (results.length === 0) return '…'
    const { low, median, high } = courseBand(results, at, column, last)
    const [from, to] = [shown(low), shown(high)]
    return from === to ? shown(median) : text.bandTold(shown(median), from, to)
  }
  const rows: readonly (readonly [name: string, cells: readonly string[]])[] = [
    ...TOLD.map(([nutrient]) => {
      const dimension = NUTRIENT_DIMENSION[nutrient]
      const cells = columns.map(({ adds, isLevel }) => {
        const amount = significant(units.to(dimension, adds[nutrient]), 2)
        return isLevel ? text.upTo(amount) : amount
      })
      return [text.addsRow(nutrientWords[nutrient], units.unitOf(dimension)), cells] as const
    }),
    ...TOLD.map(([nutrient, column]) => {
      const dimension = NUTRIENT_DIMENSION[nutrient]
      return [
        text.levelRow(nutrientWords[nutrient], units.unitOf(dimension)),
        columns.map((_, at) => band(at, column, (value) => significant(units.to(dimension, value), 2))),
      ] as const
    }),
    [text.rows.plants, columns.map((_, at) => band(at, 'feed', percent))],
    [text.rows.lead, columns.map((_, at) => band(at, 'lead', percent))],
    [text.rows.reds, columns.map((_, at) => band(at, 'redness', percent))],
    [text.rows.bases, columns.map((_, at) => band(at, 'baseLossStems', percent))],
    [text.rows.ground, columns.map((_, at) => band(at, 'groundN', (value) => significant(value, 2)))],
    // A bottle without a price, and what tests ask for, cost nobody knows what.
    [text.rows.cost, columns.map(({ cost }) => (cost > 0 ? money(cost, plan.money.currency) : text.notTold))],
    [
      text.rows.work,
      columns.map(({ minutes, products, isLevel }) =>
        text.workTold(units.show('minutes', minutes), isLevel ? text.byTest : significant(products)),
      ),
    ],
  ]
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="table"
        aria-label={text.schools}
        className="figures"
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          fontSize: 13,
          '& th': { fontWeight: 'normal', textAlign: 'left', verticalAlign: 'bottom', pr: 1 },
          '& tbody th': { color: 'text.secondary' },
          '& td': { borderTop: '1px solid var(--hair)', pr: 1, verticalAlign: 'top' },
          '& tbody th, & td': { borderTop: '1px solid var(--hair)', py: '2px' },
        }}
      >
        <thead>
          <tr>
            <td />
            {columns.map(({ course }, at) => (
              <th key={at} scope="col">
                <strong>{courseName(course)}</strong>
                {at === 0 && ` (${text.schoolNow})`}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, cells]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              {cells.map((cell, at) => (
                <td key={at}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  )
}
