import type { PlantKind, Density } from '@jovrin/core'

export const enPlantKind = {
  carpet: 'Carpet',
  stems: 'Fast stems',
  rhizome: 'Rhizome plants',
  rosette: 'Rosettes',
  moss: 'Mosses',
  floater: 'Floaters',
} satisfies Record<PlantKind, string>

export const enDensity = { thin: 'thin', half: 'half', full: 'full' } satisfies Record<Density, string>
