import type { PlantKind, PlantPlace } from '@jovrin/core'

/** Where a group usually stands. */
export const PLACE_OF_KIND: Readonly<Record<PlantKind, PlantPlace>> = {
  carpet: 'front',
  stems: 'back',
  rhizome: 'mid',
  rosette: 'mid',
  moss: 'mid',
  floater: 'surface',
}
