import { refusalWords } from '@jovrin/contract'
import type { Request } from 'express'
import { Refusal } from './refusal.js'

export const etagOf = (revision: number): string => `"${revision}"`

/** The revision that the client says it is changing. Missing: 428. A mark that is no revision of ours can only be stale. */
export function revisionFromIfMatch(req: Request): number {
  const header = req.get('If-Match')
  if (header === undefined) throw new Refusal(428, 'revision_needed', refusalWords.needsIfMatch)
  const match = /^(?:W\/)?"?(\d{1,9})"?$/.exec(header.trim())
  return match ? Number(match[1]) : -1
}
