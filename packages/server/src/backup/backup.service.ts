import type { BackupManifest } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { writeBackup, type Sink } from './writeBackup.js'

export const backupName = (now: Date): string => `jovrin-${now.toISOString().slice(0, 16).replace(/[-:]/g, '').replace('T', '-')}.zip`

export const backupService = (db: Knex, clock: Clock, dataFolder: string) => ({
  name: (): string => backupName(clock()),
  write: (sink: Sink): Promise<BackupManifest> => writeBackup(db, dataFolder, clock(), sink),
})
export type BackupService = ReturnType<typeof backupService>
