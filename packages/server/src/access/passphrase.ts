import { createHmac, randomBytes, scryptSync, timingSafeEqual } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { enStart } from '@jovrin/contract'
import { StartError } from '../startError.js'

/** Cost of one guess: about a tenth of a second and 64 MB here. */
const SCRYPT = { N: 2 ** 16, r: 8, p: 1, maxmem: 128 * 1024 ** 2 } as const
const KEY_BYTES = 32
export const PASSPHRASE_LEAST = 10
const SESSION_DAYS = 30

interface StoredAccess {
  readonly salt: string
  readonly hash: string
  /** Signs sessions and the calendar's key; a new passphrase gets a new one, which ends all sessions. */
  readonly secret: string
}

/** Who may come in from the local network. */
export interface Access {
  readonly isPassphrase: (guess: string) => boolean
  /** A token that is good for a month. */
  readonly newSession: (nowMs: number) => string
  readonly isSession: (token: string, nowMs: number) => boolean
  /** For calendar programs, which cannot sign in; opens the calendar and nothing else. */
  readonly calendarKey: string
}

/** The stored passphrase, or a new one where it is given. Without either there is no access. */
export function accessOf(folder: string, given: string | undefined): Access {
  const file = join(folder, 'access.json')
  let stored: StoredAccess | null = null
  if (existsSync(file)) stored = JSON.parse(readFileSync(file, 'utf8')) as StoredAccess // written below
  if (given !== undefined && given !== '' && (stored === null || !matches(stored, given))) {
    if (given.length < PASSPHRASE_LEAST) throw new StartError(enStart.shortPassphrase(String(PASSPHRASE_LEAST)))
    const salt = randomBytes(16)
    stored = {
      salt: salt.toString('base64'),
      hash: scryptSync(given, salt, KEY_BYTES, SCRYPT).toString('base64'),
      secret: randomBytes(32).toString('base64'),
    }
    writeFileSync(file, JSON.stringify(stored), { mode: 0o600 })
  }
  if (stored === null) throw new StartError(enStart.needsPassphrase)
  const known = stored
  const sign = (text: string): string => createHmac('sha256', Buffer.from(known.secret, 'base64')).update(text).digest('base64url')
  return {
    isPassphrase: (guess) => matches(known, guess),
    newSession: (nowMs) => {
      const until = String(nowMs + SESSION_DAYS * 86_400_000)
      return `${until}.${sign(`session ${until}`)}`
    },
    isSession: (token, nowMs) => {
      const [until = '', signature = ''] = token.split('.')
      return /^\d{1,15}$/.test(until) && Number(until) > nowMs && isEqual(signature, sign(`session ${until}`))
    },
    calendarKey: sign('calendar').slice(0, 24),
  }
}

const matches = ({ salt, hash }: StoredAccess, guess: string): boolean =>
  timingSafeEqual(scryptSync(guess.slice(0, 1000), Buffer.from(salt, 'base64'), KEY_BYTES, SCRYPT), Buffer.from(hash, 'base64'))
export const isEqual = (a: string, b: string): boolean => {
  const [left, right] = [Buffer.from(a), Buffer.from(b)]
  return left.length === right.length && timingSafeEqual(left, right)
}
