import { bySeverity, type Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { MEQ_PER_DKH } from '../quantity/physicalConstants.js'
import type { TankFigures } from './tankFigures.js'

/** Strong light needs a full start; rule of thumb for planted share of the floor. */
const FULL_START = 0.7
const STRONG_PPFD = 60
/** Above this light, growth without added gas is algae's. Rule of thumb 35–50. */
const GASLESS_PPFD = 45
const SOFT_TAP_LIMIT_DKH = 6

/** Checks what a description says about water, light and plants, most serious first. */
export function checkTank(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const add = (
    code: Finding['code'],
    severity: Finding['severity'],
    sheet: Finding['sheet'],
    values: Finding['values'] = {},
    mend?: Finding['mend'],
  ): void => void found.push({ code, severity, sheet, values, ...(mend ? { mend } : {}) })
  const { volumes } = figures
  if (volumes.openWaterL < 0.05 * volumes.fillL)
    add('no-room-for-water', 'stop', 'ground', { groundL: volumes.groundL + volumes.hardscapeL, fillL: volumes.fillL })
  const depthCm = Math.max(0, ...figures.ground.zones.filter(({ areaCm2 }) => areaCm2 > 1).map(({ highestCm }) => highestCm))
  if (depthCm > figures.inner.waterDepthCm * 0.5 && volumes.openWaterL > 0)
    add('ground-too-deep', 'warn', 'ground', { depthCm, waterDepthCm: figures.inner.waterDepthCm })
  const rooted = plan.patches.filter((patch) => patch.kind !== 'floater').reduce((sum, patch) => sum + (patch.footFraction ?? 0), 0)
  if (rooted > 1.001) add('floor-overbooked', 'warn', 'supply', { percent: rooted * 100 })
  const plantedG = figures.plantG.reduce((sum, mass) => sum + mass, 0)
  if (plantedG === 0) add('no-plants', 'warn', 'supply')
  if (figures.ppfd === 0 || figures.lightHours === 0) add('no-light', 'warn', 'supply')
  const hasFloaters = figures.plantG.at(-1)! > 0
  if (plantedG > 0 && figures.ppfd > STRONG_PPFD && rooted < FULL_START && !hasFloaters)
    add('thin-start', 'warn', 'supply', { percent: rooted * 100, ppfd: figures.ppfd })
  const gas = plan.gasLines.find((line) => line.control !== 'none')
  if (gas === undefined && figures.ppfd > GASLESS_PPFD)
    add('light-without-gas', 'warn', 'supply', { ppfd: figures.ppfd, limitPpfd: GASLESS_PPFD })
  const tapDkh = (plan.sources[0]?.alkalinityMeqPerL ?? 0) / MEQ_PER_DKH
  const isSoft = figures.layers.some((layer) => layer.volumeL > 0 && (layer.ground === 'rich-soil' || layer.ground === 'lean-soil'))
  if (isSoft && tapDkh > SOFT_TAP_LIMIT_DKH) add('hard-softening', 'note', 'supply', { tapDkh, limitDkh: SOFT_TAP_LIMIT_DKH })
  return bySeverity(found)
}
