import { MOMENTS, READING_QUANTITIES, type Moment, type ReadingQuantity } from '../plan/journal.js'
import type { PLAIN_USES } from './importRows.js'
import { plainText } from './unitNamed.js'

/** Words that logs head their columns with, in the languages that their writers mostly use; lower case, without accents and gaps. */
const QUANTITY_WORDS: Partial<Record<ReadingQuantity, readonly string[]>> = {
  pH: ['ph', 'phwert', 'phvalue', 'phwaarde', 'phvarde'],
  alkalinity: [
    'kh',
    'dkh',
    'alk',
    'alkalinity',
    'alkalinitat',
    'alkalinite',
    'karbonatharte',
    'karbonathaerte',
    'carbonatehardness',
    'tac',
  ],
  hardness: [
    'gh',
    'dgh',
    'gesamtharte',
    'gesamthaerte',
    'generalhardness',
    'totalhardness',
    'hardness',
    'harte',
    'durete',
    'dureza',
    'durezza',
  ],
  ammonia: [
    'tan',
    'nh4',
    'nh3',
    'nh3nh4',
    'nh4nh3',
    'ammonia',
    'ammonium',
    'ammoniak',
    'ammoniaque',
    'ammoniaca',
    'amonio',
    'amoniaco',
    'amon',
  ],
  nitrite: ['no2', 'nitrite', 'nitrites', 'nitrit', 'nitrito', 'nitriti', 'nitriet', 'azotyny'],
  nitrate: ['no3', 'nitrate', 'nitrates', 'nitrat', 'nitrato', 'nitrati', 'nitraat', 'azotany'],
  phosphate: ['po4', 'phosphate', 'phosphates', 'phosphat', 'fosfat', 'fosfato', 'fosfati', 'fosfaat', 'fosforany'],
  potassium: ['k', 'kalium', 'potassium', 'potasio', 'potassio', 'potas'],
  iron: ['fe', 'iron', 'eisen', 'fer', 'hierro', 'ferro', 'ijzer', 'zelazo', 'jarn', 'jern'],
  temperature: [
    'temp',
    'temperature',
    'temperatur',
    'temperatura',
    'temperatuur',
    'wassertemperatur',
    'wassertemp',
    'watertemperature',
    'watertemp',
  ],
  oxygen: ['o2', 'oxygen', 'sauerstoff', 'oxygene', 'oxigeno', 'ossigeno', 'zuurstof', 'tlen', 'do'],
  conductivity: [
    'ec',
    'conductivity',
    'leitwert',
    'leitfahigkeit',
    'leitfaehigkeit',
    'conductivite',
    'conductividad',
    'conducibilita',
    'geleidbaarheid',
  ],
  ppfd: ['ppfd', 'par'],
  bubbles: ['bubbles', 'blasen', 'bulles', 'burbujas', 'bolle', 'bellen', 'bps'],
}
const USE_WORDS: Partial<Record<(typeof PLAIN_USES)[number], readonly string[]>> = {
  id: ['id'],
  at: [
    'at',
    'datetime',
    'timestamp',
    'zeitpunkt',
    'zeitstempel',
    'datumuhrzeit',
    'datumzeit',
    'dateheure',
    'fechahora',
    'dataora',
    'datumtijd',
  ],
  date: ['date', 'day', 'datum', 'tag', 'jour', 'fecha', 'dia', 'data', 'giorno', 'dag', 'dato', 'dzien'],
  time: ['time', 'zeit', 'uhrzeit', 'heure', 'hora', 'ora', 'tijd', 'tid', 'godzina', 'czas'],
  quantity: ['quantity', 'parameter', 'parametre', 'parametro', 'test', 'messgrosse', 'grosse', 'measurement', 'what'],
  value: ['value', 'wert', 'messwert', 'ergebnis', 'result', 'reading', 'valeur', 'valor', 'valore', 'waarde', 'wartosc', 'varde'],
  unit: ['unit', 'units', 'einheit', 'unite', 'unidad', 'unita', 'eenheid', 'jednostka', 'enhet'],
  note: [
    'note',
    'notes',
    'remark',
    'remarks',
    'comment',
    'comments',
    'notiz',
    'notizen',
    'bemerkung',
    'bemerkungen',
    'kommentar',
    'anmerkung',
    'remarque',
    'nota',
    'notas',
    'opmerking',
    'uwagi',
  ],
  entered: ['entered'],
  enteredUnit: ['enteredunit'],
  basis: ['basis'],
  method: ['method', 'methode', 'metodo', 'kit'],
  moment: ['moment'],
  recordedBy: ['recordedby', 'loggedby'],
}
/** When in the gas day: only what leaves no doubt. "In the morning" may be before the gas or in the middle of it. */
const MOMENT_WORDS: Readonly<Record<Moment, readonly string[]>> = {
  'gas-on': ['gason', 'co2on', 'beforegas', 'beforeco2', 'vorco2', 'co2an', 'gasan', 'avantco2', 'antesco2', 'primaco2', 'voorco2'],
  'lights-on': ['lightson', 'lighton', 'lichtan', 'lumiereon', 'luzencendida', 'lichtaan'],
  'gas-off': ['gasoff', 'co2off', 'peak', 'endofgas', 'co2aus', 'gasaus', 'lightsoff', 'lichtaus', 'finco2', 'lichtuit'],
  degassed: ['degassed', 'outgassed', 'ausgegast', 'entgast', 'abgestanden', 'degaze', 'desgasificado', '24h'],
}

/** Letters and figures alone. */
export const squeezed = (text: string): string => plainText(text).replace(/[^a-z0-9]/g, '')

const named = <T extends string>(words: Partial<Record<T, readonly string[]>>, squeezedText: string): T | null =>
  (Object.entries(words) as [T, readonly string[]][]).find(([, list]) => list.includes(squeezedText))?.[0] ?? null

export const quantityNamed = (text: string): ReadingQuantity | null =>
  READING_QUANTITIES.find((quantity) => squeezed(quantity) === squeezed(text)) ?? named(QUANTITY_WORDS, squeezed(text))
export const plainUseNamed = (text: string): (typeof PLAIN_USES)[number] | null => named(USE_WORDS, squeezed(text))
export const momentNamed = (text: string): Moment | null =>
  MOMENTS.find((moment) => squeezed(moment) === squeezed(text)) ?? named(MOMENT_WORDS, squeezed(text))
