/** Index of refraction of fresh water and of float glass in visible light. */
export const WATER_INDEX = 1.333
const GLASS_INDEX = 1.52

/** Reflectance of both polarisations at a flat border, from index to index. Fresnel (1823); 1 beyond the critical angle. */
function reflected(fromIndex: number, cosFrom: number, toIndex: number): readonly [across: number, along: number] {
  const sinTo = (fromIndex / toIndex) * Math.sqrt(Math.max(0, 1 - cosFrom * cosFrom))
  if (sinTo >= 1) return [1, 1]
  const cosTo = Math.sqrt(1 - sinTo * sinTo)
  const across = (fromIndex * cosFrom - toIndex * cosTo) / (fromIndex * cosFrom + toIndex * cosTo)
  const along = (toIndex * cosFrom - fromIndex * cosTo) / (toIndex * cosFrom + fromIndex * cosTo)
  return [across * across, along * along]
}

/** Share of unpolarised light that a flat water surface lets in, by the cosine of the ray in air against the plumb line, 0–1. */
export function surfacePasses(cosAir: number, index = WATER_INDEX): number {
  const [across, along] = reflected(1, cosAir, index)
  return 1 - (across + along) / 2
}

/** Share of unpolarised light that a clean pane between water (or the air of an empty tank) and air sends back, by the cosine of the ray inside against the pane's normal, 0–1. All bounces inside the pane are summed. */
export function paneReturns(cosPane: number, index = WATER_INDEX): number {
  const sinAir = index * Math.sqrt(Math.max(0, 1 - cosPane * cosPane))
  if (sinAir >= 1) return 1
  if (cosPane === 0) return 1
  const sinGlass = sinAir / GLASS_INDEX
  const inner = reflected(index, cosPane, GLASS_INDEX)
  const outer = reflected(GLASS_INDEX, Math.sqrt(1 - sinGlass * sinGlass), 1)
  const both = inner.map((r1, polarisation) => {
    const r2 = outer[polarisation]!
    return r1 + ((1 - r1) ** 2 * r2) / (1 - r1 * r2)
  })
  return (both[0]! + both[1]!) / 2
}

const STEPS = 256
const tableOf = (index: number): Float64Array =>
  Float64Array.from({ length: STEPS + 2 }, (_, step) => paneReturns(Math.min(1, step / STEPS), index))
/** What panes send back of light in water, and in air, by steps of the cosine. */
export const RETURNS_IN_WATER = tableOf(WATER_INDEX)
export const RETURNS_IN_AIR = tableOf(1)

/** As `paneReturns`, from a table made once; what bends sharply at the critical angle is off by at most a step there. */
export function returned(table: Float64Array, cosPane: number): number {
  const at = cosPane * STEPS
  const step = at | 0
  const low = table[step]!
  return low + (table[step + 1]! - low) * (at - step)
}
