import { en } from '@jovrin/contract'
import { WORKINGS, type Plan, type TankFigures } from '@jovrin/core'
import { spanOf, type Explained, type Provenance } from '../../ui/Figure.js'
import { significant, type Units } from '../../ui/units.js'

const workingOf = (id: string) => {
  const working = WORKINGS.find((candidate) => candidate.id === id)
  if (!working) throw new Error(`no working ${id}`)
  return working
}
const label = (field: string): string => en.describe.field[field]?.[0] ?? field
const from = (value: unknown): Provenance => (value === null || value === undefined ? 'assumed' : 'typed')

/** The workings behind a tank's figures, with the grower's own values put in. */
export function explainTank(plan: Plan, figures: TankFigures, units: Units): { readonly net: Explained; readonly ppfd: Explained; readonly dli: Explained; readonly gas: Explained } {
  const { vessel } = figures
  const length = (field: 'lengthCm' | 'widthCm' | 'heightCm' | 'glassCm' | 'freeboardCm') => ({ name: label(field), value: units.show('length', vessel[field]), from: from(plan.vessel[field]) })
  const lamp = plan.lamps[0]
  const window = plan.lightWindows[0]
  const net = workingOf('vessel.net-water')
  const ppfd = workingOf('light.floor-ppfd')
  const dli = workingOf('light.dli')
  const gas = workingOf('gas.bubble-rate')
  const title = (id: string): string => en.working.title[id] ?? id
  const light = `${significant(figures.ppfd)} µmol/m²/s`
  return {
    net: {
      title: en.describe.figures.net,
      formula: net.formula,
      source: net.source,
      range: null,
      inputs: [
        ...(['lengthCm', 'widthCm', 'heightCm', 'glassCm', 'freeboardCm'] as const).map(length),
        ...figures.layers.map((layer, index) => ({ name: `${en.describe.ground[layer.ground] ?? layer.ground}`, value: `${units.show('length', layer.frontCm)} – ${units.show('length', layer.backCm)}`, from: from(plan.layers[index]?.frontCm) })),
        { name: en.describe.section.ground, value: units.show('mass', figures.hardscapeKg), from: from(plan.hardscape[0]?.massKg ?? 0) },
      ],
    },
    ppfd: {
      title: title('light.floor-ppfd'),
      formula: ppfd.formula,
      source: ppfd.source,
      range: spanOf(figures.ppfd / 1.3, figures.ppfd * 1.3, 'µmol/m²/s'),
      inputs: [
        { name: label('fluxUmolPerS'), value: `${significant(figures.fluxUmolPerS)} µmol/s`, from: lamp?.fluxUmolPerS != null ? 'typed' : 'reckoned' },
        { name: label('watts'), value: lamp?.watts == null ? '–' : `${significant(lamp.watts)} W`, from: from(lamp?.watts) },
        { name: label('dimFraction'), value: lamp?.dimFraction == null ? '80 %' : `${significant(lamp.dimFraction * 100)} %`, from: from(lamp?.dimFraction) },
        { name: label('aboveWaterCm'), value: lamp?.aboveWaterCm == null ? '–' : units.show('length', lamp.aboveWaterCm), from: from(lamp?.aboveWaterCm) },
        { name: label('lampLengthCm'), value: lamp?.lengthCm == null ? '–' : units.show('length', lamp.lengthCm), from: from(lamp?.lengthCm) },
      ],
    },
    dli: {
      title: title('light.dli'),
      formula: dli.formula,
      source: dli.source,
      range: spanOf(figures.dliMolPerM2 / 1.3, figures.dliMolPerM2 * 1.3, 'mol/m²'),
      inputs: [
        { name: title('light.floor-ppfd'), value: light, from: 'reckoned' },
        { name: label('hours'), value: `${significant(figures.lightHours)} h`, from: 'typed' },
        { name: label('rampMin'), value: `${significant(window?.rampMin ?? 0)} min`, from: 'typed' },
      ],
    },
    gas: {
      title: title('gas.bubble-rate'),
      formula: figures.isGasSolved ? `${gas.formula}; ${en.describe.figures.solved}` : gas.formula,
      source: gas.source,
      range: spanOf(figures.gasMgPerH / 1.35, figures.gasMgPerH * 1.35, 'mg/h'),
      inputs: [
        { name: label('bubblesPerS'), value: `${significant(figures.bubblesPerS)} /s`, from: figures.isGasSolved ? 'reckoned' : 'typed' },
        { name: label('bubbleMl'), value: `${significant(plan.gasLines[0]?.bubbleMl ?? 0.07)} mL`, from: from(plan.gasLines[0]?.bubbleMl) },
        { name: label('linePressureBar'), value: `${significant(plan.gasLines[0]?.linePressureBar ?? 0.8)} bar`, from: from(plan.gasLines[0]?.linePressureBar) },
      ],
    },
  }
}
