import type { filterMediaWords, filterStateWords, floorWords, standRestWords, surfaceWords, topWords } from '../en/tank.js'
import type { disinfectantWords } from '../en/water.js'
import type { Translation } from '../language.js'

export const surface: Translation<typeof surfaceWords> = { still: 'still', ripple: 'gekräuselt', strong: 'stark bewegt' }
export const filterState: Translation<typeof filterStateWords> = { new: 'neu', seeded: 'geimpft', mature: 'übernommen' }
export const top: Translation<typeof topWords> = { open: 'offen', braced: 'verstrebt', covered: 'abgedeckt' }
export const standRest: Translation<typeof standRestWords> = { base: 'ganze Grundfläche', feet: 'Füße' }
export const floor: Translation<typeof floorWords> = { solid: 'massiv', timber: 'Holzbalken' }
export const filterMedia: Translation<typeof filterMediaWords> = { light: 'leicht', usual: 'üblich', packed: 'dicht gepackt' }
export const disinfectant: Translation<typeof disinfectantWords> = { none: 'keines', chlorine: 'Chlor', chloramine: 'Chloramin' }
