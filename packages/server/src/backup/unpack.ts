import { createHash } from 'node:crypto'
import { createReadStream, mkdirSync, statSync } from 'node:fs'
import { open, type FileHandle } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import { BackupManifest, cutText, refusalWords } from '@jovrin/contract'
import { Unzip, UnzipInflate, UnzipPassThrough, type UnzipFile } from 'fflate'
import { DATABASE_NAME } from '../db/connection.js'
import { migrationNames } from '../db/migrations/list.js'
import { Refusal } from '../http/refusal.js'
import type { Told } from '../longWork/task.js'
import { MANIFEST_NAME } from './writeBackup.js'

/** Names that a backup may hold; nothing else is unpacked anywhere. */
const ALLOWED = new RegExp(
  `^(${MANIFEST_NAME.replace('.', '\\.')}|${DATABASE_NAME.replace('.', '\\.')}|photos/[0-9a-f]{64}(\\.small)?\\.jpg)$`,
)
export interface UnpackLimits {
  /** Of all files together, unpacked. */
  readonly totalBytes: number
  readonly files: number
  /** Unpacked over packed, once more than a little is unpacked: a bomb gives itself away. */
  readonly ratio: number
}
const LIMITS: UnpackLimits = { totalBytes: 16 * 1024 ** 3, files: 200_000, ratio: 250 }
const RATIO_FROM_BYTES = 4 * 1024 ** 2
const TOLD_NAME = 80
const SETTLED_TOGETHER = 64
const MANIFEST_MOST_BYTES = 64 * 1024 ** 2

const refuse = (detail: string): Refusal => new Refusal(422, 'broken_backup', detail)

export interface UnpackOptions {
  readonly limits?: UnpackLimits
  readonly told?: Told
}

/** Unpacks a backup into a new folder and checks it against its manifest: names, sizes, hashes, versions. Throws a refusal that says what is wrong. */
export async function unpack(zipPath: string, folder: string, { limits = LIMITS, told }: UnpackOptions = {}): Promise<BackupManifest> {
  const found: Found = new Map()
  const packedInAll = statSync(zipPath).size
  const manifestParts: Buffer[] = []
  let packed = 0
  let unpacked = 0
  let work: Promise<void> = Promise.resolve()
  let failure: unknown = null
  const fail = (error: unknown): void => {
    failure ??= error
  }
  const opened: FileHandle[] = []
  let whole: FileHandle[] = []

  /** Files forced to disk side by side: one after another, ten thousand small ones would take twenty seconds. */
  const settle = async (): Promise<void> => {
    const together = whole
    whole = []
    await Promise.all(together.map((handle) => handle.sync()))
    for (const handle of together) {
      await handle.close()
      opened.splice(opened.indexOf(handle), 1)
    }
  }

  const receive = (file: UnzipFile): void => {
    if (!ALLOWED.test(file.name)) return fail(refuse(refusalWords.backupForeignFile(cutText(file.name, TOLD_NAME))))
    if (found.has(file.name)) return fail(refuse(refusalWords.backupTwice(file.name)))
    if (found.size >= limits.files) return fail(refuse(refusalWords.backupTooLarge))
    const entry = { sha256: '', bytes: 0 }
    found.set(file.name, entry)
    const hash = createHash('sha256')
    const isManifest = file.name === MANIFEST_NAME
    let handle: FileHandle | null = null
    file.ondata = (error, chunk, isLast) => {
      if (error) return fail(error)
      unpacked += chunk.length
      entry.bytes += chunk.length
      if (
        unpacked > limits.totalBytes ||
        (unpacked > RATIO_FROM_BYTES && unpacked > packed * limits.ratio) ||
        (isManifest && entry.bytes > MANIFEST_MOST_BYTES)
      )
        return fail(refuse(refusalWords.backupTooLarge))
      const bytes = Buffer.from(chunk)
      work = work.then(async () => {
        if (failure !== null) return
        hash.update(bytes)
        if (isManifest) manifestParts.push(bytes)
        else {
          if (handle === null) {
            const path = join(folder, file.name)
            mkdirSync(dirname(path), { recursive: true })
            handle = await open(path, 'wx', 0o600)
            opened.push(handle)
          }
          await handle.write(bytes)
        }
        if (isLast) {
          entry.sha256 = hash.digest('hex')
          if (handle !== null) whole.push(handle)
          if (whole.length >= SETTLED_TOGETHER) await settle()
        }
      })
      work.catch(fail)
    }
    file.start()
  }
  const unzip = new Unzip(receive)
  unzip.register(UnzipInflate)
  unzip.register(UnzipPassThrough)
  try {
    // Small pieces: a bomb is noticed while it unpacks, not after.
    for await (const chunk of createReadStream(zipPath, { highWaterMark: 64 * 1024 }) as AsyncIterable<Buffer>) {
      packed += chunk.length
      told?.({ done: packed, of: packedInAll })
      unzip.push(new Uint8Array(chunk))
      await work
      if (failure !== null) throw asError(failure)
    }
    unzip.push(new Uint8Array(0), true)
    await work
    if (failure !== null) throw asError(failure)
    await settle()
  } catch (error) {
    if (error instanceof Refusal || isSystem(error)) throw error
    throw refuse(refusalWords.backupBroken)
  } finally {
    for (const handle of opened) await handle.close().catch(() => undefined)
  }
  return checked(found, Buffer.concat(manifestParts))
}

type Found = Map<string, { sha256: string; bytes: number }>

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

const isSystem = (error: unknown): boolean => typeof (error as { syscall?: unknown }).syscall === 'string' // a full disk and its like keep their own name
const asError = (failure: unknown): Error =>
  failure instanceof Error ? failure : new Error('the archive could not be read', { cause: failure })
