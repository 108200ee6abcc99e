import type { apartWords } from '../en/apart.js'
import type { Translation } from '../language.js'

type Reason = readonly [reason: string, check: string]
const KIT = (what: string): Reason => ['Der Test misst falsch.', what]
const OLD_KIT = KIT('Datum des Reagenzes, beide Flaschen geschüttelt, ein zweiter Test derselben Probe.')
const MISSED: Reason = ['Gaben fallen aus, oder die Pumpe gibt weniger.', 'Die Gabe einer Minute in einen Messbecher.']

export const apart: Translation<typeof apartWords> = {
  of: {
    pH: {
      above: [
        [
          'Es gelangt weniger CO2 ins Wasser als geplant, oder zu anderer Stunde.',
          'Blasen je Sekunde, Lecks, der Diffusor, die Stunde der Messung.',
        ],
        ['Die KH ist höher, als der Plan sagt.', 'KH messen; ein Kalkstein, härteres Leitungswasser.'],
        KIT('Die Sonde bei pH 7 und 4 kalibrieren; Tropfentests zeigen nur halbe Stufen.'),
      ],
      below: [
        ['Es ist mehr CO2 im Wasser als geplant.', 'Zuerst die Tiere ansehen; Indikator, Blasen, ein Ventil, das wandert.'],
        ['Die KH ist niedriger: Aktiver Soil oder aufbereitetes Wasser nimmt sie.', 'KH messen.'],
        ['Säuren aus Holz oder Soil.', 'Mit einer Probe vergleichen, die einen Tag offen stand.'],
        KIT('Die Sonde bei pH 7 und 4 kalibrieren.'),
      ],
    },
    alkalinity: {
      above: [
        ['Das Leitungswasser hat mehr, als der Plan sagt, oder es ändert sich über das Jahr.', 'Das Leitungswasser messen.'],
        ['Kalkstein, Muscheln oder Karbonatsand.', 'Ein Tropfen Säure auf einen Splitter, im Freien, mit Augenschutz.'],
        ['Die Enthärtung des Soils ist aufgebraucht.', 'Vor einem Wechsel und zwei Tage danach messen.'],
      ],
      below: [
        ['Aktiver Soil nimmt sie noch.', 'Leitung und Becken einen Tag nach einem Wechsel messen.'],
        ['Das Wasser wird weicher gemischt als geplant.', 'Einen Eimer der Mischung messen.'],
        ['Nitrifikation verbraucht sie, wo viel gefüttert wird.', 'Nitrat: Steigt es, während die KH fällt?'],
      ],
    },
    hardness: {
      above: [
        ['Minerale kommen dazu, oder das Leitungswasser ist härter.', 'Leitung messen; zählen, was das Aufhärten bringt.'],
        ['Verdunstetes Wasser wurde mit Leitungswasser ersetzt.', 'Mit aufbereitetem Wasser nachfüllen.'],
      ],
      below: [
        ['Aufbereitetes Wasser ohne Minerale.', 'Einen Eimer der Mischung messen.'],
        ['Aktiver Soil nimmt in den ersten Wochen Calcium und Magnesium.', 'Vor einem Wechsel und zwei Tage danach messen.'],
      ],
    },
    ammonia: {
      above: [
        ['Der Filter ist jünger, oder wurde unter dem Hahn gereinigt.', 'Auch Nitrit; keine Tiere, bis beide bei null sind.'],
        ['Etwas zersetzt sich: ein totes Tier, Blätter, zu viel Futter.', 'Hinter Holz und unter Blätter sehen.'],
        ['Der Soil gibt mehr ab als üblich, oder wurde umgegraben.', 'Wasser wechseln; täglich messen.'],
        ['Der Test zeigt NH4, und das Feld nimmt N.', 'Die Einheit in den Einstellungen, Tests.'],
      ],
      below: [['Der Filter war geimpft, oder Pflanzen nehmen mehr.', 'Den Filter auf „geimpft“ stellen, wenn es so war.'], OLD_KIT],
    },
    nitrite: {
      above: [
        ['Die Nitrifikation ist langsamer als im Modell.', 'Wärme, KH über 1 °dKH, Strömung durch den Filter.'],
        ['Der Test zeigt NO2, und das Feld nimmt N.', 'Die Einheit in den Einstellungen, Tests.'],
      ],
      below: [['Der Filter war geimpft oder ist älter.', 'Den Filter auf „geimpft“ oder „übernommen“ stellen.'], OLD_KIT],
    },
    nitrate: {
      above: [
        [
          'Der Test zeigt NO3, und das Feld nimmt N, oder umgekehrt.',
          'Die Einheit in den Einstellungen, Tests: 1 mg N/L sind 4,4 mg NO3/L.',
        ],
        ['Pflanzen nehmen weniger als geplant.', 'Wie viel der Fläche wirklich bepflanzt ist; im Plan einstellen.'],
        ['Es wird mehr gedüngt, oder die Leitung bringt etwas.', 'Leitung messen; die Flasche der Pumpe mit ihrem Kalender vergleichen.'],
        ['Futter und Tiere bringen mehr.', 'Futter am Tag im Plan.'],
      ],
      below: [
        MISSED,
        ['Das Nitratreagenz wurde nicht kräftig genug geschüttelt.', 'Eine halbe Minute schütteln, und noch einmal messen.'],
        ['Pflanzen nehmen mehr.', 'Pflanzenmasse im Plan; Rückschnitte, die nicht eingetragen sind.'],
      ],
    },
    phosphate: {
      above: [
        ['Es wird mehr gedüngt, oder Futter bringt es.', 'Gaben im Kalender; Futter am Tag im Plan.'],
        ['Der Test zeigt PO4, und das Feld nimmt P.', 'Die Einheit in den Einstellungen, Tests: 1 mg P/L sind 3,1 mg PO4/L.'],
        ['Der Soil gibt etwas zurück.', 'Zwei Tage nach einem Wechsel noch einmal messen.'],
      ],
      below: [['Soil, Eisen oder ein Binder im Filter nimmt es.', 'Neuer Soil und Phosphatbinder tun das, über Wochen.'], MISSED, OLD_KIT],
    },
    potassium: {
      above: [
        ['Es kommt aus mehreren Salzen und der Leitung zusammen.', 'Nitrat, Phosphat und Sulfat des Kaliums zusammenzählen.'],
        ['Die Wechsel sind kleiner als geplant.', 'Liter des letzten Wechsels.'],
      ],
      below: [MISSED, OLD_KIT],
    },
    iron: {
      above: [['Bald nach einer Gabe gemessen.', 'Kurz vor der nächsten messen.'], OLD_KIT],
      below: [
        [
          'Das Chelat hält bei diesem pH nicht: Das Eisen ist binnen eines Tages weg.',
          'Den pH mit dem Chelat auf dem Etikett vergleichen; kleinere tägliche Gaben.',
        ],
        [
          'Die meisten Tests sehen nur einen Teil des chelatierten Eisens.',
          'Die Anleitung des Tests: wie lange die Probe stehen muss, und wie sie behandelt wird, nur im Röhrchen.',
        ],
      ],
    },
    oxygen: {
      above: [
        ['Am späten Nachmittag gemessen, wenn Pflanzen ihn abgeben.', 'Auch vor Licht an messen.'],
        KIT('Die Sonde in feuchter Luft kalibrieren.'),
      ],
      below: [
        ['Zu wenig Bewegung der Oberfläche in der Nacht.', 'Vor Licht an messen; die Tiere ansehen.'],
        ['Zersetzung, oder mehr Tiere, als der Plan hat.', 'Futter, sich auflösende Blätter, der Filter.'],
        KIT('Die Sonde in feuchter Luft kalibrieren.'),
      ],
    },
  },
  both: [
    ['Gemessen wird zu verschiedenen Stunden des Gas- oder Düngetags.', 'Zur selben Stunde messen, vor der Gabe.'],
    ['Einstellungen oder Gaben haben sich geändert und sind nicht eingetragen.', 'Einstellungen im Lauf der Zeit, neben diesem Bild.'],
    OLD_KIT,
  ],
}
