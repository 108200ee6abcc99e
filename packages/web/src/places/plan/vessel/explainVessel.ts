import { enField, enGround, enGroundKind, enMaterial, enTop, enVessel } from '@jovrin/contract'
import {
  commonAnswers,
  EVAPORATION_SPREAD,
  evaporationMmPerDay,
  filledMasses,
  floorLoadKgPerM2,
  footLoad,
  GRAVITY_M_PER_S2,
  type Masses,
  MATERIAL,
  paneSafety,
  paneSafetySpan,
  paneShape,
  pieceMassKg,
  type Plan,
  STRENGTH_N_PER_MM2,
  type TankFigures,
  totalKg,
  UNKNOWN_TRAITS,
  waterDensityKgPerM3,
} from '@jovrin/core'
import { spanOf, type Explained, type Provenance } from '../../../ui/Figure.js'
import { significant, type Units } from '../../../ui/units.js'
import { explained as workedFigure, from, litres as litresOf, number, sumOf, type Input } from '../worked.js'

export type VolumeRow = 'gross' | 'fill' | 'ground' | 'hardscape' | 'open' | 'pore' | 'net'

const explained = (
  title: string,
  formula: string,
  worked: string,
  source: string,
  inputs: readonly Input[],
  range: Explained['range'] = null,
): Explained => workedFigure({ title, formula, worked, source, inputs }, range)

/** Workings of the volumes. */
export function explainVolumes(plan: Plan, figures: TankFigures, units: Units): Readonly<Record<VolumeRow, Explained>> {
  const { vessel: v, volumes, layers, pieces } = figures
  const text = enVessel
  const size = (field: 'lengthCm' | 'widthCm' | 'heightCm' | 'glassCm' | 'freeboardCm'): Input => ({
    name: enField[`vessel/${field}`][0],
    value: units.show('length', v[field]),
    from: from(plan.vessel[field]),
  })
  const litres = (name: string, value: number): Input => litresOf(units, name, value)
  const laid = layers.filter(({ volumeL }) => volumeL > 0)
  const massOf = new Map<keyof typeof MATERIAL, number>()
  for (const { piece, massKg } of pieces) massOf.set(piece.material, (massOf.get(piece.material) ?? 0) + massKg)
  return {
    gross: explained(
      text.gross,
      text.grossFormula,
      `${number(v.lengthCm)}·${number(v.widthCm)}·${number(v.heightCm)}/1000 = ${number(volumes.outerL)} L`,
      text.geometry,
      (['lengthCm', 'widthCm', 'heightCm'] as const).map(size),
    ),
    fill: explained(
      text.fill,
      text.fillFormula,
      `(${number(v.lengthCm)} − 2·${number(v.glassCm)})·(${number(v.widthCm)} − 2·${number(v.glassCm)})·(${number(v.heightCm)} − ${number(v.glassCm)} − ${number(v.freeboardCm)})/1000 = ${number(volumes.fillL)} L`,
      text.geometry,
      (['lengthCm', 'widthCm', 'heightCm', 'glassCm', 'freeboardCm'] as const).map(size),
    ),
    ground: explained(
      text.ground,
      text.sumFormula,
      `${sumOf(laid.map(({ volumeL }) => number(volumeL)))} = ${number(volumes.groundL)} L`,
      enGround.volumeSource,
      laid.map((layer) => litres(enGroundKind[layer.ground] ?? layer.ground, layer.volumeL)),
    ),
    hardscape: explained(
      text.hardscape,
      text.displacedFormula,
      `${sumOf([...massOf].map(([material, kg]) => `${number(kg)}/${number(MATERIAL[material].densityKgPerL)}`))} = ${number(volumes.hardscapeL)} L`,
      text.displacedSource,
      [...massOf].map(([material, kg]) => ({
        name: enMaterial[material],
        value: units.show('mass', kg),
        from: pieces.every(({ piece }) => piece.material !== material || pieceMassKg(piece).from === 'mass') ? 'typed' : 'reckoned',
      })),
    ),
    open: explained(
      text.open,
      text.openFormula,
      `${number(volumes.fillL)} − ${number(volumes.groundL)} − ${number(volumes.hardscapeL)} = ${number(volumes.openWaterL)} L`,
      text.geometry,
      [litres(text.fill, volumes.fillL), litres(text.ground, volumes.groundL), litres(text.hardscape, volumes.hardscapeL)],
    ),
    pore: explained(
      text.pore,
      text.poreFormula,
      `${sumOf(laid.map(({ volumeL, porosity }) => `${number(volumeL)}·${number(porosity)}`))} = ${number(volumes.poreWaterL)} L`,
      text.poreSource,
      laid.map((layer) => ({
        name: enGroundKind[layer.ground] ?? layer.ground,
        value: significant(layer.porosity),
        from: 'assumed',
      })),
    ),
    net: explained(
      text.net,
      text.sumFormula,
      `${number(volumes.openWaterL)} + ${number(volumes.poreWaterL)} = ${number(volumes.netWaterL)} L`,
      text.geometry,
      [litres(text.open, volumes.openWaterL), litres(text.pore, volumes.poreWaterL)],
    ),
  }
}

/** The long pane against bending. */
export function explainPane(
  plan: Plan,
  { inner, vessel }: TankFigures,
  units: Units,
): { readonly factor: number; readonly explained: Explained } {
  const text = enVessel
  const factor = paneSafety(inner.lengthCm, inner.waterDepthCm, vessel.glassCm)
  const worked = `${number(STRENGTH_N_PER_MM2)}·${number(vessel.glassCm * 10)}²/(${number(paneShape(inner.lengthCm, inner.waterDepthCm))}·${number(GRAVITY_M_PER_S2)}/1000000·${number(inner.waterDepthCm * 10)}³) = ${number(factor)}`
  return {
    factor,
    explained: explained(
      text.pane,
      text.paneFormula,
      worked,
      text.paneSource,
      [
        { name: enField['vessel/glassCm'][0], value: units.show('length', vessel.glassCm), from: from(plan.vessel.glassCm) },
        { name: text.waterLine, value: units.show('length', inner.waterDepthCm), from: 'reckoned' },
        { name: text.inside, value: units.show('length', inner.lengthCm), from: 'reckoned' },
      ],
      spanOf(...paneSafetySpan(factor), ''),
    ),
  }
}

/** Water lost in a day of the year's mean room. */
export function explainEvaporation(
  plan: Plan,
  figures: TankFigures,
  units: Units,
): { readonly mmPerDay: number; readonly lostL: number; readonly explained: Explained } {
  const text = enVessel
  const { monthlyC, humidityFraction, top } = figures.room
  const roomC = monthlyC.reduce((total, c) => total + c, 0) / monthlyC.length
  const mmPerDay = evaporationMmPerDay(figures.temperatureC, { roomC, humidityFraction }, top)
  const lostL = mmPerDay * figures.surfaceM2
  return {
    mmPerDay,
    lostL,
    explained: explained(
      text.evaporation,
      text.evaporationFormula,
      `${number(mmPerDay)}·${number(figures.surfaceM2)} = ${number(lostL)} L`,
      text.evaporationSource,
      [
        { name: enField.temperatureC[0], value: units.show('temperature', figures.temperatureC), from: from(plan.temperatureC) },
        { name: text.room, value: units.show('temperature', roomC), from: plan.room.monthlyC.includes(null) ? 'assumed' : 'typed' },
        { name: text.humidity, value: units.show('fraction', humidityFraction), from: from(plan.room.humidityFraction) },
        { name: text.top, value: enTop[top], from: from(plan.vessel.top) },
      ],
      [units.show('thickness', mmPerDay / EVAPORATION_SPREAD), units.show('thickness', mmPerDay * EVAPORATION_SPREAD)],
    ),
  }
}

export interface ExplainedWeights {
  readonly masses: Masses
  readonly kg: number
  readonly perM2: number
  readonly foot: ReturnType<typeof footLoad>
  /** Nobody weighed it: taken by the size of the tank. */
  readonly isAssumed: (part: keyof Masses) => boolean
  readonly parts: Readonly<Record<keyof Masses, Explained>>
  readonly total: Explained
  readonly load: Explained
  readonly pressure: Explained
}

/** Weights, part by part, and what they press on. */
export function explainWeights(plan: Plan, figures: TankFigures, units: Units): ExplainedWeights {
  const text = enVessel
  const { volumes, vessel, layers, pieces } = figures
  const masses = filledMasses(plan, figures)
  const kg = totalKg(masses)
  const rests = plan.stand.rests ?? 'base'
  const feet = commonAnswers().number('stand/feet', plan.stand.feet)
  const footAreaCm2 = commonAnswers().number('stand/footAreaCm2', plan.stand.footAreaCm2)
  const foot = footLoad(kg, vessel, rests, feet, footAreaCm2)
  const perM2 = floorLoadKgPerM2(kg, vessel)
  const laid = layers.filter(({ volumeL }) => volumeL > 0)
  const mass = (name: string, value: number, provenance: Provenance): Input => ({
    name,
    value: units.show('mass', value),
    from: provenance,
  })
  const litres = (name: string, value: number): Input => litresOf(units, name, value)
  const own = (part: 'standKg' | 'kitKg', weighed: number | null, perL: number): Explained =>
    weighed === null
      ? explained(
          text.massOf[part],
          text.usualFormula,
          `${number(perL)}·${number(volumes.outerL)} = ${number(masses[part])} kg`,
          text.usualSource,
          [litres(text.gross, volumes.outerL)],
        )
      : explained(text.massOf[part], text.weighedFormula, `${number(weighed)} = ${number(masses[part])} kg`, text.piecesSource, [
          mass(text.massOf[part], weighed, 'typed'),
        ])
  const parts: Record<keyof Masses, Explained> = {
    glassKg: explained(
      text.massOf.glassKg,
      text.glassFormula,
      `2.5·(${significant(volumes.outerL, 6)} − ${significant(volumes.innerL, 6)}) = ${number(masses.glassKg)} kg`,
      text.massSource,
      [litres(text.gross, volumes.outerL), litres(text.inside, volumes.innerL)],
    ),
    waterKg: explained(
      text.massOf.waterKg,
      text.waterFormula,
      `${number(Math.max(0, volumes.netWaterL))}·${number(waterDensityKgPerM3(figures.temperatureC))}/1000 = ${number(masses.waterKg)} kg`,
      text.massSource,
      [litres(text.net, volumes.netWaterL)],
    ),
    groundKg: explained(
      text.massOf.groundKg,
      text.groundFormula,
      `${sumOf(laid.map(({ volumeL, bulkKgPerL }) => `${number(volumeL)}·${number(bulkKgPerL)}`))} = ${number(masses.groundKg)} kg`,
      text.bulkSource,
      laid.map((layer) => ({
        name: enGroundKind[layer.ground] ?? layer.ground,
        value: text.density(significant(layer.bulkKgPerL)),
        from: 'assumed',
      })),
    ),
    hardscapeKg: explained(
      text.massOf.hardscapeKg,
      text.piecesFormula,
      `${sumOf(pieces.map(({ massKg }) => number(massKg)))} = ${number(masses.hardscapeKg)} kg`,
      text.piecesSource,
      pieces.map(({ piece, massKg }) =>
        mass(
          piece.name === '' ? enMaterial[piece.material] : piece.name,
          massKg,
          pieceMassKg(piece).from === 'mass' ? 'typed' : 'reckoned',
        ),
      ),
    ),
    standKg: own('standKg', plan.stand.massKg, UNKNOWN_TRAITS.standKgPerL.value),
    kitKg: own('kitKg', plan.stand.kitMassKg, UNKNOWN_TRAITS.kitKgPerL.value),
  }
  const isAssumed = (part: keyof Masses): boolean =>
    (part === 'standKg' && plan.stand.massKg === null) || (part === 'kitKg' && plan.stand.kitMassKg === null)
  const names = Object.keys(masses) as (keyof Masses)[]
  const weight = mass(text.total, kg, 'reckoned')
  const areaCm2 = rests === 'base' ? vessel.lengthCm * vessel.widthCm : footAreaCm2
  return {
    masses,
    kg,
    perM2,
    foot,
    isAssumed,
    parts,
    total: explained(
      text.total,
      text.massFormula,
      `${sumOf(names.map((part) => number(masses[part])))} = ${number(kg)} kg`,
      text.massSource,
      names.map((part) => mass(text.massOf[part], masses[part], isAssumed(part) ? 'assumed' : 'reckoned')),
    ),
    load: explained(
      text.load,
      text.loadFormula,
      `${number(kg)}/(${number(vessel.lengthCm)}·${number(vessel.widthCm)}/10000) = ${number(perM2)} kg/m²`,
      text.geometry,
      [weight],
    ),
    pressure: explained(
      rests === 'base' ? text.onBase : text.perFoot,
      text.footFormula,
      `${number(kg)}/${rests === 'base' ? 1 : feet}·${number(GRAVITY_M_PER_S2)}/(${number(areaCm2)}/10000)/1000 = ${number(foot.pressureKPa)} kPa`,
      text.geometry,
      [
        weight,
        { name: text.areaOf, value: units.show('area', areaCm2), from: rests === 'base' ? 'reckoned' : from(plan.stand.footAreaCm2) },
        ...(rests === 'base' ? [] : [{ name: text.feet, value: String(feet), from: from(plan.stand.feet) }]),
      ],
    ),
  }
}
