import type { Plan } from '../plan/plan.js'
import { MEQ_PER_DKH } from '../quantity/physicalConstants.js'
import type { TankFigures } from './tankFigures.js'

/** Something about a described tank that its grower should know. Codes and numbers; the sentence is in contract's catalogue. */
export interface Finding {
  readonly code: 'no-room-for-water' | 'ground-too-deep' | 'stems-float-out' | 'floor-overbooked' | 'thin-start' | 'light-without-gas' | 'hard-softening' | 'no-plants' | 'no-light'
  /** `stop`: the plan contradicts itself. `warn`: likely trouble. `note`: worth knowing. */
  readonly severity: 'stop' | 'warn' | 'note'
  readonly values: Readonly<Record<string, number>>
}

const RANK = { stop: 0, warn: 1, note: 2 } as const
/** Strong light needs a full start; rule of thumb for planted share of the floor. */
const FULL_START = 0.7
const STRONG_PPFD = 60
/** Above this light, growth without added gas is algae's. Rule of thumb 35–50. */
const GASLESS_PPFD = 45
const STEMS_HOLD_CM = 4
const SOFT_TAP_LIMIT_DKH = 6


/** Checks a description, most serious first. */
export function checkTank(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const add = (code: Finding['code'], severity: Finding['severity'], values: Finding['values'] = {}): void => void found.push({ code, severity, values })
  const { volumes } = figures
  if (volumes.openWaterL < 0.05 * volumes.fillL) add('no-room-for-water', 'stop', { groundL: volumes.groundL + volumes.hardscapeL, fillL: volumes.fillL })
  const depthCm = figures.layers.reduce((sum, layer) => sum + layer.backCm, 0)
  if (depthCm > figures.inner.waterDepthCm * 0.5 && volumes.openWaterL > 0) add('ground-too-deep', 'warn', { depthCm, waterDepthCm: figures.inner.waterDepthCm })
  const backCm = figures.layers.reduce((sum, layer) => sum + layer.backCm, 0)
  const hasStems = plan.patches.some((patch) => patch.kind === 'stems' && patch.footFraction !== 0)
  if (hasStems && figures.layers.length > 0 && backCm < STEMS_HOLD_CM) add('stems-float-out', 'warn', { backCm, holdCm: STEMS_HOLD_CM })
  const rooted = plan.patches.filter((patch) => patch.kind !== 'floater').reduce((sum, patch) => sum + (patch.footFraction ?? 0), 0)
  if (rooted > 1.001) add('floor-overbooked', 'warn', { percent: rooted * 100 })
  const plantedG = figures.plantG.reduce((sum, mass) => sum + mass, 0)
  if (plantedG === 0) add('no-plants', 'warn')
  if (figures.ppfd === 0 || figures.lightHours === 0) add('no-light', 'warn')
  const hasFloaters = figures.plantG.at(-1)! > 0
  if (plantedG > 0 && figures.ppfd > STRONG_PPFD && rooted < FULL_START && !hasFloaters) add('thin-start', 'warn', { percent: rooted * 100, ppfd: figures.ppfd })
  const gas = plan.gasLines.find((line) => line.control !== 'none')
  if (gas === undefined && figures.ppfd > GASLESS_PPFD) add('light-without-gas', 'warn', { ppfd: figures.ppfd, limitPpfd: GASLESS_PPFD })
  const tapDkh = (plan.sources[0]?.alkalinityMeqPerL ?? 0) / MEQ_PER_DKH
  const isSoft = figures.layers.some((layer) => layer.ground === 'rich-soil' || layer.ground === 'lean-soil')
  if (isSoft && tapDkh > SOFT_TAP_LIMIT_DKH) add('hard-softening', 'note', { tapDkh, limitDkh: SOFT_TAP_LIMIT_DKH })
  return found.sort((a, b) => RANK[a.severity] - RANK[b.severity])
}
