import { fork, type ChildProcess } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { enRefusal } from '@jovrin/contract'
import { Refusal } from '../http/refusal.js'
import { workerEntry } from '../longWork/workerEntry.js'
import type { DevelopAnswer } from './develop.process.js'
import type { Developed } from './develop.js'
import { pictureKind } from './pictureKind.js'

const DARKROOM = new URL('./develop.process.ts', import.meta.url)
/** One picture at a time; more than this waiting, and it is better sent again later. */
const MOST_WAITING = 8
const IDLE_MS = 30_000

export interface DeveloperOptions {
  /** A picture that takes longer is given up [ms]. */
  readonly patienceMs?: number
  readonly darkroom?: URL
}

/** Develops pictures in a process of its own, one after another. One that hangs is ended and the next picture gets a new process. */
export const developer = ({ patienceMs = 20_000, darkroom = DARKROOM }: DeveloperOptions = {}) => {
  let child: ChildProcess | null = null
  let idle: NodeJS.Timeout | undefined
  let turn: Promise<unknown> = Promise.resolve()
  let waiting = 0
  const end = (): void => {
    clearTimeout(idle)
    child?.kill('SIGKILL')
    child = null
  }
  const open = (): ChildProcess => {
    const { href, execArgv } = workerEntry(darkroom)
    const made = fork(fileURLToPath(href), {
      serialization: 'advanced',
      execArgv: [...execArgv],
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    })
    return made
  }
  /** While it works it is waited for; idle it holds up nobody's end. */
  const hold = (at: ChildProcess, isWorking: boolean): void => {
    if (isWorking) at.channel?.ref()
    else at.channel?.unref()
    if (isWorking) at.ref()
    else at.unref()
  }
  const one = (upload: Buffer): Promise<Developed> =>
    new Promise((resolve, reject) => {
      clearTimeout(idle)
      const at = (child ??= open())
      hold(at, true)
      const settle = (act: () => void): void => {
        clearTimeout(patience)
        at.off('message', answered).off('exit', ended).off('error', ended)
        hold(at, false)
        if (child !== null) idle = setTimeout(end, IDLE_MS).unref()
        act()
      }
      const answered = (answer: unknown): void => {
        const told = answer as DevelopAnswer // what develop.process sends
        settle(() => ('done' in told ? resolve(told.done) : reject(new Refusal(415, 'not_a_picture', enRefusal.notPicture))))
      }
      const ended = (): void => {
        child = null
        settle(() => reject(new Refusal(415, 'not_a_picture', enRefusal.notPicture)))
      }
      const patience = setTimeout(() => {
        settle(() => reject(new Refusal(415, 'not_a_picture', enRefusal.pictureSlow)))
        end()
      }, patienceMs)
      at.on('message', answered).once('exit', ended).once('error', ended)
      at.send(upload, (error) => {
        if (error !== null) ended()
      })
    })
  return {
    /** Refuses what is none of the four kinds of picture before any decoder sees it. */
    develop: (upload: Buffer): Promise<Developed> => {
      if (pictureKind(upload) === null) return Promise.reject(new Refusal(415, 'not_a_picture', enRefusal.notPicture))
      if (waiting >= MOST_WAITING) return Promise.reject(new Refusal(429, 'busy', enRefusal.busyPictures))
      waiting++
      const developed = turn.then(() => one(upload)).finally(() => waiting--)
      turn = developed.catch(() => undefined)
      return developed
    },
    close: end,
  }
}
export type Developer = ReturnType<typeof developer>
