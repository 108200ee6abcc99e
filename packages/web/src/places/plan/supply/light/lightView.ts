import type { LightView } from '@jovrin/core'

export const SHADES = ['bare', 'planted', 'grown'] as const
export type ShadeView = (typeof SHADES)[number]
/** Weeks after planting; bare has none. */
const WEEKS: Readonly<Record<ShadeView, number | null>> = { bare: null, planted: 0, grown: 8 }
export const WATERS = ['clear', 'some', 'much'] as const
export type WaterView = (typeof WATERS)[number]
/** Taken by stain on top of the clear water [1/m]. Rule of thumb: stained water takes 1–3 /m in all. */
export const STAIN_PER_M: Readonly<Record<WaterView, number>> = { clear: 0, some: 0.6, much: 1.6 }
export const HIGHEST_CM = 200

export interface Looked {
  readonly shade: ShadeView
  readonly water: WaterView
  readonly heightCm: number | null
}

/** How the light is looked at, by the address. */
export function lookedOf(search: URLSearchParams): Looked {
  const height = Number(search.get('height'))
  return {
    shade: SHADES.find((one) => one === search.get('plants')) ?? 'bare',
    water: WATERS.find((one) => one === search.get('water')) ?? 'clear',
    heightCm: search.get('height') !== null && Number.isFinite(height) ? Math.min(Math.max(height, 0), HIGHEST_CM) : null,
  }
}
export const viewOf = ({ shade, water, heightCm }: Looked): LightView => ({
  heightCm,
  weeks: WEEKS[shade],
  stainPerM: STAIN_PER_M[water],
  filmKeeps: 1,
})
/** For the table of patches, whatever the map shows. */
export const grownView = (looked: Looked): LightView => viewOf({ ...looked, shade: 'grown' })
