import { judgeGas, type GasJudgement } from '../judge/gas/judgeGas.js'
import type { GasFacts } from '../judge/gas/facts.js'
import type { AnimalState, IndicatorColour, JournalRecord, Moment, Reading } from '../plan/journal.js'
import { alkalinityOfDkh } from '../water/carbonate.js'

// A settled tank: lights 12:00–20:00, gas 10:30–19:00, by universal time; it is 19:30.
export const NOW = Date.parse('2026-11-20T19:30:00Z')
export const FACTS: GasFacts = {
  timeZone: 'UTC',
  hasGas: true,
  animals: 'some',
  daysWithAnimals: 60,
  planned: { atLightsOn: { low: 14, value: 18, high: 22 }, peak: { low: 20, value: 27, high: 32 } },
  limitMgPerL: null,
  temperatureC: 25,
  roomCo2Ppm: 600,
  hardnessMmolPerL: 1.07,
  hasTannin: false,
  hasNewSoil: false,
  clock: { gasOnMin: 630, lightsOnMin: 720, gasOffMin: 1140 },
  changedOn: null,
  hasNitrogenTrouble: false,
}
let count = 0
const shared = (hoursAgo: number) => ({
  id: String(count++),
  at: new Date(NOW - hoursAgo * 3_600_000).toISOString(),
  recordedBy: null,
  note: null,
})
export const reading = (quantity: Reading['quantity'], value: number, hoursAgo: number, moment: Moment | null = null): JournalRecord => ({
  kind: 'reading',
  ...shared(hoursAgo),
  quantity,
  value,
  qualifier: '=',
  enteredText: String(value),
  enteredUnit: '',
  basis: null,
  method: null,
  moment,
  eventId: null,
})
const HOURS_AGO = { 'gas-on': 9, 'lights-on': 7.5, 'gas-off': 0.5, degassed: 30 } as const
export const pH = (value: number, moment: Moment, hoursAgo: number = HOURS_AGO[moment]) => reading('pH', value, hoursAgo, moment)
export const kh = (dkh: number, hoursAgo = 8) => reading('alkalinity', alkalinityOfDkh(dkh), hoursAgo)
export const colour = (place: number, hoursAgo = 0.5, moment: Moment | null = null) => reading('indicator', place, hoursAgo, moment)
export const glance = (animals: AnimalState | null, hoursAgo = 1, indicator: IndicatorColour | null = null): JournalRecord => ({
  kind: 'glance',
  ...shared(hoursAgo),
  isAllFine: false,
  animals,
  indicator,
  outlet: null,
})
export const deaths = (dead: number, hoursAgo = 2): JournalRecord => ({ kind: 'death', ...shared(hoursAgo), animal: 'fish', count: dead })
export const gasping = (hoursAgo: number): JournalRecord => ({ kind: 'sign', ...shared(hoursAgo), sign: 'gasping', where: null, amount: 2 })

export const judge = (facts: Partial<GasFacts>, records: readonly JournalRecord[]): GasJudgement =>
  judgeGas(records, { ...FACTS, ...facts }, NOW)
