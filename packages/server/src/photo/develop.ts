import readExif from 'exif-reader'
import sharp from 'sharp'

// Decoders of other kinds are shut, so that a file which only looks like one of the four reaches none of them.
sharp.block({ operation: ['VipsForeignLoad'] })
sharp.unblock({ operation: ['VipsForeignLoadJpeg', 'VipsForeignLoadPng', 'VipsForeignLoadWebp', 'VipsForeignLoadHeif'] })
sharp.cache(false)
sharp.concurrency(1)

const LONGEST_PX = 2400
const SMALL_PX = 480
/** A picture that unpacks to more than this is refused before it is unpacked. */
const MOST_PIXELS = 80_000_000
const MOST_SECONDS = 15

export interface Developed {
  readonly full: Buffer
  readonly small: Buffer
  readonly widthPx: number
  readonly heightPx: number
  readonly clock: CameraClock | null
  /** Whether what was sent says where it was taken; what was developed never does. */
  readonly tellsPlace: boolean
}
/** When a picture was taken, by the camera's own clock. */
export interface CameraClock {
  readonly date: string
  readonly minutes: number
  /** As cameras write it. */
  readonly text: string
}

/** Turns an upload into a plain upright JPEG: no place, no camera, no thumbnail of its own; only the time it was taken is kept. */
export async function develop(upload: Buffer): Promise<Developed> {
  const source = sharp(upload, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).timeout({ seconds: MOST_SECONDS })
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
  return { full, small, widthPx: info.width, heightPx: info.height, clock, tellsPlace: exif !== undefined && tellsPlace(exif) }
}

function tellsPlace(exif: Buffer): boolean {
  try {
    return readExif(exif).GPSInfo !== undefined
  } catch {
    return true // what cannot be read may say anything
  }
}

/** A camera whose clock was never set tells no time. */
const [FIRST_YEAR, LAST_YEAR] = [1990, 2100]

function clockOf(exif: Buffer): CameraClock | null {
  try {
    const taken = readExif(exif).Photo?.DateTimeOriginal
    if (!(taken instanceof Date)) return null
    const year = taken.getUTCFullYear()
    if (!(year >= FIRST_YEAR && year <= LAST_YEAR)) return null
    const [date = '', time = ''] = taken.toISOString().split(/[TZ.]/) // the reader takes the camera's clock for UTC
    const text = `${date.replaceAll('-', ':')} ${time}`
    // The reader carries a 13th month over into the next year; what was not written there is no time.
    return exif.includes(text, 0, 'latin1') ? { date, minutes: taken.getUTCHours() * 60 + taken.getUTCMinutes(), text } : null
  } catch {
    return null // a mangled tag tells no time
  }
}
