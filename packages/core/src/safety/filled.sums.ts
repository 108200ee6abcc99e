import type { TankFigures } from '../ecosystem/tankFigures.js'
import { openGroundMass } from '../ground/ground.sums.js'
import { massProvenance } from '../hardscape/water.sums.js'
import { UNKNOWN_TRAITS, commonAnswers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'
import { answered, assumed, defineSum, openSum, reckoned, type Given, type OpenedSum } from '../quantity/sum.js'
import { floorLoadKgPerM2, footLoad, totalKg, type Masses } from '../tank/load.js'
import { GLASS_KG_PER_M3 } from '../tank/vessel.js'
import { basePressureSum, floorLoadSum, footPressureSum, sizesOf } from '../tank/vessel.sums.js'
import { waterDensityKgPerM3 } from '../water/density.js'
import { filledMasses } from './filled.js'

export const glassMassSum = defineSum({
  id: 'vessel.glass-mass',
  dimension: 'mass',
  terms: { outerL: 'volume', innerL: 'volume' },
  formula: `${GLASS_KG_PER_M3 / 1000}·(outerL − innerL)`,
  digits: 6,
  source: 'Density of float glass (EN 572-1)',
})
export const waterMassSum = defineSum({
  id: 'vessel.water-mass',
  dimension: 'mass',
  terms: { allWaterL: 'volume', waterKgPerL: 'bulk' },
  formula: 'max(0, allWaterL)·waterKgPerL',
  source: 'Density of water by temperature (Tanaka et al. 2001); the pores count with the water',
})
export const piecesMassSum = defineSum({
  id: 'hardscape.mass',
  dimension: 'mass',
  each: { massKg: 'mass' },
  formula: 'Σ(massKg)',
  source: 'Weighed where you weighed, else from volume or drawing',
})
export const usualMassSum = defineSum({
  id: 'vessel.usual-mass',
  dimension: 'mass',
  terms: { usualKgPerL: 'bulk', outerL: 'volume' },
  formula: 'usualKgPerL·outerL',
  source: 'Rules of thumb: stand 0.15–0.35, kit 0.05–0.15 kg for each litre of the outer size',
})
export const weighedSum = defineSum({
  id: 'vessel.weighed',
  dimension: 'mass',
  terms: { massKg: 'mass' },
  formula: 'massKg',
  source: 'As you weighed it',
})
export const filledSum = defineSum({
  id: 'vessel.filled',
  dimension: 'mass',
  terms: { glassKg: 'mass', waterKg: 'mass', groundKg: 'mass', hardscapeKg: 'mass', standKg: 'mass', kitKg: 'mass' },
  formula: 'glassKg + waterKg + groundKg + hardscapeKg + standKg + kitKg',
  source: 'The sum of its parts; the ground dry, the water in its pores counted with the water',
})

export interface OpenedWeights {
  readonly parts: Readonly<Record<keyof Masses, OpenedSum>>
  /** Parts that nobody weighed and that are taken by the size of the tank. */
  readonly isAssumed: (part: keyof Masses) => boolean
  readonly total: OpenedSum
  /** Mean under the whole tank. */
  readonly load: OpenedSum
  /** Under the base, or under each foot. */
  readonly pressure: OpenedSum
  /** What a foot carries; all of it where there are none [kg]. */
  readonly perFootKg: number
}

/** Weights of the filled tank part by part, and what they press on. */
export function openWeights(plan: Plan, figures: TankFigures): OpenedWeights {
  const { volumes, vessel, temperatureC, pieces } = figures
  const masses = filledMasses(plan, figures)
  const kg = totalKg(masses)
  const weighed = { standKg: plan.stand.massKg, kitKg: plan.stand.kitMassKg }
  const isAssumed = (part: keyof Masses): boolean => (part === 'standKg' || part === 'kitKg') && weighed[part] === null
  const own = (part: 'standKg' | 'kitKg', usualKgPerL: number): OpenedSum =>
    weighed[part] === null
      ? openSum(usualMassSum, masses[part], { usualKgPerL: assumed(usualKgPerL), outerL: reckoned(volumes.outerL) })
      : openSum(weighedSum, masses[part], { massKg: answered(weighed[part], weighed[part]) })
  const massOf = (part: keyof Masses): Given => (isAssumed(part) ? assumed(masses[part]) : reckoned(masses[part]))
  const { lengthCm, widthCm } = sizesOf(vessel, plan.vessel)
  return {
    parts: {
      glassKg: openSum(glassMassSum, masses.glassKg, { outerL: reckoned(volumes.outerL), innerL: reckoned(volumes.innerL) }),
      waterKg: openSum(waterMassSum, masses.waterKg, {
        allWaterL: reckoned(volumes.netWaterL),
        waterKgPerL: reckoned(waterDensityKgPerM3(temperatureC) / 1000),
      }),
      groundKg: openGroundMass(figures.layers, masses.groundKg),
      hardscapeKg: openSum(
        piecesMassSum,
        masses.hardscapeKg,
        {},
        pieces.map(({ piece, massKg }) => ({
          of: piece.name === '' ? (['material', piece.material] as const) : (['own', piece.name] as const),
          massKg: { value: massKg, from: massProvenance(piece) },
        })),
      ),
      standKg: own('standKg', UNKNOWN_TRAITS.standKgPerL.value),
      kitKg: own('kitKg', UNKNOWN_TRAITS.kitKgPerL.value),
    },
    isAssumed,
    total: openSum(filledSum, kg, {
      glassKg: massOf('glassKg'),
      waterKg: massOf('waterKg'),
      groundKg: massOf('groundKg'),
      hardscapeKg: massOf('hardscapeKg'),
      standKg: massOf('standKg'),
      kitKg: massOf('kitKg'),
    }),
    load: openSum(floorLoadSum, floorLoadKgPerM2(kg, vessel), { filledKg: reckoned(kg), lengthCm, widthCm }),
    ...pressureOf(plan, figures, kg),
  }
}

function pressureOf({ stand }: Plan, { vessel }: TankFigures, kg: number): Pick<OpenedWeights, 'pressure' | 'perFootKg'> {
  const rests = stand.rests ?? 'base'
  const feet = commonAnswers().number('stand/feet', stand.feet)
  const footAreaCm2 = commonAnswers().number('stand/footAreaCm2', stand.footAreaCm2)
  const { perFootKg, pressureKPa } = footLoad(kg, vessel, rests, feet, footAreaCm2)
  const filledKg = reckoned(kg)
  return {
    perFootKg,
    pressure:
      rests === 'base'
        ? openSum(basePressureSum, pressureKPa, { filledKg, areaCm2: reckoned(vessel.lengthCm * vessel.widthCm) })
        : openSum(footPressureSum, pressureKPa, {
            filledKg,
            feet: answered(feet, stand.feet),
            areaCm2: answered(footAreaCm2, stand.footAreaCm2),
          }),
  }
}
