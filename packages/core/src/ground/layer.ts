/** One layer over the whole floor, thickness at the front and back pane, linear between. Porosity is pore volume over bulk volume; the pores hold water. */
export interface SlopedLayer {
  readonly frontCm: number
  readonly backCm: number
  readonly porosity: number
}

export const layerVolumeL = (layer: Pick<SlopedLayer, 'frontCm' | 'backCm'>, floorCm2: number): number =>
  (floorCm2 * (layer.frontCm + layer.backCm)) / 2 / 1000

/** Bulk and pore volume [L] of layers over a floor. */
export function fillGround(layers: readonly SlopedLayer[], floorCm2: number): { readonly groundL: number; readonly poreWaterL: number } {
  let groundL = 0
  let poreWaterL = 0
  for (const layer of layers) {
    const volumeL = layerVolumeL(layer, floorCm2)
    groundL += volumeL
    poreWaterL += volumeL * layer.porosity
  }
  return { groundL, poreWaterL }
}

/** Whole bags for a volume, none for none. `spareFraction` 0–1 covers settling (rule of thumb 0.05–0.10). */
export const bagsOf = (volumeL: number, bagL: number, spareFraction = 0): number =>
  bagL > 0 ? Math.ceil((volumeL * (1 + spareFraction)) / bagL - 1e-9) : 0
