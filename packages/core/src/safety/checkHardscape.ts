import { compositionOf } from '../hardscape/composition.js'
import { MATERIAL } from '../hardscape/materials.js'
import { buoyancyOf, glassPressureKPa, type PlacedPiece } from '../hardscape/piece.js'
import type { TankFigures, WeighedPiece } from '../ecosystem/tankFigures.js'
import type { Edit } from '../plan/edit.js'
import type { Finding } from '../plan/finding.js'
import type { Piece, Plan, Vertex } from '../plan/plan.js'

/** Room for the tool that wipes the glass. */
export const TOOL_GAP_CM = 3
/** Fish lamps that hang low burn what stands close below; rule of thumb 5–10. */
const LAMP_GAP_CM = 6
/** Under a stone that stands on its edges: above this it is laid on something soft. Rule of thumb. */
const SPOT_KPA = 20
const OPEN_FLOOR = 0.5
const OPEN_REAR = 0.6
const ALIKE = 0.85
/** Closer to the middle than this, as a share of the length. */
const CENTRED = 0.06

export function checkHardscape(plan: Plan, figures: TankFigures): Finding[] {
  const placed = figures.pieces.flatMap(({ placed: one }) => (one === null ? [] : [one]))
  return [...figures.pieces.flatMap((entry) => checkPiece(plan, figures, entry)), ...checkTogether(plan, figures, placed)]
}

function checkPiece(plan: Plan, figures: TankFigures, { piece, massKg, placed }: WeighedPiece): Finding[] {
  const found: Finding[] = []
  const add = (code: Finding['code'], severity: Finding['severity'], values: Finding['values'], mend?: Finding['mend']): void =>
    void found.push({ code, severity, sheet: 'hardscape', id: piece.id, values, names: { piece: piece.name }, ...(mend ? { mend } : {}) })
  const facts = MATERIAL[piece.material]
  if (facts.newDensityKgPerL < 1 && piece.fixing === 'none') {
    const { ballastKg, liftN } = buoyancyOf(massKg, piece.material)
    add(
      'piece-floats',
      'warn',
      { ballastKg, liftN },
      { code: 'fix', values: { ballastKg }, edits: [{ path: `/hardscape/${piece.id}/fixing`, from: piece.fixing, to: 'weighted' }] },
    )
  }
  if (facts.isCarbonate) add('piece-carbonate', 'warn', { massKg })
  if (facts.tanninMgCPerKg > 1000) add('piece-stains', 'note', { massKg })
  if (placed === null) return found
  const { inner, vessel } = figures
  const { bounds } = placed
  const move = insideBy(bounds, inner, TOOL_GAP_CM)
  const gapCm = Math.min(bounds.left, bounds.front, inner.lengthCm - bounds.right, inner.widthCm - bounds.back)
  const mend = move === null ? undefined : { code: 'move-in' as const, values: { gapCm: TOOL_GAP_CM }, edits: movedEdits(piece, move) }
  if (gapCm < -0.05) add('piece-outside', 'stop', { overCm: -gapCm }, mend)
  else if (gapCm < TOOL_GAP_CM - 0.05) add('piece-near-glass', 'note', { gapCm, needCm: TOOL_GAP_CM }, mend)
  const rimCm = vessel.heightCm - vessel.glassCm
  if (placed.topCm > inner.waterDepthCm && placed.topCm <= rimCm && plan.intent.layout !== 'shallow')
    add(
      'piece-above-water',
      'note',
      { overCm: placed.topCm - inner.waterDepthCm },
      sinkMend(piece, placed, placed.topCm - inner.waterDepthCm),
    )
  const lampCm = Math.min(...plan.lamps.map(({ aboveWaterCm }) => inner.waterDepthCm + (aboveWaterCm ?? 12)))
  if (plan.lamps.length > 0 && placed.topCm > lampCm - LAMP_GAP_CM)
    add('piece-near-lamp', 'warn', { gapCm: Math.max(0, lampCm - placed.topCm), needCm: LAMP_GAP_CM })
  const pressureKPa = glassPressureKPa(massKg, placed.footCm2)
  if (placed.footCm < 1 && pressureKPa > SPOT_KPA) add('piece-heavy-spot', 'warn', { massKg, pressureKPa })
  return found
}

/** How far a box must move to keep a gap to all panes; `null` where it is too wide for that. */
function insideBy(
  { left, right, front, back }: PlacedPiece['bounds'],
  inner: { readonly lengthCm: number; readonly widthCm: number },
  gapCm: number,
): { readonly dxCm: number; readonly dyCm: number } | null {
  const along = (low: number, high: number, size: number): number | null =>
    high - low > size - 2 * gapCm ? null : low < gapCm ? gapCm - low : high > size - gapCm ? size - gapCm - high : 0
  const dxCm = along(left, right, inner.lengthCm)
  const dyCm = along(front, back, inner.widthCm)
  return dxCm === null || dyCm === null ? null : { dxCm, dyCm }
}
function movedEdits(piece: Piece, { dxCm, dyCm }: { readonly dxCm: number; readonly dyCm: number }): Edit[] {
  const outline = piece.outline?.map((corner): Vertex => ({ ...corner, xCm: corner.xCm + dxCm, yCm: corner.yCm + dyCm }))
  const profile = piece.profile?.map((point) => ({ ...point, xCm: point.xCm + dxCm })) ?? null
  return [
    { path: `/hardscape/${piece.id}/outline`, from: piece.outline, to: outline },
    ...(piece.profile === null ? [] : [{ path: `/hardscape/${piece.id}/profile`, from: piece.profile, to: profile }]),
  ]
}
function sinkMend(piece: Piece, placed: PlacedPiece, overCm: number): Finding['mend'] {
  const sunkCm = Math.ceil((piece.sunkCm + overCm) * 10) / 10
  return placed.footCm < overCm
    ? undefined
    : { code: 'sink', values: { depthCm: sunkCm }, edits: [{ path: `/hardscape/${piece.id}/sunkCm`, from: piece.sunkCm, to: sunkCm }] }
}

function checkTogether(plan: Plan, figures: TankFigures, placed: readonly PlacedPiece[]): Finding[] {
  const found: Finding[] = []
  const add = (code: Finding['code'], values: Finding['values'], severity: Finding['severity'] = 'note'): void =>
    void found.push({ code, severity, sheet: 'hardscape', values })
  if (plan.hardscape.some(({ material }) => MATERIAL[material].newDensityKgPerL < 1)) add('trial-flood', { hours: 24 })
  if (placed.length === 0) return found
  const composition = compositionOf(placed, figures.inner.lengthCm, figures.inner.widthCm)
  if (composition.openFloor < OPEN_FLOOR) add('floor-covered', { percent: composition.openFloor * 100, wantPercent: OPEN_FLOOR * 100 })
  if (composition.openRear < OPEN_REAR) add('rear-strip-covered', { percent: composition.openRear * 100, wantPercent: OPEN_REAR * 100 })
  if (composition.secondOverMain !== null && composition.secondOverMain > ALIKE)
    add('sizes-alike', { percent: composition.secondOverMain * 100 })
  if (composition.sizeToBack !== null && composition.sizeToBack > 0.5) add('sizes-backwards', {})
  if (
    composition.main !== null &&
    Math.abs(composition.main.at - 0.5) < CENTRED &&
    plan.intent.layout !== 'island' &&
    plan.intent.layout !== 'formal-rows'
  )
    add('main-centred', { percent: composition.main.at * 100 })
  return found
}
