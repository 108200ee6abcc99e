import type { NutrientAmounts } from '../feed/nutrients.js'
import type { TapWater } from '../water/tapOf.js'
import type { FilterStart } from './filterStart.js'
import type { Chemistry } from './chemistry.js'

/** The tank itself, fixed for a run. */
export interface Site {
  readonly waterL: number
  readonly surfaceM2: number
  readonly depthM: number
  /** Ground that takes part; 0 leaves every ground process out. */
  /** Water in the pores of the ground; none without ground. */
  readonly poreL: number
  /** Speed of exchange between pores and water, relative to bare pellets. */
  readonly groundExchange: number
  /** Below this the ground no longer softens [meq/L]. */
  readonly softenToMeqPerL: number
  /** Softening stock of the new ground [meq]; the rate falls with what is left. */
  readonly acidBufferMeq: number
  /** Share of the floor each plant group may occupy (floaters: of the surface); 0 means that the group is absent. */
  readonly footOfGroup: readonly number[]
  /** Melt of air-grown leaves over that of new pots. */
  readonly meltTimes: number
  /** Lit glass and hardscape that algae can settle on [m²]. */
  readonly hardM2: number
  /** Ceiling of each nitrifier [mg]. */
  readonly filterCeilingMg: number
  readonly airCo2Ppm: number
}

/** What holds from one midnight until it is changed. */
export interface Conditions {
  readonly temperatureC: number
  readonly agitation: number
  readonly skimmer: number
  /** Exchange with the air over what surface and skimmer let one expect. */
  readonly transferTimes: number
  readonly flow: number
  /** Peak at the bare ground in clear water [µmol m⁻² s⁻¹]. */
  readonly ppfd: number
  /** Of each plant group: light of its own part of the floor over that. */
  readonly lightOfGroup: Float64Array
  /** Light as a share of the peak, one value per step of the day, taken at the middle of the step; circular over midnight. */
  readonly lightShareOfStep: Float64Array
  /** Share of each step in which the valve is open. */
  readonly gasShareOfStep: Float64Array
  readonly gasMgPerH: number
  /** A controller's limit; `null` when there is only a timer. */
  readonly gasLimitMgPerL: number | null
  /** No water over the ground: plants stand in moist air under film. */
  readonly isDry: boolean
  readonly foodGPerDay: number
  readonly grazers: number
  /** Of their grazing together, by guild, over that of algae shrimps. */
  readonly grazerTaste: Float64Array
}

export type TankEvent =
  | { readonly kind: 'trim'; readonly cutOfGroup: readonly number[] }
  /** Weekly care: a group whose leaf area index is above its limit is cut by a fixed share. */
  | { readonly kind: 'trim-above'; readonly laiLimitOfGroup: readonly number[]; readonly cut: number }
  /** As above, but the cut grows with the excess, so that small differences in growth stay small. */
  | { readonly kind: 'trim-towards'; readonly laiOfGroup: readonly number[]; readonly mostCut: number }
  /** So much dry mass taken, shared by mass over the groups that are cut; at most nine tenths of what stands. */
  | { readonly kind: 'harvest'; readonly dryG: number; readonly isGroupCut: readonly boolean[] }
  /** New plants of a group, and a share of its standing ones taken out by the root: nothing of them is cut, and nothing stays behind. */
  | {
      readonly kind: 'plant'
      readonly group: number
      readonly dryG: number
      readonly airShare: number
      readonly storeShare: readonly number[]
    }
  | { readonly kind: 'uproot'; readonly group: number; readonly share: number }
  /** The standing plants times a factor: thinned out, or more of the same added with stores as full as theirs. */
  | { readonly kind: 'scale-plants'; readonly factor: number }
  | { readonly kind: 'change'; readonly fraction: number; readonly tap: TapWater; readonly vacuum: number; readonly wipe: number }
  /** Water comes over ground that was dry, and with it the filter's bacteria [mg] and film [0–1]. */
  | { readonly kind: 'flood'; readonly tap: TapWater; readonly filter: FilterStart }
  | { readonly kind: 'dose'; readonly mgPerL: NutrientAmounts }
  /** A grower who measures: raises each to the level wanted, never above it. */
  | { readonly kind: 'dose-up-to'; readonly mgPerL: NutrientAmounts }
  | { readonly kind: 'tabs'; readonly mgOfNutrient: readonly number[] }

export interface TimedEvent {
  /** Minutes from midnight of day 0. */
  readonly atMin: number
  readonly event: TankEvent
}

/** Everything from outside that drives one run. Made only by `compile.ts` (and by tests). */
export interface Forcing {
  readonly stepMin: number
  readonly site: Site
  /** Ascending by day; the first starts at day 0 or before. */
  readonly spans: readonly { readonly fromDay: number; readonly conditions: Conditions }[]
  /** Ascending by time. Events of one minute keep their order. */
  readonly events: readonly TimedEvent[]
}

export interface Method {
  readonly chemistry: Chemistry
  /** How gas is integrated over a step: `exact` solves exchange and injection together; `split` injects first and lets it decay over the whole step. */
  readonly gas: 'exact' | 'split'
  /** How leaf and root share what a plant can take up: `shared` lets leaves take what roots do not find; `apart` keeps to each its own part. */
  readonly uptake: 'shared' | 'apart'
}
