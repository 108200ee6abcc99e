import { compareGrounds, forecastMember, hindcastMember, warmUp, type CheckpointStore, type MemberCache } from '@jovrin/core'
import type { AnyTask, FromWorker, Tasks, TaskKind, ToWorker } from './tasks.js'

const asked = new Map<number, AnyTask>()

// A few tanks are open at a time; the oldest past is let go.
const PASTS_KEPT = 6
const pasts = new Map<string, MemberCache>()
/** Lives as long as the worker: a change of yesterday leaves the states before it. */
const checkpoints: CheckpointStore = new Map()

const pastOf = (key: string): MemberCache => {
  const found = pasts.get(key) ?? (new Map() as MemberCache) // empty, so of any element type
  pasts.delete(key)
  pasts.set(key, found)
  for (const oldest of pasts.keys()) if (pasts.size > PASTS_KEPT) pasts.delete(oldest)
  return found
}

function answer(asking: AnyTask, part: number): Tasks[TaskKind]['result'] {
  switch (asking.kind) {
    case 'forecast':
      return forecastMember(asking.task.options, part, pastOf(asking.task.pastKey), checkpoints)
    case 'hindcast':
      return hindcastMember(asking.task, part)
    case 'grounds':
      return compareGrounds(asking.task)
  }
}

const reply = (message: FromWorker): void => self.postMessage(message)

self.onmessage = ({ data }: MessageEvent<ToWorker>) => {
  const { ticket } = data
  if (data.say === 'begin') asked.set(ticket, data.asked)
  else if (data.say === 'end') asked.delete(ticket)
  else {
    const task = asked.get(ticket)
    if (task === undefined) return
    const { part } = data
    try {
      reply({ ticket, part, result: answer(task, part) })
    } catch (error) {
      reply({ ticket, part, error: error instanceof Error ? error.message : String(error) })
    }
  }
}

// Before the first request comes; one that is already waiting is served after it.
warmUp()
