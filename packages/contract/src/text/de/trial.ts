import type { trialEffectWords, trialWords } from '../en/trial.js'
import type { Translation } from '../language.js'

export const trial: Translation<typeof trialWords> = {
  dim: (value) => `Das Licht auf ${value} dimmen`,
  brighten: (value) => `Das Licht auf ${value} heben`,
  shorten: (value) => `Den Tag auf ${value} kürzen`,
  lengthen: (value) => `Den Tag auf ${value} verlängern`,
  'gas-less': () => 'Ein Fünftel weniger Gas',
  'gas-more': () => 'Ein Zehntel mehr Gas, die Tiere im Blick',
  'surface-more': () => 'Die Oberfläche mehr bewegen',
  'surface-less': () => 'Die Oberfläche weniger bewegen',
  'change-more': (value) => `Wasser ${value} wechseln`,
  'feed-more': (value) => `Mehr düngen: ${value}`,
  'feed-less': (value) => `Weniger düngen: ${value}`,
  trim: () => 'Die Pflanzen um ein Drittel auslichten',
  pots: () => 'Mehr pflanzen: noch einmal halb so viele Töpfe',
}
export const trialEffect: Translation<typeof trialEffectWords> = {
  every: (days) => `alle ${days}`,
  share: (share) => `zu je ${share}`,
  algaeLess: (percent) => `Algen −${percent} %`,
  algaeMore: (percent) => `Algen +${percent} %`,
  algaeSame: 'Algen wie bisher',
  growthLess: (percent) => `Wachstum −${percent} %`,
  growthMore: (percent) => `Wachstum +${percent} %`,
  growthSame: 'Wachstum wie bisher',
  gas: (peak) => `CO2 bis ${peak}`,
  more: (minutes) => `${minutes} mehr in der Woche`,
  less: (minutes) => `${minutes} weniger in der Woche`,
  certain: (percent) => `besser in ${percent} % der Becken`,
  wait: (days) => `urteilen nach ${days}`,
}
