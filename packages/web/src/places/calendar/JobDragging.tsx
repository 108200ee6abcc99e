import {
  DragOverlay,
  pointerWithin,
  useDraggable,
  type ClientRect,
  type CollisionDetection,
  type DragEndEvent,
  type KeyboardCoordinateGetter,
} from '@dnd-kit/core'
import { jobTitleWords } from '@jovrin/contract'
import type { ListedJob } from '@jovrin/core'
import { Box } from '@mui/material'
import { useState, type ReactNode } from 'react'
import { Dragging, type Named } from '../../ui/dragging/Dragging.js'
import { Grip } from '../../ui/dragging/Grip.js'

interface Dragged extends Named {
  readonly job: ListedJob
}
const draggedOf = ({ active }: Pick<DragEndEvent, 'active'>): Dragged | null => (active.data.current as Dragged | undefined) ?? null // only jobs are dragged here

/** The day under the pointer; of what is moved by keys, under its middle. */
const dayUnder: CollisionDetection = (given) =>
  pointerWithin({ ...given, pointerCoordinates: given.pointerCoordinates ?? middleOf(given.collisionRect) })
const middleOf = ({ left, top, width, height }: ClientRect) => ({ x: left + width / 2, y: top + height / 2 })

const STEPS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 }
/** Keys go from day to day, and from week to week, beginning at the job's own. */
const fromDayToDay: KeyboardCoordinateGetter = (event, { context: { active, droppableRects, over, collisionRect } }) => {
  const step = STEPS[event.code]
  if (step === undefined || collisionRect === null || active === null) return undefined
  event.preventDefault()
  const days = [...droppableRects].sort(([a], [b]) => String(a).localeCompare(String(b)))
  const at = days.findIndex(([date]) => date === (over?.id ?? draggedOf({ active })?.job.on))
  const day = days[Math.min(days.length - 1, Math.max(0, at + step))]?.[1]
  return day && { x: day.left + (day.width - collisionRect.width) / 2, y: day.top + (day.height - collisionRect.height) / 2 }
}

interface JobDraggingProps {
  /** A job was put down on another day. */
  readonly onPut: (job: ListedJob, date: string) => void
  readonly children: ReactNode
}
/** Jobs inside can be dragged on to days inside. */
export function JobDragging({ onPut, children }: JobDraggingProps) {
  const [name, setName] = useState<string | null>(null)
  return (
    <Dragging
      collisionDetection={dayUnder}
      byKeys={fromDayToDay}
      onDragStart={(event) => setName(draggedOf(event)?.name ?? null)}
      onDragCancel={() => setName(null)}
      onDragEnd={(event) => {
        setName(null)
        const job = draggedOf(event)?.job
        const date = event.over === null ? null : String(event.over.id)
        if (job !== undefined && date !== null && date !== job.on) onPut(job, date)
      }}
    >
      {children}
      <DragOverlay dropAnimation={null}>
        {name !== null && (
          <Box
            className="lettering"
            sx={{
              width: 'max-content',
              px: 1,
              background: 'var(--sheet)',
              border: '1px solid var(--ink)',
              textTransform: 'none',
              fontSize: 16,
            }}
          >
            {name}
          </Box>
        )}
      </DragOverlay>
    </Dragging>
  )
}

/** Takes a job to another day. */
export function JobGrip({ job }: { job: ListedJob }) {
  const name = jobTitleWords[job.kind]
  const { setNodeRef, attributes, listeners } = useDraggable({ id: `${job.ruleId} ${job.dueOn}`, data: { name, job } satisfies Dragged })
  return <Grip name={name} gripRef={setNodeRef} attributes={attributes} listeners={listeners} />
}
