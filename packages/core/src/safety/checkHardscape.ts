import { compositionOf } from '../hardscape/composition.js'
import { MATERIAL } from '../hardscape/materials.js'
import { buoyancyOf, glassPressureKPa, type PlacedPiece } from '../hardscape/piece.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import type { WeighedPiece } from '../hardscape/piecesOf.js'
import type { Edit } from '../plan/edit.js'
import { findingsOf, mendWith, raise, type Finding, type Mend } from '../plan/finding.js'
import type { Piece, Plan, Vertex } from '../plan/plan.js'
import { MENDS } from './mends.js'

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

export const HARDSCAPE_FINDINGS = findingsOf('hardscape', {
  'piece-floats': { severity: 'warn', values: { ballast: 'mass' }, names: ['piece'] },
  'piece-carbonate': { severity: 'warn', values: { mass: 'mass' }, names: ['piece'] },
  'piece-stains': { severity: 'note', values: { mass: 'mass' }, names: ['piece'] },
  'piece-near-glass': { severity: 'note', values: { gap: 'length', needed: 'length' }, names: ['piece'] },
  'piece-outside': { severity: 'stop', values: { over: 'length' }, names: ['piece'] },
  'piece-above-water': { severity: 'note', values: { over: 'length' }, names: ['piece'] },
  'piece-near-lamp': { severity: 'warn', values: { gap: 'length', needed: 'length' }, names: ['piece'] },
  'piece-heavy-spot': { severity: 'warn', values: { mass: 'mass', pressure: 'press' }, names: ['piece'] },
  'trial-flood': { severity: 'note', values: { flood: 'hours' }, restsOncePlanted: true },
  'floor-covered': { severity: 'note', values: { open: 'fraction', wanted: 'fraction' }, restsOncePlanted: true },
  'rear-strip-covered': { severity: 'note', values: { open: 'fraction', wanted: 'fraction' }, restsOncePlanted: true },
  'sizes-alike': { severity: 'note', values: { second: 'fraction' }, restsOncePlanted: true },
  'sizes-backwards': { severity: 'note', values: {}, restsOncePlanted: true },
  'main-centred': { severity: 'note', values: { at: 'fraction' }, restsOncePlanted: true },
})

export function checkHardscape(plan: Plan, figures: TankFigures): Finding[] {
  const placed = figures.pieces.flatMap(({ placed: one }) => (one === null ? [] : [one]))
  return [...figures.pieces.flatMap((entry) => checkPiece(plan, figures, entry)), ...checkTogether(plan, figures, placed)]
}

function checkPiece(plan: Plan, figures: TankFigures, { piece, massKg, placed }: WeighedPiece): Finding[] {
  const found: Finding[] = []
  const about = { id: piece.id, names: { piece: piece.name } }
  const facts = MATERIAL[piece.material]
  if (facts.newDensityKgPerL < 1 && piece.fixing === 'none') {
    const { ballastKg: ballast } = buoyancyOf(massKg, piece.material)
    const mend = mendWith(MENDS.fix, { ballast }, [{ path: `/hardscape/${piece.id}/fixing`, from: piece.fixing, to: 'weighted' }])
    found.push(raise(HARDSCAPE_FINDINGS['piece-floats'], { ballast }, { ...about, mend }))
  }
  if (facts.isCarbonate) found.push(raise(HARDSCAPE_FINDINGS['piece-carbonate'], { mass: massKg }, about))
  if (facts.tanninMgCPerKg > 1000) found.push(raise(HARDSCAPE_FINDINGS['piece-stains'], { mass: massKg }, about))
  if (placed === null) return found
  const { inner, vessel } = figures
  const { bounds } = placed
  const move = insideBy(bounds, inner, TOOL_GAP_CM)
  const gap = Math.min(bounds.left, bounds.front, inner.lengthCm - bounds.right, inner.widthCm - bounds.back)
  const mend = move === null ? null : mendWith(MENDS['move-in'], { gap: TOOL_GAP_CM }, movedEdits(piece, move))
  if (gap < -0.05) found.push(raise(HARDSCAPE_FINDINGS['piece-outside'], { over: -gap }, { ...about, mend }))
  else if (gap < TOOL_GAP_CM - 0.05)
    found.push(raise(HARDSCAPE_FINDINGS['piece-near-glass'], { gap, needed: TOOL_GAP_CM }, { ...about, mend }))
  const rimCm = vessel.heightCm - vessel.glassCm
  const over = placed.topCm - inner.waterDepthCm
  if (over > 0 && placed.topCm <= rimCm && plan.intent.layout !== 'shallow')
    found.push(raise(HARDSCAPE_FINDINGS['piece-above-water'], { over }, { ...about, mend: sinkMend(piece, placed, over) }))
  const lampCm = Math.min(...figures.lamps.map(({ aboveWaterCm }) => inner.waterDepthCm + aboveWaterCm))
  if (figures.lamps.length > 0 && placed.topCm > lampCm - LAMP_GAP_CM) {
    const told = { gap: Math.max(0, lampCm - placed.topCm), needed: LAMP_GAP_CM }
    found.push(raise(HARDSCAPE_FINDINGS['piece-near-lamp'], told, about))
  }
  const pressure = glassPressureKPa(massKg, placed.footCm2)
  if (placed.footCm < 1 && pressure > SPOT_KPA) found.push(raise(HARDSCAPE_FINDINGS['piece-heavy-spot'], { mass: massKg, pressure }, about))
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
function sinkMend(piece: Piece, placed: PlacedPiece, overCm: number): Mend | null {
  const depth = Math.ceil((piece.sunkCm + overCm) * 10) / 10
  return placed.footCm < overCm
    ? null
    : mendWith(MENDS.sink, { depth }, [{ path: `/hardscape/${piece.id}/sunkCm`, from: piece.sunkCm, to: depth }])
}

function checkTogether(plan: Plan, figures: TankFigures, placed: readonly PlacedPiece[]): Finding[] {
  const found: Finding[] = []
  if (plan.hardscape.some(({ material }) => MATERIAL[material].newDensityKgPerL < 1))
    found.push(raise(HARDSCAPE_FINDINGS['trial-flood'], { flood: 24 }))
  if (placed.length === 0) return found
  const { openFloor, openRear, secondOverMain, sizeToBack, main } = compositionOf(placed, figures.inner.lengthCm, figures.inner.widthCm)
  if (openFloor < OPEN_FLOOR) found.push(raise(HARDSCAPE_FINDINGS['floor-covered'], { open: openFloor, wanted: OPEN_FLOOR }))
  if (openRear < OPEN_REAR) found.push(raise(HARDSCAPE_FINDINGS['rear-strip-covered'], { open: openRear, wanted: OPEN_REAR }))
  if (secondOverMain !== null && secondOverMain > ALIKE) found.push(raise(HARDSCAPE_FINDINGS['sizes-alike'], { second: secondOverMain }))
  if (sizeToBack !== null && sizeToBack > 0.5) found.push(raise(HARDSCAPE_FINDINGS['sizes-backwards'], {}))
  const wantsCentre = plan.intent.layout === 'island' || plan.intent.layout === 'formal-rows'
  if (main !== null && Math.abs(main.at - 0.5) < CENTRED && !wantsCentre)
    found.push(raise(HARDSCAPE_FINDINGS['main-centred'], { at: main.at }))
  return found
}
