import type {
  CARD_STEPS,
  CardCode,
  ConditionerBinds,
  ConditionerPlace,
  Disinfectant,
  FirstWeeks,
  MineralSalt,
  SourceKind,
  TopUp,
} from '@jovrin/core'
import type { Sentence } from '../tell.js'
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

type CardSentences = { readonly [Code in CardCode]: Sentence<(typeof CARD_STEPS)[Code]> }
/** The steps of a change, in the order of work. Of a source its name or kind comes before. */
export const cardWords = {
  'power-off': (v) =>
    `Heater, canister and ultraviolet off; skimmer too. Let the heater cool for ${v.cool}: one that falls dry while hot bursts.`,
  'take-purified': (v) => `Purified water: ${v.water}.`,
  'take-source': (v) => `${v.water}, cold.`,
  'take-hot': (v) => `Hot tap, about ${v.hot}: ${v.water}. It scalds; keep hands and soft hoses away.`,
  'hot-copper': () =>
    'You keep shrimps or snails, and boilers and copper pipes give off copper: let the tap run first, or warm the water in its container with a heater instead.',
  minerals: (v) => `Dissolve in these ${v.water}, stirring until nothing lies on the bottom:`,
  'minerals-jug': () => 'Dissolve in a jug of water, wholly, and pour it in a little at a time while the tank fills:',
  'condition-container': (v) =>
    `Conditioner ${v.dose} into the new water, for the ${v.water} that may hold chlorine; stir, then wait as its label says.`,
  'condition-container-label': (v) => `Conditioner as its label says for ${v.water}, into the new water; stir, then wait as it says.`,
  'condition-tank': (v) =>
    `Conditioner ${v.dose} into the tank now, before the hose runs: for all its ${v.water}, unless the label says otherwise.`,
  'condition-tank-label': (v) => `Conditioner into the tank now, before the hose runs: as its label says for all its ${v.water}.`,
  'condition-later': () => 'No conditioner, as you chose: no animal is planned to live here yet. If any does, condition this water.',
  'condition-weak': () =>
    'This conditioner binds chlorine only, and the water has chloramine, or may have it. With animals in the tank do not use it: get one that binds both.',
  'check-temperature': (v) =>
    `Thermometer: the new water should read about ${v.mix}, the tank has ${v.tank}. With animals the tank may move by {2 K} at most.`,
  'too-cold': (v) => `The new water comes to ${v.mix} only: too cold for animals. Warm it first, or change no more than ${v.most} today.`,
  'too-warm': (v) => `The new water comes to ${v.mix}: too warm for animals. Let it cool first, or change no more than ${v.most} today.`,
  'cold-plants': (v) => `The new water comes to ${v.mix}. Without animals plants stand that, but they rest for days: warm it if you can.`,
  drain: (v) => `Drain ${v.water}: until the water stands ${v.depth} below its line. No mouth on the siphon; the end of the hose in sight.`,
  fill: (v) => `Fill ${v.water}, slowly, on to a plate or your hand. Stay with it until the water stands at its line.`,
  'ammonia-kit': () =>
    'For a day or two a kit for total ammonia also reads what the conditioner has bound; test for ammonia before the change, or two days after.',
  'power-on': () => 'Heater, filter, gas, lamp: all on again? Does the filter run, and does nothing drip?',
} satisfies CardSentences
/** What a timer is called that runs for a step. */
export const cardTimerWords = { 'power-off': 'Heater cools', drain: 'Drain', fill: 'Fill' } satisfies Partial<Record<CardCode, string>>
