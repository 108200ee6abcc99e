import type { emergencyWords } from '../../en/places/emergency.js'
import type { Translation } from '../../language.js'

export const emergency: Translation<typeof emergencyWords> = {
  title: 'Tiere in Not: jetzt dies tun',
  steps: [
    ['Gas am Ventil zu.', 'Die Flasche oder das Nadelventil von Hand schließen; der Zeitschaltuhr nicht trauen. Kein Futter.'],
    [
      'Becken jünger als acht Wochen, frisch umgegraben, oder Ammonium über 0,5 mg/L? Binder vor Luft.',
      'Erst das ganze Volumen mit einem Ammoniumbinder behandeln: Wird das Gas ausgetrieben, steigt der pH, und mit ihm der giftige Anteil (von pH 6,3 auf 7,6 etwa zwanzigfach). Kein Binder zur Hand? Nicht warten: Ersticken geht schneller.',
    ],
    ['Luft an, Auslass hoch.', 'Ausströmer, oder der Auslass bricht die Oberfläche. Am Tag die Lampe an.'],
    [
      'In den letzten drei Stunden Wasser gewechselt? Dann zuerst das ganze Becken mit Wasseraufbereiter behandeln,',
      'nach seinem vollen Volumen, und von diesem Wasser nichts mehr nehmen, bis Chlorstreifen, Thermometer und Härtetest es freigeben. Sonst 30 bis 50 % wechseln, mit temperiertem, aufbereitetem Wasser, langsam, sein pH nicht höher als der des Beckens.',
    ],
    [
      'Nie etwas zugeben, das pH oder KH anhebt; keine Heilmittel, kein Eis, keine Filterreinigung.',
      'Ein Ausschlag des pH, der nur vom CO2 kommt, schadet wenig.',
    ],
    [
      'Erst die Ursache finden, dann Gas wieder öffnen, mit halber Menge:',
      'klemmendes Ventil, verstellte Uhr, eine Flasche an ihrem Ende, die überschießt.',
    ],
  ],
  binderFirst: (name) => `${name}: Binder vor Luft (Schritt 2).`,
  noBinder: (name) => `${name}: Nach den Tests ist kein Ammonium zu fürchten; sofort Luft.`,
  volume: (name, low, high) => `${name}: ${low} bis ${high} wechseln.`,
  people: 'Schwindel oder Atemnot in der Nähe der Flasche: hinaus aus dem Raum, Türen auf, Hilfe rufen.',
  note: 'Das Verhalten der Tiere gilt mehr als jede Zahl. Örtliche Regeln, Anleitungen der Hersteller und der Tierarzt gehen vor.',
  print: 'Karte drucken',
  close: 'Schließen',
  log: 'Eintragen, was zu sehen war',
}
