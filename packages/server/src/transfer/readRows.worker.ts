import type { RowMappingChoice } from '@jovrin/contract'
import { task } from '../longWork/task.js'
import { readRows, type ReadRows } from './readRows.js'

export interface RowsToRead {
  readonly bytes: ArrayBuffer
  readonly mapping: RowMappingChoice
  readonly recordedBy: string | null
}
export default task<RowsToRead, ReadRows>(({ bytes, mapping, recordedBy }, told) =>
  readRows(new Uint8Array(bytes), mapping, recordedBy, told),
)
