import { awayWords } from '@jovrin/contract'
import {
  absenceOn,
  awayWater,
  datePlusDays,
  daysBetween,
  entryAt,
  isVisitDay,
  lightSettingOf,
  RISE_DAYS,
  type Absence,
  type Plan,
  type TankFigures,
  type TimelineEntry,
} from '@jovrin/core'
import { AwayStrip, type AwayMark, type AwayStripDay } from '../../../drawing/absence/AwayStrip.js'
import { Measured } from '../../../drawing/Measured.js'
import { longDate, shortDate, useUnits } from '../../../ui/units.js'

interface DrawingProps {
  readonly timeline: readonly TimelineEntry[]
  readonly plan: Plan
  readonly figures: TankFigures
  readonly absence: Absence
}
/** Before the first day on which something is set. */
const LEAD_DAYS = 2
const LEAST_BEFORE = 7
/** A date needs so much room [px]. */
const DATE_PX = 62

/** The days around an absence on one strip. */
export function AwayDrawing({ timeline, plan, figures, absence }: DrawingProps) {
  const units = useUnits()
  const text = awayWords
  const dayOf = (date: string): number => daysBetween(plan.startedOn, date)
  const [leaveDay, backDay] = [dayOf(absence.leaveOn), dayOf(absence.backOn)]
  const first = Math.min(
    leaveDay - LEAST_BEFORE,
    ...[absence.lowerFrom, absence.cleanOn].flatMap((date) => (date === null ? [] : [dayOf(date) - LEAD_DAYS])),
  )
  const count = backDay + (absence.lowerFrom === null ? LEAD_DAYS : RISE_DAYS) + LEAD_DAYS - first
  const water = awayWater(plan, figures, absence)
  const doses = Array.from({ length: count }, (_, at) => {
    const setOn = entryAt(timeline, Math.max(0, first + at))?.plan
    if (setOn === undefined) return 0
    const { hours, dimFraction } = lightSettingOf(setOn)
    return hours * dimFraction
  })
  const full = Math.max(1e-6, ...doses)
  const days = doses.map((dose, at): AwayStripDay => {
    const day = first + at
    const found = absenceOn(plan, day)
    const isOf = found?.absence.id === absence.id ? found : null
    return {
      light: dose / full,
      fallCm: water.fallCmOfDay[day - leaveDay] ?? 0,
      isAway: day >= leaveDay && day < backDay,
      mark: isOf === null ? null : markOf(isOf.stage, day === leaveDay, isVisitDay(isOf, day)),
      hasWork: isOf?.isLightDay === true,
      date: '',
    }
  })
  const dated = (width: number): AwayStripDay[] => {
    const every = Math.max(1, Math.ceil((DATE_PX * count) / width))
    return days.map((day, at) => (at % every === 0 ? { ...day, date: shortDate(datePlusDays(plan.startedOn, first + at)) } : day))
  }
  return (
    <Measured usual={820}>
      {(width) => (
        <AwayStrip
          width={width}
          description={text.stripDescription(plan.name, longDate(absence.leaveOn), longDate(absence.backOn))}
          days={dated(width)}
          mayFallCm={water.mayFallCm}
          labels={{
            light: text.lanes.light,
            full: text.lightFull,
            water: text.lanes.water,
            line: text.waterLine(units.show('length', water.mayFallCm, 2)),
            work: text.lanes.work,
            marks: text.marks,
          }}
        />
      )}
    </Measured>
  )
}

function markOf(stage: string, isLeaving: boolean, isVisit: boolean): AwayMark | null {
  if (isLeaving) return 'leave'
  if (isVisit) return 'visit'
  return stage === 'clean' || stage === 'back' ? stage : null
}
