import { randomBytes } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { mkdir, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { enRefusal, type RestoreReport } from '@jovrin/contract'
import { Router, type Request } from 'express'
import { Refusal } from '../http/refusal.js'
import type { BackupService } from './backup.service.js'

/** Closes what is open, puts a backup in its place, and opens that. */
export type Restore = (zipPath: string) => Promise<RestoreReport>

const MOST_BYTES = 16 * 1024 ** 3

export const backupRoutes = (backups: BackupService, dataFolder: string, restore: Restore): Router =>
  Router()
    .get('/backup.zip', async (_req, res) => {
      res.type('application/zip').set('Content-Disposition', `attachment; filename="${backups.name()}"`)
      await backups.write((chunk) => new Promise((resolve, reject) => res.write(chunk, (error) => (error ? reject(error) : resolve()))))
      res.end()
    })
    .post('/restore', async (req, res) => {
      if (!req.is(['application/zip', 'application/octet-stream'])) throw new Refusal(415, 'wrong_kind', enRefusal.wantsZip)
      const inbox = join(dataFolder, '.inbox')
      await mkdir(inbox, { recursive: true })
      const path = join(inbox, `${randomBytes(6).toString('hex')}.zip`)
      try {
        await pipeline(limited(req), createWriteStream(path, { flags: 'wx', mode: 0o600 }))
        res.json(await restore(path))
      } finally {
        await rm(path, { force: true })
      }
    })

async function* limited(req: Request): AsyncGenerator<Buffer> {
  let bytes = 0
  for await (const chunk of req as AsyncIterable<Buffer>) {
    bytes += chunk.length
    if (bytes > MOST_BYTES) throw new Refusal(413, 'too_large', enRefusal.tooBig)
    yield chunk
  }
}
