import { schoolWords, surfaceWords, trialWords, trialEffectWords } from '@jovrin/contract'
import type { Band, TrialEffect } from '@jovrin/core'
import { percent, significant, type Units } from '../../ui/units.js'

/** What the change is, with the value that it sets. */
export function trialName({ code, levers }: Pick<TrialEffect, 'code' | 'levers'>, units: Units): string {
  const { dimFraction, hours, changeEveryDays, changeFraction, feeding, surface } = levers
  const value =
    dimFraction !== undefined
      ? units.show('fraction', dimFraction)
      : hours !== undefined
        ? units.show('hours', hours)
        : changeEveryDays !== undefined
          ? trialEffectWords.every(units.show('days', changeEveryDays))
          : changeFraction !== undefined
            ? trialEffectWords.share(units.show('fraction', changeFraction))
            : feeding !== undefined
              ? schoolWords[feeding]
              : surface !== undefined
                ? surfaceWords[surface]
                : ''
  return trialWords[code](value)
}

/** A ratio nearer to one is none that anybody would see. */
const SEEN = 0.04
/** Ratios are told to five per cent: the model is no sharper. */
const perCent = (ratio: number): string => significant(Math.round((Math.abs(ratio - 1) * 100) / 5) * 5 || 5, 2)

/** Effect on algae and growth, gas, work, certainty and wait, as one line. */
export function trialEffects({ algaeRatio, growthRatio, co2Max, minutes, certainty, waitDays }: TrialEffect, units: Units): string {
  const told = ({ median }: Band, less: (by: string) => string, more: (by: string) => string, same: string): string =>
    Math.abs(median - 1) < SEEN ? same : median < 1 ? less(perCent(median)) : more(perCent(median))
  return [
    told(algaeRatio, trialEffectWords.algaeLess, trialEffectWords.algaeMore, trialEffectWords.algaeSame),
    told(growthRatio, trialEffectWords.growthLess, trialEffectWords.growthMore, trialEffectWords.growthSame),
    co2Max.median > 5 ? trialEffectWords.gas(units.show('concentration', co2Max.high, 2)) : null,
    Math.abs(minutes) < 2
      ? null
      : (minutes > 0 ? trialEffectWords.more : trialEffectWords.less)(units.show('minutes', Math.abs(Math.round(minutes)), 2)),
    trialEffectWords.certain(percent(certainty)),
    trialEffectWords.wait(units.show('days', waitDays)),
  ]
    .filter((part) => part !== null)
    .join(', ')
}
