import type { ForecastOptions, MemberResult } from '@jovrin/core'
import type { ForecastJob, ForecastReply } from './forecast.worker.js'

export interface Progress {
  readonly results: readonly MemberResult[]
  readonly wanted: number
  readonly isDone: boolean
}

/** Workers live as long as the page and are warmed at load. A newer request of the same client wins; others share the pool in turn. */
const SIZE = Math.max(1, Math.min(4, navigator.hardwareConcurrency || 2))

class ForecastPool {
  private readonly workers: Worker[] = []
  private ticket = 0
  private listener: ((reply: ForecastReply) => void) | null = null

  /** Starts the workers; a page that may need forecasts calls it early. */
  warm(): void {
    while (this.workers.length < SIZE) {
      const worker = new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module' })
      worker.onmessage = ({ data }: MessageEvent<ForecastReply>) => {
        if (data.ticket === this.ticket) this.listener?.(data)
      }
      this.workers.push(worker)
    }
  }

  /** Runs members 1 … `count`; tells progress as they come in. Returns how to stop. */
  run(options: ForecastOptions, count: number, onProgress: (progress: Progress) => void): () => void {
    this.warm()
    const ticket = ++this.ticket
    const results: MemberResult[] = []
    let isAnnounced = false
    this.listener = ({ result }) => {
      results.push(result)
      const isDone = results.length === count
      // One paint for all replies of a frame.
      if (isDone) onProgress({ results: inOrder(results), wanted: count, isDone })
      else if (!isAnnounced) {
        isAnnounced = true
        requestAnimationFrame(() => {
          isAnnounced = false
          if (ticket === this.ticket && results.length < count) onProgress({ results: inOrder(results), wanted: count, isDone: false })
        })
      }
    }
    // Levers and the number of weeks leave the past as it was.
    const pastKey = JSON.stringify([options.timeline, options.deeds, options.today, options.seed])
    this.workers.forEach((worker, index) => {
      const members = Array.from({ length: count }, (_, at) => at + 1).filter((member) => member % this.workers.length === index)
      const job: ForecastJob = { ticket, options, members, pastKey }
      worker.postMessage(job)
    })
    return () => {
      if (ticket !== this.ticket) return
      this.ticket++
      this.listener = null
      const nothing: ForecastJob = { ticket: this.ticket, options, members: [], pastKey }
      for (const worker of this.workers) worker.postMessage(nothing)
    }
  }
}

const inOrder = (results: readonly MemberResult[]): MemberResult[] => [...results].sort((a, b) => a.member - b.member)

export const forecastPool = new ForecastPool()
