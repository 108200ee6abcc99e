import { refusalWords } from '@jovrin/contract'
import type { RequestHandler } from 'express'
import { Refusal } from './refusal.js'

const MOST_DEPTH = 60
/** Names under which a careless assignment would reach what all objects share. */
const SHARED = new Set(['__proto__', 'constructor', 'prototype'])

interface Inner {
  readonly value: unknown
  readonly path: string
  readonly depth: number
}

/** Refuses what no document of ours can hold, wherever it stands in one that was sent: half a character (the database's driver ends on it), a NUL (it would cut a text short), a name that all objects share, and nesting without end. */
export function requireWellFormed(document: unknown): void {
  const waiting: Inner[] = [{ value: document, path: '', depth: 0 }]
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    const { value, path, depth } = next
    if (typeof value === 'string') requireText(value, path)
    if (typeof value !== 'object' || value === null) continue
    if (depth >= MOST_DEPTH) throw new Refusal(400, 'too_deep', refusalWords.tooDeep(String(MOST_DEPTH)), { field: path })
    for (const [key, inner] of Object.entries(value)) {
      const at = path === '' ? key : `${path}.${key}`
      if (SHARED.has(key)) throw new Refusal(400, 'not_accepted', refusalWords.sharedName(key), { field: at })
      requireText(key, path)
      waiting.push({ value: inner, path: at, depth: depth + 1 })
    }
  }
}

function requireText(text: string, field: string): void {
  if (/\p{Surrogate}/u.test(text)) throw new Refusal(400, 'not_text', refusalWords.halfCharacter, { field })
  if (text.includes('\0')) throw new Refusal(400, 'not_text', refusalWords.nulCharacter, { field })
}

/** Body, query and address of a request hold texts that can be kept. */
export const onlyWellFormed: RequestHandler = (req, _res, next) => {
  if (/%00/.test(req.url)) throw new Refusal(400, 'not_text', refusalWords.nulCharacter)
  requireWellFormed(req.query)
  // A file that came as bytes is looked at where it is read.
  if (!Buffer.isBuffer(req.body)) requireWellFormed(req.body)
  next()
}
