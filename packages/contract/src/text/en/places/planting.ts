import type { Handling, Melt, PlantingOrder } from '@jovrin/core'
import { counted } from '../../plural.js'

/** The planting sheet: map, front view over the weeks, patches, numbers. */
export const plantingWords = {
  tool: 'A click',
  toolWhy: 'What a click on the floor does.',
  tools: { choose: 'selects', draw: 'draws a patch' },
  week: 'Weeks after planting',
  weekTold: (week: string) => `week ${week}`,
  planDescription: (tank: string) => `Planting map of ${tank} from above`,
  frontDescription: (tank: string, week: string) => `${tank} from the front, ${week} weeks after planting`,
  shape: (name: string) => `Patch ${name}`,
  patches: 'Patches',
  patchesCaption: 'Number, plants, floor, portions',
  none: 'No patches yet. Draw one on the floor, or turn the shares of the description into a map.',
  addPatch: 'Add a patch',
  fromShares: 'Turn the shares into a map',
  empty: 'no plant yet',
  patch: (number: string) => `Patch ${number}`,
  addPlant: 'Add a plant',
  mixPlant: 'Mix in another plant',
  exchange: 'Another plant in its place',
  takeOut: (name: string) => `Take ${name} out of the patch`,
  openPlant: 'Its page',
  portionsOf: (portions: string, spacing: string) => `${portions} portions, ${spacing} apart`,
  retail: (count: number, kind: 'pot' | 'bunch' | 'cup' | 'loose') =>
    counted(
      count,
      {
        pot: { one: 'pot', other: 'pots' },
        bunch: { one: 'bunch', other: 'bunches' },
        cup: { one: 'culture cup', other: 'culture cups' },
        loose: { one: 'lot', other: 'lots' },
      }[kind],
    ),
  closes: (weeks: string) => `closes in about ${weeks} weeks`,
  neverCloses: 'does not close by itself',
  spare: (portions: number) => `${portions} over`,
  mirror: 'Mirror',
  duplicate: 'Duplicate',
  remove: 'Delete patch',
  numbers: 'Numbers',
  numbersCaption: 'Plant, portions, to buy, over',
  sums: {
    planted: 'Floor planted',
    fast: 'Of it fast growers',
    floating: 'Surface covered',
    mass: 'Dry mass at the start',
    hours: 'Planting',
  },
  plantedWhy: 'Usual for a start with strong light and gas: 70 % or more of the floor, a third of it fast growers. Rule of thumb.',
  mapGoesFirst: 'What the map holds of a group goes before its share in the description.',
  work: 'Work list',
  order: 'Planting order',
  orderWhy:
    'All three are used, and none is proven better. From the back, hands do not press down what stands in front; from the front, the low plants get the most care; plants on wood need it dry, so they often go on first.',
  orders: {
    'front-first': 'front first',
    'back-first': 'back first',
    'wood-first': 'wood and stone first',
  } satisfies Record<PlantingOrder, string>,
  orderCaption: 'Patch, plants, portions',
  makeReady: 'Make ready',
  handlings: {
    'pick-wool': 'Take it out of the pot and pick out all the wool.',
    'rinse-gel': 'Rinse all the gel off in lukewarm water.',
    unbind: 'Take off band and weight, cut off crushed ends.',
    'halve-stems': 'Cut long stems in halves and plant both, the base with a node above the ground.',
    'strip-air-leaves': 'Cut off old and hurt leaves that grew in air; they only rot.',
    split: 'Split into small portions.',
    'hold-for-shrimps':
      'Farm-grown plants may carry insecticide that kills shrimps days later: no shrimps with them before two to four weeks with water changes, or take culture cups.',
    tweeze: 'Plant with tweezers, one portion at a time.',
    'rhizome-on-top': 'Leave rhizome or crown above the ground: buried it rots.',
    fasten: 'Tie or glue it (gel glue, a drop at the base) to wood, stone or a piece of mesh that lies on the ground.',
    'lay-down': 'Lay it down; turn it now and then.',
    float: 'Lay it on the water once the tank is full.',
  } satisfies Record<Handling, string>,
  melts: {
    none: () => 'Should keep its leaves.',
    slight: (usual: string, most: string) =>
      `May lose a few leaves; new ones in about ${usual}. None after ${most}: look for what is wrong.`,
    marked: (usual: string, most: string) =>
      `Loses a good part of its leaves, which is normal; new ones in about ${usual}. None after ${most}: look for what is wrong.`,
    full: (usual: string, most: string) =>
      `Loses most or all of its leaves, which is normal as long as base and roots are firm; new ones in about ${usual}. None after ${most}: look for what is wrong.`,
  } satisfies Record<Melt, (usual: string, most: string) => string>,
  firstTrim: (week: string) => `First cut not before week ${week}.`,
  keepWet:
    'Spray every few minutes while plants are out of water; thin leaves dry out within a quarter of an hour in a dry room. Rule of thumb.',
  search: 'Find a plant by any name',
  noPlant: 'No plant has such a name.',
} as const
