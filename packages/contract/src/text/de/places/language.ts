import type { languageWords } from '../../en/places/language.js'
import type { Translation } from '../../language.js'

export const language: Translation<typeof languageWords> = {
  title: 'Sprache und Kalender',
  language: 'Texte',
  partly:
    'Regal, Bilanz, Heute, Kalender, Tagebuch, Notfall und Einstellungen sind übersetzt; die Planung, die Rechner und was der Server antwortet sind englisch.',
  locale: 'Zahlen und Daten',
  asUsual: (usual) => `wie üblich: ${usual}`,
  weekStart: 'Die Woche beginnt am',
  why: 'Auf diesem Gerät behalten. Die Seite lädt neu.',
}
