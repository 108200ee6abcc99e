import type { calendarFileWords, jobOrderWords, jobTaskWords, jobTitleWords, portionWords } from '../en/routine.js'
import type { Translation } from '../language.js'
import { counted } from '../plural.js'

/** Nobody told how many: nothing is said of it. */
const someOf = (told: string, count: number): string => (count === 0 ? '' : `${counted(count, { one: 'Tier', other: 'Tiere' }, told)}, `)

export const jobTitle: Translation<typeof jobTitleWords> = {
  'dark-start': 'Füllen, beim Dunkelstart',
  'soak-wood': 'Holz wässern, wenn es schwimmt oder färbt',
  'order-ground': 'Bodengrund bestellen',
  'kit-check': 'Technik laufen lassen, ausrichten, auf Dichtheit prüfen',
  cylinder: 'Gas: Flasche gefüllt, Lecktest',
  'ph-pen': 'pH-Stift kalibrieren',
  'water-store': 'Tonne füllen',
  'plants-order': 'Pflanzen bestellen',
  layout: 'Steine und Holz auslegen',
  'paint-fix': 'Kleben und schrauben',
  'trial-flood': 'Probeflutung',
  'plants-arrive': 'Pflanzen kommen',
  'mix-water': 'Wasser bereitstellen',
  planting: 'Pflanzen',
  flood: 'Das Becken fluten',
  mist: 'Sprühen und lüften',
  mould: 'Nach Schimmel sehen',
  change: 'Wasser wechseln',
  'light-step': 'Licht, nächste Stufe',
  'gas-check': 'Gas prüfen',
  dose: 'Düngen',
  'dose-to-level': 'Messen und auf Ziel düngen',
  'test-nitrogen': 'Ammonium und Nitrit messen',
  'test-water': 'Wasser messen',
  trim: 'Zurückschneiden',
  glass: 'Scheiben wischen',
  filter: 'Filter reinigen',
  diffuser: 'Diffusor reinigen',
  counter: 'Nach dem Blasenzähler sehen',
  tabs: 'Düngetabletten erneuern',
  release: 'Pflanzen aus der Quarantäne dürfen hinein',
  'weigh-cylinder': 'Flasche wiegen',
  photo: 'Foto vom selben Blickpunkt',
  melt: 'Absterbendes abkeschern',
  grazers: 'Algenfresser dürfen kommen',
  fish: 'Fische dürfen kommen',
  'away-stock': 'Vor der Abreise: Vorräte',
  'away-light': 'Licht für die Abwesenheit',
  'away-check': 'Vor der Abreise: letzter Blick',
  'away-visit': 'Besuch während der Abwesenheit',
  'away-back': 'Zurück: erster Blick',
  'order-gas': 'CO2 bestellen',
  'swap-cylinder': 'Flasche tauschen',
}

const piece = { one: 'Stück', other: 'Stücke' }
const pot = { one: 'Topf', other: 'Töpfe' }
const nothingMore = (): string => ''

export const jobTask: Translation<typeof jobTaskWords> = {
  'dark-start': nothingMore,
  'soak-wood': (v, n) => counted(n.pieces, piece, v.pieces),
  'order-ground': (v) => v.ground,
  'kit-check': nothingMore,
  cylinder: nothingMore,
  'ph-pen': nothingMore,
  'water-store': nothingMore,
  'plants-order': (v, n) => counted(n.pots, pot, v.pots),
  layout: (v, n) => counted(n.pieces, piece, v.pieces),
  'paint-fix': (v) => `${v.drying} trocknen lassen`,
  'trial-flood': nothingMore,
  'plants-arrive': (v, n) => counted(n.pots, pot, v.pots),
  'mix-water': (v) => v.water,
  planting: (v, n) => counted(n.portions, { one: 'Portion', other: 'Portionen' }, v.portions),
  flood: (v) => v.water,
  mist: () => 'bis die Blätter glänzen; die Folie fünf Minuten ab; Wasser unter dem niedrigsten Boden; keine Sonne aufs Glas',
  mould: () => 'Flaum vom Holz wischen, tote Blätter herausnehmen, die Folie weiter öffnen, wo er wiederkommt',
  change: (v) => `${v.water} (${v.share})`,
  'light-step': (v) => `${v.light} bei ${v.power}`,
  'gas-check': () => 'pH bei Gas an, Licht an und Gas aus; Indikator; Tiere',
  dose: nothingMore,
  'dose-to-level': (v) => `Nitrat ${v.nitrate}, Phosphat ${v.phosphate}, Kalium ${v.potassium}, Magnesium ${v.magnesium}, Eisen ${v.iron}`,
  'test-nitrogen': () => 'vor Tieren: zwei Tests bei null, einen Tag auseinander',
  'test-water': () => 'pH, KH, Nitrat, Phosphat',
  trim: () => 'nass schütteln, wiegen; am selben Tag das Gas prüfen; Reste abkeschern',
  glass: nothingMore,
  filter: () => 'in Beckenwasser; Strom aus, Heizer abgekühlt',
  counter: () => 'auffüllen, mit Glyzerin, wenn er darf; Seifenwasser an die Verbindungen',
  diffuser: () => 'außerhalb in Chlorbleiche baden, spülen, entchloren, trocknen',
  tabs: (v, n) =>
    `${counted(n.tabs, { one: 'Tablette', other: 'Tabletten' }, v.tabs)}, tief im Boden, wo der Plan sie zeigt; was hochkommt, herausfangen und die Hälfte des Wassers wechseln`,
  release: (v, n) =>
    `${counted(n.portions, { one: 'Portion', other: 'Portionen' }, v.portions)}; auf Schnecken, Laich und Fadenalgen durchsehen, abspülen, pflanzen und als hinzugesetzt eintragen; aus der Gärtnerei zu Garnelen erst nach zwei bis vier Wochen in gewechseltem Wasser`,
  'weigh-cylinder': nothingMore,
  photo: nothingMore,
  melt: () => 'an Luft gewachsene Blätter lösen sich jetzt auf; herausnehmen',
  grazers: (v, n) => `${someOf(v.animals, n.animals)}nach zwei Tests bei null; vorher das Gas zurückdrehen; Tropfen für Tropfen`,
  fish: (v, n) =>
    `${someOf(v.animals, n.animals)}nach zwei Tests bei null; vorher das Gas herunterdrehen; wenige auf einmal, Tropfen für Tropfen`,
  'away-stock': () =>
    'Gas, Flaschen, Futter in datierten Portionen, Wasser zum Nachfüllen: für anderthalbmal so viele Tage; wer nachsieht, ist gefragt',
  'away-light': (v) =>
    `${v.light} bei ${v.power}: die Uhr der Lampe, und die des Gases, wo es eine gibt, damit im Dunkeln keines strömt; Dünger geht mit`,
  'away-check': () =>
    'Wasser bis zur vollen Marke; alle Uhren gleich; Gas schließt nachts; Portionen, Krug und Karte liegen bereit; Bild vom Normalen gemacht',
  'away-visit': () => 'wie auf der Karte: hinsehen, Futter des Tages, Wasser bis zur Marke, sonst nichts',
  'away-back': () => 'zuerst die Tiere: Atmung, Zahl; dann Wasserstand, Gas, Geruch am Auslauf; tote Blätter heraus',
  'order-gas': () => 'die Waage sagt: in zwei Wochen ist noch ein Zehntel da',
  'swap-cylinder': () => 'die Waage sagt: noch ein Zehntel ist da; darunter fällt der Druck, und das Gas kann durchgehen',
}

export const jobOrder: Translation<typeof jobOrderWords> = {
  flood:
    'Den Stecker der Lampe ziehen, solange Hände darin sind. Den Teppich auf die Hälfte schneiden, Reste abkeschern. Temperiertes, aufbereitetes Wasser langsam auf einen Teller oder Folie, bis der Boden bedeckt ist; beim Füllen dabeibleiben. Dann Filter, Heizer und Skimmer, dann Lampe und Gas. Keine Tiere: das Gas darf jetzt hoch stehen. Schnelle Pflanzen dürfen dazu.',
  change:
    'Heizer, Außenfilter und UV aus, den Heizer 15 Minuten abkühlen lassen. Frisches Wasser aufbereitet (direkt aus dem Schlauch: für das ganze Becken, bevor es läuft) und auf {2 K} genau. Dabeibleiben, solange es läuft. Danach: Heizer, Filter, Gas, Lampe an?',
  diffuser:
    'Gas am Nadelventil zu. Bad außerhalb des Beckens, Handschuhe und Schutzbrille, Fenster auf: Haushaltsbleiche 1 zu 20 Teilen Wasser, ohne Duft und Verdicker, bei Keramik höchstens eine halbe Stunde; nichts Saures und kein Ammoniak in der Nähe. Spülen, dann eine Stunde in Wasser mit doppelt so viel Aufbereiter, bis nichts mehr riecht. Zurück, Gas an, Blasen zählen, Dauertest bei Gas aus ablesen: Eine saubere Scheibe gibt mehr Gas.',
  counter:
    'Gas am Nadelventil zu, Druck ablassen. Füllen, wie sein Blatt es sagt: Glyzerin oder Öl trocknen nicht aus, Wasser in Wochen. Zu, Gas an, Seifenwasser an die Verbindungen, Blasen neu zählen: Sie hängen von der Flüssigkeit ab.',
  'swap-cylinder':
    'Fenster auf. Zeitschaltuhr aus, Flaschenventil zu, Druck über die Leitung ablassen, Nadelventil zu. Die neue Flasche aufrecht und angekettet, bevor der Druckminderer daraufkommt; neue Dichtung, kein Öl oder Fett, angezogen, wie der Anschluss es verlangt. Langsam öffnen, Seifenwasser an die Verbindungen, bei geschlossener Flasche eine Stunde auf das Manometer sehen. Nadelventil nach und nach öffnen, Blasen zählen, Dauertest bei Gas aus ablesen. Dann mit dem Druckminderer wiegen und eintragen.',
  filter: 'Strom aus, Heizer abgekühlt. Medien in Beckenwasser spülen, nie unter dem Hahn. Danach: Heizer, Filter, Gas an?',
}

export const portion: Translation<typeof portionWords> = {
  weighed: (name, grams) => `${name} ${grams}`,
  ofStock: (name, ml, inG) => `${name} ${ml} Stammlösung (${inG} in 500 mL)`,
  ofBottle: (name, ml) => `${name} ${ml}`,
  ofGuess: (ml) => `etwa ${ml} aus der Flasche; ihr Etikett entscheidet`,
}

export const calendarFile: Translation<typeof calendarFileWords> = {
  fileName: (name) => `${name}: Pflege`,
  fileNameAll: 'Becken: Pflege',
}
