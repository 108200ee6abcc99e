import { randomBytes } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { mkdir, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { BACKUP_MOST_BYTES, refusalWords, RestoreQuery, type RestoreReport } from '@jovrin/contract'
import { Router, type Request } from 'express'
import { INBOX_NAME } from '../dataFolder.js'
import { Refusal } from '../http/refusal.js'
import type { Work, Works } from '../longWork/works.js'
import type { BackupService } from './backup.service.js'
import { whileTaken } from './whileTaken.js'

/** Closes what is open, puts a backup in its place, and opens that. */
export type Restore = (zipPath: string, work: Work) => Promise<RestoreReport>

/** Whoever takes nothing for so long has gone, whatever the connection says. */
const STALLED_MS = 60_000

export const backupRoutes = (backups: BackupService, dataFolder: string, restore: Restore, works: Works): Router =>
  Router()
    .get('/backup.zip', async (_req, res) => {
      res.type('application/zip').set('Content-Disposition', `attachment; filename="${backups.name()}"`)
      await works.within(undefined, res, (work) =>
        pipeline(Readable.from(whileTaken(backups.bytes(work), () => res.destroy(), STALLED_MS)), res),
      )
    })
    .post('/restore', async (req, res) => {
      if (!req.is(['application/zip', 'application/octet-stream'])) throw new Refusal(415, 'wrong_kind', refusalWords.wantsZip)
      const { work: name } = RestoreQuery.parse(req.query)
      const inbox = join(dataFolder, INBOX_NAME)
      await mkdir(inbox, { recursive: true, mode: 0o700 })
      const path = join(inbox, `${randomBytes(6).toString('hex')}.zip`)
      try {
        await pipeline(limited(req), createWriteStream(path, { flags: 'wx', mode: 0o600 }))
        res.json(await works.within(name, res, (work) => restore(path, work)))
      } finally {
        await rm(path, { force: true })
      }
    })

async function* limited(req: Request): AsyncGenerator<Buffer> {
  let bytes = 0
  for await (const chunk of req as AsyncIterable<Buffer>) {
    bytes += chunk.length
    if (bytes > BACKUP_MOST_BYTES) throw new Refusal(413, 'too_large', refusalWords.tooBig)
    yield chunk
  }
}
