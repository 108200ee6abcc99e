import { task } from '../longWork/task.js'
import { threaded } from '../longWork/threaded.js'
import { readRows, type ReadRows, type ReadRowsOptions } from './readRows.js'

export interface RowsToRead extends ReadRowsOptions {
  readonly bytes: ArrayBuffer
}
export default threaded(task<RowsToRead, ReadRows>(({ bytes, ...options }, told) => readRows(new Uint8Array(bytes), options, told)))
