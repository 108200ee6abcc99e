import { forecastMember, warmUp, type CheckpointStore, type ForecastOptions, type MemberCache, type MemberResult } from '@jovrin/core'

/** Asks one worker for some members; `pastKey` names everything that levers cannot change. */
export interface ForecastJob {
  readonly ticket: number
  readonly options: ForecastOptions
  readonly members: readonly number[]
  readonly pastKey: string
}
export interface ForecastReply {
  readonly ticket: number
  readonly result: MemberResult
}

// A few tanks are open at a time; the oldest past is let go.
const PASTS_KEPT = 6
const pasts = new Map<string, MemberCache>()
/** Lives as long as the worker: a change of yesterday leaves the states before it. */
const checkpoints: CheckpointStore = new Map()
let newest = 0

const pastOf = (key: string): MemberCache => {
  const found = pasts.get(key) ?? (new Map() as MemberCache) // empty, so of any element type
  pasts.delete(key)
  pasts.set(key, found)
  for (const oldest of pasts.keys()) if (pasts.size > PASTS_KEPT) pasts.delete(oldest)
  return found
}

/** Lets messages in between two members, so that a newer request ends an older one at once. */
const breathe = (): Promise<void> =>
  new Promise((resolve) => {
    const channel = new MessageChannel()
    channel.port1.onmessage = () => resolve()
    channel.port2.postMessage(null)
  })

self.onmessage = async ({ data }: MessageEvent<ForecastJob>) => {
  newest = Math.max(newest, data.ticket)
  const past = pastOf(data.pastKey)
  for (const member of data.members) {
    await breathe()
    if (data.ticket < newest) return
    const reply: ForecastReply = { ticket: data.ticket, result: forecastMember(data.options, member, past, checkpoints) }
    self.postMessage(reply)
  }
}

// Before the first request comes; one that is already waiting is served after it.
warmUp()
