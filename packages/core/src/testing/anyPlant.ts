import { trustOf, type Datum } from '../species/datum.js'
import { ancestryOf, plantSpecies, type PlantSpecies } from '../species/plantSpecies.js'
import type { PlantRow, PlantTraits } from '../species/traits.js'

export const datum = (value: number, low = value * 0.7, high = value * 1.4, confidence: Datum['confidence'] = 'B'): Datum => ({
  value,
  low,
  high,
  ...trustOf(confidence),
})

/** A stem of middling wants, every trait told. */
export const STEM: PlantTraits = {
  form: 'stem',
  kind: 'stems',
  places: ['mid', 'back'],
  matureHeightCm: datum(30),
  reachesSurface: true,
  plantingHeightCm: datum(8),
  spreadCm: datum(6),
  spacingCm: datum(3),
  leafLengthCm: datum(3),
  leafWidthCm: datum(1),
  outline: 'lanceolate',
  margin: 'entire',
  habit: 'upright',
  arrangement: 'opposite',
  leavesPerNode: datum(2, 2, 2),
  internodeStrongCm: datum(1),
  internodeWeakCm: datum(3),
  colour: { weak: ['green'], strong: ['red'] },
  redNeeds: 'light',
  doublingDays: datum(10),
  riseStrongCmPerWeek: datum(7),
  riseWeakCmPerWeek: datum(2),
  light: { min: 35, good: 100, goodLow: 75, goodHigh: 140, ...trustOf('B') },
  carbon: ['helps'],
  temperatureC: { min: 18, goodLow: 22, goodHigh: 27, max: 30, ...trustOf('B') },
  hardness: 'any',
  feeding: 'both',
  melt: { pot: 'slight', cup: 'none' },
  newLeavesPotWeeks: datum(2),
  newLeavesCupWeeks: datum(1),
  soldAs: ['bunch'],
  attaches: 'no',
  buriedRots: false,
  runnerCm: datum(0, 0, 0),
  portionsPerPot: datum(8),
  portionsPerBunch: datum(8),
  portionsPerCup: datum(12),
  startGPerPot: datum(0.7),
  closingStartCm: datum(1),
  closingCmPerWeek: datum(0.25),
  closingLagWeeks: datum(1),
  trimIntervalWeeks: datum(2),
  cutBackCm: datum(12),
  resprouts: 'well',
  tops: 'replant',
  ease: ['easy'],
  dryStart: 'possible',
  sensitiveTo: ['shade'],
  legal: 'none-known',
}
export const plantRow = (traits: Partial<PlantTraits>, named: Partial<PlantRow> = {}): PlantRow => ({
  id: 'exempli-gratia',
  name: 'Exemplum gratia',
  olderNames: [],
  family: 'Exemplaceae',
  like: null,
  nameStanding: 'settled',
  confidence: 'B',
  source: 'culture',
  traits,
  ...named,
})
export const NOBODY = ancestryOf([], [], [])
export const anyPlant = (traits: Partial<PlantTraits> = {}, named: Partial<PlantRow> = {}): PlantSpecies =>
  plantSpecies(plantRow({ ...STEM, ...traits }, named), NOBODY)
