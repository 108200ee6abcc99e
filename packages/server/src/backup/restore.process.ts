import type { RestoreReport } from '@jovrin/contract'
import { task } from '../longWork/task.js'
import { prepareRestore } from './restore.js'

export interface RestoreToPrepare {
  readonly zipPath: string
  readonly dataFolder: string
}
/** Everything of a restore but the exchange of the folders. */
export default task<RestoreToPrepare, Omit<RestoreReport, 'keptOld'>>(({ zipPath, dataFolder }, told) =>
  prepareRestore(zipPath, dataFolder, { told }),
)
