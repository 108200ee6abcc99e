import type { densityWords, plantKindWords } from '../en/planting.js'
import type { Translation } from '../language.js'

export const plantKind: Translation<typeof plantKindWords> = {
  carpet: 'Bodendecker',
  stems: 'Schnelle Stängelpflanzen',
  rhizome: 'Rhizompflanzen',
  rosette: 'Rosetten',
  moss: 'Moose',
  floater: 'Schwimmpflanzen',
}
export const density: Translation<typeof densityWords> = { thin: 'dünn', half: 'halb', full: 'voll' }
