import { changesNeeded } from './dilution.js'
import { TIMING_SPREAD } from './hose.js'
import { numberInput, ContradictionError, exactly, numberOf, type Working } from '../quantity/working.js'

/** How much tap water a blend takes; hardness, alkalinity and ions all mix linearly. */
export const blendShareWorking: Working = {
  id: 'water.blend-share',
  unit: '1',
  fields: [numberInput('wanted', '°d', 0, 50), numberInput('tap', '°d', 0, 50), numberInput('purified', '°d', 0, 50, 0)],
  formula: '(wanted − purified)/(tap − purified)',
  source: 'Mass balance of a mixture',
  compute(inputs) {
    const [wanted, tap, purified] = [numberOf(inputs, 'wanted'), numberOf(inputs, 'tap'), numberOf(inputs, 'purified')]
    const share = (wanted - purified) / (tap - purified)
    if (!(share >= 0 && share <= 1)) throw new ContradictionError(['wanted', 'tap', 'purified'])
    return exactly(share)
  },
}

/** A bucket and a watch tell when to stop the hose. */
export const fillTimeWorking: Working = {
  id: 'water.fill-time',
  unit: 'min',
  fields: [numberInput('litres', 'L', 0, 100_000), numberInput('bucketL', 'L', 0.1, 100, 10), numberInput('bucketS', 's', 1, 3600)],
  formula: 'litres/bucketL·bucketS/60',
  source: 'Measured flow; timing by hand is a rule of thumb, ±10 %',
  compute(inputs) {
    const value = (numberOf(inputs, 'litres') / numberOf(inputs, 'bucketL')) * (numberOf(inputs, 'bucketS') / 60)
    return { value, low: value * (1 - TIMING_SPREAD), high: value * (1 + TIMING_SPREAD) }
  },
}

export const changesNeededWorking: Working = {
  id: 'water.changes-needed',
  unit: '1',
  fields: [
    numberInput('startMgPerL', 'mg/L', 0, 1e6),
    numberInput('limitMgPerL', 'mg/L', 0, 1e6),
    numberInput('sourceMgPerL', 'mg/L', 0, 1e6, 0),
    numberInput('fraction', '1', 0.01, 0.99, 0.5),
  ],
  formula: 'the least whole n with sourceMgPerL + (startMgPerL − sourceMgPerL)·(1 − fraction)^n ≤ limitMgPerL',
  source: 'Mass balance of a mixed tank',
  compute(inputs) {
    const changes = changesNeeded({
      startMgPerL: numberOf(inputs, 'startMgPerL'),
      limitMgPerL: numberOf(inputs, 'limitMgPerL'),
      sourceMgPerL: numberOf(inputs, 'sourceMgPerL'),
      fraction: numberOf(inputs, 'fraction'),
    })
    if (changes === null) throw new ContradictionError(['sourceMgPerL', 'limitMgPerL'])
    return exactly(changes)
  },
}

export const hotWaterWorking: Working = {
  id: 'water.hot-water',
  unit: 'L',
  fields: [
    numberInput('litres', 'L', 0, 100_000),
    numberInput('wantedC', '°C', 0, 60),
    numberInput('coldC', '°C', 0, 60),
    numberInput('hotC', '°C', 0, 100, 50),
  ],
  formula: 'litres·(wantedC − coldC)/(hotC − coldC)',
  source: 'Heat balance of a mixture',
  compute(inputs) {
    const share = (numberOf(inputs, 'wantedC') - numberOf(inputs, 'coldC')) / (numberOf(inputs, 'hotC') - numberOf(inputs, 'coldC'))
    if (!(share >= 0 && share <= 1)) throw new ContradictionError(['wantedC', 'coldC', 'hotC'])
    return exactly(numberOf(inputs, 'litres') * share)
  },
}

export const conditionerWorking: Working = {
  id: 'water.conditioner',
  unit: 'mL',
  fields: [numberInput('litres', 'L', 0, 100_000), numberInput('labelMl', 'mL', 0.01, 1000), numberInput('labelL', 'L', 0.1, 100_000)],
  formula: 'litres·labelMl/labelL',
  source: 'Proportion of the label',
  compute: (inputs) => exactly((numberOf(inputs, 'litres') * numberOf(inputs, 'labelMl')) / numberOf(inputs, 'labelL')),
}
