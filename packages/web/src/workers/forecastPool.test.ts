import type { ForecastOptions, MemberResult } from '@jovrin/core'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import type { ForecastJob } from './forecast.worker.js'
import type { forecastPool as Pool, Progress } from './forecastPool.js'

/** Keeps its orders; the test answers them when it likes. */
class PatientWorker {
  static all: PatientWorker[] = []
  onmessage: ((event: { data: unknown }) => void) | null = null
  readonly jobs: ForecastJob[] = []
  constructor() {
    PatientWorker.all.push(this)
  }
  postMessage(job: ForecastJob): void {
    this.jobs.push(job)
  }
  answer(member: number, job = this.jobs.at(-1)!): void {
    this.onmessage?.({ data: { ticket: job.ticket, result: { member } as MemberResult } })
  }
}
const options = { timeline: [], today: 3, weeks: 6, seed: 1, levers: {} } as unknown as ForecastOptions
let frames: FrameRequestCallback[] = []
const paint = (): void => {
  const due = frames
  frames = []
  for (const frame of due) frame(0)
}
let pool: typeof Pool
beforeEach(async () => {
  PatientWorker.all = []
  frames = []
  vi.stubGlobal('Worker', PatientWorker)
  vi.stubGlobal('requestAnimationFrame', (frame: FrameRequestCallback) => frames.push(frame))
  vi.resetModules()
  pool = (await import('./forecastPool.js')).forecastPool
})
afterEach(() => vi.unstubAllGlobals())

describe('a pool of workers', () => {
  const run = (count: number, levers = {}): { readonly told: Progress[]; readonly stop: () => void } => {
    const told: Progress[] = []
    const stop = pool.run({ ...options, levers }, count, (progress) => told.push(progress))
    return { told, stop }
  }
  const answerAll = (): void => {
    for (const worker of PatientWorker.all) for (const member of worker.jobs.at(-1)?.members ?? []) worker.answer(member)
  }
  test('shares the members out, each once', () => {
    run(9)
    const members = PatientWorker.all.flatMap(({ jobs }) => jobs.at(-1)?.members ?? [])
    expect([...members].sort((a, b) => a - b)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9])
    expect(PatientWorker.all.length).toBeGreaterThan(0)
  })
  test('tells once a frame while they come, in order, and at once when all are there', () => {
    const { told } = run(4)
    const [worker] = PatientWorker.all
    worker!.answer(3)
    worker!.answer(1)
    expect(told).toEqual([])
    paint()
    expect(told.map(({ results, isDone }) => [results.map(({ member }) => member), isDone])).toEqual([[[1, 3], false]])
    worker!.answer(2)
    worker!.answer(4)
    expect(told.at(-1)).toMatchObject({ isDone: true, wanted: 4 })
    expect(told.at(-1)?.results.map(({ member }) => member)).toEqual([1, 2, 3, 4])
    paint()
    expect(told).toHaveLength(2)
  })
  test('the newest request wins: late answers of the one before are dropped', () => {
    const before = run(2)
    const old = PatientWorker.all.map(({ jobs }) => jobs.at(-1)!)
    const after = run(2, { hours: 5 })
    PatientWorker.all.forEach((worker, index) => worker.answer(1, old[index]))
    paint()
    expect(before.told).toEqual([])
    expect(after.told).toEqual([])
    answerAll()
    expect(after.told.at(-1)?.isDone).toBe(true)
  })
  test('stopped, it sends the workers home and says no more', () => {
    const { told, stop } = run(6)
    stop()
    expect(PatientWorker.all.every(({ jobs }) => jobs.at(-1)?.members.length === 0)).toBe(true)
    answerAll()
    paint()
    expect(told).toEqual([])
  })
  test('stopping what a newer request has replaced does not stop the newer', () => {
    const { stop } = run(2)
    const after = run(2)
    stop()
    answerAll()
    expect(after.told.at(-1)?.isDone).toBe(true)
  })
  test('levers leave the past as it was, so that it need not be reckoned again; another day does not', () => {
    run(2, { hours: 5 })
    run(2, { hours: 9 })
    pool.run({ ...options, today: 4 }, 2, () => undefined)
    const [first, second, third] = PatientWorker.all[0]!.jobs.map(({ pastKey }) => pastKey)
    expect(first).toBe(second)
    expect(third).not.toBe(first)
  })
  test('is warmed once', () => {
    pool.warm()
    const size = PatientWorker.all.length
    pool.warm()
    run(3)
    expect(PatientWorker.all).toHaveLength(size)
  })
})
