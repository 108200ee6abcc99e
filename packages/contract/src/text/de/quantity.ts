import type { dimensionWords, figureWords, numberWords, unitWords } from '../en/quantity.js'
import type { Translation } from '../language.js'

export const dimension: Translation<typeof dimensionWords> = {
  length: 'Länge',
  volume: 'Volumen',
  temperature: 'Temperatur',
  alkalinity: 'Karbonathärte',
  hardness: 'Gesamthärte',
  nitrate: 'Nitrat',
  nitrite: 'Nitrit',
  ammonia: 'Ammonium',
  phosphate: 'Phosphat',
  silica: 'Silikat',
  mass: 'Masse',
  portion: 'Futter und Schnittgut',
}
export const unit: Translation<typeof unitWords> = { days: 'Tage', aDay: '/Tag' }
export const number: Translation<typeof numberWords> = {
  both: 'Komma oder Punkt als Dezimalzeichen, nicht beides, und keine Zeichen für Tausender.',
  none: 'Das ist keine Zahl.',
  range: (low, high, unit) => `Ein Wert von ${low} bis ${high}${unit === '' ? '' : ` ${unit}`}.`,
  whole: 'Eine ganze Zahl.',
  unknown: 'weiß nicht',
  assumed: (value, low, high, unit) => `angenommen ${value} (${low}–${high})${unit === '' ? '' : ` ${unit}`}`,
  odd: (usual) => `Ungewöhnlich: Die meisten Becken haben ${usual}. Bleibt wie eingegeben.`,
  explain: (label) => `Was ist ${label}?`,
}
export const figure: Translation<typeof figureWords> = {
  open: (label) => `${label}: Rechenweg zeigen`,
  formula: 'Formel',
  worked: 'Gerechnet',
  inputs: 'Mit',
  source: 'Quelle',
  range: 'Spanne',
  exact: 'genau für diese Angaben',
  close: 'Rechenweg schließen',
  from: { typed: 'eingegeben', assumed: 'angenommen', measured: 'gemessen', reckoned: 'berechnet', model: 'aus dem Modell' },
}
