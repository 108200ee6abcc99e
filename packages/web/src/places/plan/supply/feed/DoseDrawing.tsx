import { feedSheetWords, nutrientWords } from '@jovrin/contract'
import { dayDose, entryAt, FEED_NUTRIENTS, fullAmounts, isChangeDay, plannedLife, SCHOOL, type FeedNutrient, type Plan } from '@jovrin/core'
import { useMemo } from 'react'
import { DoseWeeks } from '../../../../drawing/feed/DoseWeeks.js'
import { Measured } from '../../../../drawing/Measured.js'
import { useUnits } from '../../../../ui/units.js'
import { showLevel } from './nutrientText.js'

const WEEKS = 12
const WEEK = 7

interface DoseDrawingProps {
  readonly plan: Plan
  /** The tank's age; below 0 before its start. */
  readonly age: number
}

/** The dose plan by week of the tank's age: its first weeks, or those around today in an older tank. */
export function DoseDrawing({ plan, age }: DoseDrawingProps) {
  const text = feedSheetWords
  const units = useUnits()
  const fromWeek = age < WEEKS * WEEK ? 0 : Math.floor(age / WEEK) - 4
  const { lanes, changes } = useMemo(() => {
    const { timeline } = plannedLife([{ fromDay: 0, plan }], { today: Math.max(0, age), animalsAllowedFromDay: null })
    const isLevel = SCHOOL[plan.feeding].kind === 'level'
    const full = fullAmounts(plan)
    const given = (nutrient: FeedNutrient): number[] =>
      Array.from({ length: WEEKS }, (_, at) => {
        let sum = 0
        for (let day = (fromWeek + at) * WEEK; day < (fromWeek + at + 1) * WEEK; day++) {
          const entry = entryAt(timeline, day)
          if (entry === undefined) continue
          const dose = dayDose(entry, day, isChangeDay(plan, day)).mgPerL[nutrient]
          sum = isLevel ? Math.max(sum, dose) : sum + dose
        }
        return sum
      })
    const all = FEED_NUTRIENTS.map((nutrient) => ({ nutrient, weekly: given(nutrient) })).filter(
      ({ nutrient, weekly }) => full[nutrient] > 0 || weekly.some((dose) => dose > 0),
    )
    return {
      lanes: all.map(({ nutrient, weekly }) => ({ nutrient, weekly, scale: full[nutrient] > 0 ? full[nutrient] : Math.max(...weekly) })),
      changes: Array.from(
        { length: WEEKS },
        (_, at) => Array.from({ length: WEEK }, (__, day) => isChangeDay(plan, (fromWeek + at) * WEEK + day)).filter(Boolean).length,
      ),
    }
  }, [plan, age, fromWeek])
  if (lanes.length === 0) return null
  return (
    <Measured usual={780}>
      {(width) => (
        <DoseWeeks
          width={width}
          description={text.weeksDescription(plan.name)}
          lanes={lanes.map(({ nutrient, weekly, scale }) => ({
            label: nutrientWords[nutrient],
            amount: `${text.full}: ${showLevel(units, nutrient, scale)}`,
            shareOfWeek: weekly.map((dose) => dose / scale),
          }))}
          changesOfWeek={changes}
          changeLabel={text.change}
          weekLabel={text.weekAxis}
          firstWeek={fromWeek}
          todayWeek={age < 0 ? null : age / WEEK - fromWeek}
          todayLabel={text.today}
        />
      )}
    </Measured>
  )
}
