import { rmSync } from 'node:fs'
import type { RestoreReport } from '@jovrin/contract'
import { restoredFolder } from '../dataFolder.js'
import type { Processes } from '../longWork/processes.js'
import type { Work } from '../longWork/works.js'
import type { RestoreToPrepare } from './restore.process.js'

const RESTORER = new URL('./restore.process.ts', import.meta.url)

/** Prepares a restore in a process of its own, so that a long one keeps nobody waiting and a hostile one takes nobody along. */
export async function prepareApart(processes: Processes, task: RestoreToPrepare, work: Work): Promise<Omit<RestoreReport, 'keptOld'>> {
  try {
    return await processes.run(RESTORER, task, work)
  } catch (error) {
    rmSync(restoredFolder(task.dataFolder), { recursive: true, force: true }) // a process that was ended cleans nothing up
    throw error
  }
}
