import type { PlantSpecies } from '../species/plantSpecies.js'
import type { PlantSite } from '../species/standing.js'
import { leastSupply } from './rise.js'

/** Growth of a plant at a place against its best, 0–1: by light between what it lives by and what it is well with, and by gas where gas counts. Rule of thumb for drawings and weeks to close; the model grows kinds, not patches. */
export function supplyAt(plant: PlantSpecies, { light, hasGas, co2MgPerL }: Pick<PlantSite, 'light' | 'hasGas' | 'co2MgPerL'>): number {
  const { min, goodLow } = plant.light
  const byLight = Math.min(1, Math.max(0, (light.value - min * 0.5) / Math.max(goodLow - min * 0.5, 1)))
  const without = plant.carbon.includes('needed') ? NEEDS_GAS : plant.carbon.includes('helps') ? HELPED_BY_GAS : 1
  const byGas = hasGas ? without + (1 - without) * Math.min(1, co2MgPerL / AMPLE_CO2) : without
  return Math.max(leastSupply(plant), byLight * byGas)
}
/** Growth without gas against growth with it. Rules of thumb: 0.2–0.4 where it is needed, 0.5–0.7 where it helps. */
const NEEDS_GAS = 0.3
const HELPED_BY_GAS = 0.6
/** CO2 that leaves nothing to be wished for [mg/L]. Rule of thumb 20–30. */
const AMPLE_CO2 = 20
