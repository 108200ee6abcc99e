import type { ForecastOptions, Plan } from '@jovrin/core'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import type { FromWorker, ToWorker } from './tasks.js'
import { partsTo, WorkQueue, type Progress } from './workQueue.js'

/** Keeps what it is told; the test answers when it likes. */
class PatientWorker {
  onmessage: ((event: { data: FromWorker }) => void) | null = null
  readonly told: ToWorker[] = []
  postMessage(message: ToWorker): void {
    this.told.push(message)
  }
  get open(): { readonly ticket: number; readonly part: number } | null {
    const last = this.told.filter((message) => message.say === 'part').at(-1)
    return last === undefined || this.answered.has(last) ? null : last
  }
  private readonly answered = new Set<ToWorker>()
  /** Answers the part that it was asked for last. */
  answer(error?: string): void {
    const { open } = this
    if (open === null) throw new Error('nothing was asked')
    this.answered.add(open as ToWorker)
    const head = { ticket: open.ticket, part: open.part }
    this.onmessage?.({ data: error === undefined ? { ...head, result: { member: open.part } as never } : { ...head, error } })
  }
}

let workers: PatientWorker[] = []
let queue: WorkQueue
let frames: FrameRequestCallback[] = []
const paint = (): void => {
  const due = frames
  frames = []
  for (const frame of due) frame(0)
}
beforeEach(() => {
  workers = []
  frames = []
  vi.stubGlobal('requestAnimationFrame', (frame: FrameRequestCallback) => frames.push(frame))
  queue = new WorkQueue(() => {
    const worker = new PatientWorker()
    workers.push(worker)
    return worker as unknown as Worker
  }, 2)
})
afterEach(() => vi.unstubAllGlobals())

const members = ({ results }: Progress<unknown>): number[] => results.map((result) => (result as { member: number }).member)
const ask = (client: string, count: number) => {
  const told: Progress<unknown>[] = []
  const failed: string[] = []
  const options = { timeline: [], today: 3, weeks: 6, seed: 1, levers: {} } as unknown as ForecastOptions
  const stop = queue.run({
    client,
    kind: 'forecast',
    task: { options, pastKey: client },
    parts: partsTo(count),
    onProgress: (progress) => told.push(progress),
    onFailed: (message) => failed.push(message),
  })
  return { told, failed, stop }
}
/** Answers whatever is asked, until nothing is. */
const answerAll = (): number => {
  let answers = 0
  while (workers.some(({ open }) => open !== null))
    for (const worker of workers)
      if (worker.open !== null) {
        worker.answer()
        answers++
      }
  return answers
}

describe('the queue of long sums', () => {
  test('asks each part once, of the same worker each time', () => {
    ask('a', 9)
    expect(answerAll()).toBe(9)
    const parts = workers.map(({ told }) => told.flatMap((message) => (message.say === 'part' ? [message.part] : [])))
    expect(parts.flat().sort((a, b) => a - b)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9])
    ask('a', 9)
    answerAll()
    workers.forEach(({ told }, index) => {
      const again = told.flatMap((message) => (message.say === 'part' ? [message.part] : []))
      expect(new Set(again)).toEqual(new Set(parts[index]))
    })
  })
  test('tells once a frame while answers come, in their order, and at once when all are there', () => {
    const { told } = ask('a', 4)
    workers[1]!.answer()
    workers[0]!.answer()
    expect(told).toEqual([])
    paint()
    expect(told.map((progress) => [members(progress), progress.isDone])).toEqual([[[1, 2], false]])
    answerAll()
    expect(told.at(-1)).toMatchObject({ isDone: true, wanted: 4 })
    expect(members(told.at(-1)!)).toEqual([1, 2, 3, 4])
    paint()
    expect(told).toHaveLength(2)
  })
  test('of one client the newest wish wins: late answers of the one before are dropped', () => {
    const before = ask('a', 4)
    const after = ask('a', 2)
    answerAll()
    paint()
    expect(before.told).toEqual([])
    expect(after.told.map(({ isDone }) => isDone)).toEqual([true])
    expect(workers[0]!.told.filter(({ say }) => say === 'end').length).toBeGreaterThan(0)
  })
  test('clients do not stop one another, and take turns', () => {
    const first = ask('a', 6)
    const second = ask('b', 2)
    answerAll()
    expect([first.told.at(-1)?.isDone, second.told.at(-1)?.isDone]).toEqual([true, true])
    const turns = workers[0]!.told.flatMap((message) => (message.say === 'part' ? [message.ticket] : []))
    expect(turns).toEqual([1, 2, 1, 1])
  })
  test('stopped, it asks for nothing more and says nothing', () => {
    const { told, stop } = ask('a', 6)
    workers[0]!.answer()
    stop()
    answerAll()
    paint()
    expect(told.filter(({ isDone }) => isDone)).toEqual([])
    const asked = workers.flatMap((worker) => worker.told.filter(({ say }) => say === 'part'))
    expect(asked.length).toBeLessThan(6)
  })
  test('a part that fails is told, and the next wish is served', () => {
    const { failed, told } = ask('a', 4)
    workers[0]!.answer('no such tank')
    expect(failed).toEqual(['no such tank'])
    answerAll()
    expect(told.filter(({ isDone }) => isDone)).toEqual([])
    const next = ask('a', 2)
    answerAll()
    expect(next.told.at(-1)?.isDone).toBe(true)
  })
  test('a task is told to a worker once, whatever number of parts it is asked for', () => {
    ask('a', 8)
    answerAll()
    for (const worker of workers) expect(worker.told.filter(({ say }) => say === 'begin')).toHaveLength(1)
  })
  test('sums of several kinds share the workers', () => {
    ask('a', 4)
    const answers: unknown[] = []
    queue.run({ client: 'c', kind: 'grounds', task: {} as Plan, parts: [0], onProgress: ({ results }) => answers.push(results) })
    answerAll()
    expect(answers).toHaveLength(1)
  })
})
