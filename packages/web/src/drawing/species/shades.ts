import type { Colouring, Shade } from '@jovrin/core'

/** Ink and fill of a shade, by day and by night (`film.css`). A word always stands beside it. */
export const shadeInk = (shade: Shade): string => `var(--shade-${shade})`

/** What a plant looks like between weak light (0) and strong light (1): a main shade, and what its tips have. */
export function shadesAt({ weak, strong }: Colouring, light: number): { readonly leaf: Shade; readonly tip: Shade } {
  const from = weak[0] ?? 'green'
  const to = strong[0] ?? from
  const tip = strong[1] ?? to
  return light >= 0.6 ? { leaf: to, tip } : light >= 0.3 ? { leaf: from, tip: to } : { leaf: from, tip: weak[1] ?? from }
}
