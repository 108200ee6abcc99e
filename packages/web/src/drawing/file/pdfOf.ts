import type { Page, Sized } from './paperSize.js'

const POINTS_PER_MM = 72 / 25.4

/** One page with the drawing at its size: printed at 100 %, a ruler reads the tank from it. */
export async function pdfOf(raster: Blob, title: string, drawing: Sized, page: Page): Promise<Blob> {
  const { PDFDocument } = await import('pdf-lib')
  const document = await PDFDocument.create()
  document.setTitle(title)
  const image = await document.embedPng(await raster.arrayBuffer())
  const pt = (mm: number): number => mm * POINTS_PER_MM
  document.addPage([pt(page.widthMm), pt(page.heightMm)]).drawImage(image, {
    x: pt(page.leftMm),
    y: pt(page.heightMm - page.topMm - drawing.heightMm),
    width: pt(drawing.widthMm),
    height: pt(drawing.heightMm),
  })
  const bytes = await document.save()
  return new Blob([bytes.slice()], { type: 'application/pdf' })
}
