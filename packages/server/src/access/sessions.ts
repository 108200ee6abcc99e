import { createHash, randomBytes } from 'node:crypto'
import { existsSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { z } from 'zod'

const SESSION_DAYS = 30
const SESSION_MS = SESSION_DAYS * 86_400_000
/** More devices than anybody signs in with; beyond it the oldest session ends. */
const MOST_SESSIONS = 200

const StoredSessions = z.array(z.tuple([z.string(), z.number()]))

/** Who is signed in. The list lies on disk as hashes, so that a phone stays signed in over a restart and a copy of the list opens nothing. */
export interface Sessions {
  /** A token that is good for a month. */
  readonly open: (nowMs: number) => string
  readonly isOpen: (token: string, nowMs: number) => boolean
  readonly end: (token: string) => void
}

export const sessionsFile = (folder: string): string => join(folder, 'sessions.json')
/** Ends every session there is. */
export const endAllSessions = (folder: string): void => rmSync(sessionsFile(folder), { force: true })

const hashOf = (token: string): string => createHash('sha256').update(token).digest('base64')

export function sessionsIn(folder: string): Sessions {
  const file = sessionsFile(folder)
  const untilOfHash = new Map(stored(file))
  const keep = (): void => {
    const beside = `${file}.part`
    writeFileSync(beside, JSON.stringify([...untilOfHash]), { mode: 0o600 })
    renameSync(beside, file)
  }
  return {
    open: (nowMs) => {
      for (const [hash, until] of untilOfHash) if (until <= nowMs) untilOfHash.delete(hash)
      for (const hash of [...untilOfHash.keys()].slice(0, Math.max(0, untilOfHash.size - MOST_SESSIONS + 1))) untilOfHash.delete(hash)
      const token = randomBytes(32).toString('base64url')
      untilOfHash.set(hashOf(token), nowMs + SESSION_MS)
      keep()
      return token
    },
    isOpen: (token, nowMs) => (untilOfHash.get(hashOf(token)) ?? 0) > nowMs,
    end: (token) => {
      if (untilOfHash.delete(hashOf(token))) keep()
    },
  }
}

/** A list that cannot be read signs nobody in. */
function stored(file: string): [string, number][] {
  if (!existsSync(file)) return []
  try {
    return StoredSessions.safeParse(JSON.parse(readFileSync(file, 'utf8'))).data ?? []
  } catch {
    return []
  }
}
