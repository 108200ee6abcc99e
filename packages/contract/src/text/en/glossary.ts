/** Words of the field: the term, other names under which it is looked for, and what it means. */
type Entry = readonly [term: string, names: string, meaning: string]

export const glossaryWords = {
  ppfd: [
    'PPFD',
    'photosynthetic photon flux density, light, µmol',
    'How many photons that plants can use fall on a square metre in a second, in µmol/m²/s. It is told for the ground, where the carpet stands; higher up there is more.',
  ],
  dli: [
    'DLI',
    'daily light integral, daily light',
    'The light of a whole day on a square metre, in mol/m²: PPFD times the hours. A weak lamp for long and a strong one for short may give the same.',
  ],
  photoperiod: ['Photoperiod', 'hours of light, lights-on, lights-off', 'The hours from first to last light, ramps included.'],
  ramp: ['Ramp', 'sunrise, sunset, dimming', 'The minutes in which the lamp goes from dark to full power, and back.'],
  ph: [
    'pH',
    'acidity',
    'How acid water is; 7 is neutral. CO2 that dissolves lowers it, by about one unit for ten times as much, and that fall of the pH does animals little harm; the CO2 itself, when it is too much, suffocates them.',
  ],
  kh: [
    'KH',
    'alkalinity, carbonate hardness, dKH',
    'Alkalinity, told as carbonate hardness: how much acid the water can take before its pH falls. With pH it tells the dissolved CO2, unless other acids, such as tannin, are in the water. 1 °dKH is 0.357 meq/L.',
  ],
  gh: [
    'GH',
    'general hardness, hardness, dGH, calcium, magnesium',
    'Calcium and magnesium together. Plants need both; shrimps need calcium for their shells.',
  ],
  ammonia: [
    'Ammonia (total)',
    'TAN, ammonium, NH3, NH4',
    'Ammonia and ammonium together, as tests read it. The warmer the water and the higher its pH, the larger the share that is ammonia, which burns gills.',
  ],
  nitrite: [
    'Nitrite',
    'NO2',
    'What bacteria make of ammonia before they make nitrate. It keeps blood from carrying oxygen: no animals until it is at zero.',
  ],
  nitrate: [
    'Nitrate',
    'NO3',
    'The form of nitrogen that is dosed and that a running filter leaves. “As the ion” (NO3) is 4.43 times the number “as nitrogen” (N).',
  ],
  phosphate: ['Phosphate', 'PO4', 'The form of phosphorus that is dosed. “As the ion” (PO4) is 3.07 times the number “as phosphorus” (P).'],
  chelate: [
    'Chelate',
    'EDTA, DTPA, gluconate, iron',
    'What holds dissolved iron so that it does not fall out as rust. Each holds up to a pH of its own; EDTA lets go first, DTPA later.',
  ],
  'gas-peak': ['Gas peak', 'CO2 at gas-off, CO2 maximum', 'The most CO2 of the day, reached when the gas shuts. It decides for animals.'],
  degassed: [
    'Degassed sample',
    'drop, drop of pH',
    'Tank water that stood open with air for a day. Its pH less that of the tank tells the CO2, whatever other acids are in it.',
  ],
  indicator: [
    'Indicator',
    'colour of the indicator, drop test for CO2',
    'A little flask in the tank whose liquid shows the CO2 by its colour: blue too little, green right, yellow too much. It shows what was an hour or two ago.',
  ],
  bubbles: [
    'Bubble count',
    'bubbles a second, counter',
    'Bubbles through the counter in a second. It compares one setting with another in the same tank; between tanks it says little.',
  ],
  diffuser: [
    'Diffuser',
    'stone, reactor, in-line',
    'What brings gas into the water: a stone or disc in the tank, one in the filter’s hose, or a reactor.',
  ],
  needle: ['Needle valve', 'gas valve', 'Sets the bubbles. Turn it little and wait a day: water answers slowly.'],
  solenoid: [
    'Solenoid',
    'magnetic valve, timer valve',
    'Opens the gas when it has current. One that sticks open lets gas through all night.',
  ],
  controller: [
    'Controller',
    'pH controller',
    'Shuts the gas when the pH has fallen to a level. It knows nothing of KH: when that changes, its level means another CO2.',
  ],
  carpet: ['Carpet', 'foreground', 'Low plants that spread over the ground in front.'],
  stem: ['Stem plant', 'stems', 'A plant that grows upwards from cuttings and is topped again and again.'],
  rhizome: [
    'Rhizome plant',
    'epiphyte, plants on wood',
    'A plant whose thick stem lies above the ground, tied or glued to wood and stone. Buried, it rots.',
  ],
  rosette: ['Rosette', 'crown plant', 'Leaves from one crown, fed mostly by roots.'],
  floater: [
    'Floater',
    'floating plants, surface cover',
    'A plant on the surface. It takes light from those below, and nitrogen out of the water, fast.',
  ],
  emersed: ['Emersed', 'grown in air, grown above water', 'Grown with its leaves in air. Such leaves melt under water; new ones come.'],
  melt: [
    'Melt',
    'leaves dissolve',
    'Leaves that were grown elsewhere dissolve in the first weeks. Net them out; the plant lives on in its roots and tips.',
  ],
  pearling: ['Pearling', 'oxygen bubbles', 'Bubbles of oxygen on leaves: the water is full of it. A pleasing sign, no measure of growth.'],
  'active-soil': [
    'Active soil',
    'soil, aquarium soil',
    'Baked pellets of earth that feed roots and soften water. Rich ones give off ammonia for weeks.',
  ],
  'capped-soil': ['Capped soil', 'dirt, garden soil', 'Garden soil under sand.'],
  'root-tab': ['Root tab', 'capsule, tablet', 'Food for roots, pressed into the ground.'],
  separator: ['Separator', 'barrier', 'A strip that keeps sand and soil apart below the surface.'],
  'purified-water': [
    'Purified water',
    'reverse osmosis, RO, osmosis water, deionised',
    'Water from which a filter has taken nearly everything. Minerals are added before it goes in.',
  ],
  conditioner: ['Conditioner', 'dechlorinator', 'Binds chlorine in tap water; some bind ammonia too, which chloramine needs.'],
  binder: ['Ammonia binder', 'detoxifier', 'Makes ammonia harmless for a day or so. It does not take it away: the change of water does.'],
  cycling: [
    'Cycling',
    'nitrification, filter bacteria',
    'The weeks in which bacteria grow that make nitrate of ammonia. Two tests at zero, a day apart, tell that it is done.',
  ],
  'dark-start': [
    'Dark start',
    'start without plants',
    'Ground and water weeks before the plants, without light, until the filter takes the soil’s ammonia.',
  ],
  'dry-start': ['Dry start', 'start without water', 'Plants root in moist soil under a cover before the tank is filled.'],
  braid: [
    'Braid',
    'balance, strands',
    'The drawing of what growth needs: a strand each for light, carbon, feed, warmth and room, the scarcest lowest.',
  ],
  lead: [
    'Lead',
    'lead of plants over algae',
    'How much faster the plants grow than the fastest algae could spread. Above zero the plants hold their ground.',
  ],
  band: [
    'Band',
    'uncertainty, range, 10–90 %',
    'Where eight of ten possible tanks lie that fit your answers. Answers that are left open make it wider.',
  ],
  turnover: [
    'Turnover',
    'flow, volumes an hour',
    'How many times an hour the filter really moves the tank’s volume; about half to two thirds of what its box says.',
  ],
  tannin: ['Tannin', 'stain, humic', 'What wood gives off: brown, harmless, sour. It takes light, the blue first.'],
  'surface-film': ['Surface film', 'biofilm, oily film', 'A skin on still water that keeps oxygen out. Move the surface, or skim it.'],
} as const satisfies Record<string, Entry>

/** What stands around the guide and the glossary. */
export const helpWords = {
  title: 'Help',
  search: 'Search the guide and the terms',
  guide: 'Guide',
  terms: 'Terms',
  none: 'Nothing has these words. Try one word less.',
  here: 'Here',
  keys: 'Keyboard shortcuts',
  term: (name: string) => `What is ${name}?`,
} as const
