import { accessSync, constants, existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs'
import { homedir, platform } from 'node:os'
import { join, resolve } from 'node:path'
import { startWords } from '@jovrin/contract'
import { isAlive } from './processes.js'
import { StartError } from './startError.js'

/** Where this user's data lives unless JOVRIN_DATA says otherwise. */
export function usualDataFolder(env: NodeJS.ProcessEnv): string {
  if (platform() === 'win32') return join(env['LOCALAPPDATA'] ?? join(homedir(), 'AppData', 'Local'), 'jovrin')
  if (platform() === 'darwin') return join(homedir(), 'Library', 'Application Support', 'jovrin')
  return join(env['XDG_DATA_HOME'] ?? join(homedir(), '.local', 'share'), 'jovrin')
}

/** A restore unpacks here, beside the data, and is marked once it is whole. */
export const restoredFolder = (folder: string): string => `${folder}.restored`
export const RESTORED_MARK = '.restored-whole'
/** Files that belong to this machine and not to a backup. */
export const STAYS = ['access.json', 'sessions.json', 'jovrin-demo-folder'] as const
/** What comes in and goes out lies in these while it does. */
export const INBOX_NAME = '.inbox'
export const OUTBOX_NAME = '.outbox'

/** A restore that was cut off between its two renames left no data folder, but a whole one beside it. */
function finishRestore(folder: string): void {
  const fresh = restoredFolder(folder)
  if (existsSync(folder) || !existsSync(join(fresh, RESTORED_MARK))) return
  renameSync(fresh, folder)
  rmSync(join(folder, RESTORED_MARK))
}

/** Clears away what a process that died left half done. The folder must be this process’s own by now. */
export function sweepLeftovers(folder: string): void {
  rmSync(restoredFolder(folder), { recursive: true, force: true })
  for (const name of [INBOX_NAME, OUTBOX_NAME]) rmSync(join(folder, name), { recursive: true, force: true })
  for (const name of readdirSync(folder)) if (isDeadCopy(name) || name === RESTORED_MARK) rmSync(join(folder, name), { force: true })
  const photos = join(folder, 'photos')
  if (existsSync(photos)) for (const name of readdirSync(photos)) if (name.endsWith('.part')) rmSync(join(photos, name), { force: true })
}
/** A copy for a backup names the process that makes it: a command may be writing one beside a server. */
export const copyName = (chance: string): string => `.backup-${process.pid}-${chance}.sqlite`
const COPY_NAME = /^\.backup-(?:(\d+)-)?[0-9a-f]+\.sqlite(-journal|-wal|-shm)?$/
function isDeadCopy(name: string): boolean {
  const match = COPY_NAME.exec(name)
  return match !== null && (match[1] === undefined || !isAlive(Number(match[1])))
}

/** Makes the folder where needed; refuses one that cannot be written. */
export function readyDataFolder(given: string | undefined, env: NodeJS.ProcessEnv): string {
  const folder = resolve(given === undefined || given === '' ? usualDataFolder(env) : given)
  try {
    finishRestore(folder)
    mkdirSync(folder, { recursive: true, mode: 0o700 })
    accessSync(folder, constants.W_OK | constants.X_OK)
    return folder
  } catch (error) {
    throw new StartError(startWords.folderNotWritable(folder), error)
  }
}
