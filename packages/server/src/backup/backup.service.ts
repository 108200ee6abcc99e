import type { Clock } from '../clock.js'
import type { Work } from '../longWork/works.js'
import type { Workers } from '../longWork/workers.js'
import type { CopyToMake } from './copy.process.js'
import { backupBytes } from './writeBackup.js'

const COPIER = new URL('./copy.process.ts', import.meta.url)

export const backupName = (now: Date): string => `jovrin-${now.toISOString().slice(0, 16).replace(/[-:]/g, '').replace('T', '-')}.zip`

export const backupService = (clock: Clock, dataFolder: string, { processes }: Workers) => ({
  name: (): string => backupName(clock()),
  bytes: (work: Work): AsyncGenerator<Uint8Array> =>
    backupBytes({
      dataFolder,
      writtenAt: clock(),
      copyTo: (path) => processes.run<null>(COPIER, { folder: dataFolder, path } satisfies CopyToMake, work),
    }),
})
export type BackupService = ReturnType<typeof backupService>
