/** A sheet of paper with its long side across [mm]. */
interface PaperSize {
  readonly name: string
  readonly widthMm: number
  readonly heightMm: number
}
const PAPERS: readonly PaperSize[] = [
  { name: 'A4', widthMm: 297, heightMm: 210 },
  { name: 'A3', widthMm: 420, heightMm: 297 },
  { name: 'A2', widthMm: 594, heightMm: 420 },
  { name: 'A1', widthMm: 841, heightMm: 594 },
  { name: 'A0', widthMm: 1189, heightMm: 841 },
]
const MARGIN_MM = 10

/** How many centimetres of the tank a centimetre of paper shows; rulers have marks for these. */
export const SCALES = [1, 2, 5, 10, 20, 50] as const
export type Scale = (typeof SCALES)[number]

export interface Sized {
  readonly widthMm: number
  readonly heightMm: number
}

/** A drawing's size on paper, at 1 to `scale`. */
export const sizeAt = (
  drawing: { readonly widthPx: number; readonly heightPx: number; readonly pxPerCm: number },
  scale: Scale,
): Sized => ({
  widthMm: (drawing.widthPx / drawing.pxPerCm / scale) * 10,
  heightMm: (drawing.heightPx / drawing.pxPerCm / scale) * 10,
})

export interface Page extends Sized {
  /** `null` where no sheet is large enough: then the page is as large as it must be, for a plotter or to be tiled. */
  readonly name: string | null
  readonly leftMm: number
  readonly topMm: number
}

/** The smallest sheet, upright or across, on which a drawing stands with its margin; it stands in the middle. */
export function pageFor(drawing: Sized): Page {
  const fits = (page: Sized): boolean =>
    drawing.widthMm + 2 * MARGIN_MM <= page.widthMm + 1e-6 && drawing.heightMm + 2 * MARGIN_MM <= page.heightMm + 1e-6
  for (const { name, widthMm, heightMm } of PAPERS)
    for (const page of [
      { widthMm, heightMm },
      { widthMm: heightMm, heightMm: widthMm },
    ])
      if (fits(page)) return centred(name, page, drawing)
  return centred(null, { widthMm: drawing.widthMm + 2 * MARGIN_MM, heightMm: drawing.heightMm + 2 * MARGIN_MM }, drawing)
}
const centred = (name: string | null, page: Sized, drawing: Sized): Page => ({
  ...page,
  name,
  leftMm: (page.widthMm - drawing.widthMm) / 2,
  topMm: (page.heightMm - drawing.heightMm) / 2,
})

/** The largest scale at which a drawing stands on a sheet that most printers take. */
export function usualScale(drawing: { readonly widthPx: number; readonly heightPx: number; readonly pxPerCm: number }): Scale {
  return SCALES.find((scale) => pageFor(sizeAt(drawing, scale)).name === 'A4') ?? SCALES[SCALES.length - 1]!
}

/** A drawing without a scale, such as a chart: as wide as an A4 sheet lets it be. */
export function sizeOnA4({ widthPx, heightPx }: { readonly widthPx: number; readonly heightPx: number }): Sized {
  const [a4] = PAPERS
  const [mostW, mostH] = [(a4?.widthMm ?? 0) - 2 * MARGIN_MM, (a4?.heightMm ?? 0) - 2 * MARGIN_MM]
  const mmPerPx = Math.min(mostW / widthPx, mostH / heightPx)
  return { widthMm: widthPx * mmPerPx, heightMm: heightPx * mmPerPx }
}
