/** An asymmetric bell over wavelength [nm], 1 at its top. */
export const bell = (nm: number, topNm: number, shorterNm: number, longerNm: number): number =>
  Math.exp(-0.5 * ((nm - topNm) / (nm < topNm ? shorterNm : longerNm)) ** 2)

/** Absorption of bromothymol blue by wavelength, over that of its yellow form at 433 nm. Tops 433 nm (yellow) and 616 nm (blue), about twice as strong; widths read off published spectra, so that the forms cross near 505 nm. Rule of thumb: tops within 5 nm, strength of the blue form 1.9–2.4. */
export const YELLOW_FORM = (nm: number): number => bell(nm, 433, 40, 40)
export const BLUE_FORM = (nm: number): number => 2.15 * bell(nm, 616, 50, 36) + 0.5 * bell(nm, 395, 35, 35)
