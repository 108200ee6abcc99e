import type { TankFigures } from '../ecosystem/tankFigures.js'
import { groundHeightCm } from '../ground/groundPlan.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { removeSpot } from '../planting/spotEdits.js'
import { placeOfSpot, sharesOnPiece, type LaidSpot, type SpotPlace } from '../planting/spotsOf.js'
import { checkStanding } from './checkPlanting.js'
import { MENDS } from './mends.js'
import { plantSiteOf } from './plantSite.js'

export const SPOT_FINDINGS = findingsOf('planting', {
  'spot-empty': { severity: 'note', values: {}, names: ['piece'] },
  'spot-without-piece': { severity: 'warn', values: {}, names: ['plant'] },
  'spot-buried': { severity: 'warn', values: { ground: 'length' }, names: ['plant'] },
  'spot-holds-not': { severity: 'warn', values: {}, names: ['plant'] },
  'spot-dry': { severity: 'warn', values: { water: 'length' }, names: ['plant'] },
})

/** A rhizome lies free when it is so far above the ground. */
const FREE_CM = 1

/** Plants on wood and stone: whether they hold there, have light, lie above the ground and below the water. */
export function checkSpots(plan: Plan, figures: TankFigures): Finding[] {
  return figures.spots.flatMap((laid) => {
    const { id } = laid.spot
    const place = placeOfSpot(laid.spot, figures.pieces)
    const [planted] = laid.plants
    if (planted === undefined)
      return place === null ? [] : [raise(SPOT_FINDINGS['spot-empty'], {}, { id, names: { piece: place.placed.piece.name } })]
    const names = { plant: planted.plant.name }
    if (place === null) {
      const edits = [{ path: '/spots', from: plan.spots, to: removeSpot(plan, id).spots }]
      return [raise(SPOT_FINDINGS['spot-without-piece'], {}, { id, names, mend: mendWith(MENDS.remove, {}, edits) })]
    }
    const found = [
      ...checkStanding(id, planted, plantSiteOf(plan, figures, 'hardscape', place.zCm)),
      ...checkPlace(laid, place, figures, names),
    ]
    if (planted.plant.attaches === 'no' && planted.plant.kind !== 'moss')
      found.push(raise(SPOT_FINDINGS['spot-holds-not'], {}, { id, names }))
    return found
  })
}

function checkPlace(
  { spot, plants }: LaidSpot,
  place: SpotPlace,
  { ground, inner }: TankFigures,
  names: { readonly plant: string },
): Finding[] {
  const { id } = spot
  const { centre } = place.placed
  const groundCm = groundHeightCm(ground, Math.min(inner.lengthCm, Math.max(0, place.xCm)), centre.yCm)
  const lowestCm = place.zCm - spot.heightCm / 2
  if (plants.some(({ plant }) => plant.buriedRots) && lowestCm < groundCm) {
    const { upFraction } = sharesOnPiece(place.placed, place.xCm, groundCm + FREE_CM + spot.heightCm / 2)
    const isMendable = place.placed.footCm + upFraction * place.placed.heightCm - spot.heightCm / 2 >= groundCm
    const mend = isMendable ? mendWith(MENDS.lift, {}, [{ path: `/spots/${id}/upFraction`, from: spot.upFraction, to: upFraction }]) : null
    return [raise(SPOT_FINDINGS['spot-buried'], { ground: groundCm }, { id, names, mend })]
  }
  if (place.zCm > inner.waterDepthCm) return [raise(SPOT_FINDINGS['spot-dry'], { water: inner.waterDepthCm }, { id, names })]
  return []
}
