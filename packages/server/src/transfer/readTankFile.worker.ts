import { task } from '../longWork/task.js'
import { threaded } from '../longWork/threaded.js'
import { readTankFile, type ReadTank, type ReadTankOptions } from './readTankFile.js'

export interface TankFileToRead extends ReadTankOptions {
  readonly bytes: ArrayBuffer
}
export default threaded(task<TankFileToRead, ReadTank>(({ bytes, ...options }, told) => readTankFile(new Uint8Array(bytes), options, told)))
