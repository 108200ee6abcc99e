import { createHmac, randomBytes, scrypt, scryptSync, timingSafeEqual } from 'node:crypto'
import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { startWords } from '@jovrin/contract'
import { z } from 'zod'
import { StartError } from '../startError.js'
import { endAllSessions, sessionsIn, type Sessions } from './sessions.js'

/** Cost of one guess: about a tenth of a second and 64 MB here. */
const SCRYPT = { N: 2 ** 16, r: 8, p: 1, maxmem: 128 * 1024 ** 2 } as const
const KEY_BYTES = 32
export const PASSPHRASE_LEAST = 10

const StoredAccess = z.object({
  salt: z.base64(),
  hash: z.base64(),
  /** Signs the calendar's key; a new passphrase gets a new one. */
  secret: z.base64(),
})
type StoredAccess = z.output<typeof StoredAccess>

/** Who may come in from the local network. */
export interface Access extends Sessions {
  readonly isPassphrase: (guess: string) => Promise<boolean>
  /** For calendar programs, which cannot sign in; opens the calendar and nothing else. */
  readonly calendarKey: string
}

/** The stored passphrase, or a new one where it is given, which ends all sessions. Without either there is no access. */
export function accessOf(folder: string, given: string | undefined): Access {
  const file = join(folder, 'access.json')
  let stored = storedIn(file)
  if (given !== undefined && given !== '') {
    if (given.trim() === '') throw new StartError(startWords.blankPassphrase)
    if (stored === null || !matchesNow(stored, given)) {
      if (normal(given).trim().length < PASSPHRASE_LEAST) throw new StartError(startWords.shortPassphrase(String(PASSPHRASE_LEAST)))
      stored = made(given)
      endAllSessions(folder)
      writeFileSync(`${file}.part`, JSON.stringify(stored), { mode: 0o600 })
      renameSync(`${file}.part`, file)
    }
  }
  if (stored === null) throw new StartError(startWords.needsPassphrase)
  const known = stored
  // One guess at a time: a crowd of them costs memory and cores that the tanks' keeper needs.
  let turn: Promise<unknown> = Promise.resolve()
  return {
    ...sessionsIn(folder),
    isPassphrase: (guess) => {
      const answer = turn.then(() => matches(known, guess))
      turn = answer.catch(() => undefined)
      return answer
    },
    calendarKey: createHmac('sha256', Buffer.from(known.secret, 'base64')).update('calendar').digest('base64url').slice(0, 24),
  }
}

function storedIn(file: string): StoredAccess | null {
  if (!existsSync(file)) return null
  try {
    return StoredAccess.parse(JSON.parse(readFileSync(file, 'utf8')))
  } catch (error) {
    throw new StartError(startWords.badAccess(file), error)
  }
}

/** The same letters, however a keyboard puts them together. */
const normal = (passphrase: string): string => passphrase.normalize('NFC').slice(0, 1000)

function made(passphrase: string): StoredAccess {
  const salt = randomBytes(16)
  return {
    salt: salt.toString('base64'),
    hash: scryptSync(normal(passphrase), salt, KEY_BYTES, SCRYPT).toString('base64'),
    secret: randomBytes(32).toString('base64'),
  }
}
/** Before anybody is served. */
const matchesNow = ({ salt, hash }: StoredAccess, guess: string): boolean =>
  isSameKey(scryptSync(normal(guess), Buffer.from(salt, 'base64'), KEY_BYTES, SCRYPT), hash)
const matches = ({ salt, hash }: StoredAccess, guess: string): Promise<boolean> =>
  new Promise((resolve, reject) =>
    scrypt(normal(guess), Buffer.from(salt, 'base64'), KEY_BYTES, SCRYPT, (error, key) =>
      error === null ? resolve(isSameKey(key, hash)) : reject(error),
    ),
  )
const isSameKey = (key: Buffer, hash: string): boolean => {
  const known = Buffer.from(hash, 'base64')
  return known.length === key.length && timingSafeEqual(key, known)
}
export const isEqual = (a: string, b: string): boolean => {
  const [left, right] = [Buffer.from(a), Buffer.from(b)]
  return left.length === right.length && timingSafeEqual(left, right)
}
