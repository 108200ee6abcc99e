import { journalWords, type JournalEntry } from '@jovrin/contract'
import type { JournalRecord } from '@jovrin/core'
import { dayOf, longDate } from '../../ui/units.js'

export type Picture = Extract<JournalRecord, { kind: 'photo' }>
/** A picture with its place in the journal, so that it can be changed. */
export interface PictureEntry {
  readonly entry: JournalEntry
  readonly picture: Picture
}

export const picturesIn = (entries: readonly JournalEntry[]): PictureEntry[] =>
  entries.flatMap((entry) => (entry.record.kind === 'photo' ? [{ entry, picture: entry.record }] : []))
export const addressOf = ({ sha256 }: Picture, size: 'small' | 'full' = 'full'): string =>
  `/api/photos/${sha256}${size === 'small' ? '?size=small' : ''}`
export const titleOf = ({ spot, at }: Picture, timeZone: string): string => journalWords.photoOf(spot, longDate(dayOf(at, timeZone)))
