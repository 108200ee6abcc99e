import { openPromise, type Entry } from 'yauzl'

export interface ZipLimits {
  /** Of all files together, unpacked. */
  readonly totalBytes: number
  readonly files: number
  /** Unpacked over packed, once more than a little is unpacked: a bomb gives itself away. */
  readonly ratio: number
}
const RATIO_FROM_BYTES = 4 * 1024 ** 2

/** Why an archive is not read on. Whoever asked for it says so in its own words. */
export class ZipFault extends Error {
  constructor(
    readonly fault: 'broken' | 'too-large' | 'twice' | 'foreign',
    readonly entry = '',
    cause?: unknown,
  ) {
    super(fault, { cause })
  }
}

export interface ZipReader {
  readonly limits: ZipLimits
  /** Names that the archive may hold; anything else ends the reading before a byte of it is unpacked. */
  readonly isAllowed: (name: string) => boolean
  /** Called for one file after another; it must take all bytes. */
  readonly take: (name: string, bytes: AsyncIterable<Buffer>) => Promise<void>
  readonly told?: (packedBytes: number) => void
}

/**
 * Reads an archive by its own list, with wide fields (ZIP64) where it has them.
 * No name is trusted, no size that it tells is exceeded, nothing is unpacked beyond the limits. A fault of the taker passes through as it is.
 */
export async function readZip(path: string, { limits, isAllowed, take, told }: ZipReader): Promise<void> {
  // Names come as bytes: the library would refuse some by itself, and say it in its own words.
  const zip = await openPromise(path, { lazyEntries: true, autoClose: false, decodeStrings: false }).catch((error: unknown) => {
    throw isSystem(error) ? error : new ZipFault('broken', '', error)
  })
  const seen = new Set<string>()
  let [packed, unpacked] = [0, 0]
  try {
    if (zip.entryCount > limits.files) throw new ZipFault('too-large')
    for await (const entry of eachEntry(zip)) {
      const name = nameOf(entry)
      if (!isAllowed(name)) throw new ZipFault('foreign', name)
      if (seen.has(name)) throw new ZipFault('twice', name)
      seen.add(name)
      packed += entry.compressedSize
      // What it promises; a file that holds more than it promised ends the reading.
      if (unpacked + entry.uncompressedSize > limits.totalBytes) throw new ZipFault('too-large', name)
      if (!entry.canDecodeFileData()) throw new ZipFault('broken', name)
      const stream = await zip.openReadStreamPromise(entry).catch((error: unknown) => {
        throw asFault(error, name)
      })
      await take(name, watched(stream, name))
      told?.(packed)
    }
  } finally {
    zip.close()
  }

  async function* watched(stream: AsyncIterable<Buffer>, name: string): AsyncGenerator<Buffer> {
    try {
      for await (const chunk of stream) {
        unpacked += chunk.length
        if (unpacked > RATIO_FROM_BYTES && unpacked > packed * limits.ratio) throw new ZipFault('too-large', name)
        yield chunk
      }
    } catch (error) {
      throw asFault(error, name)
    }
  }
}

async function* eachEntry(zip: Awaited<ReturnType<typeof openPromise>>): AsyncGenerator<Entry> {
  try {
    for await (const entry of zip.eachEntry()) yield entry
  } catch (error) {
    throw asFault(error, '')
  }
}

const nameOf = ({ fileName }: Entry): string => Buffer.from(fileName as unknown as Uint8Array).toString('utf8') // bytes, as asked for
/** A full disk and its like keep their own name. */
const isSystem = (error: unknown): boolean => typeof (error as { syscall?: unknown }).syscall === 'string'
const asFault = (error: unknown, name: string): unknown =>
  error instanceof ZipFault || isSystem(error) ? error : new ZipFault('broken', name, error)
