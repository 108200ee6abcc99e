import { numberInput, exactly, numberOf, textOf, type Working } from '../quantity/working.js'
import { TOPS, type FilterMedia, FILTER_MEDIA, type Top } from '../plan/plan.js'
import { GRAVITY_M_PER_S2 } from '../quantity/physicalConstants.js'
import { EVAPORATION_SOURCE, evaporationFormula, evaporationMmPerDay, EVAPORATION_SPREAD } from './evaporation.js'
import {
  FLOW_SOURCE,
  FLOW_SPREAD,
  HEAD_FORMULA,
  JET_DECAY,
  JET_SOURCE,
  jetReachCm,
  reachSpanCm,
  realFlowLPerH,
  STIR_M_PER_S,
} from './filterFlow.js'
import { levelOf } from './level.js'
import { PANE_SOURCE, paneSafety, paneSafetySpan, STRENGTH_N_PER_MM2 } from './pane.js'

const within = (value: number, spread: number) => ({ value, low: value / spread, high: value * spread })

export const paneSafetyWorking: Working = {
  id: 'vessel.pane-safety',
  unit: '1',
  fields: [numberInput('lengthCm', 'cm', 5, 600), numberInput('waterDepthCm', 'cm', 1, 200), numberInput('glassCm', 'cm', 0.2, 6)],
  formula: `${STRENGTH_N_PER_MM2}·(10·glassCm)²/(β·${GRAVITY_M_PER_S2}/1000000·(10·waterDepthCm)³), β by lengthCm/waterDepthCm`,
  source: PANE_SOURCE,
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
  formula: evaporationFormula('p(temperatureC) − humidityPercent/100·p(roomC)', 'top'),
  source: EVAPORATION_SOURCE,
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
  formula: `ratedLPerH·media·${HEAD_FORMULA}`,
  source: FLOW_SOURCE,
  compute: (inputs) =>
    within(realFlowLPerH(numberOf(inputs, 'ratedLPerH'), numberOf(inputs, 'headCm'), textOf(inputs, 'media') as FilterMedia), FLOW_SPREAD), // a listed choice
}

export const jetReachWorking: Working = {
  id: 'kit.jet-reach',
  unit: 'cm',
  fields: [numberInput('flowLPerH', 'L/h', 0, 50_000), numberInput('boreMm', 'mm', 3, 100)],
  formula: `${JET_DECAY}·u·boreMm/10/${STIR_M_PER_S} with u = flowLPerH/3.6e6/(π/4·(boreMm/1000)²)`,
  source: JET_SOURCE,
  compute(inputs) {
    const reach = jetReachCm(numberOf(inputs, 'flowLPerH'), numberOf(inputs, 'boreMm'))
    const [low, high] = reachSpanCm(reach)
    return { value: reach, low, high }
  },
}
