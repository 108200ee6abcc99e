import type { careWords } from '../../en/places/calendar.js'
import type { Translation } from '../../language.js'

export const care: Translation<typeof careWords> = {
  planned: (day) => `Geplant für ${day}. Was davor kommt, zählt der Plan rückwärts im Blatt`,
  toProgramme: 'Ablauf',
  said: (hours) => `angegeben waren ${hours} in der Woche`,
  title: 'Kalender',
  weeks: 'Sechs Wochen Pflege',
  description: 'Pflege nach Wochen: Zeilen sind Aufgaben, Spalten sind Tage',
  minutesRow: 'Minuten',
  legend: {
    due: 'fällig',
    done: 'getan',
    skipped: 'ausgelassen',
    moved: 'verschoben',
    assumed: 'von einer Schaltuhr getan, angenommen',
  },
  earlier: 'Früher',
  later: 'Später',
  toToday: 'Zu heute',
  day: 'An diesem Tag',
  nothing: 'Nichts an diesem Tag.',
  programme: 'Die ersten acht Wochen',
  programmeOfStart: 'Der Beginn und die ersten acht Wochen mit Pflanzen im Wasser',
  weekNo: (week) => `Woche ${week}`,
  programmeNote: 'Die Tage sagen, wann hinzusehen ist; es entscheidet ein Test, nicht der Kalender.',
  file: 'Kalenderdatei',
  subscribe: 'Adresse zum Abonnieren',
  subscribeHint: 'Ein Kalenderprogramm auf diesem Rechner liest sie dort und bleibt aktuell.',
  subscribeLan: 'Ein Kalenderprogramm im lokalen Netz liest sie dort; der Schlüssel darin öffnet den Kalender und sonst nichts.',
  copy: 'Adresse kopieren',
  copied: 'Kopiert.',
}
