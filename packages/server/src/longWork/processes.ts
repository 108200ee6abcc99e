import { fork, type ChildProcess } from 'node:child_process'
import { once } from 'node:events'
import { fileURLToPath } from 'node:url'
import { refusalWords } from '@jovrin/contract'
import { Refusal } from '../http/refusal.js'
import { calledOff } from './calledOff.js'
import type { GivenTask, TaskMessage } from './task.process.js'
import { workerEntry } from './workerEntry.js'
import type { Work } from './works.js'

const HOST = new URL('./task.process.ts', import.meta.url)
const IDLE_MS = 30_000

export interface ProcessesOptions {
  /** So many at a time. */
  readonly most?: number
  /** More than this waiting, and a request is better sent again later. */
  readonly mostWaiting?: number
  /** A task that takes longer is given up [ms]; without it a task may take its time. */
  readonly patienceMs?: number
}

/** A task’s process ended before the task did: it fell, or it was given up. */
export class ProcessEnded extends Error {
  override readonly name = 'ProcessEnded'
  constructor(readonly isSlow: boolean) {
    super(isSlow ? 'the task took too long' : 'the process of the task ended')
  }
}

/** Processes for what holds a database or runs other people’s decoders: one that hangs, falls or is called off is ended, and takes nobody along. */
export const processes = ({ most = 2, mostWaiting = 16, patienceMs }: ProcessesOptions = {}) => {
  const idle = new Set<ChildProcess>()
  const all = new Set<ChildProcess>()
  const waiting: (() => void)[] = []
  let busy = 0
  const made = (): ChildProcess => {
    const { href, execArgv } = workerEntry(HOST)
    const child = fork(fileURLToPath(href), {
      serialization: 'advanced',
      execArgv: [...execArgv],
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    })
    all.add(child)
    child.once('exit', () => {
      all.delete(child)
      idle.delete(child)
    })
    return child
  }
  const taken = (): ChildProcess => {
    const [child = made()] = idle
    idle.delete(child)
    hold(child, true)
    return child
  }
  const given = (child: ChildProcess): void => {
    hold(child, false)
    idle.add(child)
    setTimeout(() => {
      if (idle.has(child)) child.kill('SIGKILL')
    }, IDLE_MS).unref()
  }
  const turn = async (): Promise<void> => {
    if (busy < most) return void busy++
    if (waiting.length >= mostWaiting) throw new Refusal(429, 'busy', refusalWords.busy)
    await new Promise<void>((resolve) => waiting.push(resolve)) // whoever leaves hands the turn over
  }
  const leave = (): void => {
    const next = waiting.shift()
    if (next === undefined) busy--
    else next()
  }
  return {
    run: async <Output>(source: URL, input: object, { signal, told }: Work): Promise<Output> => {
      await turn()
      try {
        if (signal.aborted) throw calledOff()
        const child = taken()
        const message = await answer(child, { href: workerEntry(source).href, input }, told, signal, patienceMs)
        if (message === null) throw signal.aborted ? calledOff() : new ProcessEnded(child.killed)
        given(child)
        if ('fell' in message) throw new Error(message.fell)
        if ('refused' in message.outcome) throw Refusal.told(message.outcome.refused)
        return message.outcome.done as Output // what the task of this module answers
      } finally {
        leave()
      }
    },
    close: (): void => {
      for (const child of all) child.kill('SIGKILL')
    },
  }
}
export type Processes = ReturnType<typeof processes>

/** While it works a process is waited for; idle it holds up nobody’s end. */
function hold(child: ChildProcess, isWorking: boolean): void {
  if (isWorking) child.ref()
  else child.unref()
  if (isWorking) child.channel?.ref()
  else child.channel?.unref()
}

type Ended = Exclude<TaskMessage, { readonly progress: unknown }>

/** The last message of a task; `null` when its process has ended instead, by itself or because the task is no longer wanted. */
async function answer(
  child: ChildProcess,
  task: GivenTask,
  told: Work['told'],
  signal: AbortSignal,
  patienceMs?: number,
): Promise<Ended | null> {
  const gone = once(child, 'exit').then(() => null)
  const end = (): void => void child.kill('SIGKILL')
  const patience = patienceMs === undefined ? undefined : setTimeout(end, patienceMs)
  signal.addEventListener('abort', end)
  let listen: ((message: TaskMessage) => void) | undefined
  try {
    const over = new Promise<Ended>((resolve) => {
      listen = (message) => {
        if ('progress' in message) told(message.progress)
        else resolve(message)
      }
      child.on('message', listen)
    })
    child.send(task, () => undefined) // one that is gone already answers by its end
    return await Promise.race([over, gone])
  } finally {
    clearTimeout(patience)
    signal.removeEventListener('abort', end)
    if (listen !== undefined) child.off('message', listen)
  }
}
