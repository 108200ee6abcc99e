/** What is intended for one tank: shapes only, no arithmetic. `null` is the answer "don't know": the model then assumes a value and widens its band.
 *  Lists stand even where a screen offers only one entry; their local ids are never reused. Lengths in cm, inner floor as origin. */

export const PLAN_SCHEMA_VERSION = 1

export const PLANT_KINDS = ['carpet', 'stems', 'rhizome', 'rosette', 'moss', 'floater'] as const
export type PlantKind = (typeof PLANT_KINDS)[number]
export const DENSITIES = ['thin', 'half', 'full'] as const
export type Density = (typeof DENSITIES)[number]
export const GROUND_KINDS = ['rich-soil', 'lean-soil', 'capped-soil', 'sand', 'gravel'] as const
export type GroundKind = (typeof GROUND_KINDS)[number]
export const HARDSCAPE_MATERIALS = ['granite', 'slate', 'limestone', 'lava', 'wood', 'staining-wood'] as const
export type HardscapeMaterial = (typeof HARDSCAPE_MATERIALS)[number]
export const FEEDING_SCHOOLS = ['rich-column', 'lean-column', 'measured-ratio', 'ground-led', 'all-in-one', 'none'] as const
export type FeedingSchool = (typeof FEEDING_SCHOOLS)[number]
export const SURFACES = ['still', 'ripple', 'strong'] as const
export type Surface = (typeof SURFACES)[number]
export const FILTER_STATES = ['new', 'seeded', 'mature'] as const
export type FilterState = (typeof FILTER_STATES)[number]
export const GAS_CONTROLS = ['none', 'timer', 'controller'] as const
export type GasControl = (typeof GAS_CONTROLS)[number]

export interface PlanVessel {
  readonly lengthCm: number | null
  readonly widthCm: number | null
  readonly heightCm: number | null
  readonly glassCm: number | null
  /** From the rim down to the water. */
  readonly freeboardCm: number | null
}
export interface WaterSource {
  readonly id: string
  readonly alkalinityMeqPerL: number | null
  /** Calcium and magnesium together. */
  readonly hardnessMmolPerL: number | null
  readonly nitrateMgNPerL: number | null
  readonly phosphateMgPPerL: number | null
}
export interface GroundLayer {
  readonly id: string
  readonly ground: GroundKind
  readonly frontCm: number | null
  readonly backCm: number | null
}
export interface Piece {
  readonly id: string
  readonly material: HardscapeMaterial
  readonly massKg: number | null
}
/** Plants of one kind. The amount is told in pots, or as how densely its own share of the floor is planted. */
export interface Patch {
  readonly id: string
  readonly kind: PlantKind
  /** Share of the floor set aside for it, 0–1; for floaters the share of the surface at most. */
  readonly footFraction: number | null
  readonly density: Density | null
  /** Used instead of the density when given. */
  readonly pots: number | null
}
export interface Lamp {
  readonly id: string
  /** Photon flux; used instead of the watts when given. */
  readonly fluxUmolPerS: number | null
  readonly watts: number | null
  readonly lengthCm: number | null
  readonly aboveWaterCm: number | null
  readonly dimFraction: number | null
}
export interface LightWindow {
  readonly id: string
  /** Tank-local HH:MM; the window may reach over midnight. */
  readonly on: string
  readonly hours: number
  readonly rampMin: number
}
export interface GasLine {
  readonly id: string
  readonly control: GasControl
  readonly bubblesPerS: number | null
  readonly bubbleMl: number | null
  readonly linePressureBar: number | null
  readonly beforeLightMin: number
  readonly beforeDarkMin: number
  /** Only a controller has one. */
  readonly limitMgPerL: number | null
}
export interface PlanFlow {
  readonly surface: Surface | null
  readonly hasSkimmer: boolean
  readonly turnoverPerH: number | null
  readonly filter: FilterState | null
}
export interface PlanChanges {
  readonly fraction: number
  readonly everyDays: number
  /** The dense programme of the first four weeks (daily, every other day, twice a week). */
  readonly firstWeeksMore: boolean
}
export interface PlanAnimals {
  readonly foodGPerDay: number | null
  readonly grazers: number | null
  /** Days after the start when they came or will come. */
  readonly grazersFromDay: number
  readonly fishFromDay: number
}
export interface Plan {
  readonly schemaVersion: typeof PLAN_SCHEMA_VERSION
  readonly name: string
  /** Civil date YYYY-MM-DD of the first fill, in the tank's zone. */
  readonly startedOn: string
  readonly timeZone: string
  readonly vessel: PlanVessel
  readonly temperatureC: number | null
  readonly roomCo2Ppm: number | null
  readonly sources: readonly WaterSource[]
  readonly layers: readonly GroundLayer[]
  readonly hardscape: readonly Piece[]
  readonly patches: readonly Patch[]
  readonly lamps: readonly Lamp[]
  readonly lightWindows: readonly LightWindow[]
  readonly gasLines: readonly GasLine[]
  readonly flow: PlanFlow
  readonly feeding: FeedingSchool
  readonly changes: PlanChanges
  readonly animals: PlanAnimals
  readonly isTrimmed: boolean
}

/** What holds from a day on. The first entry starts on day 0; the newest describes the tank itself (vessel, ground) for all days. */
export interface TimelineEntry {
  readonly fromDay: number
  readonly plan: Plan
}
