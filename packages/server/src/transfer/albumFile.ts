import { cutText, refusalWords, TANK_FILE_MOST_BYTES } from '@jovrin/contract'
import { Refusal } from '../http/refusal.js'
import { sha256Of } from '../photo/photoFiles.js'
import { readZip, ZipFault, type ZipLimits } from '../zip/readZip.js'

/** A tank's file with its pictures beside it, as one archive. */
export const TANK_ENTRY = 'tank.json'
export const pictureEntry = (sha256: string): string => `photos/${sha256}.jpg`

const ALLOWED = /^(?:tank\.json|photos\/[0-9a-f]{64}\.jpg)$/
const LIMITS: ZipLimits = { totalBytes: 8 * 1024 ** 3, files: 50_000, ratio: 250 }
/** A developed picture is a few megabytes at most. */
const PICTURE_MOST_BYTES = 16 * 1024 ** 2
const TOLD_NAME = 80

const refuse = (detail: string): Refusal => new Refusal(422, 'broken_tank_file', detail)

/** Reads an archive once: the tank's file, and each picture that is what its name says, one after another. */
export async function readAlbum(path: string, onPicture: (sha256: string, bytes: Buffer) => Promise<void>): Promise<Buffer> {
  let tank: Buffer | null = null
  const take = async (name: string, bytes: AsyncIterable<Buffer>): Promise<void> => {
    const isTank = name === TANK_ENTRY
    const parts: Buffer[] = []
    let length = 0
    for await (const chunk of bytes) {
      length += chunk.length
      if (length > (isTank ? TANK_FILE_MOST_BYTES : PICTURE_MOST_BYTES)) throw new ZipFault('too-large', name)
      parts.push(chunk)
    }
    const whole = Buffer.concat(parts)
    if (isTank) tank = whole
    else {
      const sha256 = name.slice('photos/'.length, -'.jpg'.length)
      if (sha256Of(whole) !== sha256) throw refuse(refusalWords.backupDiffers(cutText(name, TOLD_NAME)))
      await onPicture(sha256, whole)
    }
  }
  try {
    await readZip(path, { limits: LIMITS, isAllowed: (name) => ALLOWED.test(name), take })
  } catch (error) {
    if (!(error instanceof ZipFault)) throw error
    const name = cutText(error.entry, TOLD_NAME)
    const sentences = {
      broken: refusalWords.albumBroken,
      'too-large': refusalWords.fileSwells,
      twice: refusalWords.backupTwice(name),
      foreign: refusalWords.albumForeign(name),
    }
    throw refuse(sentences[error.fault])
  }
  if (tank === null) throw refuse(refusalWords.albumBroken)
  return tank
}
