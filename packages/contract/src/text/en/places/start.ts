import type { CycleQuantity, CycleState, StartPhase, StartReason, WayToStart } from '@jovrin/core'

type Before = Exclude<StartPhase, 'planted'>

/** The weeks before plants and water are together, on the calendar. */
export const startWeeksWords = {
  title: { dark: 'In the dark weeks', dry: 'In the dry weeks' } satisfies Record<Before, string>,
  dayOf: (day: string, ends: string) => `Day ${day} · ${ends}`,
  ends: {
    dark: (date: string) => `planting ${date}`,
    dry: (date: string) => `flooding ${date}`,
  } satisfies Record<Before, (date: string) => string>,
  endToday: { dark: 'Planted today', dry: 'Flooded today' } satisfies Record<Before, string>,
  edit: 'Edit the start',
  standing: {
    dark: (date: string) => `Dark start: no plants and no light until ${date}; the tests decide.`,
    dry: (date: string) => `Dry start: moist ground under film until ${date}; mist and air it daily.`,
  } satisfies Record<Before, (date: string) => string>,
  balance: {
    dark: 'The week has no plants and no light: the cycle counts, and stands on the calendar. Growth and algae begin with planting.',
    dry: 'The week has no water over the ground: growth is that of leaves in moist air. Water, gas and algae begin with the flood.',
  } satisfies Record<Before, string>,
  noWaterYet: 'No water over the ground in that week.',
  cycle: {
    'not-tested': 'The cycle cannot be seen without tests: ammonia, nitrite, KH.',
    done: 'Ammonia and nitrite were at zero twice: change nine tenths of the water, then plant.',
    'once-more': 'Ammonia and nitrite are at zero: test once more tomorrow, then plant.',
    stalled: 'The cycle stands still: ammonia does not fall, and what bacteria need is short. Mend that first; waiting will not do it.',
    'at-risk': 'The cycle may stand still soon: what bacteria need is short.',
    slow: 'Ammonia does not fall yet. New soil still gives it off: test again in a week before you change anything.',
    running: 'The cycle runs, as far as the tests show.',
  } satisfies Record<CycleState, string>,
  conditions: 'What the cycle needs',
  untested: 'not tested of late',
  is: { enough: 'enough', short: 'too low', unknown: 'unknown' },
  atLeast: (value: string) => `at least ${value}`,
  mends: {
    pH: 'pH this low slows bacteria to a crawl: raise the KH first, the pH follows it. Only while no animals are in the tank.',
    temperature: 'Heat it until planting: the warmer, up to what tropical plants like, the faster bacteria grow.',
  } satisfies Record<Exclude<CycleQuantity, 'alkalinity'>, string>,
  raiseAlkalinity: (grams: string, to: string) =>
    `KH: dissolve ${grams} of potassium bicarbonate in a cup of tank water and pour it in over an hour, for ${to}. Only while no animals are in the tank. Test again after two days; soil takes up some of it.`,
  underFilm: 'Under the film',
  waterLine: 'Water in the ground',
  atMost: (height: string) => `at most ${height} over the glass`,
  noWater: 'none to be seen',
  airGap: 'Film open at one side',
  about: (value: string) => `about ${value}`,
  light: 'Light a day',
  planted: 'Carpet closed at planting',
  closedNow: 'Closed today, by the model',
  closedAtEnd: (day: string) => `Closed on day ${day}, by the model`,
  floodWhen:
    'Flood when three quarters are closed and a gentle pull lifts nothing: your eye decides, not the day. Compare with the same-spot photo.',
  dryModel: 'The model takes the ground as always moist and the film as kept: it runs neither drying out nor mould.',
} as const

/** The choice of a start, on the build programme. */
export const howItBeginsWords = {
  title: 'How it begins',
  fits: { good: 'fits', possible: 'possible', poor: 'does not fit' } satisfies Record<WayToStart['fit'], string>,
  reasons: {
    'one-day': 'planting and filling in one go; plants take up ammonia from the first day',
    'ammonia-with-plants': 'the ground leaches ammonia for weeks: many changes at first, and animals late',
    'thin-planting': 'less than half of the floor is planted: algae find light and ammonia',
    'cycle-first': 'the ammonia of the ground feeds bacteria before plants and animals come',
    'no-algae-in-dark': 'without light algae do not grow meanwhile',
    'nothing-to-cycle': 'the ground leaches no ammonia: nothing for bacteria to grow on',
    'cycled-already': 'the filter is seeded or mature: five weeks win little',
    'water-too-soft': 'new water has little alkalinity: the cycle uses it up and stands still',
    'carpet-roots': 'a carpet roots and closes before water moves it, without gas and algae',
    'no-carpet': 'no carpet is planned: stems and rosettes gain little',
    'mostly-not-dry': 'many of the plants do not stand a dry start',
    'poor-ground': 'the ground holds little food, and roots are all that feeds a dry carpet',
    'weeks-of-mist': 'weeks of daily misting, with mould to watch; some leaves melt after flooding',
  } satisfies Record<StartReason, string>,
  schools: 'All three are practised with success. A test decides when animals may come, whichever way it begins.',
} as const
