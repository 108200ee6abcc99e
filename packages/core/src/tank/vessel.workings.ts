import { numberInput, exactly, numberOf, textOf, type Working } from '../quantity/working.js'
import { TOPS, type FilterMedia, FILTER_MEDIA, type Top } from '../plan/plan.js'
import { evaporationMmPerDay, EVAPORATION_SPREAD } from './evaporation.js'
import { FLOW_SPREAD, jetReachCm, reachSpanCm, realFlowLPerH } from './filterFlow.js'
import { levelOf } from './level.js'
import { paneSafety, paneSafetySpan } from './pane.js'

const within = (value: number, spread: number) => ({ value, low: value / spread, high: value * spread })

export const paneSafetyWorking: Working = {
  id: 'vessel.pane-safety',
  unit: '1',
  fields: [numberInput('lengthCm', 'cm', 5, 600), numberInput('waterDepthCm', 'cm', 1, 200), numberInput('glassCm', 'cm', 0.2, 6)],
  formula: '19.2·(10·glassCm)²/(β·9.80665e-6·(10·waterDepthCm)³), β by lengthCm/waterDepthCm',
  source:
    'Plate held on three edges, water to its top (Timoshenko & Woinowsky-Krieger 1959); strength of float glass 19.2 N/mm², rule of thumb 15–30. Information only: the maker decides',
  compute(inputs) {
    const factor = paneSafety(numberOf(inputs, 'lengthCm'), numberOf(inputs, 'waterDepthCm'), numberOf(inputs, 'glassCm'))
    const [low, high] = paneSafetySpan(factor)
    return { value: factor, low, high }
  },
}

export const evaporationWorking: Working = {
  id: 'vessel.evaporation',
  unit: 'mm/d',
  fields: [
    numberInput('temperatureC', '°C', 5, 40),
    numberInput('roomC', '°C', -5, 50),
    numberInput('humidityPercent', '%', 0, 100, 50),
    { kind: 'choice', name: 'top', choices: TOPS, standard: 'open' },
  ],
  formula: '(0.089 + 0.0782·0.1)·(p(temperatureC) − humidityPercent/100·p(roomC))/2440·86400·0.7·top',
  source: 'Carrier (1918) with vapour pressure after Alduchov & Eskridge (1996); rim 0.7 and top are rules of thumb',
  compute: (inputs) =>
    within(
      evaporationMmPerDay(
        numberOf(inputs, 'temperatureC'),
        { roomC: numberOf(inputs, 'roomC'), humidityFraction: numberOf(inputs, 'humidityPercent') / 100 },
        textOf(inputs, 'top') as Top,
      ),
      EVAPORATION_SPREAD,
    ), // a listed choice
}

export const twistWorking: Working = {
  id: 'vessel.twist',
  unit: 'mm',
  fields: [
    numberInput('frontLeftMm', 'mm', -200, 200),
    numberInput('frontRightMm', 'mm', -200, 200),
    numberInput('backLeftMm', 'mm', -200, 200),
    numberInput('backRightMm', 'mm', -200, 200),
  ],
  formula: '|frontLeftMm + backRightMm − frontRightMm − backLeftMm|/2',
  source: 'Geometry: what no tilt of a plane explains. More than 2 mm breaks glass: general practice',
  compute: (inputs) =>
    exactly(
      levelOf(
        {
          frontLeft: numberOf(inputs, 'frontLeftMm'),
          frontRight: numberOf(inputs, 'frontRightMm'),
          backLeft: numberOf(inputs, 'backLeftMm'),
          backRight: numberOf(inputs, 'backRightMm'),
        },
        { lengthCm: 100, widthCm: 100 },
      ).twistMm,
    ),
}

export const realFlowWorking: Working = {
  id: 'kit.real-flow',
  unit: 'L/h',
  fields: [
    numberInput('ratedLPerH', 'L/h', 0, 50_000),
    numberInput('headCm', 'cm', 0, 500, 120),
    { kind: 'choice', name: 'media', choices: FILTER_MEDIA, standard: 'usual' },
  ],
  formula: 'ratedLPerH·media·(1 − 0.2·headCm/100)',
  source: 'Media 0.8 / 0.65 / 0.5 and 20 % a metre: rules of thumb, ±20 %',
  compute: (inputs) =>
    within(realFlowLPerH(numberOf(inputs, 'ratedLPerH'), numberOf(inputs, 'headCm'), textOf(inputs, 'media') as FilterMedia), FLOW_SPREAD), // a listed choice
}

export const jetReachWorking: Working = {
  id: 'kit.jet-reach',
  unit: 'cm',
  fields: [numberInput('flowLPerH', 'L/h', 0, 50_000), numberInput('boreMm', 'mm', 3, 100)],
  formula: '6.2·u·boreMm/10/0.05 with u = flowLPerH/3.6e6/(π/4·(boreMm/1000)²)',
  source: 'Round free jet (Rajaratnam 1976); 5 cm/s stirs leaves, rule of thumb 3–8',
  compute(inputs) {
    const reach = jetReachCm(numberOf(inputs, 'flowLPerH'), numberOf(inputs, 'boreMm'))
    const [low, high] = reachSpanCm(reach)
    return { value: reach, low, high }
  },
}
