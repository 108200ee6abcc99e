import { refusalWords, type WorkProgress } from '@jovrin/contract'
import { Refusal } from '../http/refusal.js'

/** What a long piece of work is handed: whether it is still wanted, and where to tell how far it is. */
export interface Work {
  readonly signal: AbortSignal
  readonly told: (progress: WorkProgress) => void
}
interface Asker {
  once(event: 'close', act: () => void): unknown
}
interface Running {
  progress: WorkProgress
  readonly callOff: AbortController
}
const MOST_AT_ONCE = 8
/** Of work that is still on its way here, is over, or was never begun: whoever asks cannot know which, and it is no fault of theirs. */
export const NOTHING_TOLD: WorkProgress = { done: 0, of: 0 }

/** The long pieces of work that are under way, by the names that their askers gave them. */
export const works = () => {
  const named = new Map<string, Running>()
  let underWay = 0
  return {
    /** Does it while its asker listens; whoever goes away calls it off. */
    within: async <Result>(name: string | undefined, asker: Asker, act: (work: Work) => Promise<Result>): Promise<Result> => {
      if (underWay >= MOST_AT_ONCE) throw new Refusal(429, 'busy', refusalWords.busy)
      if (name !== undefined && named.has(name)) throw new Refusal(409, 'id_taken', refusalWords.workTaken)
      const running: Running = { progress: NOTHING_TOLD, callOff: new AbortController() }
      asker.once('close', () => running.callOff.abort())
      if (name !== undefined) named.set(name, running)
      underWay++
      try {
        return await act({ signal: running.callOff.signal, told: (progress) => void (running.progress = progress) })
      } finally {
        underWay--
        if (name !== undefined) named.delete(name)
      }
    },
    progress: (name: string): WorkProgress => named.get(name)?.progress ?? NOTHING_TOLD,
    callOff: (name: string): void => named.get(name)?.callOff.abort(),
  }
}
export type Works = ReturnType<typeof works>

/** For work that nobody watches. */
export const unwatched = (): Work => ({ signal: new AbortController().signal, told: () => undefined })
