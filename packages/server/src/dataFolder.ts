import { accessSync, constants, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { homedir, platform } from 'node:os'
import { join, resolve } from 'node:path'
import { enStart } from '@jovrin/contract'
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
export const STAYS = ['access.json', 'jovrin-demo-folder', 'server.lock'] as const

/** A restore that was cut off between its two renames left no data folder, but a whole one beside it. */
function finishRestore(folder: string): void {
  const fresh = restoredFolder(folder)
  if (existsSync(folder) || !existsSync(join(fresh, RESTORED_MARK))) return
  renameSync(fresh, folder)
  rmSync(join(folder, RESTORED_MARK))
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
    throw new StartError(enStart.folderNotWritable(folder), error)
  }
}
