import { defineSum, openSum, reckoned, type OpenedSum } from '../quantity/sum.js'
import { GOLDEN, HIDES_FROM, REAR_SHARE, type Composition } from './composition.js'

const SOURCE = 'Geometry of the drawn outlines and silhouettes'
const FLOOR = { coveredCm2: 'area', innerLengthCm: 'length', innerWidthCm: 'length' } as const
const MARK = { centreCm: 'length', markAt: 'ratio', innerLengthCm: 'length' } as const

export const openFloorSum = defineSum({
  id: 'hardscape.open-floor',
  dimension: 'fraction',
  terms: FLOOR,
  formula: '1 − coveredCm2/(innerLengthCm·innerWidthCm)',
  source: SOURCE,
})
export const openRearSum = defineSum({
  id: 'hardscape.open-rear',
  dimension: 'fraction',
  terms: FLOOR,
  formula: '1 − coveredCm2/(innerLengthCm·innerWidthCm/3)',
  source: `${SOURCE}; the rear third alone`,
})
export const gapSum = defineSum({
  id: 'hardscape.gap',
  dimension: 'length',
  terms: { leftCm: 'length', frontCm: 'length', rightCm: 'length', backCm: 'length' },
  formula: 'min(leftCm, frontCm, rightCm, backCm)',
  source: `${SOURCE}; from the outermost outlines to the panes`,
})
export const mainSum = defineSum({
  id: 'hardscape.main',
  dimension: 'fraction',
  terms: { centreCm: 'length', innerLengthCm: 'length' },
  formula: 'centreCm/innerLengthCm',
  source: SOURCE,
})
export const thirdSum = defineSum({
  id: 'hardscape.third',
  dimension: 'length',
  terms: MARK,
  formula: '|centreCm − markAt·innerLengthCm|',
  source: `${SOURCE}; thirds at 1/3 and 2/3`,
})
export const goldenSum = defineSum({
  id: 'hardscape.golden',
  dimension: 'length',
  terms: MARK,
  formula: '|centreCm − markAt·innerLengthCm|',
  source: `${SOURCE}; golden section at ${(1 - GOLDEN).toFixed(3)} and ${GOLDEN.toFixed(3)}`,
})
export const secondSum = defineSum({
  id: 'hardscape.second',
  dimension: 'fraction',
  terms: { secondCm: 'length', highestCm: 'length' },
  formula: 'secondCm/highestCm',
  source: SOURCE,
})
export const hiddenSum = defineSum({
  id: 'hardscape.hidden',
  dimension: 'fraction',
  terms: { behindCm: 'length', wideCm: 'length' },
  formula: 'behindCm/wideCm',
  source: `${SOURCE}; behind pieces at least ${HIDES_FROM} times as high`,
})

/** Figures of an arrangement that come from one sum; what has no answer is left out. */
export type CompositionRow = 'openFloor' | 'openRear' | 'gap' | 'main' | 'third' | 'golden' | 'second' | 'hidden'

export function openComposition(
  { openFloor, openRear, gapsCm, leastGapCm, main, heightsCm: [highestCm, secondCm], secondOverMain, mostHidden: hidden }: Composition,
  inner: { readonly lengthCm: number; readonly widthCm: number },
): Readonly<Partial<Record<CompositionRow, OpenedSum>>> {
  const innerLengthCm = reckoned(inner.lengthCm)
  const floorCm2 = inner.lengthCm * inner.widthCm
  const share = (sum: typeof openFloorSum | typeof openRearSum, open: number, areaCm2: number): OpenedSum =>
    openSum(sum, open, { coveredCm2: reckoned((1 - open) * areaCm2), innerLengthCm, innerWidthCm: reckoned(inner.widthCm) })
  const off = (sum: typeof thirdSum | typeof goldenSum, at: number, mark: number, offShare: number): OpenedSum =>
    openSum(sum, offShare * inner.lengthCm, { centreCm: reckoned(at * inner.lengthCm), markAt: reckoned(mark), innerLengthCm })
  return {
    openFloor: share(openFloorSum, openFloor, floorCm2),
    openRear: share(openRearSum, openRear, floorCm2 * REAR_SHARE),
    ...(gapsCm !== null &&
      leastGapCm !== null && {
        gap: openSum(gapSum, leastGapCm, {
          leftCm: reckoned(gapsCm.left),
          frontCm: reckoned(gapsCm.front),
          rightCm: reckoned(gapsCm.right),
          backCm: reckoned(gapsCm.back),
        }),
      }),
    ...(main !== null && {
      main: openSum(mainSum, main.at, { centreCm: reckoned(main.at * inner.lengthCm), innerLengthCm }),
      third: off(thirdSum, main.at, main.third, main.offThird),
      golden: off(goldenSum, main.at, main.golden, main.offGolden),
    }),
    ...(secondOverMain !== null &&
      highestCm !== undefined &&
      secondCm !== undefined && {
        second: openSum(secondSum, secondOverMain, { secondCm: reckoned(secondCm), highestCm: reckoned(highestCm) }),
      }),
    ...(hidden !== null && {
      hidden: openSum(hiddenSum, hidden.share, { behindCm: reckoned(hidden.hiddenCm), wideCm: reckoned(hidden.wideCm) }),
    }),
  }
}
