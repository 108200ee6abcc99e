import type { printingWords } from '../../en/places/printing.js'
import type { Translation } from '../../language.js'

export const printing: Translation<typeof printingWords> = {
  title: 'Drucken oder speichern',
  open: 'Drucken oder speichern',
  page: 'Diese Seite drucken',
  drawing: 'Zeichnung',
  scale: 'Maßstab',
  ruler: (scale) => `Mit 100 % gedruckt ist ein Zentimeter auf dem Papier ${scale} cm des Beckens. PNG hat 300 Punkte je Zoll.`,
  noScale: 'Ohne Maßstab gezeichnet: so breit, wie ein Blatt A4 es zulässt.',
  none: 'Auf dieser Seite ist keine Zeichnung.',
  failed: 'Die Datei ließ sich nicht schreiben. SVG versuchen, oder einen kleineren Maßstab.',
}
