import { accessSync, constants, mkdirSync } from 'node:fs'
import { homedir, platform } from 'node:os'
import { join, resolve } from 'node:path'
import { en } from '@jovrin/contract'
import { StartError } from './startError.js'

/** Where this user's data lives unless JOVRIN_DATA says otherwise. */
export function usualDataFolder(env: NodeJS.ProcessEnv): string {
  if (platform() === 'win32') return join(env['LOCALAPPDATA'] ?? join(homedir(), 'AppData', 'Local'), 'jovrin')
  if (platform() === 'darwin') return join(homedir(), 'Library', 'Application Support', 'jovrin')
  return join(env['XDG_DATA_HOME'] ?? join(homedir(), '.local', 'share'), 'jovrin')
}

/** Makes the folder where needed; refuses one that cannot be written. */
export function readyDataFolder(given: string | undefined, env: NodeJS.ProcessEnv): string {
  const folder = resolve(given === undefined || given === '' ? usualDataFolder(env) : given)
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 })
    accessSync(folder, constants.W_OK | constants.X_OK)
    return folder
  } catch (error) {
    throw new StartError(en.start.folderNotWritable(folder), error)
  }
}
