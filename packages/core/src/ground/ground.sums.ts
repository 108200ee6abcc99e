import { answered, assumed, defineSum, openSum, reckoned, type OpenedSum, type Row, type Word } from '../quantity/sum.js'
import type { LaidLayer } from './groundPlan.js'
import type { GroundNeed } from './layering.js'

const VOLUME_SOURCE =
  'Exact integral over the zones’ outlines; thickness straight between the zone’s front and back, contoured surfaces by inverse distance squared (Shepard 1968)'
const POROSITY_SOURCE = 'Porosity by kind of ground, 0.36–0.6, or your product’s own; rule of thumb'
const BULK_SOURCE = 'Dry density in bulk by kind of ground, 0.4–1.65 kg/L, or your product’s own'

export const groundSum = defineSum({
  id: 'ground.volume',
  dimension: 'volume',
  each: { layerL: 'volume' },
  formula: 'Σ(layerL)',
  source: VOLUME_SOURCE,
})
export const poreSum = defineSum({
  id: 'ground.pore-water',
  dimension: 'volume',
  each: { layerL: 'volume', porosity: 'ratio' },
  formula: 'Σ(layerL·porosity)',
  source: POROSITY_SOURCE,
})
export const dryGroundSum = defineSum({
  id: 'ground.mass',
  dimension: 'mass',
  each: { layerL: 'volume', bulkKgPerL: 'bulk' },
  formula: 'Σ(layerL·bulkKgPerL)',
  source: BULK_SOURCE,
})
export const bagsSum = defineSum({
  id: 'ground.bags-needed',
  dimension: 'count',
  terms: { groundL: 'volume', pouredShare: 'ratio', bagL: 'volume' },
  formula: '⌈groundL·pouredShare/bagL⌉',
  source: 'Ground settles by 5–10 % by kind: rule of thumb',
})

const wordOf = ({ ground }: Pick<LaidLayer, 'ground'>): Word => ['ground', ground]
const laid = (layers: readonly LaidLayer[]): readonly LaidLayer[] => layers.filter(({ volumeL }) => volumeL > 0)
const litresOf = (layer: LaidLayer): Row<{ layerL: 'volume' }> => ({ of: wordOf(layer), layerL: reckoned(layer.volumeL) })
const weighed = (layer: LaidLayer): Row<{ layerL: 'volume'; bulkKgPerL: 'bulk' }> => ({
  ...litresOf(layer),
  bulkKgPerL: assumed(layer.bulkKgPerL),
})

export const openGroundVolume = (layers: readonly LaidLayer[], groundL: number): OpenedSum =>
  openSum(groundSum, groundL, {}, laid(layers).map(litresOf))
export const openPoreWater = (layers: readonly LaidLayer[], poreWaterL: number): OpenedSum =>
  openSum(
    poreSum,
    poreWaterL,
    {},
    laid(layers).map((layer) => ({ ...litresOf(layer), porosity: assumed(layer.porosity) })),
  )
export const openGroundMass = (layers: readonly LaidLayer[], groundKg: number): OpenedSum =>
  openSum(dryGroundSum, groundKg, {}, laid(layers).map(weighed))

/** What has to be bought of one ground: litres in the tank, dry mass, bags. */
export function openNeed(need: GroundNeed): { readonly litres: OpenedSum; readonly dry: OpenedSum; readonly bags: OpenedSum } {
  return {
    litres: openGroundVolume(need.laid, need.volumeL),
    dry: openGroundMass(need.laid, need.dryKg),
    bags: openSum(bagsSum, need.bags, {
      groundL: reckoned(need.volumeL),
      pouredShare: assumed(need.pouredL / need.volumeL),
      bagL: answered(need.bagL, need.name === '' ? null : need.bagL),
    }),
  }
}
