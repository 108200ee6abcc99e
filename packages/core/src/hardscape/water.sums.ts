import type { HardscapeMaterial, Piece, Plan } from '../plan/plan.js'
import { assumed, defineSum, openSum, reckoned, type OpenedSum, type Provenance } from '../quantity/sum.js'
import type { TankVolumes, Vessel } from '../tank/vessel.js'
import { FILL_FORMULA, SIZES, sizesOf } from '../tank/vessel.sums.js'
import { MATERIAL } from './materials.js'
import { pieceMassKg, type MassFrom } from './piece.js'
import type { WeighedPiece } from './piecesOf.js'

export const displacedSum = defineSum({
  id: 'hardscape.displaced',
  dimension: 'volume',
  each: { massKg: 'mass', densityKgPerL: 'bulk' },
  formula: 'Σ(massKg/densityKgPerL)',
  source: 'Archimedes; densities of common stone and soaked wood, lava with its pores full',
})
const PROVENANCE: Readonly<Record<MassFrom, Provenance>> = { mass: 'typed', volume: 'reckoned', drawing: 'reckoned', unknown: 'assumed' }
/** Where the mass of a piece comes from. */
export const massProvenance = (piece: Piece): Provenance => PROVENANCE[pieceMassKg(piece).from]
/** Of several together: as sure as the least sure of them. */
const leastSure = (all: readonly Provenance[]): Provenance => (['assumed', 'reckoned'] as const).find((one) => all.includes(one)) ?? 'typed'

/** What all pieces push aside, material by material. */
export function openDisplaced(pieces: readonly WeighedPiece[], hardscapeL: number): OpenedSum {
  const byMaterial = new Map<HardscapeMaterial, WeighedPiece[]>()
  for (const one of pieces) byMaterial.set(one.piece.material, [...(byMaterial.get(one.piece.material) ?? []), one])
  return openSum(
    displacedSum,
    hardscapeL,
    {},
    [...byMaterial].map(([material, some]) => ({
      of: ['material', material] as const,
      massKg: {
        value: some.reduce((sum, { massKg }) => sum + massKg, 0),
        from: leastSure(some.map(({ piece }) => massProvenance(piece))),
      },
      densityKgPerL: assumed(MATERIAL[material].densityKgPerL),
    })),
  )
}

export const openWaterSum = defineSum({
  id: 'vessel.open-water',
  dimension: 'volume',
  terms: { ...SIZES, groundL: 'volume', hardscapeL: 'volume' },
  formula: `${FILL_FORMULA} − groundL − hardscapeL`,
  source: 'Geometry; ground and pieces lie wholly under water',
})
interface Filled {
  readonly vessel: Vessel
  readonly volumes: TankVolumes
}
/** Water above the ground, that mixes at once. */
export const openOpenWater = ({ vessel: asked }: Pick<Plan, 'vessel'>, { vessel, volumes }: Filled): OpenedSum =>
  openSum(openWaterSum, volumes.openWaterL, {
    ...sizesOf(vessel, asked),
    groundL: reckoned(volumes.groundL),
    hardscapeL: reckoned(volumes.hardscapeL),
  })

export const allWaterSum = defineSum({
  id: 'vessel.all-water',
  dimension: 'volume',
  terms: { openWaterL: 'volume', poreWaterL: 'volume' },
  formula: 'openWaterL + poreWaterL',
  source: 'Geometry',
})
export const openAllWater = ({ openWaterL, poreWaterL, netWaterL }: TankVolumes): OpenedSum =>
  openSum(allWaterSum, netWaterL, { openWaterL: reckoned(openWaterL), poreWaterL: reckoned(poreWaterL) })
