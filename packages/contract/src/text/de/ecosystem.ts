import type { feederWords, flagWords, growthWords, leadWords, strandTitleWords, supplyWords } from '../en/ecosystem.js'
import type { Translation } from '../language.js'

export const strandTitle: Translation<typeof strandTitleWords> = {
  light: 'Licht',
  carbon: 'Kohlenstoff',
  feed: 'Nahrung',
  warmth: 'Wärme',
  room: 'Raum',
}
export const supply: Translation<typeof supplyWords> = {
  light: 'Licht',
  carbon: 'Kohlenstoff',
  storeN: 'Stickstoff',
  storeP: 'Phosphor',
  storeK: 'Kalium',
  storeFe: 'Eisen',
  minerals: 'Calcium, Magnesium',
  warmth: 'Temperatur',
  room: 'Raum',
}
export const growth: Translation<typeof growthWords> = {
  hold: {
    light: 'Licht allein',
    carbon: 'Kohlenstoff',
    storeN: 'Stickstoff',
    storeP: 'Phosphor',
    storeK: 'Kalium',
    storeFe: 'Eisen und Spuren',
    minerals: 'Calcium oder Magnesium',
    warmth: 'Temperatur',
    room: 'Enge',
  },
  told: (share, hold) => `Die Pflanzen wachsen mit ${share} dessen, was dieses Licht zulässt; es bremst: ${hold}.`,
  full: (share) => `Die Pflanzen wachsen mit ${share} dessen, was dieses Licht zulässt; nur mehr Licht brächte mehr.`,
  spread: (share) => `Die Pflanzen wachsen mit ${share} dessen, was dieses Licht zulässt; neben dem Licht bremst nichts allein.`,
  early: (hold) => `${hold}, am meisten, wenn das Licht angeht`,
  short: (hold) => `das Wachstum bremst: ${hold}`,
}
export const feeder: Translation<typeof feederWords> = {
  ammonia: 'Ammonium',
  organics: 'gelöste organische Stoffe',
  swings: 'schwankendes CO2',
  stress: 'Blätter unter Stress',
  bareness: 'zu wenige gesunde Blätter',
}
export const lead: Translation<typeof leadWords> = {
  word: {
    'growth-stopped': 'Das Wachstum steht',
    'plants-ahead': 'Pflanzen voraus',
    'about-even': 'Etwa gleichauf',
    'algae-gaining': 'Algen holen auf',
  },
  wipe: (low, high) => (low === high ? `Scheiben etwa alle ${low} Tage wischen` : `Scheiben alle ${low} bis ${high} Tage wischen`),
  wipeFrom: (low) => `Scheiben alle ${low} Tage oder seltener wischen`,
  wipeSeldom: 'Scheiben alle drei Wochen oder seltener wischen',
  share: (percent) => `In ${percent} % der Becken, die zu diesen Angaben passen, behaupten sich die Pflanzen.`,
  fedBy: (feeders) => `Den Algen hilft: ${feeders}.`,
  trendUp: 'Besser als in der Woche davor.',
  trendDown: 'Schlechter als in der Woche davor.',
  trendFlat: 'Etwa wie in der Woche davor.',
  young: 'Wochen 1 bis 5: Kahmhaut, Blattverluste und brauner Belag sind jetzt normal.',
  planUp: (percent) => `Besser als der gespeicherte Plan in ${percent} % davon.`,
  planDown: (percent) => `Schlechter als der gespeicherte Plan in ${percent} % davon.`,
  planFlat: 'So gut wie der gespeicherte Plan.',
  index: 'Vorsprung',
  indexTitle: 'Vorsprung der Pflanzen vor den Algen',
  formula:
    'Vorsprung = relatives Wachstum der Pflanzen − schnellste Ausbreitung irgendeiner Alge; Mittel über eine Woche; Median der Schar',
  source: 'Tage zwischen dem Wischen folgen aus dem Wachstum des Belags auf Glas; Faustregel.',
}
export const flag: Translation<typeof flagWords> = {
  'co2-dangerous': (value) => `CO2 kann auf ${value} mg/L steigen, was tötet: vor dieser Woche weniger Gas.`,
  'co2-too-much': (value) => `CO2 kann auf ${value} mg/L steigen: zu viel für Tiere.`,
  'co2-much': (value) => `CO2 kann auf ${value} mg/L steigen: mehr, als Tiere haben sollten.`,
  'co2-wasted': (value) => `CO2 kann auf ${value} mg/L steigen: mehr, als Pflanzen nutzen.`,
  'oxygen-low': (value) => `Sauerstoff kann vor Licht an auf ${value} mg/L fallen (nach dem Modell).`,
  ammonia: (value) => `Ammonium ${value} mg N/L: noch keine Tiere.`,
  nitrite: (value) => `Nitrit ${value} mg N/L: noch keine Tiere.`,
}
