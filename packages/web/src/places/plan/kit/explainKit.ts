import { enField, enFilterMedia, enKit } from '@jovrin/contract'
import {
  type ClimateLoad,
  climateSpanW,
  commonAnswers,
  COOLER_MARGIN,
  coolerLoad,
  type Filter,
  filterOf,
  FLOW_SPREAD,
  headShare,
  HEATER_MARGIN,
  heaterLoad,
  heatTerms,
  JET_DECAY,
  jetReachCm,
  jetSpeedMPerS,
  MEDIA_SHARE,
  neededCoolerW,
  neededHeaterW,
  reachSpanCm,
  STIR_M_PER_S,
  type TankFigures,
} from '@jovrin/core'
import { spanOf, type Explained } from '../../../ui/Figure.js'
import { significant, type Units } from '../../../ui/units.js'
import { explained, from, litres, number, reckoned } from '../worked.js'

/** What a filter really moves [L/h]; `null` while its rated flow is not known. */
export function explainFlow(filter: Filter, units: Units): { readonly realLPerH: number; readonly explained: Explained } | null {
  const text = enKit
  const { ratedLPerH, realLPerH, headCm, media } = filterOf(filter, commonAnswers())
  if (ratedLPerH === null || realLPerH === null) return null
  return {
    realLPerH,
    explained: explained(
      {
        title: text.real,
        formula: text.realFormula,
        worked: `${number(ratedLPerH)}·${number(MEDIA_SHARE[media])}·${number(headShare(headCm))} = ${number(realLPerH)} L/h`,
        source: text.realSource,
        inputs: [
          { name: enField['filters/*/ratedLPerH'][0], value: units.show('flow', ratedLPerH), from: 'typed' },
          { name: enField['filters/*/media'][0], value: enFilterMedia[media], from: from(filter.media) },
          { name: enField['filters/*/headCm'][0], value: units.show('length', headCm), from: from(filter.headCm) },
        ],
      },
      [units.show('flow', realLPerH / FLOW_SPREAD), units.show('flow', realLPerH * FLOW_SPREAD)],
    ),
  }
}

/** Tank volumes an hour. */
export function explainTurnover(figures: TankFigures, units: Units): Explained {
  const text = enKit
  const flow = figures.turnoverPerH * figures.waterL
  return explained({
    title: text.turnover,
    formula: text.turnoverFormula,
    worked: `${number(flow)}/${number(figures.waterL)} = ${number(figures.turnoverPerH)}`,
    source: text.turnoverSource,
    inputs: [
      { name: text.real, value: units.show('flow', flow), from: figures.pumpedLPerH === null ? 'assumed' : 'reckoned' },
      litres(units, text.openWater, figures.waterL),
    ],
  })
}

/** Reach of an outlet's jet, from its share of the flow. */
export function explainReach(boreMm: number, flowLPerH: number, units: Units): { readonly reachCm: number; readonly explained: Explained } {
  const text = enKit
  const reachCm = jetReachCm(flowLPerH, boreMm)
  const [low, high] = reachSpanCm(reachCm)
  return {
    reachCm,
    explained: explained(
      {
        title: text.reach,
        formula: text.jetFormula,
        worked: `${number(JET_DECAY)}·${number(jetSpeedMPerS(flowLPerH, boreMm))}·${number(boreMm / 10)}/${number(STIR_M_PER_S)} = ${number(reachCm)} cm`,
        source: text.jetSource,
        inputs: [
          { name: enField['outlets/*/boreMm'][0], value: units.show('thickness', boreMm), from: 'typed' },
          reckoned(text.real, units.show('flow', flowLPerH)),
        ],
      },
      [units.show('length', low), units.show('length', high)],
    ),
  }
}

function explainHeat(title: string, formula: string, load: ClimateLoad, factor: number, watts: number, units: Units): Explained {
  const text = enKit
  const terms = heatTerms(load)
  const names = ['wallsW', 'surfaceW', 'vapourW', 'lampW', 'pumpW'] as const
  const balance = names
    .map((name) => number(terms[name]))
    .join(' + ')
    .replaceAll('+ -', '− ')
  return explained(
    {
      title,
      formula,
      worked: `max(0, (${balance})·${number(factor)}) = ${number(watts)} W`,
      source: text.heatSource,
      inputs: [
        reckoned(text.heatRoom, units.show('temperature', load.air.roomC)),
        ...names.map((name) => reckoned(text.heatTerms[name], `${significant(terms[name])} W`)),
      ],
    },
    spanOf(...climateSpanW(watts), 'W'),
  )
}
export const explainHeater = (figures: TankFigures, units: Units): Explained =>
  explainHeat(enKit.needHeater, enKit.heatFormula, heaterLoad(figures), HEATER_MARGIN, neededHeaterW(figures), units)
export const explainCooler = (figures: TankFigures, units: Units): Explained =>
  explainHeat(enKit.needCooler, enKit.coolFormula, coolerLoad(figures), -COOLER_MARGIN, neededCoolerW(figures), units)
