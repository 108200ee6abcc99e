import { instantOf } from '@jovrin/core'
import { enRefusal } from '@jovrin/contract'
import readExif from 'exif-reader'
import sharp from 'sharp'
import { Refusal } from '../http/refusal.js'

const LONGEST_PX = 2400
const SMALL_PX = 480
/** A picture that unpacks to more than this is refused before it is unpacked. */
const MOST_PIXELS = 80_000_000

export interface Developed {
  readonly full: Buffer
  readonly small: Buffer
  readonly widthPx: number
  readonly heightPx: number
  readonly takenAt: string | null
}

/** Turns an upload into a plain upright JPEG: no place, no camera, no thumbnail of its own; only the time it was taken is kept. `timeZone` is where the camera's clock stood. */
export async function develop(upload: Buffer, timeZone: string): Promise<Developed> {
  try {
    const source = sharp(upload, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    const { exif } = await source.metadata()
    const clock = exif ? clockOf(exif) : null
    const upright = source.rotate().resize({ width: LONGEST_PX, height: LONGEST_PX, fit: 'inside', withoutEnlargement: true })
    const { data: full, info } = await (clock === null ? upright : upright.withExif({ IFD2: { DateTimeOriginal: clock.text } }))
      .jpeg({ quality: 84 })
      .toBuffer({ resolveWithObject: true })
    const small = await sharp(full)
      .resize({ width: SMALL_PX, height: SMALL_PX, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 78 })
      .toBuffer()
    return {
      full,
      small,
      widthPx: info.width,
      heightPx: info.height,
      takenAt: clock === null ? null : instantOf(clock.date, clock.minutes, timeZone).toISOString(),
    }
  } catch (error) {
    if (error instanceof RangeError) throw error
    throw new Refusal(415, 'not_a_picture', enRefusal.notPicture)
  }
}

interface CameraClock {
  readonly date: string
  readonly minutes: number
  /** As cameras write it. */
  readonly text: string
}
function clockOf(exif: Buffer): CameraClock | null {
  try {
    const taken = readExif(exif).Photo?.DateTimeOriginal
    if (!(taken instanceof Date) || Number.isNaN(taken.getTime())) return null
    const [date = '', time = ''] = taken.toISOString().split(/[TZ.]/) // the reader takes the camera's clock for UTC
    return { date, minutes: taken.getUTCHours() * 60 + taken.getUTCMinutes(), text: `${date.replaceAll('-', ':')} ${time}` }
  } catch {
    return null // a mangled tag tells no time
  }
}
