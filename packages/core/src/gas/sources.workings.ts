import { numberInput, numberOf, textOf, type Working } from '../quantity/working.js'
import { bottleDays, BOTTLE_RANGE, FERMENTED } from './fermentation.js'
import { BUBBLE_WAYS, dissolvedOfBubble } from './risingBubble.js'
import { surgeTimes } from './surge.js'

export const bubbleDissolvedWorking: Working = {
  id: 'gas.bubble-dissolved',
  unit: '',
  fields: [
    numberInput('diameterMm', 'mm', 0.1, 5),
    numberInput('riseCm', 'cm', 1, 200),
    numberInput('temperatureC', '°C', 5, 40, 24.5),
    numberInput('co2MgPerL', 'mg/L', 0, 500, 20),
  ],
  formula: 'the bubble shrinks by 2·k·(saturation − co2MgPerL)/density while it rises; k = (2 + 0.552·√Re·∛Sc)·D/diameter',
  source:
    'Frössling (1938) for the transfer, Schiller & Naumann (1933) for the speed, Plummer & Busenberg (1982) for the saturation; water that the swarm drags up 5–20 cm/s is a rule of thumb. Currents that carry mist about make it more',
  compute(inputs) {
    const at = (way: keyof typeof BUBBLE_WAYS): number =>
      dissolvedOfBubble(
        numberOf(inputs, 'diameterMm'),
        numberOf(inputs, 'riseCm'),
        { temperatureC: numberOf(inputs, 'temperatureC'), co2MgPerL: numberOf(inputs, 'co2MgPerL') },
        BUBBLE_WAYS[way],
      )
    return { value: at('value'), low: at('low'), high: at('high') }
  },
}

export const bottleOutputWorking: Working = {
  id: 'gas.bottle-output',
  unit: 'g/day',
  fields: [
    numberInput('sugarG', 'g', ...BOTTLE_RANGE.sugarG),
    numberInput('waterMl', 'mL', ...BOTTLE_RANGE.waterMl),
    numberInput('yeastG', 'g', ...BOTTLE_RANGE.yeastG),
    numberInput('roomC', '°C', 10, 35, 22),
    { kind: 'number', name: 'day', unit: '', min: 1, max: 90, whole: true, standard: 3 },
  ],
  formula: 'sugarG·0.514·(share fermented)·(1 − e^(−t/rise))·e^(−t/decay), over that day; no more sugar counts than 0.2·waterMl',
  source: 'Stoichiometry of fermentation (Gay-Lussac 1815); rise, decay over 3–7 weeks and 60–85 % fermented are rules of thumb',
  compute(inputs) {
    const bottle = { sugarG: numberOf(inputs, 'sugarG'), waterMl: numberOf(inputs, 'waterMl'), yeastG: numberOf(inputs, 'yeastG') }
    const day = numberOf(inputs, 'day')
    const at = (fermented: number): number => bottleDays(bottle, { roomC: numberOf(inputs, 'roomC'), days: day, fermented }).at(-1) ?? 0
    return { value: at(FERMENTED.value), low: at(FERMENTED.low), high: at(FERMENTED.high) }
  },
}

export const endSurgeWorking: Working = {
  id: 'gas.end-surge',
  unit: '',
  fields: [
    { kind: 'choice', name: 'regulator', choices: ['single', 'dual'], standard: 'single' },
    numberInput('workingBar', 'bar', 0.2, 10, 2),
  ],
  formula: '(workingBar + 50 bar·r + 1.013 bar)/(workingBar + 1.013 bar); r of one stage 0.005–0.03, of two r²',
  source:
    'Flow through a needle goes with the pressure before it (choked flow); the rise of a regulator is a rule of thumb, see its data sheet',
  compute: (inputs) => surgeTimes(textOf(inputs, 'regulator') === 'dual' ? 'dual' : 'single', numberOf(inputs, 'workingBar')),
}
