/** What is intended for one tank: shapes only, no arithmetic. `null` is the answer "don't know": the model then assumes a value and widens its band.
 *  Lists stand even where a screen offers only one entry; their local ids are never reused. Lengths in cm, inner floor as origin. */

import type { AnimalSpecies } from '../species/animals/index.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import { PLANT_KINDS, type PlantKind } from '../species/plantKinds.js'
import type { Absence } from './planAbsence.js'
import type { PlanAnimals } from './planAnimals.js'
import type { PlanFeed } from './planFeed.js'
import type { PlanStart } from './planStart.js'
import type { FirstWeeks, PlanWater, WaterSource } from './planWater.js'

export { PLANT_KINDS, type PlantKind }

export const PLAN_SCHEMA_VERSION = 11

export const DENSITIES = ['thin', 'half', 'full'] as const
export type Density = (typeof DENSITIES)[number]
export const GROUND_KINDS = ['rich-soil', 'lean-soil', 'capped-soil', 'sand', 'gravel', 'porous-base', 'carbonate-sand'] as const
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
/** Stages in which a regulator brings the cylinder's pressure down. */
export const REGULATORS = ['single', 'dual'] as const
export type Regulator = (typeof REGULATORS)[number]
export const DIFFUSERS = ['in-tank', 'in-line', 'reactor'] as const
export type Diffuser = (typeof DIFFUSERS)[number]

export const LAMP_KINDS = ['strip', 'panel', 'spot'] as const
export type LampKind = (typeof LAMP_KINDS)[number]
export const LIGHT_STARTS = ['ramp', 'moderate', 'very-dim'] as const
/** How a new tank's light begins: short and dim for weeks, moderate from the first day over dense plants, or very dim for weeks. */
export type LightStart = (typeof LIGHT_STARTS)[number]
export const LIGHT_METERS = ['meter', 'phone'] as const
export type LightMeter = (typeof LIGHT_METERS)[number]
export const LIGHT_MEDIA = ['water', 'air'] as const
/** Read in the filled tank, or in the empty one. */
export type LightMedium = (typeof LIGHT_MEDIA)[number]

export const LAYOUT_KINDS = ['stones', 'wood-and-stones', 'formal-rows', 'island', 'valley', 'slope', 'shallow'] as const
export type LayoutKind = (typeof LAYOUT_KINDS)[number]
export const PACES = ['quiet', 'steady', 'fast'] as const
export type Pace = (typeof PACES)[number]
export const VIEW_SIDES = ['front', 'left', 'right', 'back', 'above'] as const
export type ViewSide = (typeof VIEW_SIDES)[number]
export const WISHES = [
  'fine-carpet',
  'red-stems',
  'cool-water-plants',
  'shoal',
  'shrimps',
  'diggers',
  'jumpers',
  'warm-water-fish',
] as const
export type Wish = (typeof WISHES)[number]
export const TOPS = ['open', 'braced', 'covered'] as const
export type Top = (typeof TOPS)[number]
export const STAND_RESTS = ['base', 'feet'] as const
export type StandRest = (typeof STAND_RESTS)[number]
export const FLOORS = ['solid', 'timber'] as const
export type Floor = (typeof FLOORS)[number]
export const ZONE_PURPOSES = ['planted', 'cosmetic', 'bare'] as const
export type ZonePurpose = (typeof ZONE_PURPOSES)[number]
export const FIXINGS = ['none', 'wedged', 'glued', 'screwed', 'tied', 'weighted'] as const
export type Fixing = (typeof FIXINGS)[number]
export const TAB_KINDS = ['tab', 'capsule'] as const
export type TabKind = (typeof TAB_KINDS)[number]
export const FILTER_MEDIA = ['light', 'usual', 'packed'] as const
export type FilterMedia = (typeof FILTER_MEDIA)[number]

/** What the grower wants: the yardstick of later checks. Money in the plan's currency. */
export interface PlanIntent {
  readonly layout: LayoutKind | null
  readonly pace: Pace | null
  readonly hoursPerWeek: number | null
  readonly money: number | null
  readonly views: readonly ViewSide[]
  readonly wishes: readonly Wish[]
}
export interface PlanVessel {
  readonly lengthCm: number | null
  readonly widthCm: number | null
  readonly heightCm: number | null
  readonly glassCm: number | null
  /** From the rim down to the water. */
  readonly freeboardCm: number | null
  readonly top: Top | null
}
/** Heights of the four corners against a common mark [mm]; higher is higher. */
export interface CornerReadings {
  readonly frontLeft: number | null
  readonly frontRight: number | null
  readonly backLeft: number | null
  readonly backRight: number | null
}
export interface PlanStand {
  readonly massKg: number | null
  /** Lamp, filter with its water, cylinder and the rest that stands with the tank. */
  readonly kitMassKg: number | null
  readonly rests: StandRest | null
  readonly feet: number | null
  readonly footAreaCm2: number | null
  readonly floor: Floor | null
  readonly cornersMm: CornerReadings
}
export interface PlanRoom {
  /** Mean of the room, January to December. */
  readonly monthlyC: readonly (number | null)[]
  readonly humidityFraction: number | null
  /** Direct sun on the glass a day, at its worst. */
  readonly sunHours: number | null
  /** Where the window looks through which sun may reach the glass: 0° north, 90° east, 180° south, 270° west. */
  readonly windowFacingDeg: number | null
  /** Above 0° in the north. */
  readonly latitudeDeg: number | null
  /** Of the room that gas would fill if a cylinder emptied itself. */
  readonly volumeM3: number | null
}
/** A corner of an outline on the inner floor; a round one bends the edge instead of breaking it. */
export interface Vertex {
  readonly xCm: number
  readonly yCm: number
  readonly isRound: boolean
}
/** A bag of ground as bought: copied from the library when it is chosen, so that the plan stands on its own. */
export interface GroundProduct {
  readonly name: string
  readonly bagL: number
  readonly bulkKgPerL: number | null
  readonly porosity: number | null
  readonly price: number | null
}
/** Thickness at the foremost and rearmost point of its zone, straight between. */
export interface GroundLayer {
  readonly id: string
  readonly ground: GroundKind
  readonly frontCm: number | null
  readonly backCm: number | null
  readonly product: GroundProduct | null
}
/** Height of the ground's surface at one spot, above the glass. */
export interface HeightPoint {
  readonly id: string
  readonly xCm: number
  readonly yCm: number
  readonly heightCm: number
}
/** A part of the floor with ground of its own. Zones later in the list lie over earlier ones; what none covers has the plan's `layers`. */
export interface GroundZone {
  readonly id: string
  readonly name: string
  readonly purpose: ZonePurpose
  readonly outline: readonly Vertex[]
  readonly layers: readonly GroundLayer[]
  /** Where there are any, the uppermost layer fills up to them. */
  readonly heights: readonly HeightPoint[]
}
/** A wall in the ground that keeps two grounds apart. */
export interface Barrier {
  readonly id: string
  readonly line: readonly { readonly xCm: number; readonly yCm: number }[]
  readonly heightCm: number
}
export interface TabProduct {
  readonly name: string
  readonly pack: number
  readonly price: number | null
  readonly renewDays: number
  /** Of one tab or capsule [mg of the element]; as usual where its pack says nothing. */
  readonly nitrogenMg: number | null
  readonly phosphorusMg: number | null
  readonly potassiumMg: number | null
  readonly ironMg: number | null
}
export interface RootTab {
  readonly id: string
  readonly kind: TabKind
  readonly xCm: number
  readonly yCm: number
}
/** A point of a silhouette: along the tank, and above the piece's own foot. */
export interface ProfilePoint {
  readonly xCm: number
  readonly zCm: number
}
export interface Piece {
  readonly id: string
  readonly name: string
  readonly material: HardscapeMaterial
  readonly massKg: number | null
  /** Solid volume; used where the mass is not known. */
  readonly volumeL: number | null
  /** Seen from above; `null` until it has its place. */
  readonly outline: readonly Vertex[] | null
  /** Seen from the front; `null` draws a plain one of the given height. */
  readonly profile: readonly ProfilePoint[] | null
  readonly heightCm: number | null
  /** How deep its foot stands in the ground. */
  readonly sunkCm: number
  readonly fixing: Fixing
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
export const BED_STARTS = ['pot', 'cup'] as const
export type BedStart = (typeof BED_STARTS)[number]
export const BED_STANDS = ['water', 'air'] as const
/** Where the leaves are: under water (or floating on it), or out of it, over the surface. */
export type BedStand = (typeof BED_STANDS)[number]
/** A plant of a bed, and its share of it; shares are taken against their sum. */
export interface BedPlant {
  readonly id: string
  /** Its id in the plan's flora. */
  readonly species: string
  readonly share: number
}
/** A patch of the planting map. Later beds lie over earlier ones; what floats lies on the surface. */
export interface Bed {
  readonly id: string
  readonly name: string
  readonly outline: readonly Vertex[]
  readonly plants: readonly BedPlant[]
  /** From farm-grown pots and bunches, or from culture cups. */
  readonly start: BedStart
  /** Between portions; as its species where nobody says. */
  readonly spacingCm: number | null
  readonly stands: BedStand
  /** What the scissors leave; as its species where nobody says. */
  readonly cutCm: number | null
}
export const SPOT_FIXINGS = ['glue', 'tie', 'wedge', 'hang'] as const
/** What holds plants on wood and stone. */
export type SpotFixing = (typeof SPOT_FIXINGS)[number]
export const SPOT_LAYINGS = ['clump', 'chopped', 'mesh'] as const
/** As clumps, chopped fine and spread, or spread on a mesh that is laid on. */
export type SpotLaying = (typeof SPOT_LAYINGS)[number]
/** Plants on a piece of wood or stone: an ellipse on its face as seen from the front. It keeps its place on the piece wherever that goes. */
export interface PlantSpot {
  readonly id: string
  /** Id of the piece. */
  readonly piece: string
  /** Middle of the ellipse: from the piece's left end to its right, and from its foot to its top. */
  readonly alongFraction: number
  readonly upFraction: number
  readonly widthCm: number
  readonly heightCm: number
  /** Its id in the plan's flora; `null` until it is chosen. */
  readonly species: string | null
  readonly laying: SpotLaying
  readonly fixing: SpotFixing
  readonly start: BedStart
}
/** Another map for the same tank, kept beside the one that is the plan. Its plants stand in the plan's flora. */
export interface PlantingVariant {
  readonly id: string
  readonly name: string
  readonly beds: readonly Bed[]
  readonly spots: readonly PlantSpot[]
}
export interface Lamp {
  readonly id: string
  readonly kind: LampKind | null
  /** Photon flux; used instead of lumens and watts when given. */
  readonly fluxUmolPerS: number | null
  /** Used instead of the watts when given. */
  readonly lumens: number | null
  readonly watts: number | null
  /** Of the lit part, along the tank. */
  readonly lengthCm: number | null
  /** Of the lit part, across the tank. */
  readonly widthCm: number | null
  /** Its middle over the inner floor. */
  readonly xCm: number | null
  readonly yCm: number | null
  readonly aboveWaterCm: number | null
  /** About its long axis; above 0° the beam leans to the back. */
  readonly tiltDeg: number
  /** Intensity goes by the cosine to this power. */
  readonly beamExponent: number | null
  readonly dimFraction: number | null
}
/** Light read at one spot, with the lamps as the plan sets them. */
export interface LightReading {
  readonly id: string
  readonly medium: LightMedium
  readonly method: LightMeter
  readonly xCm: number
  readonly yCm: number
  /** Above the glass. */
  readonly heightCm: number
  readonly ppfd: number
}
export interface PlanLight {
  /** Of the clear tank water, 400–700 nm. */
  readonly attenuationPerM: number | null
  readonly start: LightStart | null
  readonly readings: readonly LightReading[]
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
  readonly diffuser: Diffuser | null
  /** Measured; what its kind of diffuser usually dissolves where nobody knows. */
  readonly dissolvedFraction: number | null
  readonly bubblesPerS: number | null
  /** What a line whose bubbles nobody counted is tuned to: CO2 at gas-off in a day without plants. */
  readonly peakMgPerL: number | null
  readonly bubbleMl: number | null
  readonly linePressureBar: number | null
  readonly beforeLightMin: number
  readonly beforeDarkMin: number
  /** Only a controller has one. */
  readonly limitMgPerL: number | null
  /** CO2 in the full cylinder. */
  readonly cylinderKg: number | null
  /** On the scale with nothing in it, regulator and all that hangs with it. */
  readonly emptyKg: number | null
  readonly regulator: Regulator | null
  /** Gauge, behind the regulator. */
  readonly workingBar: number | null
  /** Id of the tank on whose cylinder this line hangs; `null`: on its own. */
  readonly sharedWith: string | null
}
export interface Filter {
  readonly id: string
  readonly ratedLPerH: number | null
  /** From the pump up to the outlet. */
  readonly headCm: number | null
  readonly media: FilterMedia | null
  readonly watts: number | null
}
/** A return into the tank. Heading 0° to the right, 90° to the back; pitch below 0° points down. */
export interface Outlet {
  readonly id: string
  readonly xCm: number
  readonly yCm: number
  readonly zCm: number
  readonly headingDeg: number
  readonly pitchDeg: number
  readonly boreMm: number
}
export interface PlanClimate {
  readonly heaterW: number | null
  readonly coolerW: number | null
}
/** A column of the shopping list: one way of buying it all. */
export interface PriceColumn {
  readonly id: string
  readonly name: string
}
/** What one line of the shopping list costs by the piece in one column. */
export interface Price {
  readonly id: string
  readonly item: string
  readonly column: string
  readonly price: number
}
/** A line of the grower's own. */
export interface Extra {
  readonly id: string
  readonly name: string
  readonly count: number
}
export interface PlanMoney {
  /** ISO 4217. */
  readonly currency: string
  readonly electricityPerKwh: number | null
  readonly gasPerKg: number | null
  readonly waterPerM3: number | null
  readonly saltsPerKg: number | null
  readonly plantsPerMonth: number | null
  readonly columns: readonly PriceColumn[]
  readonly prices: readonly Price[]
  readonly extras: readonly Extra[]
  /** Items that are at hand already. */
  readonly owned: readonly string[]
}
/** How the water for changes comes into the house. */
export interface PlanLogistics {
  readonly purifiedFraction: number | null
  readonly purifierLPerDay: number | null
  readonly barrelL: number | null
  /** Litres down the drain for each purified litre. */
  readonly wastePerL: number | null
}
/** A finding that its grower has looked at and let be, and why. */
export interface MutedFinding {
  readonly id: string
  /** As `findingKey` names it. */
  readonly finding: string
  readonly note: string
}
export interface PlanFlow {
  readonly surface: Surface | null
  readonly hasSkimmer: boolean
  readonly turnoverPerH: number | null
  /** Measured loss of gas over what surface and skimmer let one expect. */
  readonly lossTimes: number | null
  readonly filter: FilterState | null
}
export interface PlanChanges {
  readonly fraction: number
  readonly everyDays: number
  readonly firstWeeks: FirstWeeks
}
export interface Plan {
  readonly schemaVersion: typeof PLAN_SCHEMA_VERSION
  readonly name: string
  /** Civil date YYYY-MM-DD of the first day, in the tank's zone: the first fill, or planting into moist ground. */
  readonly startedOn: string
  readonly timeZone: string
  readonly start: PlanStart
  readonly intent: PlanIntent
  readonly vessel: PlanVessel
  readonly stand: PlanStand
  readonly room: PlanRoom
  readonly temperatureC: number | null
  readonly roomCo2Ppm: number | null
  readonly sources: readonly WaterSource[]
  readonly water: PlanWater
  /** Ground of all the floor that no zone covers. */
  readonly layers: readonly GroundLayer[]
  readonly zones: readonly GroundZone[]
  readonly barriers: readonly Barrier[]
  readonly tabs: readonly RootTab[]
  readonly tabProduct: TabProduct | null
  readonly hardscape: readonly Piece[]
  readonly patches: readonly Patch[]
  /** The planting map. What it holds of a kind goes before that kind's share. */
  readonly beds: readonly Bed[]
  /** Plants on wood and stone. */
  readonly spots: readonly PlantSpot[]
  readonly variants: readonly PlantingVariant[]
  /** Plants of the map, as the library knew them when they were chosen: the plan stands on its own. */
  readonly flora: readonly PlantSpecies[]
  readonly lamps: readonly Lamp[]
  readonly lightWindows: readonly LightWindow[]
  readonly light: PlanLight
  readonly gasLines: readonly GasLine[]
  readonly flow: PlanFlow
  readonly filters: readonly Filter[]
  readonly outlets: readonly Outlet[]
  readonly climate: PlanClimate
  readonly money: PlanMoney
  readonly logistics: PlanLogistics
  readonly muted: readonly MutedFinding[]
  readonly feeding: FeedingSchool
  readonly feed: PlanFeed
  readonly changes: PlanChanges
  readonly animals: PlanAnimals
  /** Animals of the plan, as the library knew them when they were chosen. */
  readonly fauna: readonly AnimalSpecies[]
  readonly isTrimmed: boolean
  /** Apart from one another, each with its own days. */
  readonly absences: readonly Absence[]
}

/** Shares of what the school gives; a young tank gets less. */
export interface FeedShare {
  /** Of nitrate and phosphate. */
  readonly nitrogenPhosphorus: number
  /** Of potassium, magnesium and traces. */
  readonly rest: number
}
/** What holds from a day on. The first entry starts on day 0; the newest describes the tank itself (vessel, ground) for all days. */
export interface TimelineEntry {
  readonly fromDay: number
  readonly plan: Plan
  /** All of it where none is told. */
  readonly feed?: FeedShare
}
