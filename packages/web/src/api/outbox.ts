import { JobRecordSchema, JournalEntry } from '@jovrin/contract'
import type { JobRecord, JournalRecord } from '@jovrin/core'
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { ApiError, changeJson, postJson } from './http.js'

/** A record that the server has not acknowledged. It carries its own id, so sending it twice does no harm. */
export interface Waiting {
  readonly key: string
  readonly tankId: string
  readonly queuedAt: number
  readonly sent:
    | { readonly kind: 'record'; readonly record: JournalRecord }
    | { readonly kind: 'job'; readonly record: JobRecord; readonly replaces: string | null }
  /** The server's sentence, where it refused; kept until a person looks at it. */
  readonly refusal: string | null
}
interface Store extends DBSchema {
  outbox: { key: string; value: Waiting }
}
export type Outcome = 'kept' | 'waiting'
/** By which what was told of a job waits. */
export const jobKey = (tankId: string, { ruleId, dueOn }: Pick<JobRecord, 'ruleId' | 'dueOn'>): string => `${tankId} ${ruleId} ${dueOn}`

const RETRY_MS = 12_000
let database: Promise<IDBPDatabase<Store>> | null = null
const opened = (): Promise<IDBPDatabase<Store>> =>
  (database ??= openDB<Store>('jovrin', 1, { upgrade: (db) => void db.createObjectStore('outbox', { keyPath: 'key' }) }))

const listeners = new Set<() => void>()
let waiting: readonly Waiting[] = []
async function refresh(): Promise<void> {
  waiting = (await (await opened()).getAll('outbox')).sort((a, b) => a.queuedAt - b.queuedAt)
  listeners.forEach((listener) => listener())
}

const deliver = async ({ tankId, sent }: Pick<Waiting, 'tankId' | 'sent'>): Promise<void> => {
  if (sent.kind === 'record') await postJson(`/api/tanks/${tankId}/journal`, sent.record, JournalEntry)
  else
    await changeJson('PUT', `/api/tanks/${tankId}/jobs/${encodeURIComponent(sent.record.ruleId)}/${sent.record.dueOn}`, JobRecordSchema, {
      body: sent.record,
      ...(sent.replaces === null ? {} : { ifMatch: `"${sent.replaces}"` }),
    })
}
/** The server cannot be reached, or cannot be asked just now; anything else is an answer. */
const isAway = (error: unknown): boolean =>
  error instanceof ApiError && (error.status === 0 || error.status === 401 || error.status === 503)

/** Sends, or keeps for later where the server does not answer. Refusals are thrown. */
async function send(tankId: string, sent: Waiting['sent'], key: string): Promise<Outcome> {
  try {
    await deliver({ tankId, sent })
    return 'kept'
  } catch (error) {
    if (!isAway(error)) throw error
    await (await opened()).put('outbox', { key, tankId, queuedAt: Date.now(), sent, refusal: null })
    await refresh()
    return 'waiting'
  }
}

let replaying: Promise<readonly string[]> | null = null
/** Sends what waits, oldest first; tells whose tanks changed. One run at a time. */
function replay(): Promise<readonly string[]> {
  return (replaying ??= (async () => {
    const touched: string[] = []
    try {
      for (const item of (await (await opened()).getAll('outbox')).sort((a, b) => a.queuedAt - b.queuedAt)) {
        if (item.refusal !== null) continue
        try {
          await deliver(item)
          await (await opened()).delete('outbox', item.key)
          touched.push(item.tankId)
        } catch (error) {
          if (isAway(error)) break
          await (await opened()).put('outbox', { ...item, refusal: error instanceof Error ? error.message : String(error) })
        }
      }
    } finally {
      replaying = null
      await refresh()
    }
    return touched
  })())
}

export const outbox = {
  logRecord: (tankId: string, record: JournalRecord): Promise<Outcome> => send(tankId, { kind: 'record', record }, record.id),
  tellJob: (tankId: string, record: JobRecord, replaces: string | null): Promise<Outcome> =>
    send(tankId, { kind: 'job', record, replaces }, jobKey(tankId, record)),
  discard: async (key: string): Promise<void> => {
    await (await opened()).delete('outbox', key)
    await refresh()
  },
  list: (): readonly Waiting[] => waiting,
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener)
    return () => listeners.delete(listener)
  },
  /** Watches for the server's return; `onSent` hears whose records went out. */
  watch: (onSent: (tankIds: readonly string[]) => void): (() => void) => {
    const tryNow = (): void =>
      void replay()
        .then((tankIds) => tankIds.length > 0 && onSent(tankIds))
        .catch(() => undefined) // tried again at the next beat
    const beat = setInterval(() => waiting.some(({ refusal }) => refusal === null) && tryNow(), RETRY_MS)
    const seen = (): void => void (document.visibilityState === 'visible' && tryNow())
    window.addEventListener('online', tryNow)
    document.addEventListener('visibilitychange', seen)
    tryNow()
    return () => {
      clearInterval(beat)
      window.removeEventListener('online', tryNow)
      document.removeEventListener('visibilitychange', seen)
    }
  },
}
