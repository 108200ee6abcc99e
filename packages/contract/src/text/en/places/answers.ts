import { counted } from '../../plural.js'
export const answersWords = {
  title: 'Answers',
  intro: 'What growers open this for, most wanted first.',
  which: 'Tank',
  begin: 'There is no such question. Choose one from the list.',
  all: 'All questions',
  list: {
    today: ['What do I do today?', 'Jobs with litres, grams and minutes.'],
    gas: ['Is the gas enough and safe, and when on and off?', 'From pH at gas-on, lights-on and gas-off, KH, and the indicator.'],
    normal: ['Is this normal in this week, and what changed before it?', 'What belongs to the week; settings by date.'],
    dose: ['How much of this salt or bottle?', 'Grams or millilitres for a level. No tank needed.'],
    animals: ['May animals go in; is this ammonia dangerous?', 'From your tests, pH and temperature.'],
    water: ['How much water, which mix, salts, conditioner; when do I stop the hose?', 'No tank needed.'],
    light: ['What power and hours now?', 'The first weeks’ steps, and a phone’s lux.'],
    supplies: ['When does gas run out?', 'From the scale.'],
    build: ['Bags of ground, real litres, total weight?', 'From the outer size, depths, and stones on a bathroom scale. No tank needed.'],
  },
  gasTable: 'CO2 over the gas day',
  gasTimes: (on: string, off: string) => `Planned: gas on at ${on}, off at ${off}.`,
  gasWait: 'After a change of gas wait one or two days and measure again at the same moments.',
  gasErr: 'Other acids, tannin and phosphate show CO2 that is not there; stuffy rooms hide some that is. The worst evidence decides.',
  gasTrust: 'trusted',
  ionicStrength: 'ionic strength, from hardness and KH',
  roomAir: 'CO2 of the room',
  readiness: {
    'not-tested': 'Not tested of late: test ammonia and nitrite, twice, a day or more apart.',
    'not-yet': 'Not yet: a test still shows ammonia or nitrite.',
    'once-more': 'At zero once. Test once more, a day or more later.',
    'twice-zero':
      'Ammonia and nitrite were at zero twice. Turn gas down first; snails and large shrimps before fish; suckermouth fish not before week 6 to 8; a few at a time.',
  },
  danger: {
    'none-seen': 'The toxic share that was measured is low.',
    unknown: 'For the toxic share log ammonia and pH.',
    trouble: 'Ammonia or nitrite troubles animals, or would with the gas driven out: change water, no food, keep pH from rising.',
    harm: 'Ammonia or nitrite harms animals: an ammonia binder for the whole tank, then change water; no food, and nothing that raises pH.',
  },
  highestPh: 'Highest pH of the week',
  unionised: 'Un-ionised ammonia, at the week’s highest pH',
  unionisedWithoutGas: 'The same with the gas driven out',
  newestTests: 'Newest tests',
  never: 'This tells what was measured, not what was not.',
  open: 'Open the calculator',
  normalNow: (week: string, what: string) => `Week ${week}. Normal now: ${what === '' ? 'nothing in particular' : what}.`,
  pastFirstWeeks: 'Past its first eight weeks: from here a new film or dust has a cause.',
  oneChange:
    'Remove, cut, vacuum and change water at once; change one cause only, and judge growth formed since: gas 1 to 2 days by pH, 7 to 10 by tips; feed and light 2 to 3 weeks.',
  lightTarget: 'Steps of the first weeks',
  lightNow: (ppfd: string, daily: string, hours: string) => `Today about ${ppfd} reach the ground, ${daily} a day in ${hours}.`,
  lightFits: 'Every patch of the map lives well with it.',
  lightWants: (dim: string, bright: string) => `Of the patches ${dim} want more, and ${bright} of slow plants get more than they use.`,
  lightRead: (count: number) =>
    count === 0
      ? 'Nothing was read: the figure may be a third off.'
      : `${counted(count, { one: 'reading stands', other: 'readings stand' })} beside it.`,
  lightPlace: 'Light of this tank',
  lightDone: 'This tank is past its first eight weeks; its light is what the plan says.',
} as const
