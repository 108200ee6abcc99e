import type { Density, Patch, Plan, PlantKind } from '../plan/plan.js'
import { withSupplyLevel, type SupplyLevel } from './supplyLevel.js'

/** Tanks to begin from, of common sizes; every answer is a rule of thumb and can be changed. */
export const TEMPLATES = ['first', 'stones', 'cube', 'calm'] as const
export type Template = (typeof TEMPLATES)[number]

interface TemplateFacts {
  readonly level: SupplyLevel
  readonly sizeCm: readonly [length: number, width: number, height: number]
  readonly glassCm: number
  /** At full power; a lamp that reaches the level with something to spare. */
  readonly watts: number
  readonly ground: Plan['layers'][number]['ground']
  readonly depthsCm: readonly [front: number, back: number]
  readonly plants: readonly (readonly [kind: PlantKind, share: number])[]
  readonly intent: Partial<Plan['intent']>
}
/** Sizes of common glass and lamps of about 2 µmol/J; rules of thumb. */
const FACTS: Readonly<Record<Template, TemplateFacts>> = {
  first: {
    level: 'moderate',
    sizeCm: [60, 30, 36],
    glassCm: 0.6,
    watts: 30,
    ground: 'rich-soil',
    depthsCm: [3, 6],
    plants: [
      ['carpet', 0.3],
      ['stems', 0.4],
      ['rosette', 0.2],
    ],
    intent: { pace: 'steady' },
  },
  stones: {
    level: 'strong',
    sizeCm: [90, 45, 45],
    glassCm: 1,
    watts: 100,
    ground: 'rich-soil',
    depthsCm: [3, 8],
    plants: [
      ['carpet', 0.55],
      ['stems', 0.3],
    ],
    intent: { pace: 'fast', layout: 'stones', wishes: ['fine-carpet'] },
  },
  cube: {
    level: 'moderate',
    sizeCm: [30, 30, 35],
    glassCm: 0.5,
    watts: 20,
    ground: 'rich-soil',
    depthsCm: [3, 5],
    plants: [
      ['carpet', 0.3],
      ['moss', 0.2],
      ['stems', 0.3],
      ['rhizome', 0.15],
    ],
    intent: { pace: 'steady', wishes: ['shrimps'] },
  },
  calm: {
    level: 'gentle',
    sizeCm: [80, 35, 40],
    glassCm: 0.8,
    watts: 30,
    ground: 'lean-soil',
    depthsCm: [3, 5],
    plants: [
      ['rhizome', 0.35],
      ['rosette', 0.3],
      ['moss', 0.15],
      ['stems', 0.15],
    ],
    intent: { pace: 'quiet' },
  },
}
/** What a template is told by: its length and its level. */
export const templateFacts = (template: Template): { readonly lengthCm: number; readonly level: SupplyLevel } => ({
  lengthCm: FACTS[template].sizeCm[0],
  level: FACTS[template].level,
})
const PLANTED: Density = 'full'

/** A plan with a template's tank, light, ground and plants; its name, day, zone and water stay. */
export function fromTemplate(plan: Plan, template: Template): Plan {
  const { level, sizeCm, glassCm, watts, ground, depthsCm, plants, intent } = FACTS[template]
  const [lengthCm, widthCm, heightCm] = sizeCm
  const [frontCm, backCm] = depthsCm
  const [layer] = plan.layers
  return withSupplyLevel(
    {
      ...plan,
      vessel: { ...plan.vessel, lengthCm, widthCm, heightCm, glassCm, freeboardCm: 2 },
      layers: [{ id: layer?.id ?? 'g1', ground, frontCm, backCm, product: null }],
      patches: plants.map(([kind, footFraction]): Patch => ({ id: kind, kind, footFraction, density: PLANTED, pots: null })),
      lamps: plan.lamps.map((lamp) => ({ ...lamp, watts, dimFraction: 1 })),
      intent: { ...plan.intent, ...intent },
    },
    level,
  )
}
