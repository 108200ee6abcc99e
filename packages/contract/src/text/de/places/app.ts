import type { appWords, deviceWords, navWords, outboxWords, signInWords } from '../../en/places/app.js'
import type { Translation } from '../../language.js'

export const app: Translation<typeof appWords> = {
  name: 'Jovrin',
  places: { shelf: 'Regal', describe: 'Plan', supply: 'Versorgung', balance: 'Bilanz', newTank: 'Ein neues Becken' },
  mode: { light: 'Tag', dark: 'Nacht', system: 'Wie das System', label: 'Farben' },
  units: {
    open: 'Einheiten',
    title: 'Einheiten und Farben',
    metric: 'Metrisch',
    us: 'US',
    hint: 'Einheiten ändern jede Zahl sofort; was gespeichert ist, bleibt gleich.',
  },
  find: {
    title: 'Suche',
    open: 'Suche',
    hint: 'Ein Becken, ein Eintrag, ein Rechner, eine Frage. Strg+K öffnet dies überall.',
    none: 'Diese Wörter stehen nirgends.',
    tanks: 'Becken',
    places: 'Orte',
    records: 'Einträge',
  },
  shortcuts: {
    open: 'Tastenkürzel',
    title: 'Tastenkürzel',
    singleKeys: 'Kürzel aus einer einzelnen Taste an',
    singleKeysHint: 'Aus: nur Tasten mit Strg, Pfeiltasten und Esc wirken. Wird auf diesem Gerät behalten.',
    list: [
      ['?', 'diese Liste'],
      ['F1', 'Hilfe zu diesem Ort'],
      ['Strg+K, /', 'Suche'],
      ['g s', 'zum Regal'],
      ['g p', 'zum Plan dieses Beckens'],
      ['g u', 'zur Versorgung dieses Beckens'],
      ['g b', 'zur Bilanz dieses Beckens'],
      ['g c', 'zu seinem Kalender'],
      ['g j', 'zu seinem Tagebuch'],
      ['g t', 'zu Heute'],
      ['g a', 'zu den Antworten'],
      ['g w', 'zu den Rechnern'],
      ['g l', 'zur Sammlung'],
      ['!', 'Notfallkarte'],
      ['n', 'ein neues Becken beschreiben'],
      ['p', 'diese Seite drucken oder eine Zeichnung speichern'],
      ['u', 'metrische oder US-Einheiten'],
      ['d', 'Tag- oder Nachtfarben'],
      ['Strg+Z', 'letzte Änderung am Plan zurücknehmen'],
      ['Strg+Umschalt+Z', 'und wiederholen'],
      ['← →', 'eine gewählte Woche, eine Kante des Tages oder einen Hebel bewegen'],
      ['Esc', 'schließen, was offen ist'],
    ],
  },
  loading: 'Lädt …',
  failed: 'Das ließ sich nicht laden.',
  again: 'Noch einmal',
  notFound: 'Diesen Ort gibt es nicht.',
  toShelf: 'Zum Regal',
  cancel: 'Abbrechen',
  close: 'Schließen',
  orDrop: 'oder hier ablegen',
  dropNow: 'Loslassen zum Öffnen',
  offline: 'Der Server antwortet nicht. Vielleicht wurde er beendet.',
  calledOff: 'Abgebrochen. Nichts wurde gespeichert.',
  skip: 'Zum Inhalt',
  dayOfTank: (day) => `Tag ${day}`,
  plannedFor: (day) => `geplant für ${day}`,
  dayStrip: 'Licht und Gas über den Tag',
  fault: 'Dieses Blatt ließ sich nicht zeichnen.',
}

export const nav: Translation<typeof navWords> = {
  today: 'Heute',
  calendar: 'Kalender',
  journal: 'Tagebuch',
  workings: 'Rechner',
  library: 'Sammlung',
  answers: 'Antworten',
  settings: 'Einstellungen',
  emergency: 'Notfall',
  log: 'Eintragen',
  tank: 'Becken',
  more: 'Mehr',
  help: 'Hilfe',
  bar: 'Am Becken',
  whichTank: 'Welches Becken?',
  placesOfTank: 'Orte dieses Beckens',
  otherTank: (name) => `${name}: anderes Becken`,
  otherPlace: (name) => `${name}: anderer Ort`,
}

export const signIn: Translation<typeof signInWords> = {
  title: 'Anmelden',
  body: 'Dieses Jovrin ist im lokalen Netz erreichbar. Wer es betreibt, hat ein Kennwort gesetzt.',
  field: 'Kennwort',
  go: 'Anmelden',
}

export const outbox: Translation<typeof outboxWords> = {
  waiting: (count) =>
    count === '1'
      ? '1 Eintrag wartet auf diesem Gerät, bis der Server antwortet.'
      : `${count} Einträge warten auf diesem Gerät, bis der Server antwortet.`,
  sent: (count) => (count === '1' ? 'Der wartende Eintrag wurde gesendet.' : `${count} wartende Einträge wurden gesendet.`),
  refused: (count) => `${count} ließen sich nicht übernehmen:`,
  discard: 'Verwerfen',
  kept: 'Auf diesem Gerät behalten; wird gesendet, sobald der Server antwortet.',
}

export const device: Translation<typeof deviceWords> = {
  label: 'Dieses Gerät heißt',
  hint: 'Steht neben allem, was von hier eingetragen wird: ein Name oder Kürzel.',
  unnamed: 'Gerät ohne Namen',
}
