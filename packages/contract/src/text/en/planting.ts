import type { PlantKind, Density } from '@jovrin/core'

export const plantKindWords = {
  carpet: 'Carpet',
  stems: 'Fast stems',
  rhizome: 'Rhizome plants',
  rosette: 'Rosettes',
  moss: 'Mosses',
  floater: 'Floaters',
} satisfies Record<PlantKind, string>

export const densityWords = { thin: 'thin', half: 'half', full: 'full' } satisfies Record<Density, string>
