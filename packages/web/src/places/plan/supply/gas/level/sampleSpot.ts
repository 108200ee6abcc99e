import { linearOf, type Rgb } from '@jovrin/core'

/** A place in a picture, as shares of its width and height. */
export interface PictureSpot {
  readonly x: number
  readonly y: number
}
/** Radius of what is looked at, of the picture's width. */
const RADIUS_SHARE = 0.012

/** Mean linear light around a spot. */
export function sampleSpot({ data, width, height }: ImageData, { x, y }: PictureSpot): Rgb {
  const radius = Math.max(2, width * RADIUS_SHARE)
  const [cx, cy] = [x * (width - 1), y * (height - 1)]
  const sum = [0, 0, 0]
  let count = 0
  for (let row = Math.max(0, Math.ceil(cy - radius)); row <= Math.min(height - 1, cy + radius); row++)
    for (let column = Math.max(0, Math.ceil(cx - radius)); column <= Math.min(width - 1, cx + radius); column++) {
      if ((column - cx) ** 2 + (row - cy) ** 2 > radius ** 2) continue
      count++
      for (let band = 0; band < 3; band++) sum[band] = sum[band]! + linearOf(data[(row * width + column) * 4 + band] ?? 0)
    }
  return [sum[0]! / count, sum[1]! / count, sum[2]! / count]
}
