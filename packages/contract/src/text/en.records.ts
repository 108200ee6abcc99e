import type { JobKind, ReadingQuantity, RecordKind, Sign } from '@jovrin/core'

const number = (value: number | undefined, digits = 3): string => (value === undefined ? '?' : String(Number(value.toPrecision(digits))))

const counted = (value: number | undefined, what: string): string => `${number(value)} ${what}${value === 1 ? '' : 's'}`

/** Salts by their everyday chemical names. */
const salt: Record<string, string> = {
  'potassium-nitrate': 'potassium nitrate',
  'monopotassium-phosphate': 'monopotassium phosphate',
  'dipotassium-phosphate': 'dipotassium phosphate',
  'potassium-sulfate': 'potassium sulfate',
  'potassium-bicarbonate': 'potassium bicarbonate',
  'magnesium-sulfate-heptahydrate': 'magnesium sulfate (7 H2O)',
  'magnesium-nitrate-hexahydrate': 'magnesium nitrate (6 H2O)',
  'calcium-nitrate-tetrahydrate': 'calcium nitrate (4 H2O)',
  'calcium-sulfate-dihydrate': 'calcium sulfate (2 H2O)',
  'calcium-chloride-anhydrous': 'calcium chloride (dry)',
  'calcium-chloride-dihydrate': 'calcium chloride (2 H2O)',
  'calcium-carbonate': 'calcium carbonate',
  'sodium-bicarbonate': 'sodium bicarbonate',
  'ammonium-nitrate': 'ammonium nitrate',
  'ammonium-sulfate': 'ammonium sulfate',
  'monoammonium-phosphate': 'monoammonium phosphate',
  urea: 'urea',
  'iron-edta-sodium-anhydrous': 'iron EDTA (dry)',
  'iron-edta-sodium-trihydrate': 'iron EDTA (3 H2O)',
  'iron-dtpa-sodium-hydrogen': 'iron DTPA (Na H)',
  'iron-dtpa-disodium': 'iron DTPA',
  'iron-gluconate-dihydrate': 'iron gluconate',
  'iron-sulfate-heptahydrate': 'iron sulfate (7 H2O)',
  'manganese-sulfate-monohydrate': 'manganese sulfate',
  'zinc-sulfate-heptahydrate': 'zinc sulfate',
  'copper-sulfate-pentahydrate': 'copper sulfate',
  'boric-acid': 'boric acid',
  'sodium-molybdate-dihydrate': 'sodium molybdate',
}

const title: Record<JobKind, string> = {
  'dark-start': 'Fill, if you start dark',
  'soak-wood': 'Soak the wood',
  'order-ground': 'Order the ground',
  'kit-check': 'Run the kit, level, leak-test',
  cylinder: 'Gas: cylinder filled, leak test',
  'ph-pen': 'Calibrate the pH pen',
  'water-store': 'Fill the barrel',
  'plants-order': 'Order the plants',
  layout: 'Lay out stones and wood',
  'paint-fix': 'Glue and screw',
  'trial-flood': 'Trial flood',
  'plants-arrive': 'Plants arrive',
  'mix-water': 'Make the water ready',
  planting: 'Plant and fill',
  change: 'Change water',
  'light-step': 'Light, next step',
  'gas-check': 'Check the gas',
  dose: 'Dose',
  'dose-to-level': 'Test and dose to level',
  'test-nitrogen': 'Test ammonia and nitrite',
  'test-water': 'Test the water',
  trim: 'Trim',
  glass: 'Wipe the glass',
  filter: 'Clean the filter',
  diffuser: 'Clean the diffuser',
  'weigh-cylinder': 'Weigh the cylinder',
  photo: 'Same-spot photo',
  melt: 'Net out melt',
  grazers: 'Grazers may come',
  fish: 'Fish may come',
}

/** What to do, in canonical units: for files and for places that have no units of their own. */
function plain(kind: JobKind, values: Readonly<Record<string, number>>): string {
  switch (kind) {
    case 'change':
      return `${number(values['litres'])} L (${number((values['fraction'] ?? 0) * 100, 2)} %)`
    case 'light-step':
      return `${number(values['hours'], 2)} h at ${number((values['dimFraction'] ?? 0) * 100, 2)} %`
    case 'dose':
      return Object.entries(values)
        .map(([id, grams]) => `${number(grams)} g ${salt[id] ?? id}`)
        .join(', ')
    case 'dose-to-level':
      return `NO3 ${number(values['nitrate'])}, PO4 ${number(values['phosphate'])}, K ${number(values['potassium'])}, Mg ${number(values['magnesium'])}, Fe ${number(values['iron'])} mg/L`
    case 'grazers':
      return `${number(values['count'])}, after two tests at zero`
    case 'fish':
      return 'after two tests at zero; gas turned down first; a few at a time'
    case 'gas-check':
      return 'pH at gas-on, lights-on and gas-off; indicator; animals'
    case 'test-nitrogen':
      return 'two tests at zero, a day apart, before animals'
    case 'test-water':
      return 'pH, KH, nitrate, phosphate'
    case 'trim':
      return 'shake wet, weigh; check gas the same day; net scraps'
    case 'filter':
      return 'in tank water; power off, heater cooled'
    case 'diffuser':
      return 'bleach bath outside, rinse, dechlorinate, dry'
    case 'melt':
      return 'leaves grown in air dissolve now; take them out'
    case 'order-ground':
    case 'mix-water':
      return `${number(values['litres'])} L`
    case 'soak-wood':
    case 'layout':
      return counted(values['pieces'], 'piece')
    case 'plants-order':
    case 'plants-arrive':
      return counted(values['pots'], 'pot')
    case 'paint-fix':
      return `${number(values['hours'], 2)} h to dry`
    case 'planting':
      return counted(values['portions'], 'portion')
    case 'dark-start':
    case 'kit-check':
    case 'cylinder':
    case 'ph-pen':
    case 'water-store':
    case 'trial-flood':
    case 'glass':
    case 'photo':
    case 'weigh-cylinder':
      return ''
  }
}

const quantity: Record<ReadingQuantity, string> = {
  pH: 'pH',
  alkalinity: 'KH',
  hardness: 'GH',
  ammonia: 'Ammonia (total)',
  nitrite: 'Nitrite',
  nitrate: 'Nitrate',
  phosphate: 'Phosphate',
  potassium: 'Potassium',
  iron: 'Iron',
  temperature: 'Temperature',
  indicator: 'Indicator colour',
  bubbles: 'Bubbles a second',
  lightPower: 'Light power',
  cylinderPressure: 'Cylinder pressure',
  cylinderMass: 'Cylinder on the scale',
  filmDays: 'Days until film shows',
  evaporated: 'Evaporated',
  oxygen: 'Oxygen',
  ppfd: 'Light (PPFD)',
  conductivity: 'Conductivity',
}
const kind: Record<RecordKind, string> = {
  reading: 'Reading',
  glance: 'Glance',
  dose: 'Dose',
  change: 'Water change',
  trim: 'Trim',
  death: 'Death',
  purchase: 'Purchase',
  note: 'Note',
  sign: 'Sign',
  photo: 'Photo',
}
const sign: Record<Sign, string> = {
  'brown-dust': 'brown dust that wipes off',
  'green-dust': 'green dust on the glass',
  'green-spot': 'hard green spots',
  thread: 'threads',
  beard: 'dark tufts',
  staghorn: 'grey branching tufts',
  'blue-green-mat': 'blue-green slimy mat',
  'green-water': 'green water',
  'surface-film': 'film on the surface',
  haze: 'white haze',
  melt: 'leaves melting',
  'pale-new-leaves': 'new leaves pale',
  'pale-old-leaves': 'old leaves pale',
  pinholes: 'pinholes in leaves',
  'twisted-tips': 'tips twisted or small',
  stalled: 'growth stalled',
  'lower-leaves-lost': 'lower leaves lost',
  gasping: 'animals gasping',
  pearling: 'pearling',
  smell: 'smell',
}

export const enRecords = {
  salt,
  quantity,
  kind,
  sign,
  job: { title, plain },
  moment: { 'gas-on': 'gas on', 'lights-on': 'lights on', 'gas-off': 'gas off' } as Record<string, string>,
  animals: { lively: 'lively', hiding: 'hiding', gasping: 'gasping', dead: 'one died' } as Record<string, string>,
  indicator: { blue: 'blue', 'blue-green': 'blue-green', green: 'green', 'yellow-green': 'yellow-green', yellow: 'yellow' } as Record<
    string,
    string
  >,
  outlet: { flowing: 'flowing', weak: 'weak', stopped: 'stopped' } as Record<string, string>,
  calendar: {
    fileName: (name: string) => `${name}: care`,
    fileNameAll: 'Tanks: care',
  },
} as const
