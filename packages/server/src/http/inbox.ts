import { randomBytes } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { mkdir, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { refusalWords } from '@jovrin/contract'
import type { Request } from 'express'
import { INBOX_NAME } from '../dataFolder.js'
import { Refusal } from './refusal.js'

/** Lays a large body down beside the data, hands its path on, and clears it away, whatever becomes of it. */
export async function withInbox<Result>(
  dataFolder: string,
  req: Request,
  mostBytes: number,
  act: (path: string) => Promise<Result>,
): Promise<Result> {
  const inbox = join(dataFolder, INBOX_NAME)
  await mkdir(inbox, { recursive: true, mode: 0o700 })
  const path = join(inbox, `${randomBytes(6).toString('hex')}.zip`)
  try {
    await pipeline(limited(req, mostBytes), createWriteStream(path, { flags: 'wx', mode: 0o600 }))
    return await act(path)
  } finally {
    await rm(path, { force: true })
  }
}

async function* limited(req: Request, mostBytes: number): AsyncGenerator<Buffer> {
  let bytes = 0
  for await (const chunk of req as AsyncIterable<Buffer>) {
    bytes += chunk.length
    if (bytes > mostBytes) throw new Refusal(413, 'too_large', refusalWords.tooBig)
    yield chunk
  }
}
