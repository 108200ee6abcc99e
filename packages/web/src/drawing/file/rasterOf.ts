const MM_PER_INCH = 25.4
/** As printers draw lines. */
const DOTS_PER_INCH = 300
/** Larger pictures than browsers take on a canvas side [px] are drawn coarser. */
const MOST_PX = 8000

/** A drawing as a picture in dots, as fine as a printer; coarser only where it would be larger than a browser can hold. */
export async function rasterOf(svg: string, { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number }): Promise<Blob> {
  const dots = Math.min(DOTS_PER_INCH / MM_PER_INCH, MOST_PX / Math.max(widthMm, heightMm))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(widthMm * dots)
  canvas.height = Math.round(heightMm * dots)
  const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  try {
    const image = new Image()
    image.src = address
    await image.decode()
    const pen = canvas.getContext('2d')
    if (pen === null) throw new Error('no canvas')
    pen.fillStyle = '#fff'
    pen.fillRect(0, 0, canvas.width, canvas.height)
    pen.drawImage(image, 0, 0, canvas.width, canvas.height)
  } finally {
    URL.revokeObjectURL(address)
  }
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob === null ? reject(new Error('no picture')) : resolve(blob)), 'image/png'),
  )
}
