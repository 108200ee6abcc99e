import atkinson from '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2?url'
import barlow400 from '@fontsource/barlow-condensed/files/barlow-condensed-latin-400-normal.woff2?url'
import barlow500 from '@fontsource/barlow-condensed/files/barlow-condensed-latin-500-normal.woff2?url'
import barlow600 from '@fontsource/barlow-condensed/files/barlow-condensed-latin-600-normal.woff2?url'

const SVG = 'http://www.w3.org/2000/svg'
/** Styles of lettering that come from the page, and would stay behind. */
const LETTERING = ['font-family', 'font-size', 'font-weight', 'letter-spacing', 'text-transform', 'font-variant-numeric'] as const

/** Colours of the day, whatever the page shows: paper is white. */
export function dayInks(): (name: string) => string {
  const probe = document.createElement('div')
  probe.dataset['mode'] = 'light'
  probe.hidden = true
  document.body.append(probe)
  const style = getComputedStyle(probe)
  const known = new Map<string, string>()
  return (name) => {
    const found = known.get(name) ?? (name === '--film' || name === '--sheet' ? '#fff' : style.getPropertyValue(name).trim())
    known.set(name, found)
    return found
  }
}

/** A drawing of the page as one that stands alone: its inks and lettering written into it, on white. */
export function standAlone(drawn: SVGSVGElement): string {
  const copy = drawn.cloneNode(true) as SVGSVGElement
  const ink = dayInks()
  const [originals, copies] = [drawn, copy].map((root) => [root, ...root.querySelectorAll<SVGElement>('*')])
  copies?.forEach((element, index) => {
    for (const { name, value } of [...element.attributes]) {
      if (value.includes('var('))
        element.setAttribute(
          name,
          value.replace(/var\((--[\w-]+)\)/g, (_all, variable: string) => ink(variable)),
        )
      if (/^(tabindex|role|class|data-|aria-)/.test(name) && element !== copy) element.removeAttribute(name)
    }
    const original = originals?.[index]
    if (original === undefined || !/^(text|tspan)$/.test(element.tagName)) return
    const style = getComputedStyle(original)
    for (const property of LETTERING) element.style.setProperty(property, style.getPropertyValue(property))
  })
  const [left = 0, top = 0, width = 0, height = 0] = (drawn.getAttribute('viewBox') ?? '').split(' ').map(Number)
  const paper = document.createElementNS(SVG, 'rect')
  for (const [name, value] of Object.entries({ x: left, y: top, width, height, fill: '#fff' })) paper.setAttribute(name, String(value))
  copy.prepend(paper)
  copy.setAttribute('xmlns', SVG)
  copy.removeAttribute('class')
  copy.removeAttribute('style')
  return new XMLSerializer().serializeToString(copy)
}

const FONTS = [
  ['Barlow Condensed', '400', barlow400],
  ['Barlow Condensed', '500', barlow500],
  ['Barlow Condensed', '600', barlow600],
  ['Atkinson Hyperlegible Next Variable', '200 800', atkinson],
] as const

/** The same with its fonts in it and the size that it has on paper. */
export async function withFonts(
  svg: string,
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
): Promise<string> {
  const faces = await Promise.all(
    FONTS.filter(([family]) => svg.includes(family)).map(
      async ([family, weight, url]) =>
        `@font-face{font-family:'${family}';font-weight:${weight};src:url(data:font/woff2;base64,${await base64Of(url)}) format('woff2')}`,
    ),
  )
  // By its text: a style that is put into a parsed document counts as the page's own, which its policy forbids.
  return svg.replace(/<svg\b([^>]*)>/, (_all, attributes: string) => {
    const kept = attributes.replace(/\s(?:width|height)="[^"]*"/g, '')
    return `<svg${kept} width="${widthMm.toFixed(3)}mm" height="${heightMm.toFixed(3)}mm"><style>${faces.join('')}</style>`
  })
}

async function base64Of(url: string): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer())
  return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
}
