import type { Density, PlantKind } from '../plan/plan.js'

/** Groups that the model grows, each with its own parameters. A kind of plants belongs to one of them. */
export const PLANT_GROUPS = ['carpet', 'stems', 'rhizome', 'rosette', 'moss', 'floater'] as const
export type PlantGroup = (typeof PLANT_GROUPS)[number]

export interface PlantKindFacts {
  /** How the model grows it and how it is drawn. */
  readonly group: PlantGroup
  /** It covers the surface instead of the floor. */
  readonly isFloating: boolean
  /** Share of floor or surface where the grower does not know. */
  readonly usualShare: number
  /** Dry mass at planting [g per m² of its own share]. Rule of thumb, editable later; floaters are counted as full. */
  readonly startGPerM2: Readonly<Record<Density, number>>
  /** Dry mass of one retail pot or bunch [g]. Rule of thumb: stems 0.4–1, carpets 0.2–0.5. */
  readonly potG: number
  /** What a pot is split into for planting. */
  readonly portionsPerPot: number
  /** Share of a farm-grown plant's tissue that grew in air and melts under water. */
  readonly emersedShare: number
  /** When planted and when grown in, for drawings. Rule of thumb. */
  readonly heightCm: { readonly planted: number; readonly grown: number }
  /** Days after planting at which it has half of its grown height; rule of thumb at good supply. */
  readonly halfGrownDays: number
  /** Scissors for a square metre of its own ground, in a bright tank [min]. Half to twice as long is common. */
  readonly trimMinPerM2: number
}

/** Kinds of plants, a row each. */
export const PLANT_KIND: Readonly<Record<PlantKind, PlantKindFacts>> = {
  carpet: {
    group: 'carpet',
    isFloating: false,
    usualShare: 0.35,
    startGPerM2: { thin: 5, half: 21, full: 26 },
    potG: 0.35,
    portionsPerPot: 14,
    emersedShare: 0.7,
    heightCm: { planted: 1.5, grown: 4 },
    halfGrownDays: 35,
    trimMinPerM2: 45,
  },
  stems: {
    group: 'stems',
    isFloating: false,
    usualShare: 0.35,
    startGPerM2: { thin: 8, half: 53, full: 116 },
    potG: 0.7,
    portionsPerPot: 8,
    emersedShare: 0.7,
    heightCm: { planted: 8, grown: 32 },
    halfGrownDays: 18,
    trimMinPerM2: 90,
  },
  rhizome: {
    group: 'rhizome',
    isFloating: false,
    usualShare: 0.1,
    startGPerM2: { thin: 19, half: 56, full: 56 },
    potG: 0.6,
    portionsPerPot: 4,
    emersedShare: 0.5,
    heightCm: { planted: 8, grown: 14 },
    halfGrownDays: 60,
    trimMinPerM2: 15,
  },
  rosette: {
    group: 'rosette',
    isFloating: false,
    usualShare: 0.15,
    startGPerM2: { thin: 12, half: 49, full: 74 },
    potG: 0.6,
    portionsPerPot: 6,
    emersedShare: 0.8,
    heightCm: { planted: 8, grown: 22 },
    halfGrownDays: 35,
    trimMinPerM2: 20,
  },
  moss: {
    group: 'moss',
    isFloating: false,
    usualShare: 0.05,
    startGPerM2: { thin: 11, half: 37, full: 37 },
    potG: 0.5,
    portionsPerPot: 6,
    emersedShare: 0.3,
    heightCm: { planted: 2, grown: 5 },
    halfGrownDays: 35,
    trimMinPerM2: 30,
  },
  floater: {
    group: 'floater',
    isFloating: true,
    usualShare: 0.3,
    startGPerM2: { thin: 3, half: 6, full: 9 },
    potG: 0.3,
    portionsPerPot: 6,
    emersedShare: 0,
    heightCm: { planted: 1, grown: 2 },
    halfGrownDays: 18,
    trimMinPerM2: 6,
  },
}
