import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { BACKUP_MOST_BYTES, refusalWords, RestoreQuery, type RestoreReport } from '@jovrin/contract'
import { Router } from 'express'
import { withInbox } from '../http/inbox.js'
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
      res.json(await withInbox(dataFolder, req, BACKUP_MOST_BYTES, (path) => works.within(name, res, (work) => restore(path, work))))
    })
