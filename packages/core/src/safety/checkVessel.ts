import type { TankFigures } from '../ecosystem/tankFigures.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { floorRemark } from '../tank/load.js'
import { levelOf, TILT_FINE_MM_PER_M, TWIST_LIMIT_MM } from '../tank/level.js'
import { paneSafety } from '../tank/pane.js'
import { cornersOf, filledKg } from './filled.js'
import { MENDS } from './mends.js'

/** Below this factor the maker should be asked. */
const ASK_MAKER = 3
export const USUAL_FACTOR = 3.8
const SUN_HOURS = 1
/** A room this far above the tank's temperature warms it. */
const WARM_C = 28
const WARM_CARPET_C = 26

export const VESSEL_FINDINGS = findingsOf('vessel', {
  twist: { severity: 'stop', values: { twist: 'thickness', limit: 'thickness' } },
  tilt: { severity: 'note', values: { tilt: 'slope', line: 'thickness' } },
  'heavy-structural': { severity: 'warn', values: { mass: 'mass' } },
  'heavy-wall': { severity: 'note', values: { mass: 'mass' } },
  'glass-thin': { severity: 'warn', values: { factor: 'ratio', usual: 'ratio' } },
  'open-jumpers': { severity: 'warn', values: {} },
  'sun-on-glass': { severity: 'warn', values: { sun: 'hours' } },
  'room-warm': { severity: 'warn', values: { room: 'temperature' } },
  'room-warm-carpet': { severity: 'warn', values: { room: 'temperature' } },
})

export function checkVessel(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const corners = cornersOf(plan)
  if (corners !== null) {
    const level = levelOf(corners, figures.vessel)
    if (level.twistMm > TWIST_LIMIT_MM) found.push(raise(VESSEL_FINDINGS.twist, { twist: level.twistMm, limit: TWIST_LIMIT_MM }))
    const tilt = Math.max(Math.abs(level.alongMmPerM), Math.abs(level.acrossMmPerM))
    if (tilt > TILT_FINE_MM_PER_M) found.push(raise(VESSEL_FINDINGS.tilt, { tilt, line: level.waterLineMm }))
  }
  const mass = filledKg(plan, figures)
  const remark = floorRemark(mass, plan.stand.floor)
  if (remark === 'structural') found.push(raise(VESSEL_FINDINGS['heavy-structural'], { mass }))
  else if (remark === 'by-wall') found.push(raise(VESSEL_FINDINGS['heavy-wall'], { mass }))
  // A puddle presses on no pane.
  const isPaneKnown = plan.vessel.glassCm !== null && plan.vessel.heightCm !== null && plan.vessel.lengthCm !== null
  if (isPaneKnown && figures.inner.waterDepthCm >= 1) {
    const factor = paneSafety(figures.inner.lengthCm, figures.inner.waterDepthCm, figures.vessel.glassCm)
    if (factor < ASK_MAKER) found.push(raise(VESSEL_FINDINGS['glass-thin'], { factor, usual: USUAL_FACTOR }))
  }
  const isOpen = figures.room.top === 'open'
  if (isOpen && plan.intent.wishes.includes('jumpers')) {
    const mend = mendWith(MENDS.top, {}, [{ path: '/vessel/top', from: plan.vessel.top, to: 'covered' }])
    found.push(raise(VESSEL_FINDINGS['open-jumpers'], {}, { mend }))
  }
  const sun = plan.room.sunHours ?? 0
  if (sun >= SUN_HOURS) found.push(raise(VESSEL_FINDINGS['sun-on-glass'], { sun }))
  const room = Math.max(...figures.room.monthlyC)
  if (room > WARM_C) found.push(raise(VESSEL_FINDINGS['room-warm'], { room }))
  if (room > WARM_CARPET_C && plan.intent.wishes.includes('cool-water-plants'))
    found.push(raise(VESSEL_FINDINGS['room-warm-carpet'], { room }))
  return found
}
