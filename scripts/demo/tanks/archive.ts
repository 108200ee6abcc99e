import { datePlusDays, UNKNOWN_LAMP, UNKNOWN_TAB, type Absence, type Plan } from '@jovrin/core'
import { layer, outline, piece, PROFILE } from '../layouts.js'
import { common } from './common.js'
import { keeps } from './animals.js'

export const archiveTank = (startedOn: string): Plan => ({
  ...common('Archive tank', startedOn),
  vessel: { lengthCm: 65, widthCm: 38, heightCm: 40, glassCm: 0.8, freeboardCm: 2, top: 'open' },
  temperatureC: 23,
  intent: { layout: 'wood-and-stones', pace: 'quiet', hoursPerWeek: 1, money: null, views: ['front'], wishes: ['shoal'] },
  layers: [layer('gravel', 'gravel', 3, 5)],
  tabs: [
    [7, 23],
    [24, 32],
    [37, 32],
    [52, 31],
    [58, 30],
  ].map(([xCm = 0, yCm = 0], index) => ({ id: `t${index + 1}`, kind: 'tab', xCm, yCm })),
  tabProduct: { ...UNKNOWN_TAB, name: 'Root tabs, pack of 10', pack: 10, price: 8, renewDays: 90 },
  hardscape: [
    piece(
      'lava',
      { name: 'Lava hill', material: 'lava', massKg: 3.4, heightCm: 16, sunkCm: 1, profile: PROFILE.peak },
      outline([17, 15], [25, 11], [33, 14], [34, 22], [26, 26], [17, 22]),
    ),
    piece(
      'lava2',
      { name: 'Lava foot', material: 'lava', massKg: 1.7, heightCm: 10, sunkCm: 1, profile: PROFILE.lean },
      outline([38, 17], [45, 14], [50, 18], [47, 24], [40, 24]),
    ),
    piece(
      'lava3',
      { name: 'Lava crumb', material: 'lava', massKg: 0.9, heightCm: 6, sunkCm: 0.5, profile: PROFILE.slab },
      outline([9, 11], [13, 8], [17, 10], [15, 14], [10, 14]),
    ),
  ],
  filters: [{ id: 'canister', ratedLPerH: 700, headCm: 90, media: 'packed', watts: 7 }],
  outlets: [{ id: 'pipe', xCm: 3, yCm: 30, zCm: 30, headingDeg: -12, pitchDeg: 6, boreMm: 12 }],
  patches: [
    { id: 'rhizome', kind: 'rhizome', footFraction: 0.3, density: 'full', pots: null },
    { id: 'moss', kind: 'moss', footFraction: 0.2, density: 'full', pots: null },
    { id: 'rosette', kind: 'rosette', footFraction: 0.2, density: 'half', pots: null },
  ],
  lamps: [{ ...UNKNOWN_LAMP, id: 'strip', watts: 18, lengthCm: 55, aboveWaterCm: 14, dimFraction: 0.5 }],
  lightWindows: [{ id: 'day', on: '10:00', hours: 8, rampMin: 30 }],
  gasLines: [],
  flow: { surface: 'ripple', hasSkimmer: false, turnoverPerH: 5, lossTimes: null, filter: 'mature' },
  feeding: 'lean-column',
  changes: { fraction: 0.3, everyDays: 14, firstWeeks: 'same' },
  ...keeps(
    0.15,
    ['caridina-multidentata', 8, 40],
    ['boraras-brigittae', 24, 60, 'a breeder in town'],
    ['planorbella-duryi', 6, 3, 'came with plants'],
  ),
  absences: [closedHouse(startedOn)],
})

/** The library closes for twelve days, three weeks from today. */
function closedHouse(startedOn: string): Absence {
  const on = (day: number): string => datePlusDays(startedOn, day)
  return {
    id: 'closed',
    leaveOn: on(439),
    backOn: on(451),
    lowerFrom: on(425),
    cleanOn: on(434),
    visitEveryDays: 4,
    food: 'visits',
    isDosed: false,
    topUpL: null,
    mayFallCm: 3,
    note: 'The front desk has the key of the archive. Jugs stand behind the tank, bags in the drawer under it.',
  }
}
