import { datePlusDays, type LayoutKind, type Plan } from '@jovrin/core'
import type { DemoPlants } from './life.js'
import { RIVER_MAP, RIVER_PLANTS_SINCE, RIVER_SPOTS, type MapSpot, type MapPatch } from './maps.js'
import { archiveTank } from './tanks/archive.js'
import { ARCHIVE_MAP, ARCHIVE_SPOTS } from './tanks/archiveMap.js'
import { CUBE_MAP, CUBE_SPOTS, cubeTank } from './tanks/cube.js'
import { rackLeft, rackRight, RACK_OWNER_ID } from './tanks/racks.js'
import { riverTank } from './tanks/river.js'
import { shallowTank } from './tanks/shallow.js'
import { SHALLOW_MAP, SHALLOW_SPOTS } from './tanks/shallowMap.js'

/** The made-up library's tanks; ages in days at the demo's "today". */
export interface DemoTank {
  readonly id: string
  readonly age: number
  /** As it is now. */
  readonly plan: (startedOn: string) => Plan
  /** Its planting map, where it has one. */
  readonly map?: readonly MapPatch[]
  /** The composition that its map follows, where it has no map of its own. */
  readonly layout?: LayoutKind
  /** Plants on its wood and stone. */
  readonly spots?: readonly MapSpot[]
  /** Plants that came and went after the planting day. */
  readonly plants?: readonly DemoPlants[]
  /** Alike tanks on its cylinder, itself among them. */
  readonly onCylinder?: number
  /** Settings that led to it: each is what held before its day. */
  readonly changes: readonly DemoChange[]
}
interface DemoChange {
  /** Day of the tank's age from which the new value holds. */
  readonly day: number
  readonly why: string
  readonly path: string
  readonly before: unknown
}
const change = (day: number, path: string, before: unknown, why: string): DemoChange => ({ day, path, before, why })

/** Fixed ids, so that links into the demo keep working. */
export const DEMO_TANKS: readonly DemoTank[] = [
  {
    id: '01920000-0000-7000-8000-000000000001',
    age: 64,
    plan: riverTank,
    map: RIVER_MAP,
    spots: RIVER_SPOTS,
    plants: RIVER_PLANTS_SINCE,
    changes: [
      change(21, '/lightWindows/day/hours', 6, 'three weeks old, plants hold'),
      change(28, '/lamps/strip/dimFraction', 0.55, 'carpet stayed pale in front'),
      change(36, '/gasLines/gas/bubblesPerS', 4.1, 'shrimps came up for air at noon'),
      change(49, '/feeding', 'lean-column', 'stems in the back turned yellow below'),
    ],
  },
  {
    id: '01920000-0000-7000-8000-000000000002',
    age: 19,
    plan: shallowTank,
    map: SHALLOW_MAP,
    spots: SHALLOW_SPOTS,
    changes: [change(8, '/gasLines/gas/beforeLightMin', 60, 'pH fell too late')],
  },
  {
    id: '01920000-0000-7000-8000-000000000003',
    age: 420,
    plan: archiveTank,
    map: ARCHIVE_MAP,
    spots: ARCHIVE_SPOTS,
    changes: [
      change(310, '/lamps/strip/dimFraction', 0.65, 'gas taken off, so less light'),
      change(310, '/changes/everyDays', 7, 'held still from here'),
    ],
  },
  { id: RACK_OWNER_ID, age: 40, plan: rackLeft, layout: 'slope', onCylinder: 2, changes: [] },
  {
    id: '01920000-0000-7000-8000-000000000005',
    age: 40,
    plan: rackRight,
    layout: 'slope',
    changes: [],
  },
  {
    id: '01920000-0000-7000-8000-000000000006',
    age: 23,
    plan: cubeTank,
    map: CUBE_MAP,
    spots: CUBE_SPOTS,
    changes: [change(9, '/start/endsOnDay', 35, 'the lawn is slower than hoped')],
  },
]

export const startOf = (today: string, age: number): string => datePlusDays(today, -age)
