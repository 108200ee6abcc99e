import type {
  animalStateWords,
  indicatorColourWords,
  momentWords,
  outletStateWords,
  plantCountWords,
  plantDeedWords,
  raisedWords,
  readingQuantityWords,
  recordKindWords,
  signWords,
} from '../en/journal.js'
import { counted } from '../plural.js'
import type { Translation } from '../language.js'

export const moment: Translation<typeof momentWords> = {
  'gas-on': 'Gas an',
  'lights-on': 'Licht an',
  'gas-off': 'Gas aus',
  degassed: 'ausgegaste Probe',
}
export const animalState: Translation<typeof animalStateWords> = {
  lively: 'munter',
  hiding: 'verstecken sich',
  gasping: 'schnappen nach Luft',
  dead: 'eines ist tot',
}
export const indicatorColour: Translation<typeof indicatorColourWords> = {
  blue: 'blau',
  'blue-green': 'blaugrün',
  green: 'grün',
  'yellow-green': 'gelbgrün',
  yellow: 'gelb',
}
export const outletState: Translation<typeof outletStateWords> = { flowing: 'strömt', weak: 'schwach', stopped: 'steht' }

export const readingQuantity: Translation<typeof readingQuantityWords> = {
  pH: 'pH',
  alkalinity: 'KH',
  hardness: 'GH',
  ammonia: 'Ammonium (gesamt)',
  nitrite: 'Nitrit',
  nitrate: 'Nitrat',
  phosphate: 'Phosphat',
  potassium: 'Kalium',
  iron: 'Eisen',
  temperature: 'Temperatur',
  indicator: 'Farbe des Indikators',
  bubbles: 'Blasen je Sekunde',
  lightPower: 'Lichtleistung',
  cylinderPressure: 'Druck der Flasche',
  cylinderMass: 'Flasche auf der Waage',
  filmDays: 'Tage bis zum Belag',
  evaporated: 'Verdunstet',
  oxygen: 'Sauerstoff',
  ppfd: 'Licht (PPFD)',
  conductivity: 'Leitwert',
}
export const recordKind: Translation<typeof recordKindWords> = {
  reading: 'Messwert',
  glance: 'Durchsicht',
  dose: 'Düngergabe',
  change: 'Wasserwechsel',
  trim: 'Rückschnitt',
  plants: 'Pflanzen',
  death: 'Todesfall',
  purchase: 'Kauf',
  note: 'Notiz',
  sign: 'Zeichen',
  photo: 'Foto',
}
export const plantDeed: Translation<typeof plantDeedWords> = {
  added: 'hinzugesetzt',
  replanted: 'neu gesteckt (Köpfe oder Ableger)',
  moved: 'umgesetzt',
  thinned: 'ausgedünnt',
  failed: 'eingegangen',
  'given-away': 'weggegeben',
  arrived: 'angekommen, abgesondert',
}
export const plantCount: Translation<typeof plantCountWords> = {
  count: {
    pot: (count, told) => counted(count, { one: 'Topf', other: 'Töpfe' }, told),
    bunch: (count, told) => counted(count, { one: 'Bund', other: 'Bunde' }, told),
    cup: (count, told) => counted(count, { one: 'Gewebekultur', other: 'Gewebekulturen' }, told),
    portion: (count, told) => counted(count, { one: 'Portion', other: 'Portionen' }, told),
  },
  unit: { pot: 'Töpfen', bunch: 'Bunden', cup: 'Gewebekulturen', portion: 'Portionen' },
}
export const raised: Translation<typeof raisedWords> = {
  'in-air': 'in der Gärtnerei, an Luft',
  'under-water': 'unter Wasser',
  'in-culture': 'als Gewebekultur',
}
export const sign: Translation<typeof signWords> = {
  'brown-dust': 'brauner Belag, der sich wischen lässt',
  'green-dust': 'grüner Staub auf der Scheibe',
  'green-spot': 'harte grüne Punkte',
  thread: 'Fäden',
  beard: 'dunkle Büschel',
  staghorn: 'graue verzweigte Büschel',
  'blue-green-mat': 'blaugrüne schleimige Matte',
  'green-water': 'grünes Wasser',
  'surface-film': 'Kahmhaut an der Oberfläche',
  haze: 'weiße Trübung',
  melt: 'Blätter lösen sich auf',
  'pale-new-leaves': 'neue Blätter blass',
  'pale-old-leaves': 'alte Blätter blass',
  pinholes: 'kleine Löcher in Blättern',
  'twisted-tips': 'Triebspitzen verdreht oder klein',
  stalled: 'Wachstum steht',
  'lower-leaves-lost': 'untere Blätter fallen',
  gasping: 'Tiere schnappen nach Luft',
  pearling: 'Assimilation in Perlen',
  smell: 'Geruch',
}
