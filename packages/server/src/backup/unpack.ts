import { createHash } from 'node:crypto'
import { mkdirSync, statSync } from 'node:fs'
import { open, type FileHandle } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import { BackupManifest, cutText, refusalWords } from '@jovrin/contract'
import { DATABASE_NAME } from '../db/connection.js'
import { migrationNames } from '../db/migrations/list.js'
import { Refusal } from '../http/refusal.js'
import type { Told } from '../longWork/task.js'
import { readZip, ZipFault, type ZipLimits } from '../zip/readZip.js'
import { MANIFEST_NAME } from './writeBackup.js'

/** Names that a backup may hold; nothing else is unpacked anywhere. */
const ALLOWED = new RegExp(
  `^(${MANIFEST_NAME.replace('.', '\\.')}|${DATABASE_NAME.replace('.', '\\.')}|photos/[0-9a-f]{64}(\\.small)?\\.jpg)$`,
)
const LIMITS: ZipLimits = { totalBytes: 16 * 1024 ** 3, files: 200_000, ratio: 250 }
const TOLD_NAME = 80
const SETTLED_TOGETHER = 64
const MANIFEST_MOST_BYTES = 64 * 1024 ** 2

const refuse = (detail: string): Refusal => new Refusal(422, 'broken_backup', detail)

export interface UnpackOptions {
  readonly limits?: ZipLimits
  readonly told?: Told
}
type Found = Map<string, { sha256: string; bytes: number }>

/** Unpacks a backup into a new folder and checks it against its manifest: names, sizes, hashes, versions. Throws a refusal that says what is wrong. */
export async function unpack(zipPath: string, folder: string, { limits = LIMITS, told }: UnpackOptions = {}): Promise<BackupManifest> {
  const found: Found = new Map()
  const packedInAll = statSync(zipPath).size
  const manifestParts: Buffer[] = []
  let whole: FileHandle[] = []

  /** Files forced to disk side by side: one after another, ten thousand small ones would take twenty seconds. */
  const settle = async (): Promise<void> => {
    const together = whole
    whole = []
    await Promise.all(
      together.map(async (handle) => {
        try {
          await handle.sync()
        } finally {
          await handle.close()
        }
      }),
    )
  }

  const take = async (name: string, bytes: AsyncIterable<Buffer>): Promise<void> => {
    const hash = createHash('sha256')
    const isManifest = name === MANIFEST_NAME
    const path = join(folder, name)
    if (!isManifest) mkdirSync(dirname(path), { recursive: true })
    const handle = isManifest ? null : await open(path, 'wx', 0o600)
    let length = 0
    try {
      for await (const chunk of bytes) {
        length += chunk.length
        if (isManifest && length > MANIFEST_MOST_BYTES) throw new ZipFault('too-large', name)
        hash.update(chunk)
        if (handle === null) manifestParts.push(chunk)
        else await handle.write(chunk)
      }
    } catch (error) {
      await handle?.close()
      throw error
    }
    found.set(name, { sha256: hash.digest('hex'), bytes: length })
    if (handle !== null) whole.push(handle)
    if (whole.length >= SETTLED_TOGETHER) await settle()
  }
  try {
    await readZip(zipPath, {
      limits,
      isAllowed: (name) => ALLOWED.test(name),
      take,
      told: (packed) => told?.({ done: packed, of: packedInAll }),
    })
    await settle()
  } catch (error) {
    throw error instanceof ZipFault ? refusalOf(error) : error
  } finally {
    for (const handle of whole) await handle.close().catch(() => undefined)
  }
  return checked(found, Buffer.concat(manifestParts))
}

function refusalOf({ fault, entry }: ZipFault): Refusal {
  const name = cutText(entry, TOLD_NAME)
  const sentences = {
    broken: refusalWords.backupBroken,
    'too-large': refusalWords.backupTooLarge,
    twice: refusalWords.backupTwice(name),
    foreign: refusalWords.backupForeignFile(name),
  }
  return refuse(sentences[fault])
}

function checked(found: Found, manifestBytes: Buffer): BackupManifest {
  if (!found.has(MANIFEST_NAME) || !found.has(DATABASE_NAME)) throw refuse(refusalWords.backupBroken)
  let json: unknown
  try {
    json = JSON.parse(manifestBytes.toString('utf8'))
  } catch {
    throw refuse(refusalWords.backupBroken)
  }
  const version = (json as { formatVersion?: unknown } | null)?.formatVersion
  if (typeof version === 'number' && version > 1) throw refuse(refusalWords.newerBackup)
  const manifest = BackupManifest.safeParse(json).data
  if (manifest === undefined) throw refuse(refusalWords.backupBroken)
  if (manifest.migrations.some((name) => !migrationNames.includes(name))) throw refuse(refusalWords.newerBackup)
  const names = [...found.keys()].filter((name) => name !== MANIFEST_NAME)
  for (const name of new Set([...names, ...Object.keys(manifest.files)])) {
    const promised = Object.hasOwn(manifest.files, name) ? manifest.files[name] : undefined
    const came = found.get(name)
    if (promised === undefined || came === undefined || promised.sha256 !== came.sha256 || promised.bytes !== came.bytes)
      throw refuse(refusalWords.backupDiffers(cutText(name, TOLD_NAME)))
  }
  return manifest
}
