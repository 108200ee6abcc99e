import type { glossaryWords, helpWords } from '../en/glossary.js'
import type { Translation } from '../language.js'

export const glossary: Translation<typeof glossaryWords> = {
  ppfd: [
    'PPFD',
    'Photonenflussdichte, Licht, µmol',
    'Wie viele Photonen, die Pflanzen nutzen können, in einer Sekunde auf einen Quadratmeter fallen, in µmol/m²/s. Gesagt wird es für den Boden, wo die Bodendecker stehen; weiter oben ist es mehr.',
  ],
  dli: [
    'DLI',
    'Tageslichtsumme, Licht am Tag',
    'Das Licht eines ganzen Tages auf einem Quadratmeter, in mol/m²: PPFD mal die Stunden. Eine schwache Lampe lange und eine starke kurz können dasselbe geben.',
  ],
  photoperiod: ['Beleuchtungsdauer', 'Lichtstunden, Licht an, Licht aus', 'Die Stunden vom ersten bis zum letzten Licht, mit den Rampen.'],
  ramp: [
    'Rampe',
    'Sonnenaufgang, Sonnenuntergang, Dimmen',
    'Die Minuten, in denen die Lampe von dunkel auf volle Leistung geht, und zurück.',
  ],
  ph: [
    'pH',
    'Säure',
    'Wie sauer das Wasser ist; 7 ist neutral. Gelöstes CO2 senkt ihn, um etwa eine Einheit bei der zehnfachen Menge, und dieser Abfall des pH schadet Tieren wenig; das CO2 selbst erstickt sie, wenn es zu viel ist.',
  ],
  kh: [
    'KH',
    'Karbonathärte, Alkalinität, dKH',
    'Das Säurebindungsvermögen, als Karbonathärte gesagt: wie viel Säure das Wasser aufnimmt, bevor sein pH fällt. Mit dem pH sagt sie das gelöste CO2, außer wenn andere Säuren im Wasser sind, etwa Gerbstoffe. 1 °dKH sind 0,357 meq/L.',
  ],
  gh: [
    'GH',
    'Gesamthärte, dGH, Calcium, Magnesium',
    'Calcium und Magnesium zusammen. Pflanzen brauchen beide; Garnelen brauchen Calcium für ihren Panzer.',
  ],
  ammonia: [
    'Ammonium (gesamt)',
    'TAN, Ammoniak, NH3, NH4',
    'Ammoniak und Ammonium zusammen, wie Tests es zeigen. Je wärmer das Wasser und je höher sein pH, desto größer ist der Anteil, der Ammoniak ist und Kiemen verätzt.',
  ],
  nitrite: [
    'Nitrit',
    'NO2',
    'Was Bakterien aus Ammonium machen, bevor sie Nitrat machen. Es hindert das Blut, Sauerstoff zu tragen: keine Tiere, bis es bei null ist.',
  ],
  nitrate: [
    'Nitrat',
    'NO3',
    'Die Form des Stickstoffs, die gedüngt wird und die ein laufender Filter übrig lässt. „Als Ion“ (NO3) ist das 4,43-Fache der Zahl „als Stickstoff“ (N).',
  ],
  phosphate: [
    'Phosphat',
    'PO4',
    'Die Form des Phosphors, die gedüngt wird. „Als Ion“ (PO4) ist das 3,07-Fache der Zahl „als Phosphor“ (P).',
  ],
  chelate: [
    'Chelat',
    'EDTA, DTPA, Gluconat, Eisen',
    'Was gelöstes Eisen hält, damit es nicht als Rost ausfällt. Jedes hält bis zu seinem eigenen pH; EDTA lässt zuerst los, DTPA später.',
  ],
  'gas-peak': [
    'Gasspitze',
    'CO2 bei Gas aus, CO2-Maximum',
    'Das meiste CO2 des Tages, erreicht, wenn das Gas schließt. Es entscheidet für die Tiere.',
  ],
  degassed: [
    'Ausgegaste Probe',
    'Abfall des pH',
    'Beckenwasser, das einen Tag offen an der Luft stand. Sein pH weniger dem des Beckens sagt das CO2, welche anderen Säuren auch darin sind.',
  ],
  indicator: [
    'Indikator',
    'Farbe des Indikators, Dauertest für CO2',
    'Ein Fläschchen im Becken, dessen Flüssigkeit das CO2 durch ihre Farbe zeigt: blau zu wenig, grün richtig, gelb zu viel. Es zeigt, was vor einer Stunde oder zwei war.',
  ],
  bubbles: [
    'Blasenzahl',
    'Blasen je Sekunde, Blasenzähler',
    'Blasen durch den Zähler in einer Sekunde. Sie vergleicht eine Einstellung mit einer anderen im selben Becken; zwischen Becken sagt sie wenig.',
  ],
  diffuser: [
    'Diffusor',
    'Ausströmer, Reaktor',
    'Was Gas ins Wasser bringt: ein Stein oder eine Scheibe im Becken, einer im Schlauch des Filters, oder ein Reaktor.',
  ],
  needle: ['Nadelventil', 'Gasventil', 'Stellt die Blasen ein. Wenig drehen und einen Tag warten: Wasser antwortet langsam.'],
  solenoid: [
    'Magnetventil',
    'Ventil an der Zeitschaltuhr',
    'Öffnet das Gas, wenn es Strom hat. Eines, das offen klemmt, lässt die ganze Nacht Gas durch.',
  ],
  controller: [
    'Regler',
    'pH-Regler',
    'Schließt das Gas, wenn der pH auf einen Wert gefallen ist. Von der KH weiß er nichts: Ändert sie sich, bedeutet sein Wert ein anderes CO2.',
  ],
  carpet: ['Bodendecker', 'Vordergrund', 'Niedrige Pflanzen, die sich vorn über den Boden ausbreiten.'],
  stem: ['Stängelpflanze', 'Stängel', 'Eine Pflanze, die aus Stecklingen nach oben wächst und immer wieder gekürzt wird.'],
  rhizome: [
    'Rhizompflanze',
    'Aufsitzer, Pflanzen auf Holz',
    'Eine Pflanze, deren dicker Trieb über dem Boden liegt, an Holz und Stein gebunden oder geklebt. Vergraben fault er.',
  ],
  rosette: ['Rosette', 'Rosettenpflanze', 'Blätter aus einem Herz, vor allem durch Wurzeln ernährt.'],
  floater: [
    'Schwimmpflanze',
    'Oberfläche bedeckt',
    'Eine Pflanze auf der Oberfläche. Sie nimmt denen darunter das Licht, und dem Wasser Stickstoff, schnell.',
  ],
  emersed: [
    'Emers',
    'an Luft gewachsen',
    'Mit den Blättern an der Luft gewachsen. Solche Blätter lösen sich unter Wasser auf; neue kommen.',
  ],
  melt: [
    'Blattverlust',
    'Blätter lösen sich auf',
    'Blätter, die anderswo gewachsen sind, lösen sich in den ersten Wochen auf. Abkeschern; die Pflanze lebt in Wurzeln und Spitzen weiter.',
  ],
  pearling: [
    'Perlen',
    'Sauerstoffblasen, Assimilation',
    'Blasen aus Sauerstoff auf Blättern: Das Wasser ist voll davon. Ein erfreuliches Zeichen, kein Maß für Wachstum.',
  ],
  'active-soil': [
    'Aktiver Soil',
    'Soil',
    'Gebrannte Körner aus Erde, die Wurzeln ernähren und Wasser enthärten. Reiche geben wochenlang Ammonium ab.',
  ],
  'capped-soil': ['Erde unter Sand', 'Gartenerde', 'Gartenerde unter Sand.'],
  'root-tab': ['Wurzeltablette', 'Kapsel, Düngekugel', 'Nahrung für Wurzeln, in den Boden gedrückt.'],
  separator: ['Trennung', 'Barriere', 'Ein Streifen, der Sand und Soil unter der Oberfläche auseinanderhält.'],
  'purified-water': [
    'Aufbereitetes Wasser',
    'Umkehrosmose, Osmosewasser, vollentsalzt',
    'Wasser, aus dem ein Filter fast alles genommen hat. Minerale kommen dazu, bevor es hineingeht.',
  ],
  conditioner: ['Wasseraufbereiter', 'Chlorbinder', 'Bindet Chlor im Leitungswasser; manche binden auch Ammonium, was Chloramin verlangt.'],
  binder: [
    'Ammoniumbinder',
    'Entgifter',
    'Macht Ammonium für einen Tag oder so unschädlich. Er nimmt es nicht weg: Das tut der Wasserwechsel.',
  ],
  cycling: [
    'Einfahren',
    'Nitrifikation, Filterbakterien',
    'Die Wochen, in denen Bakterien wachsen, die Nitrat aus Ammonium machen. Zwei Tests bei null, einen Tag auseinander, sagen, dass es getan ist.',
  ],
  'dark-start': [
    'Dunkelstart',
    'Start ohne Pflanzen',
    'Boden und Wasser Wochen vor den Pflanzen, ohne Licht, bis der Filter das Ammonium des Soils nimmt.',
  ],
  'dry-start': [
    'Trockenstart',
    'Start ohne Wasser',
    'Pflanzen wurzeln in feuchtem Soil unter einer Abdeckung, bevor das Becken gefüllt wird.',
  ],
  braid: [
    'Zopf',
    'Bilanz, Stränge',
    'Die Zeichnung dessen, was Wachstum braucht: je ein Strang für Licht, Kohlenstoff, Nahrung, Wärme und Raum, der knappste zuunterst.',
  ],
  lead: [
    'Vorsprung',
    'Vorsprung der Pflanzen vor den Algen',
    'Wie viel schneller die Pflanzen wachsen, als sich die schnellste Alge ausbreiten könnte. Über null behaupten sich die Pflanzen.',
  ],
  band: [
    'Band',
    'Unsicherheit, Spanne, 10–90 %',
    'Wo acht von zehn möglichen Becken liegen, die zu den Angaben passen. Offene Angaben machen es breiter.',
  ],
  turnover: [
    'Umwälzung',
    'Strömung, Volumen je Stunde',
    'Wie oft in der Stunde der Filter wirklich das Volumen des Beckens bewegt; etwa die Hälfte bis zwei Drittel dessen, was auf der Packung steht.',
  ],
  tannin: ['Gerbstoffe', 'Färbung, Huminstoffe', 'Was Holz abgibt: braun, harmlos, sauer. Es nimmt Licht, das blaue zuerst.'],
  'surface-film': [
    'Kahmhaut',
    'Biofilm, Ölfilm',
    'Eine Haut auf stillem Wasser, die Sauerstoff fernhält. Die Oberfläche bewegen, oder abziehen.',
  ],
}

export const help: Translation<typeof helpWords> = {
  title: 'Hilfe',
  search: 'In Anleitung und Begriffen suchen',
  guide: 'Anleitung (englisch)',
  terms: 'Begriffe',
  none: 'Diese Wörter stehen nirgends. Ein Wort weniger versuchen.',
  here: 'Hier',
  keys: 'Tastenkürzel',
  term: (name) => `Was ist ${name}?`,
}
