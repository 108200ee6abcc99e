import type {
  diffuserWords,
  regulatorWords,
  gasAdviceWords,
  gasControlWords,
  gasDoubtWords,
  gasMomentWords,
  gasSourceWords,
  gasVerdictWords,
  gasWords,
} from '../en/gas.js'
import type { Translation } from '../language.js'

export const regulator: Translation<typeof regulatorWords> = { single: 'einstufig', dual: 'zweistufig' }
export const gasControl: Translation<typeof gasControlWords> = { none: 'keine', timer: 'Zeitschaltuhr', controller: 'Regler' }
export const diffuser: Translation<typeof diffuserWords> = {
  'in-tank': 'Stein oder Scheibe im Becken',
  'in-line': 'im Schlauch des Filters',
  reactor: 'Reaktor',
}
export const gasVerdict: Translation<typeof gasVerdictWords> = {
  suffering: 'Tiere sind in Not: jetzt der Notfallkarte folgen.',
  dangerous: 'Viel zu viel CO2 für Tiere.',
  'too-much': 'Zu viel CO2 für Tiere.',
  much: 'Mehr CO2, als Tiere haben sollten.',
  wasted: 'Mehr CO2, als Pflanzen nutzen; Tiere sind keine da.',
  short: 'Zu wenig CO2, auch bei Gas aus.',
  late: 'Zu wenig CO2, wenn das Licht angeht.',
  doubtful: 'Was gemessen wurde, sagt das CO2 nicht sicher.',
  unknown: 'CO2 wurde länger nicht gemessen.',
  enough: 'Genug CO2, und innerhalb der Grenzen.',
  'no-gas': 'Hier ist kein Gas geplant.',
}
export const gas: Translation<typeof gasWords> = { byPlan: 'Nach dem Plan, nicht gemessen:' }

export const gasAdvice: Translation<typeof gasAdviceWords> = {
  card: 'Die Notfallkarte öffnen und ihr von oben folgen. Gas kommt erst wieder, wenn die Ursache gefunden ist, mit halber Menge.',
  'shut-now':
    'Das Gas jetzt am Ventil schließen. Dann Luft an und Auslass hoch; in einem jungen Becken, oder bei Ammonium über 0,5 mg/L, zuerst ein Ammoniumbinder. Sind die Tiere ruhig und der Indikator grün, mit halber Menge neu beginnen.',
  'turn-down':
    'Das Gas heute um ein Drittel zurückdrehen. Die Tiere bei Gas aus beobachten; schnappt eines nach Luft, die Notfallkarte öffnen.',
  'turn-down-little': 'Um ein Zehntel zurückdrehen, und in zwei Tagen bei Gas aus wieder messen.',
  'plan-lower':
    'Bevor Gas geöffnet wird: weniger Blasen oder weniger Druck, wie der Befund im Plan sagt. Oder dem Plan sagen, was wirklich gezählt wird.',
  'less-waste': 'Weniger genügt auch. In der Woche vor den Tieren auf 20–30 mg/L bringen.',
  'first-week': 'Die Tiere sind neu: die Spitze zuerst bei 15 mg/L halten und über eine Woche steigen lassen.',
  'night-gas': 'Es war CO2 da, bevor das Gas öffnet. Schließt das Ventil nachts? Luft in der Nacht hilft.',
  'nitrogen-first': 'Zuerst Ammonium und Nitrit: weder mehr Gas noch ein längerer Gastag, bis beide bei null sind.',
  'check-line':
    'Die Blasen, die der Plan zählt, gäben mehr: zuerst nach einem Leck, einem verstopften Diffusor, einer leeren Flasche sehen.',
  'controller-shuts': (limit) => `Der Regler schließt bei ${limit}: Mehr Blasen ändern nichts, seine Einstellung entscheidet.`,
  raise: 'Alle zwei Tage um ein Zehntel erhöhen, solange die Tiere ruhig bleiben, auf 20–30 mg/L bei Gas aus (mit Garnelen 15–25).',
  earlier: 'Das Gas eine halbe Stunde früher öffnen, nicht weiter.',
  'measure-ph': 'pH bei Licht an und bei Gas aus eines Tages eintragen, dazu die KH; oder die Farbe des Indikators bei Gas aus.',
  'measure-kh': 'Die KH am Tag des pH messen: Sie fehlt, ist alt oder bewegt sich.',
  'measure-kh-double': 'Unter KH 2 sagen pH und KH wenig: die KH in doppelter oder vierfacher Probe titrieren.',
  'measure-drop':
    'Säuren täuschen CO2 vor: eine Probe einen Tag offen stehen lassen und ihren pH als „ausgegaste Probe“ eintragen; der Abfall gegen sie zählt.',
  'measure-room': 'Dem Plan das CO2 des Raums sagen: Der Abfall ist nur so gut wie die Luft im Raum.',
  'measure-again': 'Zu denselben Zeitpunkten wieder messen: Was bekannt ist, ist alt, oder von vor der letzten Änderung.',
  'measure-peak': 'Bei Gas aus messen: Das ist die Spitze, und sie entscheidet für die Tiere.',
  hold: 'So lassen, wie es ist.',
}
export const gasSource: Translation<typeof gasSourceWords> = {
  indicator: 'Indikator',
  'ph-kh': 'pH und KH',
  drop: 'Abfall gegen eine ausgegaste Probe',
  plan: 'Plan',
}
export const gasMoment: Translation<typeof gasMomentWords> = {
  'before-gas': 'vor dem Gas',
  'lights-on': 'Licht an',
  peak: 'Gas aus',
  'some-time': 'irgendwann',
}
export const gasDoubt: Translation<typeof gasDoubtWords> = {
  'kh-low': 'KH unter 2',
  'kh-apart': 'KH eines anderen Tages',
  tannin: 'Gerbstoffe',
  'new-soil': 'neuer Soil',
  'room-air': 'Raumluft unbekannt',
  old: 'alt',
  'before-change': 'vor der letzten Änderung',
  lags: 'zeigt Vergangenes',
}
