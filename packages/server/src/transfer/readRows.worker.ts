import type { RowMappingChoice } from '@jovrin/contract'
import { task } from '../longWork/task.js'
import { threaded } from '../longWork/threaded.js'
import { readRows, type ReadRows } from './readRows.js'

export interface RowsToRead {
  readonly bytes: ArrayBuffer
  readonly mapping: RowMappingChoice
  readonly recordedBy: string | null
}
export default threaded(
  task<RowsToRead, ReadRows>(({ bytes, mapping, recordedBy }, told) => readRows(new Uint8Array(bytes), mapping, recordedBy, told)),
)
