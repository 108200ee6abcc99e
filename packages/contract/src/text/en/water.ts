import type { ConditionerBinds, ConditionerPlace, Disinfectant, FirstWeeks, MineralSalt, SourceKind, TopUp } from '@jovrin/core'
import { saltWords } from './feed.js'

export const disinfectantWords = { none: 'none', chlorine: 'chlorine', chloramine: 'chloramine' } satisfies Record<Disinfectant, string>
export const sourceKindWords = {
  mains: 'mains',
  softened: 'softened with salt',
  well: 'well',
  rain: 'rain',
} satisfies Record<SourceKind, string>
export const firstWeeksWords = {
  same: 'as later',
  daily: 'daily, then every other day, then twice a week',
  'every-other': 'three or four a week, then twice a week',
  twice: 'twice a week',
  'one-large': 'none but a large one after a dark start',
} satisfies Record<FirstWeeks, string>
export const topUpWords = { 'as-changes': 'the water of the changes', purified: 'purified water' } satisfies Record<TopUp, string>
export const conditionerBindsWords = {
  chlorine: 'chlorine only',
  chloramine: 'chlorine, chloramine and its ammonia',
} satisfies Record<ConditionerBinds, string>
export const conditionerPlaceWords = {
  container: 'bucket or barrel, premixed',
  tank: 'the tank, hose straight in',
} satisfies Record<ConditionerPlace, string>
export const mineralWords = saltWords satisfies Record<MineralSalt, string>
