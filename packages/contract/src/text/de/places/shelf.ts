import type { shelfWords } from '../../en/places/shelf.js'
import type { Translation } from '../../language.js'
import { counted } from '../../plural.js'

export const shelf: Translation<typeof shelfWords> = {
  title: 'Regal',
  newTank: 'Ein Becken beschreiben',
  emptyTitle: 'Ein leeres Regal',
  emptyBody:
    'Jovrin zeichnet das Becken aus wenigen Angaben maßstäblich und zeigt, was das Wachstum begrenzt, wie weit die Pflanzen den Algen voraus sind und was jeder Hebel bewirken würde. Fünf Minuten reichen; jede Frage nimmt auch „weiß nicht“.',
  emptySample: 'So wird hier ein Becken stehen, sobald es beschrieben ist:',
  due: (jobs, more) => (more === null ? `Fällig: ${jobs}` : `Fällig: ${jobs} und ${more} weitere`),
  nothing: 'Nichts Dringendes',
  braid: 'Die nächsten sechs Wochen',
  reckoning: 'rechnet …',
  open: (name) => `${name} öffnen`,
  touched: (when) => `bearbeitet ${when}`,
  playSample: 'Mit einem Musterbecken spielen',
  playSampleHint: 'Ein Becken, drei Wochen alt, mit üblichen Angaben. Hebel bewegen, ins Tagebuch schreiben; danach archivieren.',
  sampleName: 'Musterbecken',
  duplicate: 'Duplizieren',
  duplicateOf: (name) => `${name} duplizieren`,
  copyName: (name) => `${name}, Kopie`,
  duplicated: (name) => `${name} wurde angelegt: derselbe Plan, ab heute, ohne das Tagebuch.`,
  archive: 'Archivieren',
  archiveOf: (name) => `${name} archivieren`,
  archived: (name) => `${name} wurde archiviert. Alles davon bleibt erhalten; archivierte Becken stehen am Ende des Regals.`,
  undo: 'Zurücknehmen',
  archivedTanks: (count, told) => counted(count, { one: 'archiviertes Becken', other: 'archivierte Becken' }, told),
  archivedFacts: (records, when) => `${records} Einträge, archiviert am ${when}`,
  restore: 'Zurückholen',
  restored: (name) => `${name} steht wieder im Regal.`,
  restoreOf: (name) => `${name} zurückholen`,
  deleteForGood: 'Endgültig löschen …',
  deleteOf: (name) => `${name} endgültig löschen`,
  deleteSure: (name, records) =>
    `${name}, der Plan, die ${records} Einträge und die Bilder werden gelöscht. Das lässt sich nicht zurücknehmen; nur eine Sicherung von vorher hätte sie noch.`,
  deleteYes: 'Endgültig löschen',
  deleted: (name) => `${name} wurde gelöscht.`,
  braidOf: (name) => `Zopf von ${name} über sechs Wochen`,
  sectionOf: (name, size) => `${name}, ${size}, im Maßstab des Regals gezeichnet`,
  unreadable: (count, told) =>
    `${counted(count, { one: 'Becken wird', other: 'Becken werden' }, told)} nicht gezeigt: Was vom Plan gespeichert ist, lässt sich nicht lesen. Die Einträge sind unberührt. „Daten prüfen“ in den Einstellungen sagt mehr.`,
  scale: (n) => `Maßstab 1:${n}`,
}
