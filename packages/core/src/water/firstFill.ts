import type { Plan } from '../plan/plan.js'
import { waterAboveL, type FilledTank } from './drainMark.js'
import { hoseLPerMin } from './hose.js'
import { warming, type Warming } from './warming.js'

export const FILL_STAGES = ['wet', 'cover', 'half', 'rest'] as const
/** Pores of the ground; a hand over the ground, on a plate or towel; up to half the height; the rest. */
export type FillStage = (typeof FILL_STAGES)[number]
/** As fast as ground bears it [L/min]. Rules of thumb: what runs on to soil stirs it, what runs into a hand of water does not. */
const FASTEST_L_PER_MIN: Readonly<Record<FillStage, number>> = { wet: 1, cover: 1.5, half: 4, rest: Infinity }
/** Over the highest ground, before the hose may run faster [cm]. Rule of thumb 3–5. */
const COVER_CM = 4

export interface FilledStage {
  readonly stage: FillStage
  readonly litres: number
  /** Water over the glass at its end. */
  readonly toCm: number
  /** `null` while the hose's flow is not known and no limit holds it. */
  readonly minutes: number | null
  readonly lPerMin: number | null
}
export interface BoilerLoads {
  readonly loads: number
  /** Between two loads; `null` while the boiler's power is not known. */
  readonly pauseMin: number | null
}
export interface FirstFill {
  readonly litres: number
  readonly stages: readonly FilledStage[]
  readonly minutes: number | null
  readonly warming: Warming
  /** `null` where the boiler holds enough, or nobody told its size. */
  readonly boiler: BoilerLoads | null
  /** To warm it in the tank instead; `null` without a heater. */
  readonly heaterHours: number | null
}
export interface FirstFillTask {
  readonly plan: Plan
  readonly tank: FilledTank
  readonly waterL: number
  readonly poreWaterL: number
  readonly wantedC: number
  readonly roomC: number
}
/** Heat of a litre by a degree [Wh]. */
const WH_PER_L_K = 1.163

/** The first water: how much, how fast, how warm. Losses to the room while it is heated are left out, so hours are the least. */
export function firstFill({ plan, tank, waterL, poreWaterL, wantedC, roomC }: FirstFillTask): FirstFill {
  const depthCm = tank.inner.waterDepthCm
  const upTo = (cm: number): number => Math.max(0, waterL - waterAboveL(tank, Math.min(depthCm, cm)))
  const highestCm = Math.max(0, ...tank.ground.zones.filter(({ areaCm2 }) => areaCm2 > 1).map((zone) => zone.highestCm))
  const coverCm = Math.min(depthCm, highestCm + COVER_CM)
  const halfCm = Math.max(coverCm, depthCm / 2)
  const hose = hoseLPerMin(plan.water.kit, 'fillS')
  const stage = (name: FillStage, litres: number, toCm: number): FilledStage => {
    const most = FASTEST_L_PER_MIN[name]
    const lPerMin = hose === null ? (Number.isFinite(most) ? most : null) : Math.min(hose, most)
    return { stage: name, litres, toCm, lPerMin, minutes: lPerMin === null ? null : litres / lPerMin }
  }
  const stages = [
    stage('wet', poreWaterL, 0),
    stage('cover', upTo(coverCm), coverCm),
    stage('half', upTo(halfCm) - upTo(coverCm), halfCm),
    stage('rest', waterL - upTo(halfCm), depthCm),
  ].filter(({ litres }) => litres > 0.05)
  const litres = waterL + poreWaterL
  const warmed = warming({ plan, litres, fraction: 1, tankC: wantedC, roomC })
  const told = stages.map(({ minutes }) => minutes)
  const { heaterW } = plan.climate
  return {
    litres,
    stages,
    minutes: told.includes(null) ? null : told.reduce<number>((sum, minutes) => sum + (minutes ?? 0), 0),
    warming: warmed,
    boiler: boilerLoads(plan, warmed),
    heaterHours: heaterW === null || heaterW === 0 ? null : Math.max(0, ((wantedC - warmed.coldC) * litres * WH_PER_L_K) / heaterW),
  }
}

function boilerLoads({ water: { kit } }: Plan, { hotL, hotC, pipedC }: Warming): BoilerLoads | null {
  if (kit.boilerL === null || hotL <= kit.boilerL) return null
  return {
    loads: Math.ceil(hotL / kit.boilerL - 1e-9),
    pauseMin: kit.boilerW === null ? null : (kit.boilerL * (hotC - pipedC) * WH_PER_L_K * 60) / kit.boilerW,
  }
}
