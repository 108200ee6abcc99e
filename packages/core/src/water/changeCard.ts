import type { Plan } from '../plan/plan.js'
import type { MineralSalt, SourceKind } from '../plan/planWater.js'
import { quantities, type Dimensions, type NumbersOf, type Quantities } from '../quantity/quantity.js'
import { conditioning, type Conditioning } from './conditioning.js'
import { drainDepthCm, type FilledTank } from './drainMark.js'
import { fillSeconds } from './hose.js'
import { mixOf } from './mixOf.js'
import { newWater } from './newWater.js'
import { MOST_SHIFT_C, warming, type Warming } from './warming.js'

/** The steps of a change, and the values that their sentences tell. */
export const CARD_STEPS = {
  'power-off': { cool: 'minutes' },
  'take-purified': { water: 'volume' },
  'take-source': { water: 'volume' },
  'take-hot': { water: 'volume', hot: 'temperature' },
  'hot-copper': {},
  minerals: { water: 'volume' },
  'minerals-jug': {},
  'condition-container': { dose: 'dosing', water: 'volume' },
  'condition-container-label': { water: 'volume' },
  'condition-tank': { dose: 'dosing', water: 'volume' },
  'condition-tank-label': { water: 'volume' },
  'condition-later': {},
  'condition-weak': {},
  'check-temperature': { mix: 'temperature', tank: 'temperature' },
  'too-cold': { mix: 'temperature', most: 'fraction' },
  'too-warm': { mix: 'temperature', most: 'fraction' },
  'cold-plants': { mix: 'temperature' },
  drain: { water: 'volume', depth: 'length' },
  fill: { water: 'volume' },
  'ammonia-kit': {},
  'power-on': {},
} as const satisfies Readonly<Record<string, Dimensions>>
export type CardCode = keyof typeof CARD_STEPS

export interface WeighedMineral {
  readonly salt: MineralSalt
  readonly grams: number
}
export interface CardStep {
  readonly code: CardCode
  readonly values: Quantities
  /** Of a source that is taken. */
  readonly source: { readonly name: string; readonly kind: SourceKind | null } | null
  readonly minerals: readonly WeighedMineral[]
  /** A timer runs for so long. */
  readonly seconds: number | null
}
export interface ChangeCard {
  readonly litres: number
  /** From the fill line down to where draining stops [cm]. */
  readonly drainCm: number
  readonly minerals: readonly WeighedMineral[]
  readonly warming: Warming
  readonly conditioning: Conditioning
  /** In the order of work. */
  readonly steps: readonly CardStep[]
}
export interface ChangeCardTask {
  readonly plan: Plan
  readonly tank: FilledTank
  /** Open water of the tank. */
  readonly waterL: number
  /** Share that is changed, above 0. */
  readonly fraction: number
  readonly tankC: number
  readonly roomC: number
  readonly hasAnimals: boolean
  /** Shrimps and other animals that copper kills first. */
  readonly hasShrimps: boolean
}

/** A heater that falls dry while it is hot bursts. General practice. */
const COOL_MIN = 15
/** Too little to be worth a step [L]. */
const LEAST_L = 0.05
/** Plants without animals stand colder water than animals; below this they rest for days. Rule of thumb 15–18. */
const COLD_FOR_PLANTS_C = 16

/** All that a change asks for, in the order of work, each caution before the step at which it bites. */
export function changeCard(task: ChangeCardTask): ChangeCard {
  const { plan, tank, waterL, fraction, tankC, roomC, hasAnimals, hasShrimps } = task
  const litres = waterL * fraction
  const mix = mixOf(plan)
  const minerals = mineralsFor(plan, litres)
  const warmed = warming({ plan, litres, fraction, tankC, roomC })
  const treated = conditioning({ plan, newL: litres, tankL: waterL, hasAnimals })
  const drainCm = drainDepthCm(tank, litres)
  const steps: CardStep[] = []
  const step = <Code extends CardCode>(
    code: Code,
    numbers: NumbersOf<(typeof CARD_STEPS)[Code]>,
    more: Partial<Pick<CardStep, 'source' | 'minerals' | 'seconds'>> = {},
  ): void => void steps.push({ code, values: quantities(CARD_STEPS[code], numbers), source: null, minerals: [], seconds: null, ...more })

  step('power-off', { cool: COOL_MIN }, { seconds: COOL_MIN * 60 })
  if (mix.purified * litres > LEAST_L) step('take-purified', { water: mix.purified * litres })
  const piped = mix.sources.filter(({ source }) => source?.kind !== 'rain').reduce((sum, { share }) => sum + share, 0)
  for (const { source, share } of mix.sources) {
    // Each pipe gives its part of the hot water.
    const hotL = source?.kind === 'rain' || piped === 0 ? 0 : (warmed.hotL * share) / piped
    const water = share * litres - hotL
    if (water > LEAST_L) step('take-source', { water }, { source: { name: source?.name ?? '', kind: source?.kind ?? null } })
  }
  if (warmed.hotL > LEAST_L) {
    step('take-hot', { water: warmed.hotL, hot: warmed.hotC })
    if (hasShrimps) step('hot-copper', {})
  }
  // The hose runs straight in where nothing has to be mixed before.
  const hasContainer = plan.water.conditioner.place === 'container' || mix.purified > 0 || mix.sources.length > 1
  if (minerals.length > 0 && hasContainer) step('minerals', { water: litres }, { minerals })
  if (minerals.length > 0 && !hasContainer) step('minerals-jug', {}, { minerals })
  if (treated.kind === 'none' && treated.reason === 'no-animals') step('condition-later', {})
  if (treated.kind === 'dose' && treated.place === 'container') {
    if (treated.millilitres === null) step('condition-container-label', { water: treated.litres })
    else step('condition-container', { dose: treated.millilitres, water: treated.litres })
  }
  if (treated.kind === 'dose' && treated.isEnough === false) step('condition-weak', {})
  const most = Math.abs(warmed.shiftC) > MOST_SHIFT_C ? (fraction * MOST_SHIFT_C) / Math.abs(warmed.shiftC) : fraction
  if (hasAnimals && most < fraction)
    step(warmed.shiftC < 0 ? 'too-cold' : 'too-warm', { mix: warmed.mixC, most: Math.floor(most * 100) / 100 })
  else if (!hasAnimals && warmed.mixC < COLD_FOR_PLANTS_C) step('cold-plants', { mix: warmed.mixC })
  else step('check-temperature', { mix: warmed.mixC, tank: tankC })
  step('drain', { water: litres, depth: drainCm }, { seconds: fillSeconds(plan.water.kit, litres, 'drainS') })
  if (treated.kind === 'dose' && treated.place === 'tank') {
    if (treated.millilitres === null) step('condition-tank-label', { water: treated.litres })
    else step('condition-tank', { dose: treated.millilitres, water: treated.litres })
  }
  step('fill', { water: litres }, { seconds: fillSeconds(plan.water.kit, litres, 'fillS') })
  if (treated.kind === 'dose' && treated.against !== 'chlorine') step('ammonia-kit', {})
  step('power-on', {})
  return { litres, drainCm, minerals, warming: warmed, conditioning: treated, steps }
}

/** Salts for so many litres of new water. */
export const mineralsFor = (plan: Pick<Plan, 'sources' | 'logistics' | 'water'>, litres: number): WeighedMineral[] =>
  (Object.entries(newWater(plan).gramsPerL) as [MineralSalt, number][]).map(([salt, perL]) => ({ salt, grams: perL * litres }))
