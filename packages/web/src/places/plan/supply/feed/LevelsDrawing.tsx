import { feedSheetWords, nutrientWords } from '@jovrin/contract'
import { COURSE_WEEKS, courseBand, NUTRIENT_DIMENSION, type FeedNutrient, type MemberCourses, type WeekColumn } from '@jovrin/core'
import { Box } from '@mui/material'
import { LevelLanes } from '../../../../drawing/feed/LevelLanes.js'
import { Measured } from '../../../../drawing/Measured.js'
import { significant, useUnits } from '../../../../ui/units.js'

const DRAWN = [
  ['nitrateN', 'nitrate'],
  ['phosphateP', 'phosphate'],
  ['potassium', 'potassium'],
  ['magnesium', 'magnesium'],
  ['iron', 'iron'],
] as const satisfies readonly (readonly [FeedNutrient, WeekColumn])[]

interface LevelsDrawingProps {
  readonly name: string
  readonly results: readonly MemberCourses[]
  /** Places of the drawn courses among those that were run; the first is filled, the other dashed. */
  readonly drawn: number
  readonly other: number | null
}

/** Where the levels of a course go over half a year, with another beside it. */
export function LevelsDrawing({ name, results, drawn, other }: LevelsDrawingProps) {
  const text = feedSheetWords
  const units = useUnits()
  const weeks = Array.from({ length: COURSE_WEEKS }, (_, week) => week)
  const bands = (course: number, column: WeekColumn) => weeks.map((week) => courseBand(results, course, column, week))
  return (
    <>
      <Measured usual={780}>
        {(width) => (
          <LevelLanes
            width={width}
            description={text.levelsDescription(name)}
            weekLabel={text.weekAxis}
            lanes={[
              ...DRAWN.map(([nutrient, column]) => ({
                label: `${nutrientWords[nutrient]}, ${units.unitOf(NUTRIENT_DIMENSION[nutrient])}`,
                bands: bands(drawn, column),
                others: other === null ? [] : bands(other, column),
                show: (value: number) => significant(units.to(NUTRIENT_DIMENSION[nutrient], value), 2),
              })),
              {
                label: text.groundLane,
                bands: bands(drawn, 'groundN'),
                others: other === null ? [] : bands(other, 'groundN'),
                show: (value: number) => significant(value, 2),
              },
            ]}
          />
        )}
      </Measured>
      <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{text.levelsNote}</Box>
    </>
  )
}
