import type { TankFigures } from '../ecosystem/tankFigures.js'
import { GROUND } from '../ground/kinds.js'
import { groundHeightCm, type LaidZone } from '../ground/groundPlan.js'
import { clipToFloor } from '../numeric/reshape.js'
import type { Edit } from '../plan/edit.js'
import type { Finding, MendCode } from '../plan/finding.js'
import type { GroundKind, GroundLayer, Plan } from '../plan/plan.js'

const PELLETS: readonly GroundKind[] = ['rich-soil', 'lean-soil']
const FINE: readonly GroundKind[] = ['sand', 'carbonate-sand']
const STEMS_HOLD_CM = 5
const MOST_SOIL_CM = 2.5
/** Tabs and capsules lie 4 to 5 cm deep. */
const TAB_COVER_CM = 4
const LEAST_AREA_CM2 = 4

/** Checks of the ground, each with the smallest change that mends it. */
export function checkGround(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const { ground } = figures
  for (const zone of ground.zones) {
    if (zone.areaCm2 < LEAST_AREA_CM2) {
      if (zone.id !== null)
        found.push({
          code: isOutside(zone, figures) ? 'zone-outside' : 'zone-hidden',
          severity: 'warn',
          sheet: 'ground',
          id: zone.id,
          values: {},
          names: namesOf(plan, zone),
          mend: mend('remove', {}, [withoutZone(plan, zone.id)]),
        })
      continue
    }
    found.push(...checkLayers(plan, zone), ...checkSlope(plan, zone))
    if (zone.id !== null && isPartlyOutside(zone, figures))
      found.push({
        code: 'zone-outside',
        severity: 'note',
        sheet: 'ground',
        id: zone.id,
        values: {},
        names: namesOf(plan, zone),
        mend: mend('clip', {}, [clipped(plan, zone, figures)]),
      })
  }
  found.push(...checkStems(plan, figures), ...checkBarriers(plan, figures), ...checkTabs(plan, figures))
  return found
}

const mend = (code: MendCode, values: Readonly<Record<string, number>>, edits: readonly Edit[]): NonNullable<Finding['mend']> => ({
  code,
  values,
  edits,
})
const zoneOf = (plan: Plan, id: string | null) => plan.zones.find((zone) => zone.id === id)
const layersPath = (id: string | null): string => (id === null ? '/layers' : `/zones/${id}/layers`)
const layersOf = (plan: Plan, id: string | null): readonly GroundLayer[] => (id === null ? plan.layers : (zoneOf(plan, id)?.layers ?? []))
const namesOf = (plan: Plan, { id }: Pick<LaidZone, 'id'>): Record<string, string> => ({ zone: zoneOf(plan, id)?.name ?? '' })
const at = (id: string | null): { id?: string } => (id === null ? {} : { id })
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
  const add = (code: Finding['code'], severity: Finding['severity'], values: Finding['values'], mends?: Finding['mend']): void =>
    void found.push({
      code,
      severity,
      sheet: 'ground',
      ...at(zone.id),
      values,
      names: namesOf(plan, zone),
      ...(mends ? { mend: mends } : {}),
    })
  laid.forEach((layer, index) => {
    const deepest = Math.max(layer.frontCm, layer.backCm)
    const above = laid[index + 1]
    if (layer.ground === 'capped-soil') {
      if (deepest > MOST_SOIL_CM + 1e-6)
        add(
          'soil-too-thick',
          'warn',
          { depthCm: deepest, mostCm: MOST_SOIL_CM },
          mend(
            'depth',
            { depthCm: MOST_SOIL_CM },
            depthEdits(plan, zone.id, layer.id, {
              frontCm: Math.min(layer.frontCm, MOST_SOIL_CM),
              backCm: Math.min(layer.backCm, MOST_SOIL_CM),
            }),
          ),
        )
      const capCm = above === undefined ? 0 : Math.min(above.frontCm, above.backCm)
      if (above === undefined) {
        const layers = layersOf(plan, zone.id)
        add(
          'soil-not-capped',
          'warn',
          { depthCm: deepest, capCm: deepest },
          mend('cap', { depthCm: deepest }, [
            {
              path: layersPath(zone.id),
              from: layers,
              to: [...layers, { id: freeId(plan, 'cap'), ground: 'sand', frontCm: deepest, backCm: deepest, product: null }],
            },
          ]),
        )
      } else if (capCm < deepest - 1e-6)
        add(
          'soil-not-capped',
          'warn',
          { depthCm: deepest, capCm },
          mend(
            'depth',
            { depthCm: deepest },
            depthEdits(plan, zone.id, above.id, { frontCm: Math.max(above.frontCm, deepest), backCm: Math.max(above.backCm, deepest) }),
          ),
        )
    }
    if (PELLETS.includes(layer.ground) && above !== undefined && FINE.includes(above.ground)) {
      const layers = layersOf(plan, zone.id)
      add(
        'cap-on-pellets',
        'warn',
        {},
        mend('remove', {}, [{ path: layersPath(zone.id), from: layers, to: layers.filter(({ id }) => id !== above.id) }]),
      )
    }
    if (layer.ground === 'carbonate-sand') {
      const layers = layersOf(plan, zone.id)
      add(
        'carbonate-sand',
        'warn',
        { litres: layer.volumeL },
        mend('remove', {}, [
          {
            path: layersPath(zone.id),
            from: layers,
            to: layers.map((entry) => (entry.id === layer.id ? { ...entry, ground: 'sand' as const } : entry)),
          },
        ]),
      )
    }
  })
  return found
}

/** A short id that nothing in the plan bears. */
function freeId(plan: Plan, stem: string): string {
  const taken = new Set([...plan.layers, ...plan.barriers, ...plan.zones.flatMap((zone) => [zone, ...zone.layers])].map(({ id }) => id))
  let number = 1
  while (taken.has(`${stem}${number}`)) number++
  return `${stem}${number}`
}

function checkSlope(plan: Plan, zone: LaidZone): Finding[] {
  const top = zone.layers.filter(({ volumeL }) => volumeL > 0).at(-1)
  if (top === undefined) return []
  const { plannedDeg, reposeDeg } = GROUND[top.ground]
  if (zone.steepestDeg <= plannedDeg + 0.05) return []
  const values = { slopeDeg: zone.steepestDeg, plannedDeg, reposeDeg }
  const code = zone.steepestDeg > reposeDeg ? 'slope-needs-terraces' : 'slope-steep'
  // Only a straight slope can be laid flatter by its ends alone: the back comes down, or the front, whichever is the higher side.
  const runCm = zone.bounds.back - zone.bounds.front
  const riseCm = Math.floor(Math.tan((plannedDeg * Math.PI) / 180) * runCm * 10) / 10
  const below = zone.layers.filter((layer) => layer !== top).reduce((sum, layer) => sum + layer.backCm - layer.frontCm, 0)
  const backCm = Math.round((top.frontCm + riseCm - below) * 10) / 10
  const isMendable = zone.heights.length === 0 && top.backCm > top.frontCm && backCm >= 0 && backCm < top.backCm
  return [
    {
      code,
      severity: 'warn',
      sheet: 'ground',
      ...at(zone.id),
      values,
      names: namesOf(plan, zone),
      ...(isMendable
        ? { mend: mend('slope', { depthCm: backCm, slopeDeg: plannedDeg }, depthEdits(plan, zone.id, top.id, { backCm })) }
        : {}),
    },
  ]
}

function checkStems(plan: Plan, { ground }: TankFigures): Finding[] {
  const hasStems = plan.patches.some((patch) => patch.kind === 'stems' && patch.footFraction !== 0)
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
  return [
    {
      code: 'stems-float-out',
      severity: 'warn',
      sheet: 'ground',
      ...at(zone.id),
      values: { backCm: deepest, holdCm: STEMS_HOLD_CM },
      mend: mend('depth', { depthCm: backCm }, depthEdits(plan, zone.id, top.id, { backCm })),
    },
  ]
}

/** Cosmetic sand beside soil mixes with it unless something stands between. */
function checkBarriers(plan: Plan, { ground, inner }: TankFigures): Finding[] {
  const found: Finding[] = []
  const isSoil = (zone: LaidZone): boolean =>
    zone.layers.some((layer) => layer.volumeL > 0 && layer.ground !== 'sand' && layer.ground !== 'carbonate-sand')
  for (const zone of ground.zones) {
    if (zone.id === null || zone.purpose !== 'cosmetic' || zone.areaCm2 < LEAST_AREA_CM2) continue
    const neighbours = ground.zones.filter((other) => other !== zone && other.areaCm2 > LEAST_AREA_CM2 && isSoil(other))
    if (neighbours.length === 0) continue
    const { left, right, front, back } = zone.bounds
    const near = plan.barriers.filter(({ line }) =>
      line.some(({ xCm, yCm }) => xCm > left - 3 && xCm < right + 3 && yCm > front - 3 && yCm < back + 3),
    )
    const standsCm = Math.max(...neighbours.map(({ lowestCm, highestCm }) => (lowestCm + highestCm) / 2))
    if (near.length === 0) {
      // Along the zone's own edge, where it is not the glass.
      const line = zone.ring
        .filter(({ xCm, yCm }) => xCm > -0.1 && yCm > -0.1 && xCm < inner.lengthCm + 0.1 && yCm < inner.widthCm + 0.1)
        .map(({ xCm, yCm }) => ({ xCm: round1(xCm), yCm: round1(yCm) }))
      const heightCm = Math.max(1, Math.round(standsCm))
      found.push({
        code: 'no-barrier',
        severity: 'warn',
        sheet: 'ground',
        id: zone.id,
        values: { heightCm },
        names: namesOf(plan, zone),
        mend: mend('barrier', { heightCm }, [
          {
            path: '/barriers',
            from: plan.barriers,
            to: [...plan.barriers, { id: freeId(plan, 'wall'), line: [...line, ...line.slice(0, 1)], heightCm }],
          },
        ]),
      })
      continue
    }
    for (const barrier of near)
      if (barrier.heightCm < zone.lowestCm)
        found.push({
          code: 'barrier-low',
          severity: 'note',
          sheet: 'ground',
          id: barrier.id,
          values: { heightCm: barrier.heightCm, sandCm: zone.lowestCm },
          names: namesOf(plan, zone),
          mend: mend('depth', { depthCm: zone.lowestCm }, [
            { path: `/barriers/${barrier.id}/heightCm`, from: barrier.heightCm, to: Math.ceil(zone.lowestCm) },
          ]),
        })
  }
  return found
}
const round1 = (cm: number): number => Math.round(cm * 10) / 10

function checkTabs(plan: Plan, figures: TankFigures): Finding[] {
  const shallow = plan.tabs.filter(({ kind, xCm, yCm }) => kind === 'tab' && groundHeightCm(figures.ground, xCm, yCm) < TAB_COVER_CM)
  if (shallow.length === 0) return []
  const ids = new Set(shallow.map(({ id }) => id))
  return [
    {
      code: 'tabs-shallow',
      severity: 'warn',
      sheet: 'ground',
      values: { count: shallow.length, coverCm: TAB_COVER_CM },
      mend: mend('remove', {}, [{ path: '/tabs', from: plan.tabs, to: plan.tabs.filter(({ id }) => !ids.has(id)) }]),
    },
  ]
}
