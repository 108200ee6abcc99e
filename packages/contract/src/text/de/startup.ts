import type { laneWords, preparationWords, programmeWords, startMethodWords, startupWords } from '../en/startup.js'
import type { Translation } from '../language.js'
import { counted } from '../plural.js'

const piece = { one: 'Stück', other: 'Stücke' }

export const preparation: Translation<typeof preparationWords> = {
  'dark-start': () =>
    'Beim Dunkelstart: jetzt den Boden einbringen und füllen, keine Pflanzen und kein Licht, bis Ammonium und Nitrit verschwunden sind.',
  'soak-wood': (v, n) =>
    `Wenn das Holz gewässert wird (${counted(n.pieces, piece, v.pieces)}): jetzt beschwert einlegen; das Wasser wechseln, wenn es braun wird. Befestigtes oder beschwertes Holz darf trocken hinein.`,
  'order-ground': (v) => `Bodengrund bestellen: ${v.ground} im Becken.`,
  'paint-fix': (v) => `Beim Kleben oder Schrauben: ${v.drying} trocknen lassen.`,
  'kit-check': () =>
    'Filter, Heizer, Lampe, Uhren: einen Tag laufen lassen, im Eimer oder im Becken. Den Schrank ausrichten, dann auf Dichtheit prüfen.',
  cylinder: () => 'Flasche von einer zugelassenen Füllstelle gefüllt; neue Dichtung, Lecktest mit Seifenwasser, Arbeitsdruck eingestellt.',
  'ph-pen': () => 'Den pH-Stift kalibrieren; die Bezugslösung für den Indikator ansetzen.',
  'water-store': () => 'Die Wasseraufbereitung starten und die Tonne füllen.',
  layout: (v, n) =>
    `Steine und Holz (${counted(n.pieces, piece, v.pieces)}) trocken auslegen; fotografieren; umstellen; wieder fotografieren.`,
  'trial-flood': () => 'Probeflutung für 24 h, dann ablassen.',
  'plants-order': (v) => `Pflanzen bestellen, etwa ${v.pots} Töpfe, Ankunft am Vortag.`,
  'plants-arrive': (v) => `Pflanzen kommen (${v.pots} Töpfe): öffnen, feucht und kühl halten, Wolle und Gel entfernen, teilen.`,
  'mix-water': (v) => `${v.water} Wasser bereithalten, temperiert und aufbereitet.`,
  planting: (v) => `Pflanzen: etwa ${v.portions} Portionen, ${v.work}. Alle zehn Minuten sprühen.`,
  flood: (v) =>
    `Fluten: zuerst den Teppich schneiden, dann mit etwa ${v.water} füllen, langsam, auf einen Teller. Filter, Heizer und Gas am selben Tag an; am Tag danach werden neun Zehntel gewechselt.`,
}
export const programme: Translation<typeof programmeWords> = {
  'change-none': () => 'keiner',
  'change-large': (v) => `ein großer, ${v.share}`,
  'change-daily': (v) => `täglich, ${v.share}`,
  'change-every-other': (v) => `jeden zweiten Tag, ${v.share}`,
  'change-twice': (v) => `zweimal in der Woche, ${v.share}`,
  'change-regular': (v) => `alle ${v.every}, ${v.share}`,
  'light-none': () => 'keines',
  'light-step': (v) => `${v.light} bei ${v.power}`,
  'gas-none': () => 'keines',
  'gas-high-then-less': (v) =>
    `noch keine Tiere: viel vom ersten Tag unter Wasser an, bis ${v.most} bei Gas aus, über zwei bis drei Wochen weniger`,
  'gas-before-animals': (v) => `noch keine Tiere: bis ${v.most} bei Gas aus sind erlaubt`,
  'gas-turn-down': () => 'bis zum Tag der Tiere auf 15 mg/L zurückdrehen',
  'gas-with-animals': (v) => `von 15 mg/L über eine Woche hinauf, höchstens ${v.most} bei Gas aus`,
  'feed-none': () => 'noch nichts',
  'feed-no-nitrogen': () => 'der Boden ernährt: kein N, kein P; K, Mg, Spuren vom ersten Tag an',
  'feed-by-signs': () => 'N und P, wenn neue Blätter blass werden oder Tests wenig zeigen',
  'feed-half-or-sign': () => 'N und P zur Hälfte, früher, wenn neue Blätter blass werden oder Tests wenig zeigen; K, Mg, Spuren voll',
  'feed-quarter': () => 'ein Viertel',
  'feed-half': () => 'die Hälfte',
  'feed-full': () => 'voll, nach der Methode',
  'feed-part': (v) => `N und P ${v.nitrogen}, der Rest ${v.rest}`,
  'animals-grazers': () => 'Algenfresser, nach zwei Tests bei null',
  'animals-fish': () => 'Fische, wenige auf einmal',
  'work-melt': () => 'Absterbendes abkeschern',
  'work-tests': () => 'Ammonium und Nitrit zweimal in der Woche messen',
  'work-dark-tests': () => 'Ammonium, Nitrit und KH messen; warm halten',
  'work-plant': () => 'neun Zehntel wechseln, dann pflanzen',
  'work-mist': () => 'täglich sprühen, die Folie einige Minuten ab; Wasser unter dem niedrigsten Boden',
  'work-flood': () => 'Teppich schneiden, fluten, Filter und Gas an',
  'normal-dark-ammonia': () => 'Ammonium steigt wochenlang; Trübung, Gerbstoffe',
  'normal-dark-nitrite': () => 'Ammonium fällt, Nitrit steigt und fällt dann auch',
  'normal-dry-still': () => 'nichts scheint zu wachsen: zuerst kommen die Wurzeln',
  'normal-dry-mould': () => 'weißer Flaum auf Holz und toten Blättern: lüften, abwischen, herausnehmen',
  'normal-dry-creep': () => 'Ausläufer kriechen, neue Blätter sind kleiner und fester',
  'normal-melt-of-carpet': () => 'einige an Luft gewachsene Blätter lösen sich auf; neue folgen',
  'normal-haze': () => 'Trübung, Gerbstoffe, Kahmhaut',
  'normal-melt': () => 'an Luft gewachsene Blätter lösen sich auf',
  'normal-brown-film': () => 'brauner Belag',
  'normal-green-dust': () => 'grüner Staub, einige grüne Punkte',
  'normal-settling': () => 'es kommt zur Ruhe',
}
export const startMethod: Translation<typeof startMethodWords> = {
  wet: 'gleich bepflanzt und gefüllt',
  dark: 'Dunkelstart: gefüllt, ohne Pflanzen und Licht eingefahren',
  dry: 'Trockenstart: in feuchten Boden gepflanzt, später geflutet',
}
export const startup: Translation<typeof startupWords> = {
  notNormal: 'Nie normal: Fäden, dunkle Büschel, eine blaugrüne Matte, Gestank.',
  notNormalDry: 'Nie normal: Schimmel, der über lebende Blätter zieht, schwarze, weiche Stängel, Gestank.',
}
export const lane: Translation<typeof laneWords> = {
  change: 'Wasser',
  light: 'Licht',
  gas: 'Gas',
  feed: 'Düngung',
  animals: 'Tiere',
  work: 'Arbeit',
  normal: 'Jetzt normal',
}
