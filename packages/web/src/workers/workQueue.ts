import type { AnyTask, FromWorker, TaskKind, TaskOf, Tasks, ToWorker } from './tasks.js'

export interface Progress<Result> {
  /** In the order of their parts. */
  readonly results: readonly Result[]
  readonly wanted: number
  readonly isDone: boolean
}

/** Who asks, what for, and who is told. */
interface Ticket {
  readonly number: number
  readonly client: string
  readonly asked: AnyTask
  readonly wanted: number
  readonly tell: (results: ReadonlyMap<number, unknown>) => void
  readonly fail: (message: string) => void
  readonly found: Map<number, unknown>
  /** Parts still to be asked, worker by worker: a part goes to the same worker each time, which remembers its past. */
  readonly waiting: readonly number[][]
  /** Workers that were told the task, and each one's turn at which it last had a part of it. */
  readonly turnAt: Map<number, number>
}

export interface Asked<Kind extends TaskKind> extends TaskOf<Kind> {
  /** A newer wish of the same client takes the place of its older one; other clients wait their turn. */
  readonly client: string
  /** Parts of the task, each asked once. */
  readonly parts: readonly number[]
  readonly onProgress: (progress: Progress<Tasks[Kind]['result']>) => void
  readonly onFailed?: (message: string) => void
}

/** The one queue for every long sum of the page. Workers start with the first wish, or before it by `warm`, and live as long as the page; each takes one part at a time, from one client after another, so that nobody's wish stops another's and a newer one is heard at once. */
export class WorkQueue {
  private readonly workers: Worker[] = []
  private readonly isBusy: boolean[] = []
  private tickets: Ticket[] = []
  private number = 0
  private turn = 0

  constructor(
    private readonly makeWorker: () => Worker,
    private readonly size: number,
  ) {}

  /** Starts the workers; a page that may need them calls it early. */
  warm(): void {
    while (this.workers.length < this.size) {
      const worker = this.makeWorker()
      const index = this.workers.length
      worker.onmessage = ({ data }: MessageEvent<FromWorker>) => this.hear(index, data)
      this.workers.push(worker)
      this.isBusy.push(false)
    }
  }

  /** Asks for all parts of a task; progress is told once a frame, and at the end at once. Returns how to stop. */
  run<Kind extends TaskKind>({ client, kind, task, parts, onProgress, onFailed }: Asked<Kind>): () => void {
    this.warm()
    const old = this.tickets.find((ticket) => ticket.client === client)
    if (old !== undefined) this.drop(old)
    const ticket: Ticket = {
      number: ++this.number,
      client,
      asked: { kind, task } as AnyTask, // kind and task belong together by the type of `Asked`
      wanted: parts.length,
      tell: oncePerFrame(parts.length, (progress) => onProgress(progress as Progress<Tasks[Kind]['result']>)), // answers of this kind
      fail: onFailed ?? (() => undefined),
      found: new Map(),
      waiting: this.workers.map((_, index) => parts.filter((part) => part % this.workers.length === index)),
      turnAt: new Map(),
    }
    this.tickets.push(ticket)
    this.workers.forEach((_, index) => this.feed(index))
    return () => this.drop(ticket)
  }

  private drop(ticket: Ticket): void {
    if (!this.tickets.includes(ticket)) return
    this.tickets = this.tickets.filter((other) => other !== ticket)
    for (const index of ticket.turnAt.keys()) this.post(index, { say: 'end', ticket: ticket.number })
  }

  /** Gives an idle worker its next part, from the client that has waited longest. */
  private feed(index: number): void {
    if (this.isBusy[index]) return
    const turnOf = (ticket: Ticket): number => ticket.turnAt.get(index) ?? 0
    const [ticket] = this.tickets.filter(({ waiting }) => (waiting[index]?.length ?? 0) > 0).sort((a, b) => turnOf(a) - turnOf(b))
    const part = ticket?.waiting[index]?.shift()
    if (ticket === undefined || part === undefined) return
    if (!ticket.turnAt.has(index)) this.post(index, { say: 'begin', ticket: ticket.number, asked: ticket.asked })
    ticket.turnAt.set(index, ++this.turn)
    this.isBusy[index] = true
    this.post(index, { say: 'part', ticket: ticket.number, part })
  }

  private hear(index: number, answer: FromWorker): void {
    this.isBusy[index] = false
    const ticket = this.tickets.find(({ number }) => number === answer.ticket)
    // An answer to a wish that was given up counts for nobody.
    if (ticket !== undefined) {
      if ('error' in answer) {
        this.drop(ticket)
        ticket.fail(answer.error)
      } else {
        ticket.found.set(answer.part, answer.result)
        if (ticket.found.size === ticket.wanted) this.drop(ticket)
        ticket.tell(ticket.found)
      }
    }
    this.feed(index)
  }

  private post(index: number, message: ToWorker): void {
    this.workers[index]?.postMessage(message)
  }
}

/** One paint for all answers of a frame; the last of them is told at once. */
function oncePerFrame(wanted: number, onProgress: (progress: Progress<unknown>) => void): Ticket['tell'] {
  let isAnnounced = false
  let isDone = false
  const inOrder = (found: ReadonlyMap<number, unknown>): unknown[] => [...found].sort(([a], [b]) => a - b).map(([, result]) => result)
  return (found) => {
    if (found.size === wanted) {
      isDone = true
      onProgress({ results: inOrder(found), wanted, isDone })
    } else if (!isAnnounced) {
      isAnnounced = true
      requestAnimationFrame(() => {
        isAnnounced = false
        if (!isDone) onProgress({ results: inOrder(found), wanted, isDone })
      })
    }
  }
}

const MOST_WORKERS = 4
export const workQueue = new WorkQueue(
  () => new Worker(new URL('./sum.worker.ts', import.meta.url), { type: 'module' }),
  Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency || 2)),
)
/** Parts 1 … count. */
export const partsTo = (count: number): number[] => Array.from({ length: count }, (_, at) => at + 1)
