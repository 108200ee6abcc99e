import { Readable } from 'node:stream'
import { ZipFile } from 'yazl'

export interface ZipEntry {
  readonly name: string
  /** Pictures are packed already; packing them again only takes time. */
  readonly isPacked: boolean
  /** Asked for when its turn comes: what the last entry says may follow from the others. */
  readonly bytes: () => AsyncIterable<Uint8Array>
}
const DEFLATE_LEVEL = 6
/** As for files that nobody else may read. */
const MODE = 0o100600

export interface ZipOptions {
  readonly writtenAt: Date
  /** Wide fields also where they are not needed, as large archives have them. */
  readonly isWide?: boolean
}

/** An archive, entry after entry, as fast as it is taken; with wide fields (ZIP64) from 65,535 entries or 4 GiB on. Whoever stops taking it leaves nothing open. */
export async function* zipBytes(entries: Iterable<ZipEntry>, { writtenAt, isWide = false }: ZipOptions): AsyncGenerator<Uint8Array> {
  const zip = new ZipFile()
  const out = zip.outputStream as Readable // the types say less than it is
  let open: Readable | null = null
  zip.on('error', (error: Error) => out.destroy(error))
  for (const { name, isPacked, bytes } of entries)
    zip.addReadStreamLazy(
      name,
      { compress: isPacked, compressionLevel: isPacked ? DEFLATE_LEVEL : 0, mtime: writtenAt, mode: MODE, forceZip64Format: isWide },
      (take) => {
        open = Readable.from(bytes())
        // The library listens to its own files alone: unheard, this fault would end the server.
        open.on('error', (error) => out.destroy(error))
        take(null, open)
      },
    )
  zip.end({ forceZip64Format: isWide, comment: '' })
  try {
    for await (const chunk of out as AsyncIterable<Uint8Array>) yield chunk
  } finally {
    out.destroy()
    ;(open as Readable | null)?.destroy()
  }
}
