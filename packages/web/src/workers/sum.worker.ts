import { forecastMember, warmUp, type ArmResult, type CheckpointStore, type MemberCache } from '@jovrin/core'
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

type Answer = Tasks[TaskKind]['result']
/** Sums that few pages ask for are fetched when they are. */
const seldom = () => import('./seldomSums.js')

function answer(asking: AnyTask, part: number): Answer | Promise<Answer> {
  switch (asking.kind) {
    case 'forecast':
      return forecastMember(asking.task.options, part, pastOf(asking.task.pastKey), checkpoints)
    case 'trials':
      return trialsOfMember(asking.task, part)
    case 'hindcast':
      return seldom().then(({ hindcastMember }) => hindcastMember(asking.task, part))
    case 'courses':
      return seldom().then(({ feedCourses }) => feedCourses(asking.task, part, checkpoints))
    case 'stocking':
      return seldom().then(({ stockingMember }) => stockingMember(asking.task, part))
    case 'away':
      return seldom().then(({ awayMember }) => awayMember(asking.task, part))
    case 'density':
      return seldom().then(({ startDensity }) => startDensity(asking.task))
    case 'light':
      return seldom().then(({ lightPicture, tankFigures }) =>
        lightPicture(tankFigures(asking.task.plan), asking.task.view, asking.task.cellCm),
      )
    case 'outlook':
      return seldom().then(({ standOutlook }) => standOutlook(asking.task))
    case 'grounds':
      return seldom().then(({ compareGrounds }) => compareGrounds(asking.task))
  }
}

/** All changes of one member start from the same state, which the forecast has left in its past. */
function trialsOfMember({ options, trials, pastKey }: Tasks['trials']['task'], member: number): Tasks['trials']['result'] {
  const past = pastOf(pastKey)
  const runs = trials.map(({ levers }) => forecastMember({ ...options, levers }, member, past, checkpoints))
  const planned = runs[0]?.planned ?? forecastMember(options, member, past, checkpoints).planned
  const bare = ({ weeks }: ArmResult): ArmResult => ({ weeks, curves: [] })
  return { member, planned: bare(planned), changed: runs.map((run) => bare(run.changed ?? run.planned)) }
}

const reply = (message: FromWorker): void => self.postMessage(message)

async function replyWith(ticket: number, part: number, task: AnyTask): Promise<void> {
  try {
    reply({ ticket, part, result: await answer(task, part) })
  } catch (error) {
    reply({ ticket, part, error: error instanceof Error ? error.message : String(error) })
  }
}

self.onmessage = ({ data }: MessageEvent<ToWorker>) => {
  const { ticket } = data
  if (data.say === 'begin') asked.set(ticket, data.asked)
  else if (data.say === 'end') asked.delete(ticket)
  else {
    const task = asked.get(ticket)
    if (task === undefined) return
    void replyWith(ticket, data.part, task)
  }
}

// Before the first request comes; one that is already waiting is served after it.
warmUp()
