import type { TankFigures } from '../ecosystem/tankFigures.js'
import type { Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { floorRemark } from '../tank/load.js'
import { levelOf, TILT_FINE_MM_PER_M, TWIST_LIMIT_MM } from '../tank/level.js'
import { paneSafety } from '../tank/pane.js'
import { roomMonths } from '../budget/climateLoad.js'
import { cornersOf, filledKg } from './filled.js'

/** Below this factor the maker should be asked; what is usual is 3.8. */
const ASK_MAKER = 3
const SUN_HOURS = 1
/** A room this far above the tank's temperature warms it. */
const WARM_C = 28
const WARM_CARPET_C = 26

export function checkVessel(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const add = (code: Finding['code'], severity: Finding['severity'], values: Finding['values'] = {}, mend?: Finding['mend']): void =>
    void found.push({ code, severity, sheet: 'vessel', values, ...(mend ? { mend } : {}) })
  const corners = cornersOf(plan)
  if (corners !== null) {
    const level = levelOf(corners, figures.vessel)
    if (level.twistMm > TWIST_LIMIT_MM) add('twist', 'stop', { twistMm: level.twistMm, limitMm: TWIST_LIMIT_MM })
    const tilt = Math.max(Math.abs(level.alongMmPerM), Math.abs(level.acrossMmPerM))
    if (tilt > TILT_FINE_MM_PER_M) add('tilt', 'note', { tiltMmPerM: tilt, lineMm: level.waterLineMm })
  }
  const kg = filledKg(plan, figures)
  const remark = floorRemark(kg, plan.stand.floor)
  if (remark === 'structural') add('heavy-structural', 'warn', { massKg: kg })
  else if (remark === 'by-wall') add('heavy-wall', 'note', { massKg: kg })
  if (plan.vessel.glassCm !== null && plan.vessel.heightCm !== null && plan.vessel.lengthCm !== null) {
    const factor = paneSafety(figures.inner.lengthCm, figures.inner.waterDepthCm, figures.vessel.glassCm)
    if (factor < ASK_MAKER) add('glass-thin', 'warn', { factor, usual: 3.8 })
  }
  const isOpen = plan.vessel.top === 'open' || plan.vessel.top === null
  if (isOpen && plan.intent.wishes.includes('jumpers'))
    add('open-jumpers', 'warn', {}, { code: 'top', values: {}, edits: [{ path: '/vessel/top', from: plan.vessel.top, to: 'covered' }] })
  if ((plan.room.sunHours ?? 0) >= SUN_HOURS) add('sun-on-glass', 'warn', { hours: plan.room.sunHours ?? 0 })
  const warmest = Math.max(...roomMonths(plan))
  if (warmest > WARM_C) add('room-warm', 'warn', { roomC: warmest })
  if (warmest > WARM_CARPET_C && plan.intent.wishes.includes('cool-water-plants')) add('room-warm-carpet', 'warn', { roomC: warmest })
  const treated = plan.sources[0]?.disinfectant
  if (treated === 'chloramine') add('no-conditioner', 'note')
  return found
}
