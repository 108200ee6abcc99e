import type { startWeeksWords } from '../../en/places/start.js'
import type { Translation } from '../../language.js'

export const startWeeks: Translation<typeof startWeeksWords> = {
  title: { dark: 'In den dunklen Wochen', dry: 'In den trockenen Wochen' },
  dayOf: (day, ends) => `Tag ${day} · ${ends}`,
  ends: { dark: (date) => `pflanzen ${date}`, dry: (date) => `fluten ${date}` },
  endToday: { dark: 'Heute gepflanzt', dry: 'Heute geflutet' },
  edit: 'Den Start bearbeiten',
  standing: {
    dark: (date) => `Dunkelstart: keine Pflanzen und kein Licht bis ${date}; die Tests entscheiden.`,
    dry: (date) => `Trockenstart: feuchter Boden unter Folie bis ${date}; täglich sprühen und lüften.`,
  },
  balance: {
    dark: 'Die Woche hat keine Pflanzen und kein Licht: Was zählt, ist das Einfahren, und das steht im Kalender. Wachstum und Algen beginnen mit dem Pflanzen.',
    dry: 'In der Woche steht kein Wasser über dem Boden: Was wächst, wächst an feuchter Luft. Wasser, Gas und Algen beginnen mit dem Fluten.',
  },
  noWaterYet: 'In dieser Woche noch kein Wasser über dem Boden.',
  cycle: {
    'not-tested': 'Ohne Tests ist das Einfahren nicht zu sehen: Ammonium, Nitrit, KH.',
    done: 'Ammonium und Nitrit waren zweimal bei null: neun Zehntel des Wassers wechseln, dann pflanzen.',
    'once-more': 'Ammonium und Nitrit sind bei null: morgen noch einmal testen, dann pflanzen.',
    stalled: 'Das Einfahren steht still: Ammonium fällt nicht, und was Bakterien brauchen, fehlt. Das zuerst beheben; Warten hilft nicht.',
    'at-risk': 'Das Einfahren steht vielleicht bald still: Was Bakterien brauchen, fehlt.',
    slow: 'Ammonium fällt noch nicht. Neuer Boden gibt noch welches ab: in einer Woche wieder testen, bevor etwas geändert wird.',
    running: 'Das Einfahren läuft, so weit die Tests es zeigen.',
  },
  conditions: 'Was das Einfahren braucht',
  untested: 'länger nicht getestet',
  is: { enough: 'genug', short: 'zu niedrig', unknown: 'unbekannt' },
  atLeast: (value) => `mindestens ${value}`,
  mends: {
    pH: 'Ein so niedriger pH bremst die Bakterien bis fast zum Stillstand: zuerst die KH heben, der pH folgt ihr. Nur solange keine Tiere im Becken sind.',
    temperature: 'Bis zum Pflanzen heizen: Je wärmer, bis dahin, was tropische Pflanzen mögen, desto schneller wachsen Bakterien.',
  },
  raiseAlkalinity: (grams, to) =>
    `KH: ${grams} Kaliumhydrogencarbonat in einer Tasse Beckenwasser lösen und über eine Stunde hineingießen, für ${to}. Nur solange keine Tiere im Becken sind. Nach zwei Tagen wieder testen; der Boden nimmt einen Teil davon auf.`,
  underFilm: 'Unter der Folie',
  waterLine: 'Wasser im Boden',
  atMost: (height) => `höchstens ${height} über dem Glas`,
  noWater: 'keines zu sehen',
  airGap: 'Folie an einer Seite offen',
  about: (value) => `etwa ${value}`,
  light: 'Licht am Tag',
  planted: 'Teppich geschlossen beim Pflanzen',
  closedNow: 'Heute geschlossen, nach dem Modell',
  closedAtEnd: (day) => `An Tag ${day} geschlossen, nach dem Modell`,
  floodWhen:
    'Fluten, wenn drei Viertel geschlossen sind und ein leichtes Zupfen nichts anhebt: Das Auge entscheidet, nicht der Tag. Mit dem Bild von derselben Stelle vergleichen.',
  dryModel: 'Das Modell nimmt den Boden als immer feucht und die Folie als dicht an: Austrocknen und Schimmel rechnet es nicht.',
}
