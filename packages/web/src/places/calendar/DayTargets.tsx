import { useDroppable } from '@dnd-kit/core'
import { Box } from '@mui/material'
import type { ReactNode } from 'react'
import { columnPx, LABEL_PX } from '../../drawing/schedule/scheduleGeometry.js'
import { longDate } from '../../ui/units.js'

interface DayTargetsProps {
  readonly width: number
  readonly dates: readonly string[]
  readonly children: ReactNode
}

/** The schedule with its days as places on which a job can be put down. */
export function DayTargets({ width, dates, children }: DayTargetsProps) {
  const column = columnPx(width, dates.length)
  return (
    <Box sx={{ position: 'relative' }}>
      {children}
      {dates.map((date, index) => (
        <DayTarget key={date} date={date} leftPx={LABEL_PX + index * column} widthPx={column} />
      ))}
    </Box>
  )
}

function DayTarget({ date, leftPx, widthPx }: { date: string; leftPx: number; widthPx: number }) {
  const { setNodeRef, isOver } = useDroppable({ id: date, data: { name: longDate(date) } })
  return (
    <Box
      ref={setNodeRef}
      sx={{ position: 'absolute', top: 0, bottom: 0, pointerEvents: 'none', ...(isOver ? { outline: '2px solid var(--focus)' } : {}) }}
      style={{ left: leftPx, width: widthPx }}
    />
  )
}
