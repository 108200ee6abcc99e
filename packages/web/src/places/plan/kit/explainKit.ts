import { enFilterMedia, enKit } from '@jovrin/contract'
import {
  climateSpanW,
  COOLER_MARGIN,
  coolerLoad,
  filterFlowLPerH,
  FLOW_SPREAD,
  headShare,
  HEATER_MARGIN,
  heaterLoad,
  heatTerms,
  jetReachCm,
  jetSpeedMPerS,
  MEDIA_SHARE,
  neededCoolerW,
  neededHeaterW,
  reachSpanCm,
  realFlowLPerH,
  USUAL_HEAD_CM,
  type ClimateLoad,
  type Filter,
  type Plan,
  type TankFigures,
} from '@jovrin/core'
import { spanOf, type Explained } from '../../../ui/Figure.js'
import { significant, type Units } from '../../../ui/units.js'
import { explained, from, litres, number, reckoned } from '../worked.js'

/** What a filter really moves [L/h]; `null` while its rated flow is not known, or while it is being typed. */
export function explainFlow(filter: Filter): { readonly realLPerH: number; readonly explained: Explained } | null {
  const text = enKit
  const { ratedLPerH } = filter
  const headCm = filter.headCm ?? USUAL_HEAD_CM
  const media = filter.media ?? 'usual'
  if (ratedLPerH === null || Number.isNaN(ratedLPerH) || Number.isNaN(headCm)) return null
  const realLPerH = realFlowLPerH(ratedLPerH, headCm, media)
  return {
    realLPerH,
    explained: explained(
      {
        title: text.real,
        formula: text.realFormula,
        worked: `${number(ratedLPerH)}·${number(MEDIA_SHARE[media])}·${number(headShare(headCm))} = ${number(realLPerH)} L/h`,
        source: text.realSource,
        inputs: [
          { name: text.rated, value: `${significant(ratedLPerH)} L/h`, from: 'typed' },
          { name: text.media, value: enFilterMedia[media], from: from(filter.media) },
          { name: text.head, value: `${significant(headCm)} cm`, from: from(filter.headCm) },
        ],
      },
      spanOf(realLPerH / FLOW_SPREAD, realLPerH * FLOW_SPREAD, 'L/h'),
    ),
  }
}

/** Tank volumes an hour. */
export function explainTurnover(plan: Plan, figures: TankFigures, units: Units): Explained {
  const text = enKit
  const flow = figures.turnoverPerH * figures.waterL
  return explained({
    title: text.turnover,
    formula: text.turnoverFormula,
    worked: `${number(flow)}/${number(figures.waterL)} = ${number(figures.turnoverPerH)}`,
    source: text.turnoverSource,
    inputs: [
      { name: text.real, value: `${significant(flow)} L/h`, from: filterFlowLPerH(plan) === null ? 'assumed' : 'reckoned' },
      litres(units, text.openWater, figures.waterL),
    ],
  })
}

/** Reach of an outlet's jet, from its share of the flow. */
export function explainReach(boreMm: number, flowLPerH: number): { readonly reachCm: number; readonly explained: Explained } {
  const text = enKit
  const reachCm = jetReachCm(flowLPerH, boreMm)
  return {
    reachCm,
    explained: explained(
      {
        title: text.reach,
        formula: text.jetFormula,
        worked: `6.2·${number(jetSpeedMPerS(flowLPerH, boreMm))}·${number(boreMm / 10)}/0.05 = ${number(reachCm)} cm`,
        source: text.jetSource,
        inputs: [
          { name: text.bore, value: `${significant(boreMm)} mm`, from: 'typed' },
          reckoned(text.real, `${significant(flowLPerH)} L/h`),
        ],
      },
      spanOf(...reachSpanCm(reachCm), 'cm'),
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
export const explainHeater = (plan: Plan, figures: TankFigures, units: Units): Explained =>
  explainHeat(enKit.needHeater, enKit.heatFormula, heaterLoad(plan, figures), HEATER_MARGIN, neededHeaterW(plan, figures), units)
export const explainCooler = (plan: Plan, figures: TankFigures, units: Units): Explained =>
  explainHeat(enKit.needCooler, enKit.coolFormula, coolerLoad(plan, figures), -COOLER_MARGIN, neededCoolerW(plan, figures), units)
