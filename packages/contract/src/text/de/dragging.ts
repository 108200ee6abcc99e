import type { draggingWords } from '../en/dragging.js'
import type { Translation } from '../language.js'

export const dragging: Translation<typeof draggingWords> = {
  grip: (name) => `Ziehen: ${name}`,
  how: 'Leertaste hebt an, Pfeiltasten bewegen, Leertaste legt ab, Escape nimmt zurück.',
  lifted: (name) => `${name}: angehoben.`,
  over: (name, place) => `${name}: jetzt bei ${place}.`,
  nowhere: (name) => `${name}: über nichts.`,
  put: (name, place) => `${name}: abgelegt bei ${place}.`,
  back: (name) => `${name}: wieder an seinem Ort.`,
}
