import { enDescribe, enField, enGroundKind, enWorkingTitle } from '@jovrin/contract'
import {
  type AnsweredLamp,
  type AnsweredLine,
  BUBBLE_SPREAD,
  FLOOR_SPREAD,
  type GasLine,
  type Lamp,
  type Plan,
  type TankFigures,
  WORKINGS,
} from '@jovrin/core'
import { spanOf, type Explained } from '../../../ui/Figure.js'
import { significant, type Units } from '../../../ui/units.js'
import { from, number, sumOf } from '../worked.js'

const workingOf = (id: string) => {
  const working = WORKINGS.find((candidate) => candidate.id === id)
  if (!working) throw new Error(`no working ${id}`)
  return working
}
const label = (field: keyof typeof enField): string => enField[field][0]

function workedNet({ vessel, volumes }: TankFigures): string {
  const inside = `(${number(vessel.lengthCm)} − 2·${number(vessel.glassCm)})·(${number(vessel.widthCm)} − 2·${number(vessel.glassCm)})·(${number(vessel.heightCm)} − ${number(vessel.glassCm)} − ${number(vessel.freeboardCm)})/1000`
  return `${inside} − ${number(volumes.groundL)} − ${number(volumes.hardscapeL)} = ${number(volumes.openWaterL)} L; + ${number(volumes.poreWaterL)} L = ${number(volumes.netWaterL)} L`
}

function workedPpfd({ fluxUmolPerS, ppfd, surfaceM2 }: TankFigures): string {
  const reaching = fluxUmolPerS === 0 ? 0 : (ppfd * surfaceM2) / fluxUmolPerS
  return `${number(fluxUmolPerS)} µmol/s·${number(reaching)}/${number(surfaceM2)} m² = ${number(ppfd)} µmol/m²/s`
}

/** The workings behind a tank's figures, with the grower's own values put in. */
export function explainTank(
  plan: Plan,
  figures: TankFigures,
  units: Units,
): { readonly net: Explained; readonly ppfd: Explained; readonly dli: Explained; readonly gas: Explained } {
  const { vessel } = figures
  const length = (field: 'lengthCm' | 'widthCm' | 'heightCm' | 'glassCm' | 'freeboardCm') => ({
    name: label(`vessel/${field}`),
    value: units.show('length', vessel[field]),
    from: from(plan.vessel[field]),
  })
  const net = workingOf('vessel.net-water')
  const ppfd = workingOf('light.floor-ppfd')
  const dli = workingOf('light.dli')
  const gas = workingOf('gas.bubble-rate')
  const title = (id: string): string => enWorkingTitle[id] ?? id
  const light = `${significant(figures.ppfd)} µmol/m²/s`
  return {
    net: {
      title: enDescribe.figures.net,
      formula: net.formula,
      worked: workedNet(figures),
      source: net.source,
      range: null,
      inputs: [
        ...(['lengthCm', 'widthCm', 'heightCm', 'glassCm', 'freeboardCm'] as const).map(length),
        ...figures.layers.map((layer, index) => ({
          name: `${enGroundKind[layer.ground] ?? layer.ground}`,
          value: `${units.show('length', layer.frontCm)} – ${units.show('length', layer.backCm)}`,
          from: from(plan.layers[index]?.frontCm),
        })),
        {
          name: enDescribe.section.ground,
          value: units.show('mass', figures.hardscapeKg),
          from: from(plan.hardscape.some(({ massKg }) => massKg === null) ? null : 0),
        },
      ],
    },
    ppfd: {
      title: title('light.floor-ppfd'),
      formula: ppfd.formula,
      worked: workedPpfd(figures),
      source: ppfd.source,
      range: spanOf(figures.ppfd / FLOOR_SPREAD, figures.ppfd * FLOOR_SPREAD, 'µmol/m²/s'),
      inputs: [
        { name: label('lamps/*/fluxUmolPerS'), value: units.show('photonFlux', figures.fluxUmolPerS), from: 'reckoned' },
        ...figures.lamps.flatMap((lamp, index) => lampInputs(lamp, plan.lamps[index], units)),
      ],
    },
    dli: {
      title: title('light.dli'),
      formula: dli.formula,
      worked: `${number(figures.ppfd)}·(${sumOf(plan.lightWindows.map(({ hours, rampMin }) => `${number(hours)} − ${number(rampMin / 60)}`))})·0.0036 = ${number(figures.dliMolPerM2)} mol/m²`,
      source: dli.source,
      range: spanOf(figures.dliMolPerM2 / FLOOR_SPREAD, figures.dliMolPerM2 * FLOOR_SPREAD, 'mol/m²'),
      inputs: [
        { name: title('light.floor-ppfd'), value: light, from: 'reckoned' },
        ...plan.lightWindows.flatMap(({ hours, rampMin }): Explained['inputs'] => [
          { name: label('lightWindows/*/hours'), value: `${significant(hours)} h`, from: 'typed' },
          { name: label('lightWindows/*/rampMin'), value: `${significant(rampMin)} min`, from: 'typed' },
        ]),
      ],
    },
    gas: {
      title: title('gas.bubble-rate'),
      formula: figures.isGasSolved ? `${gas.formula}; ${enDescribe.figures.solved}` : gas.formula,
      worked: `${figures.gasLines.map(({ bubblesPerS, bubbleMl, linePressureBar }) => `${number(bubblesPerS)}·3600·${number(bubbleMl)}·1.81·(1 + ${number(linePressureBar)})`).join(' + ') || '0'} = ${number(figures.gasMgPerH)} mg/h`,
      source: gas.source,
      range: spanOf(figures.gasMgPerH / BUBBLE_SPREAD, figures.gasMgPerH * BUBBLE_SPREAD, 'mg/h'),
      inputs: [
        ...figures.gasLines.flatMap((line) =>
          lineInputs(
            line,
            plan.gasLines.find(({ id }) => id === line.id),
            units,
          ),
        ),
      ],
    },
  }
}

/** What the light of one lamp is reckoned from. */
const lampInputs = (answered: AnsweredLamp, asked: Lamp | undefined, units: Units): Explained['inputs'] => [
  { name: label('lamps/*/watts'), value: units.show('power', answered.fullWatts), from: from(asked?.watts) },
  { name: label('lamps/*/dimFraction'), value: units.show('fraction', answered.dimFraction), from: from(asked?.dimFraction) },
  { name: label('lamps/*/aboveWaterCm'), value: units.show('length', answered.aboveWaterCm), from: from(asked?.aboveWaterCm) },
  { name: label('lamps/*/lengthCm'), value: units.show('length', answered.lengthCm), from: from(asked?.lengthCm) },
]
/** What the gas of one line is reckoned from. */
const lineInputs = (answered: AnsweredLine, asked: GasLine | undefined, units: Units): Explained['inputs'] => [
  {
    name: label('gasLines/*/bubblesPerS'),
    value: units.show('bubbles', answered.bubblesPerS),
    from: answered.isSolved ? 'reckoned' : 'typed',
  },
  { name: label('gasLines/*/bubbleMl'), value: units.show('bubble', answered.bubbleMl), from: from(asked?.bubbleMl) },
  {
    name: label('gasLines/*/linePressureBar'),
    value: units.show('pressure', answered.linePressureBar),
    from: from(asked?.linePressureBar),
  },
]
