import { commonAnswers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'
import type { WaterSource } from '../plan/planWater.js'
import { answered, defineSum, openSum, reckoned, type OpenedSum, type Row } from '../quantity/sum.js'
import { blendOf } from './blend.js'
import type { ChangeCard } from './changeCard.js'
import { fillSeconds, TIMING_SPREAD } from './hose.js'
import { mixOf, type MixedPlan } from './mixOf.js'
import { heldBy } from './sourceKinds.js'

export const blendHardnessSum = defineSum({
  id: 'water.hardness',
  dimension: 'hardness',
  each: { shareOfMix: 'fraction', sourceHardness: 'hardness' },
  formula: 'Σ(shareOfMix·sourceHardness)',
  source: 'Mass balance of a mixture; purified water counts as free of it',
})
export const blendAlkalinitySum = defineSum({
  id: 'water.alkalinity',
  dimension: 'alkalinity',
  each: { shareOfMix: 'fraction', sourceAlkalinity: 'alkalinity' },
  formula: 'Σ(shareOfMix·sourceAlkalinity)',
  source: 'Mass balance of a mixture; purified water counts as free of it',
})
export const changeLitresSum = defineSum({
  id: 'water.change',
  dimension: 'volume',
  terms: { openWaterL: 'volume', changeShare: 'fraction' },
  formula: 'openWaterL·changeShare',
  source: 'Share of the open water',
})
export const hotLitresSum = defineSum({
  id: 'water.hot',
  dimension: 'volume',
  terms: { changeL: 'volume', tankC: 'temperature', mixColdC: 'temperature', hotC: 'temperature', pipeC: 'temperature', pipeL: 'volume' },
  formula: 'min(pipeL, max(0, changeL·(tankC − mixColdC)/(hotC − pipeC)))',
  digits: 6,
  source: 'Heat balance of a mixture',
})
export const conditionerSum = defineSum({
  id: 'water.conditioner',
  dimension: 'dosing',
  terms: { treatedL: 'volume', labelMl: 'dosing', labelL: 'volume' },
  formula: 'treatedL·labelMl/labelL',
  source: 'Proportion of the label',
})
export const fillSecondsSum = defineSum({
  id: 'water.fill-time',
  dimension: 'seconds',
  terms: { changeL: 'volume', bucketL: 'volume', bucketS: 'seconds' },
  formula: 'changeL/bucketL·bucketS',
  source: 'Measured flow; timing by hand is a rule of thumb, ±10 %',
})

type Each = { readonly [Key in keyof typeof blendHardnessSum.each]: (typeof blendHardnessSum.each)[Key] }
const rowOf = (source: WaterSource | null): Pick<Row<Each>, 'of'> => ({
  of: source === null || source.name === '' ? ['source', source?.kind ?? 'mains'] : ['own', source.name],
})

export function openBlendHardness(plan: MixedPlan): OpenedSum {
  const blend = blendOf(plan, commonAnswers())
  const rows = mixOf(plan).sources.map(({ source, share }) => {
    const alone = blendOf(
      { sources: source === null ? [] : [{ ...source, part: 1 }], logistics: { ...plan.logistics, purifiedFraction: 0 } },
      commonAnswers(),
    )
    return {
      ...rowOf(source),
      shareOfMix: reckoned(share),
      sourceHardness: answered(alone.hardnessMmolPerL, source?.calciumMgPerL ?? source?.hardnessMmolPerL),
    }
  })
  return openSum(blendHardnessSum, blend.hardnessMmolPerL, {}, rows)
}
export function openBlendAlkalinity(plan: MixedPlan): OpenedSum {
  const answers = commonAnswers()
  const rows = mixOf(plan).sources.map(({ source, share, place }) => ({
    ...rowOf(source),
    shareOfMix: reckoned(share),
    sourceAlkalinity: answered(heldBy(source, 'alkalinityMeqPerL', answers, place), source?.alkalinityMeqPerL),
  }))
  return openSum(blendAlkalinitySum, blendOf(plan, answers).alkalinityMeqPerL, {}, rows)
}

export interface OpenedChange {
  readonly litres: OpenedSum
  readonly hot: OpenedSum
  /** `null` where none is dosed, or its label is not known. */
  readonly conditioner: OpenedSum | null
  /** `null` while the hose was not measured. */
  readonly fill: OpenedSum | null
}
/** The figures of a change card, opened. */
export function openChange(
  plan: Plan,
  card: ChangeCard,
  { waterL, fraction, tankC }: { readonly waterL: number; readonly fraction: number; readonly tankC: number },
): OpenedChange {
  const { kit, conditioner } = plan.water
  const { warming, conditioning: treated, litres } = card
  const seconds = fillSeconds(kit, litres, 'fillS')
  return {
    litres: openSum(changeLitresSum, litres, { openWaterL: reckoned(waterL), changeShare: answered(fraction, fraction) }),
    hot: openSum(hotLitresSum, warming.hotL, {
      changeL: reckoned(litres),
      tankC: answered(tankC, tankC),
      mixColdC: reckoned(warming.coldC),
      hotC: answered(warming.hotC, kit.hotC),
      pipeC: reckoned(warming.pipedC),
      pipeL: reckoned(warming.pipedL),
    }),
    conditioner:
      treated.kind === 'dose' && treated.millilitres !== null
        ? openSum(conditionerSum, treated.millilitres, {
            treatedL: reckoned(treated.litres),
            labelMl: answered(conditioner.labelMl ?? 0, conditioner.labelMl),
            labelL: answered(conditioner.labelL ?? 0, conditioner.labelL),
          })
        : null,
    fill:
      seconds === null || kit.fillS === null
        ? null
        : openSum(
            fillSecondsSum,
            { value: seconds, low: seconds * (1 - TIMING_SPREAD), high: seconds * (1 + TIMING_SPREAD) },
            {
              changeL: reckoned(litres),
              bucketL: answered(commonAnswers().number('water/kit/bucketL', kit.bucketL), kit.bucketL),
              bucketS: answered(kit.fillS, kit.fillS),
            },
          ),
  }
}
