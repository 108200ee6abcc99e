import { numberInput, ContradictionError, exactly, numberOf, textOf, type Working } from '../quantity/working.js'
import { accumulatedMgPerL, ACCUMULATION_POINTS, type AccumulationPoint } from './accumulation.js'
import { SALT_IDS, SALT_SPECIES, saltDoseMgPerL, type SaltId, type SaltSpecies } from '../salts/salts.js'

export const saltDoseWorking: Working = {
  id: 'feed.salt-dose',
  unit: 'mg/L',
  fields: [
    { kind: 'choice', name: 'saltId', choices: SALT_IDS },
    { kind: 'choice', name: 'species', choices: SALT_SPECIES },
    numberInput('grams', 'g', 0, 1e6),
    numberInput('litres', 'L', 0.001, 1e7),
  ],
  formula: 'grams·1000/litres·M(species)·count/M(salt)',
  source: 'Atomic weights, IUPAC/CIAAW (2021)',
  compute(inputs) {
    const value = saltDoseMgPerL(
      textOf(inputs, 'saltId') as SaltId,
      textOf(inputs, 'species') as SaltSpecies,
      numberOf(inputs, 'grams'),
      numberOf(inputs, 'litres'),
    )
    if (value === null) throw new ContradictionError(['saltId', 'species'])
    return exactly(value)
  },
}

export const accumulationWorking: Working = {
  id: 'feed.accumulation',
  unit: 'mg/L',
  fields: [
    numberInput('weeklyDoseMgPerL', 'mg/L', 0, 1e5),
    { kind: 'number', name: 'dosesPerWeek', unit: '1', min: 1, max: 168, whole: true },
    numberInput('changeFraction', '1', 0, 1),
    numberInput('uptakeFractionPerDay', '1/day', 0, 100),
    { kind: 'number', name: 'week', unit: '1', min: 1, max: 5200, whole: true },
    numberInput('sourceMgPerL', 'mg/L', 0, 1e5, 0),
    numberInput('startMgPerL', 'mg/L', 0, 1e5, 0),
    { kind: 'choice', name: 'at', choices: ACCUMULATION_POINTS, standard: 'before-change' },
  ],
  formula: 'c ← (1 − f)·(c·e^(−7k) + D) + f·source each week; D = (d/n)·(x + x² + … + xⁿ), x = e^(−7k/n)',
  source: 'Geometric series of a dosed, mixed tank with first-order uptake',
  compute: (inputs) =>
    exactly(
      accumulatedMgPerL({
        weeklyDoseMgPerL: numberOf(inputs, 'weeklyDoseMgPerL'),
        dosesPerWeek: numberOf(inputs, 'dosesPerWeek'),
        changeFraction: numberOf(inputs, 'changeFraction'),
        uptakePerDay: numberOf(inputs, 'uptakeFractionPerDay'),
        week: numberOf(inputs, 'week'),
        sourceMgPerL: numberOf(inputs, 'sourceMgPerL'),
        startMgPerL: numberOf(inputs, 'startMgPerL'),
        at: textOf(inputs, 'at') as AccumulationPoint,
      }),
    ),
}
