import type { filterMediaWords, filterStateWords, floorWords, standRestWords, surfaceWords, topWords } from '../en/tank.js'
import type {
  conditionerBindsWords,
  conditionerPlaceWords,
  disinfectantWords,
  firstWeeksWords,
  sourceKindWords,
  topUpWords,
} from '../en/water.js'
import type { Translation } from '../language.js'

export const surface: Translation<typeof surfaceWords> = { still: 'still', ripple: 'gekräuselt', strong: 'stark bewegt' }
export const filterState: Translation<typeof filterStateWords> = { new: 'neu', seeded: 'geimpft', mature: 'übernommen' }
export const top: Translation<typeof topWords> = { open: 'offen', braced: 'verstrebt', covered: 'abgedeckt' }
export const standRest: Translation<typeof standRestWords> = { base: 'ganze Grundfläche', feet: 'Füße' }
export const floor: Translation<typeof floorWords> = { solid: 'massiv', timber: 'Holzbalken' }
export const filterMedia: Translation<typeof filterMediaWords> = { light: 'leicht', usual: 'üblich', packed: 'dicht gepackt' }
export const disinfectant: Translation<typeof disinfectantWords> = { none: 'keines', chlorine: 'Chlor', chloramine: 'Chloramin' }
export const sourceKind: Translation<typeof sourceKindWords> = {
  mains: 'Leitung',
  softened: 'mit Salz enthärtet',
  well: 'Brunnen',
  rain: 'Regen',
}
export const firstWeeks: Translation<typeof firstWeeksWords> = {
  same: 'wie später',
  daily: 'täglich, dann jeden zweiten Tag, dann zweimal in der Woche',
  'every-other': 'drei- oder viermal in der Woche, dann zweimal',
  twice: 'zweimal in der Woche',
}
export const topUp: Translation<typeof topUpWords> = { 'as-changes': 'dem Wasser der Wechsel', purified: 'aufbereitetem Wasser' }
export const conditionerBinds: Translation<typeof conditionerBindsWords> = {
  chlorine: 'nur Chlor',
  chloramine: 'Chlor, Chloramin und dessen Ammonium',
}
export const conditionerPlace: Translation<typeof conditionerPlaceWords> = {
  container: 'Eimer oder Tonne, vorgemischt',
  tank: 'das Becken, Schlauch direkt hinein',
}
