import { setImmediate } from 'node:timers/promises'
import { rowFaultWords, READINGS_MOST_ROWS, type RowImportReport, type RowMappingChoice } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { allOrNothing } from '../db/allOrNothing.js'
import { journalRepository } from '../journal/journal.repository.js'
import { sharedText } from '../longWork/sharedTexts.js'
import type { Work } from '../longWork/works.js'
import { calledOff } from '../longWork/calledOff.js'
import type { Workers } from '../longWork/workers.js'
import type { ReadRows, RowFaultAt } from './readRows.js'
import type { RowsToRead } from './readRows.worker.js'

const READER = new URL('./readRows.worker.ts', import.meta.url)
/** When a file is looked over; once its bad rows are left out all are told, so that they can be handed back. */
const REFUSALS_TOLD = 50

export interface ReadingFile {
  readonly bytes: Buffer
  readonly mapping: RowMappingChoice
  readonly isDry: boolean
  /** Keeps the good rows of a file with bad ones. */
  readonly skipsBadRows: boolean
  /** Who brings it in, for rows that do not say. */
  readonly recordedBy: string | null
}

export const readingFileService = (db: Knex, clock: Clock, { threads }: Workers) => ({
  /** Reads a file against a mapping. Kept only when every row is good or bad ones are to be left out, and not in a dry run, which does all the same and takes it back. */
  take: async (tankId: string, { bytes, mapping, isDry, skipsBadRows, recordedBy }: ReadingFile, work: Work): Promise<RowImportReport> => {
    const copy = new Uint8Array(bytes).buffer // a body may share its memory with others
    const refusalsTold = skipsBadRows && !isDry ? READINGS_MOST_ROWS : REFUSALS_TOLD
    const task: RowsToRead = { bytes: copy, mapping, recordedBy, now: clock().toISOString(), refusalsTold }
    const read = await threads.run<ReadRows>(READER, task, work, [copy])
    const kept = await allOrNothing(db, async (trx) => {
      const outcome = await keep(trx, tankId, read, clock().toISOString(), work)
      return { ...outcome, isKept: !isDry && (skipsBadRows || read.faultsInAll + outcome.faults.length === 0) }
    })
    const faults = [...read.faults, ...kept.faults].sort((a, b) => a.line - b.line)
    return {
      isKept: kept.isKept,
      rows: read.rows,
      accepted: read.readings - kept.here - kept.faults.length,
      alreadyHere: read.twice + kept.here,
      refused: faults.slice(0, refusalsTold),
      refusedInAll: read.faultsInAll + kept.faults.length,
      inFuture: read.inFuture,
      columns: read.columns,
      preview: read.preview,
    }
  },
})
export type ReadingFileService = ReturnType<typeof readingFileService>

/** Keeps what is not here yet. Between two batches everybody else has a turn. */
async function keep(
  trx: Knex,
  tankId: string,
  { batches }: ReadRows,
  createdAt: string,
  work: Work,
): Promise<{ here: number; faults: RowFaultAt[] }> {
  const faults: RowFaultAt[] = []
  let here = 0
  for (let index = 0; index < batches.ends.length; index++) {
    if (work.signal.aborted) throw calledOff()
    work.told({ done: index, of: batches.ends.length })
    const rows = sharedText(batches, index)
    const clashes = await journalRepository(trx).clashes(tankId, rows)
    if (clashes.length > 0) {
      const list = JSON.parse(rows) as { line: number; isNamed: boolean; id: string }[] // as readRows writes them
      for (const { place, isHere, isOther } of clashes) {
        const row = list[place]
        if (row?.isNamed === true && isOther) faults.push({ line: row.line, detail: rowFaultWords.otherUnderId(row.id) })
        else if (isHere) here++
      }
    }
    await journalRepository(trx).addReadingRows(
      tankId,
      rows,
      createdAt,
      clashes.map(({ place }) => place),
    )
    await setImmediate()
  }
  return { here, faults }
}
