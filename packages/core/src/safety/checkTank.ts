import { plannedShare } from '../planting/standOf.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import { findingsOf, raise, type Finding } from '../plan/finding.js'
import { PLANT_KINDS, type Plan } from '../plan/plan.js'
import { GROUND } from '../ground/kinds.js'
import { hasGas } from '../gas/linesOf.js'
import { PLANT_KIND } from '../planting/kinds.js'
import { commonAnswers } from '../plan/answers.js'
import { MEQ_PER_DKH } from '../quantity/physicalConstants.js'
import { blendOf } from '../water/blend.js'

/** Strong light needs a full start; rule of thumb for planted share of the floor. */
const FULL_START = 0.7
const STRONG_PPFD = 60
/** Above this light, growth without added gas is algae's. Rule of thumb 35–50. */
export const GASLESS_PPFD = 45
const SOFT_TAP_LIMIT_DKH = 6
/** More than any plant here can use [mol/m² a day]; rule of thumb 8–12. */
export const MOST_DAILY_LIGHT = 10

export const TANK_FINDINGS = findingsOf('supply', {
  'no-room-for-water': { severity: 'stop', sheet: 'ground', values: { solids: 'volume', fill: 'volume' } },
  'ground-too-deep': { severity: 'warn', sheet: 'ground', values: { depth: 'length', waterDepth: 'length' } },
  'floor-overbooked': { severity: 'warn', values: { planted: 'fraction' } },
  'no-plants': { severity: 'warn', values: {} },
  'no-light': { severity: 'warn', sheet: 'light', values: {} },
  'thin-start': { severity: 'warn', values: { planted: 'fraction', light: 'ppfd' } },
  'light-without-gas': { severity: 'warn', sheet: 'light', values: { light: 'ppfd', limit: 'ppfd' } },
  'light-excess': { severity: 'warn', sheet: 'light', values: { daily: 'dailyLight', limit: 'dailyLight' } },
  'hard-softening': { severity: 'note', values: { tap: 'alkalinity', limit: 'alkalinity' } },
})

/** Checks what a description says about water, light and plants. */
export function checkTank(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const { volumes, ppfd: light } = figures
  if (volumes.openWaterL < 0.05 * volumes.fillL)
    found.push(raise(TANK_FINDINGS['no-room-for-water'], { solids: volumes.groundL + volumes.hardscapeL, fill: volumes.fillL }))
  const depth = Math.max(0, ...figures.ground.zones.filter(({ areaCm2 }) => areaCm2 > 1).map(({ highestCm }) => highestCm))
  if (depth > figures.inner.waterDepthCm * 0.5 && volumes.openWaterL > 0)
    found.push(raise(TANK_FINDINGS['ground-too-deep'], { depth, waterDepth: figures.inner.waterDepthCm }))
  const planted = PLANT_KINDS.filter((kind) => !PLANT_KIND[kind].isFloating).reduce(
    (sum, kind) => sum + plannedShare(plan, figures.stand, kind),
    0,
  )
  if (planted > 1.001) found.push(raise(TANK_FINDINGS['floor-overbooked'], { planted }))
  const plantedG = PLANT_KINDS.reduce((sum, kind) => sum + figures.stand[kind].massG, 0)
  if (plantedG === 0) found.push(raise(TANK_FINDINGS['no-plants'], {}))
  if (light === 0 || figures.lightHours === 0) found.push(raise(TANK_FINDINGS['no-light'], {}))
  const hasFloaters = PLANT_KINDS.some((kind) => PLANT_KIND[kind].isFloating && figures.stand[kind].massG > 0)
  if (plantedG > 0 && light > STRONG_PPFD && planted < FULL_START && !hasFloaters)
    found.push(raise(TANK_FINDINGS['thin-start'], { planted, light }))
  if (!hasGas(plan) && light > GASLESS_PPFD) found.push(raise(TANK_FINDINGS['light-without-gas'], { light, limit: GASLESS_PPFD }))
  const daily = figures.dliMolPerM2
  if (daily > MOST_DAILY_LIGHT) found.push(raise(TANK_FINDINGS['light-excess'], { daily, limit: MOST_DAILY_LIGHT }))
  const tap = blendOf(plan, commonAnswers()).alkalinityMeqPerL
  const limit = SOFT_TAP_LIMIT_DKH * MEQ_PER_DKH
  const isSoft = figures.layers.some((layer) => layer.volumeL > 0 && GROUND[layer.ground].isSoftener)
  if (isSoft && tap > limit) found.push(raise(TANK_FINDINGS['hard-softening'], { tap, limit }))
  return found
}
