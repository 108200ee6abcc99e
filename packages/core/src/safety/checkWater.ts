import { COPPER_MG_PER_L } from '../feed/overdose.js'
import { wantsSensitive } from '../gas/limits.js'
import { findingsOf, mendWith, raise, type Finding, type Mend } from '../plan/finding.js'
import { MINERAL_SALTS, type MineralSalt, type WaterSource } from '../plan/planWater.js'
import { copperKillsSome } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'
import { MMOL_PER_DGH } from '../quantity/physicalConstants.js'
import { hardnessOf } from '../water/blend.js'
import { mixDisinfectant } from '../water/mixOf.js'
import { newWater, WANTED_HARDNESS_DGH } from '../water/newWater.js'
import { reportMeans, type Reported } from '../water/reports.js'
import { MENDS } from './mends.js'

/** Below this plants, and shrimps that moult, lack calcium and magnesium; 3–6 is wanted. General practice. */
const LEAST_HARDNESS_DGH = 3
/** More sodium burdens soft-water plants and grows with every top-up [mg/L]. Rule of thumb 30–100. */
const MOST_SODIUM_MG_PER_L = 50
/** By which an aim that salts cannot meet may be missed. */
const NEAR_ENOUGH = 0.03
/** Salts that every shop of chemicals has, and that together meet any aim of hardness. */
const USUAL_MINERALS: readonly MineralSalt[] = ['calcium-sulfate-dihydrate', 'magnesium-sulfate-heptahydrate']
const USUAL_RATIO = 3

export const WATER_FINDINGS = findingsOf('water', {
  'water-without-minerals': { severity: 'warn', values: { hardness: 'hardness', wanted: 'hardness' } },
  'minerals-short': { severity: 'warn', values: { hardness: 'hardness', wanted: 'hardness' } },
  'sodium-high': { severity: 'warn', values: { sodium: 'concentration', limit: 'concentration' } },
  'sodium-salt': { severity: 'warn', values: { sodium: 'concentration', limit: 'concentration' } },
  'copper-tap': { severity: 'warn', values: { copper: 'concentration', limit: 'concentration' } },
  'reports-differ': { severity: 'note', values: {}, names: ['source'] },
  chloramine: { severity: 'warn', values: {} },
  chlorine: { severity: 'note', values: {} },
  'disinfectant-unknown': { severity: 'note', values: {} },
  'conditioner-weak': { severity: 'warn', values: {} },
})

/** Whether new water has what plants and animals need, and nothing that harms them. */
export function checkWater(plan: Plan): Finding[] {
  return [...checkMinerals(plan), ...checkSalts(plan), ...checkReports(plan), ...checkDisinfectant(plan)]
}

function checkMinerals(plan: Plan): Finding[] {
  const { mineralised, recipe, aim } = newWater(plan)
  const hardness = mineralised.hardnessMmolPerL
  const { water } = plan
  if (recipe !== null && hardness < aim.hardnessMmolPerL * (1 - NEAR_ENOUGH)) {
    const all = mendWith(MENDS['all-minerals'], {}, [{ path: '/water/minerals', from: water.minerals, to: MINERAL_SALTS }])
    return [
      raise(
        WATER_FINDINGS['minerals-short'],
        { hardness, wanted: aim.hardnessMmolPerL },
        { mend: water.minerals.length < MINERAL_SALTS.length ? all : null },
      ),
    ]
  }
  if (hardness >= LEAST_HARDNESS_DGH * MMOL_PER_DGH) return []
  const wanted = WANTED_HARDNESS_DGH * MMOL_PER_DGH
  const edits: Mend['edits'] = [
    { path: '/water/hardnessMmolPerL', from: water.hardnessMmolPerL, to: wanted },
    { path: '/water/caMgMassRatio', from: water.caMgMassRatio, to: water.caMgMassRatio ?? USUAL_RATIO },
    { path: '/water/minerals', from: water.minerals, to: [...new Set([...water.minerals, ...USUAL_MINERALS])] },
  ]
  return [raise(WATER_FINDINGS['water-without-minerals'], { hardness, wanted }, { mend: mendWith(MENDS.minerals, { wanted }, edits) })]
}

/** Only purified water thins what is dissolved. */
function checkSalts(plan: Plan): Finding[] {
  const { blend, mineralised } = newWater(plan)
  const { sodiumMgPerL: sodium, copperMgPerL: copper } = blend
  const found: Finding[] = []
  const limit = MOST_SODIUM_MG_PER_L
  if (sodium > limit) found.push(raise(WATER_FINDINGS['sodium-high'], { sodium, limit }, thinner(plan, limit / sodium)))
  else if (mineralised.sodiumMgPerL > limit) found.push(raise(WATER_FINDINGS['sodium-salt'], { sodium: mineralised.sodiumMgPerL, limit }))
  const hasShrimps = wantsSensitive(plan) || copperKillsSome(plan)
  if (hasShrimps && copper > COPPER_MG_PER_L)
    found.push(raise(WATER_FINDINGS['copper-tap'], { copper, limit: COPPER_MG_PER_L }, thinner(plan, COPPER_MG_PER_L / copper)))
  return found
}
/** In so many steps the share is told: whole twentieths. */
const PURIFIED_STEPS = 20
function thinner({ logistics }: Plan, share: number): { readonly mend: Mend } {
  const before = logistics.purifiedFraction
  const purified = Math.min(1, Math.ceil((1 - (1 - (before ?? 0)) * share) * PURIFIED_STEPS - 1e-9) / PURIFIED_STEPS)
  return { mend: mendWith(MENDS['more-purified'], { purified }, [{ path: '/logistics/purifiedFraction', from: before, to: purified }]) }
}

/** What is counted with should lie where the reports of the year lie. */
function checkReports(plan: Plan): Finding[] {
  return plan.sources.flatMap((source): Finding[] => {
    const means = reportMeans(source.reports)
    const keys = (Object.keys(means) as Reported[]).filter((key) => {
      const reported = means[key]
      const used = countedWith(source, key)
      return reported !== null && (used === null || used < reported.low - 1e-9 || used > reported.high + 1e-9)
    })
    if (keys.length === 0) return []
    const edits = keys.map((key) => ({ path: `/sources/${source.id}/${key}`, from: source[key], to: means[key]!.mean }))
    return [
      raise(
        WATER_FINDINGS['reports-differ'],
        {},
        {
          id: source.id,
          names: { source: source.name },
          mend: mendWith(MENDS['as-reports'], {}, [...edits, ...withoutIons(source, keys)]),
        },
      ),
    ]
  })
}
/** Calcium and magnesium, where both are told, go before the hardness. */
const countedWith = (source: WaterSource, key: Reported): number | null =>
  key === 'hardnessMmolPerL' && source.calciumMgPerL !== null && source.magnesiumMgPerL !== null
    ? hardnessOf(source.calciumMgPerL, source.magnesiumMgPerL)
    : source[key]
/** Calcium and magnesium go before the hardness, so they step aside for a new one. */
const withoutIons = (source: WaterSource, keys: readonly Reported[]): Mend['edits'] =>
  !keys.includes('hardnessMmolPerL')
    ? []
    : (['calciumMgPerL', 'magnesiumMgPerL'] as const)
        .filter((ion) => source[ion] !== null)
        .map((ion) => ({ path: `/sources/${source.id}/${ion}`, from: source[ion], to: null }))

/** A conditioner that binds what comes with the water leaves nothing to say. */
function checkDisinfectant(plan: Plan): Finding[] {
  const { binds } = plan.water.conditioner
  const by = mixDisinfectant(plan)
  if (by === 'none' || binds === 'chloramine') return []
  if (binds === 'chlorine') return by === 'chlorine' ? [] : [raise(WATER_FINDINGS['conditioner-weak'], {})]
  return [raise(WATER_FINDINGS[by === 'unknown' ? 'disinfectant-unknown' : by], {})]
}
