import type { formWords } from '../en/form.js'
import type { Translation } from '../language.js'

export const form: Translation<typeof formWords> = {
  needed: 'Diese Angabe fehlt.',
  long: (most) => `Höchstens ${most} Zeichen.`,
  refused: 'So wird das nicht angenommen.',
  unsaved: 'Was hier steht, ist noch nicht gespeichert. Speichern oder abbrechen.',
}
