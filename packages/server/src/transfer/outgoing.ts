import { randomBytes } from 'node:crypto'
import { createReadStream } from 'node:fs'
import { mkdir, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { finished } from 'node:stream/promises'
import type { Readable } from 'node:stream'
import { OUTBOX_NAME } from '../dataFolder.js'
import type { Clock } from '../clock.js'
import type { Work } from '../longWork/works.js'
import type { Workers } from '../longWork/workers.js'
import type { FileToWrite } from './writeFile.process.js'

const WRITER = new URL('./writeFile.process.ts', import.meta.url)

/** Files of a tank, written beside the server and then sent: a slow reader holds nothing but a file. */
export const outgoing = (dataFolder: string, clock: Clock, { processes }: Workers) => ({
  open: async (tankId: string, what: FileToWrite['what'], work: Work): Promise<Readable> => {
    const outbox = join(dataFolder, OUTBOX_NAME)
    await mkdir(outbox, { recursive: true, mode: 0o700 })
    const path = join(outbox, randomBytes(6).toString('hex'))
    const task: FileToWrite = { folder: dataFolder, path, tankId, what, writtenAt: clock().toISOString() }
    try {
      await processes.run(WRITER, task, work)
    } catch (error) {
      await rm(path, { force: true })
      throw error
    }
    const file = createReadStream(path)
    void finished(file)
      .catch(() => undefined) // whoever broke off has gone
      .then(() => rm(path, { force: true }))
    return file
  },
})
export type Outgoing = ReturnType<typeof outgoing>
