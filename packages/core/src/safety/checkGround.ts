import type { TankFigures } from '../ecosystem/tankFigures.js'
import { GROUND } from '../ground/kinds.js'
import { edgeRuns, groundLaidAt, openShare } from '../ground/edgeRuns.js'
import { groundHeightCm, type LaidZone } from '../ground/groundPlan.js'
import { clipToFloor } from '../numeric/reshape.js'
import type { Edit } from '../plan/edit.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import { freeIds, type NewId } from '../plan/id.js'
import type { GroundLayer, Plan } from '../plan/plan.js'
import { MENDS } from './mends.js'

const STEMS_HOLD_CM = 5
const MOST_SOIL_CM = 2.5
/** Tabs and capsules lie 4 to 5 cm deep. */
const TAB_COVER_CM = 4
const LEAST_AREA_CM2 = 4

export const GROUND_FINDINGS = findingsOf('ground', {
  'soil-too-thick': { severity: 'warn', values: { depth: 'length', most: 'length' }, names: ['zone'] },
  'soil-not-capped': { severity: 'warn', values: { depth: 'length', cap: 'length' }, names: ['zone'] },
  'cap-on-pellets': { severity: 'warn', values: {}, names: ['zone'] },
  'carbonate-sand': { severity: 'warn', values: { volume: 'volume' } },
  'no-barrier': { severity: 'warn', values: { height: 'length' }, names: ['zone'] },
  'barrier-low': { severity: 'note', values: { height: 'length', sand: 'length' }, names: ['zone'] },
  'slope-steep': { severity: 'warn', values: { slope: 'angle', planned: 'angle' }, names: ['zone'] },
  'slope-needs-terraces': { severity: 'warn', values: { slope: 'angle', repose: 'angle' }, names: ['zone'] },
  'stems-float-out': { severity: 'warn', values: { depth: 'length', hold: 'length' } },
  'zone-outside': { severity: 'warn', values: {}, names: ['zone'] },
  'zone-hidden': { severity: 'warn', values: {}, names: ['zone'] },
  'tabs-shallow': { severity: 'warn', values: { tabs: 'count', cover: 'length' } },
})

/** Checks of the ground, each with the smallest change that mends it. */
export function checkGround(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const { ground } = figures
  for (const zone of ground.zones) {
    const { id } = zone
    const names = namesOf(plan, zone)
    if (zone.areaCm2 < LEAST_AREA_CM2) {
      const definition = GROUND_FINDINGS[isOutside(zone, figures) ? 'zone-outside' : 'zone-hidden']
      if (id !== null) found.push(raise(definition, {}, { id, names, mend: mendWith(MENDS.remove, {}, [withoutZone(plan, id)]) }))
      continue
    }
    found.push(...checkLayers(plan, zone), ...checkSlope(plan, zone))
    if (id !== null && isPartlyOutside(zone, figures)) {
      const mend = mendWith(MENDS.clip, {}, [clipped(plan, zone, figures)])
      found.push(raise(GROUND_FINDINGS['zone-outside'], {}, { id, names, mend, severity: 'note' }))
    }
  }
  found.push(...checkStems(plan, figures), ...checkBarriers(plan, figures), ...checkTabs(plan, figures))
  return found
}

const zoneOf = (plan: Plan, id: string | null) => plan.zones.find((zone) => zone.id === id)
const layersPath = (id: string | null): string => (id === null ? '/layers' : `/zones/${id}/layers`)
const layersOf = (plan: Plan, id: string | null): readonly GroundLayer[] => (id === null ? plan.layers : (zoneOf(plan, id)?.layers ?? []))
const namesOf = (plan: Plan, { id }: Pick<LaidZone, 'id'>): { readonly zone: string } => ({ zone: zoneOf(plan, id)?.name ?? '' })
const withoutZone = (plan: Plan, id: string): Edit => ({
  path: '/zones',
  from: plan.zones,
  to: plan.zones.filter((zone) => zone.id !== id),
})

const isOutside = ({ bounds }: LaidZone, { inner }: TankFigures): boolean =>
  bounds.right <= 0 || bounds.back <= 0 || bounds.left >= inner.lengthCm || bounds.front >= inner.widthCm
const isPartlyOutside = ({ bounds }: LaidZone, { inner }: TankFigures): boolean =>
  bounds.left < -0.05 || bounds.front < -0.05 || bounds.right > inner.lengthCm + 0.05 || bounds.back > inner.widthCm + 0.05
function clipped(plan: Plan, { id, ring }: LaidZone, { inner }: TankFigures): Edit {
  const from = zoneOf(plan, id)?.outline
  return {
    path: `/zones/${id}/outline`,
    from,
    to: clipToFloor(ring, inner.lengthCm, inner.widthCm).map((spot) => ({ ...spot, isRound: false })),
  }
}

function depthEdits(
  plan: Plan,
  zoneId: string | null,
  layerId: string,
  to: { readonly frontCm?: number; readonly backCm?: number },
): Edit[] {
  const layer = layersOf(plan, zoneId).find(({ id }) => id === layerId)
  return (['frontCm', 'backCm'] as const).flatMap((side) =>
    to[side] === undefined ? [] : [{ path: `${layersPath(zoneId)}/${layerId}/${side}`, from: layer?.[side], to: to[side] }],
  )
}

function checkLayers(plan: Plan, zone: LaidZone): Finding[] {
  const found: Finding[] = []
  const laid = zone.layers.filter(({ volumeL }) => volumeL > 0)
  const about = { id: zone.id, names: namesOf(plan, zone) }
  /** The zone's layers, changed as a list. */
  const relaid = (to: (layers: readonly GroundLayer[]) => readonly GroundLayer[]): Edit[] => {
    const layers = layersOf(plan, zone.id)
    return [{ path: layersPath(zone.id), from: layers, to: to(layers) }]
  }
  laid.forEach((layer, index) => {
    const depth = Math.max(layer.frontCm, layer.backCm)
    const above = laid[index + 1]
    const { needsCap, grain, isCarbonate } = GROUND[layer.ground]
    if (needsCap) {
      if (depth > MOST_SOIL_CM + 1e-6) {
        const most = { frontCm: Math.min(layer.frontCm, MOST_SOIL_CM), backCm: Math.min(layer.backCm, MOST_SOIL_CM) }
        const mend = mendWith(MENDS.depth, { depth: MOST_SOIL_CM }, depthEdits(plan, zone.id, layer.id, most))
        found.push(raise(GROUND_FINDINGS['soil-too-thick'], { depth, most: MOST_SOIL_CM }, { ...about, mend }))
      }
      const cap = above === undefined ? 0 : Math.min(above.frontCm, above.backCm)
      if (cap < depth - 1e-6) {
        const sand: GroundLayer = { id: newIds(plan)('cap'), ground: 'sand', frontCm: depth, backCm: depth, product: null }
        const mend =
          above === undefined
            ? mendWith(
                MENDS.cap,
                { depth },
                relaid((layers) => [...layers, sand]),
              )
            : mendWith(
                MENDS.depth,
                { depth },
                depthEdits(plan, zone.id, above.id, { frontCm: Math.max(above.frontCm, depth), backCm: Math.max(above.backCm, depth) }),
              )
        found.push(raise(GROUND_FINDINGS['soil-not-capped'], { depth, cap }, { ...about, mend }))
      }
    }
    if (grain === 'pellets' && above !== undefined && GROUND[above.ground].grain === 'sand') {
      const edits = relaid((layers) => layers.filter(({ id }) => id !== above.id))
      found.push(raise(GROUND_FINDINGS['cap-on-pellets'], {}, { ...about, mend: mendWith(MENDS.remove, {}, edits) }))
    }
    if (isCarbonate) {
      const edits = relaid((layers) => layers.map((entry) => (entry.id === layer.id ? { ...entry, ground: 'sand' as const } : entry)))
      const mend = mendWith(MENDS.remove, {}, edits)
      found.push(raise(GROUND_FINDINGS['carbonate-sand'], { volume: layer.volumeL }, { id: zone.id, mend }))
    }
  })
  return found
}

/** Ids for new ground, and walls in it. */
const newIds = (plan: Plan): NewId =>
  freeIds([...plan.layers, ...plan.barriers, ...plan.zones.flatMap((zone) => [zone, ...zone.layers])].map(({ id }) => id))

function checkSlope(plan: Plan, zone: LaidZone): Finding[] {
  const top = zone.layers.filter(({ volumeL }) => volumeL > 0).at(-1)
  if (top === undefined) return []
  const { plannedDeg, reposeDeg } = GROUND[top.ground]
  if (zone.steepestDeg <= plannedDeg + 0.05) return []
  // Only a straight slope can be laid flatter by its ends alone: the back comes down, or the front, whichever is the higher side.
  const runCm = zone.bounds.back - zone.bounds.front
  const riseCm = Math.floor(Math.tan((plannedDeg * Math.PI) / 180) * runCm * 10) / 10
  const below = zone.layers.filter((layer) => layer !== top).reduce((sum, layer) => sum + layer.backCm - layer.frontCm, 0)
  const backCm = Math.round((top.frontCm + riseCm - below) * 10) / 10
  const isMendable = zone.heights.length === 0 && top.backCm > top.frontCm && backCm >= 0 && backCm < top.backCm
  const edits = depthEdits(plan, zone.id, top.id, { backCm })
  const mend = isMendable ? mendWith(MENDS.slope, { depth: backCm, slope: plannedDeg }, edits) : null
  const about = { id: zone.id, names: namesOf(plan, zone), mend }
  return zone.steepestDeg > reposeDeg
    ? [raise(GROUND_FINDINGS['slope-needs-terraces'], { slope: zone.steepestDeg, repose: reposeDeg }, about)]
    : [raise(GROUND_FINDINGS['slope-steep'], { slope: zone.steepestDeg, planned: plannedDeg }, about)]
}

function checkStems(plan: Plan, { ground, stand }: TankFigures): Finding[] {
  const hasStems = stand.stems.footFraction > 0 || plan.patches.some((patch) => patch.kind === 'stems' && patch.footFraction === null)
  if (!hasStems) return []
  const planted = ground.zones.filter(
    (zone) => zone.purpose === 'planted' && zone.areaCm2 > LEAST_AREA_CM2 && zone.layers.some(({ volumeL }) => volumeL > 0),
  )
  const rear = planted.filter(({ bounds }) => bounds.back > ground.widthCm * 0.66)
  const deepest = Math.max(0, ...rear.map(({ highestCm }) => highestCm))
  if (rear.length === 0 || deepest >= STEMS_HOLD_CM) return []
  const zone = rear[0]!
  const top = zone.layers.filter(({ volumeL }) => volumeL > 0).at(-1)!
  const backCm = Math.round((top.backCm + STEMS_HOLD_CM - deepest) * 10) / 10
  const mend = mendWith(MENDS.depth, { depth: backCm }, depthEdits(plan, zone.id, top.id, { backCm }))
  return [raise(GROUND_FINDINGS['stems-float-out'], { depth: deepest, hold: STEMS_HOLD_CM }, { id: zone.id, mend })]
}

/** Through so much of an edge, open, sand and soil mix. Rule of thumb 0.1–0.3. */
const LEAST_OPEN_SHARE = 0.2

/** Decorative sand beside soil mixes with it unless a separator or stones stand between. */
function checkBarriers(plan: Plan, { ground, inner }: TankFigures): Finding[] {
  const found: Finding[] = []
  const isSoil = (zone: LaidZone): boolean => zone.layers.some((layer) => layer.volumeL > 0 && GROUND[layer.ground].grain !== 'sand')
  for (const zone of ground.zones) {
    if (zone.id === null || zone.purpose !== 'cosmetic' || zone.areaCm2 < LEAST_AREA_CM2) continue
    const neighbours = ground.zones.filter((other) => other !== zone && other.areaCm2 > LEAST_AREA_CM2 && isSoil(other))
    if (neighbours.length === 0) continue
    const { left, right, front, back } = zone.bounds
    const near = plan.barriers.filter(({ line }) =>
      line.some(({ xCm, yCm }) => xCm > left - 3 && xCm < right + 3 && yCm > front - 3 && yCm < back + 3),
    )
    const runs = edgeRuns(zone.ring, inner, groundLaidAt(plan))
    if (openShare(plan, runs) > LEAST_OPEN_SHARE) {
      const heightCm = Math.max(1, Math.round(Math.max(...neighbours.map(({ lowestCm, highestCm }) => (lowestCm + highestCm) / 2))))
      const newId = newIds(plan)
      let made = plan
      for (const run of runs) {
        const line = run.map(({ xCm, yCm }) => ({ xCm: round1(xCm), yCm: round1(yCm) }))
        made = { ...made, barriers: [...made.barriers, { id: newId('wall'), line, heightCm }] }
      }
      const mend = mendWith(MENDS.barrier, { height: heightCm }, [{ path: '/barriers', from: plan.barriers, to: made.barriers }])
      found.push(raise(GROUND_FINDINGS['no-barrier'], { height: heightCm }, { id: zone.id, names: namesOf(plan, zone), mend }))
      continue
    }
    for (const barrier of near) {
      if (barrier.heightCm >= zone.lowestCm) continue
      const to = Math.ceil(zone.lowestCm)
      const mend = mendWith(MENDS.depth, { depth: to }, [{ path: `/barriers/${barrier.id}/heightCm`, from: barrier.heightCm, to }])
      const told = { height: barrier.heightCm, sand: zone.lowestCm }
      found.push(raise(GROUND_FINDINGS['barrier-low'], told, { id: barrier.id, names: namesOf(plan, zone), mend }))
    }
  }
  return found
}
const round1 = (cm: number): number => Math.round(cm * 10) / 10

function checkTabs(plan: Plan, figures: TankFigures): Finding[] {
  const shallow = plan.tabs.filter(({ kind, xCm, yCm }) => kind === 'tab' && groundHeightCm(figures.ground, xCm, yCm) < TAB_COVER_CM)
  if (shallow.length === 0) return []
  const ids = new Set(shallow.map(({ id }) => id))
  const edits = [{ path: '/tabs', from: plan.tabs, to: plan.tabs.filter(({ id }) => !ids.has(id)) }]
  const mend = mendWith(MENDS.remove, {}, edits)
  return [raise(GROUND_FINDINGS['tabs-shallow'], { tabs: shallow.length, cover: TAB_COVER_CM }, { mend })]
}
