import type { Density, PlantKind } from '../plan/plan.js'

/** Dry mass [g per m² of the kind's own share] at planting. Rule of thumb, editable later; floaters are counted as full. */
export const START_G_PER_M2: Readonly<Record<PlantKind, Readonly<Record<Density, number>>>> = {
  carpet: { thin: 5, half: 21, full: 26 },
  stems: { thin: 8, half: 53, full: 116 },
  rhizome: { thin: 19, half: 56, full: 56 },
  rosette: { thin: 12, half: 49, full: 74 },
  moss: { thin: 11, half: 37, full: 37 },
  floater: { thin: 3, half: 6, full: 9 },
}

/** Dry mass [g] of one retail pot or bunch. Rule of thumb: stems 0.4–1, carpets 0.2–0.5. */
export const POT_G: Readonly<Record<PlantKind, number>> = { carpet: 0.35, stems: 0.7, rhizome: 0.6, rosette: 0.6, moss: 0.5, floater: 0.3 }

/** Share of a farm-grown plant's tissue that grew in air and melts under water. */
export const EMERSED_SHARE: Readonly<Record<PlantKind, number>> = {
  carpet: 0.7,
  stems: 0.7,
  rhizome: 0.5,
  rosette: 0.8,
  moss: 0.3,
  floater: 0,
}

/** Height [cm] when planted and when grown in; for drawings. Rule of thumb. */
export const HEIGHT_CM: Readonly<Record<PlantKind, { readonly planted: number; readonly grown: number }>> = {
  carpet: { planted: 1.5, grown: 4 },
  stems: { planted: 8, grown: 32 },
  rhizome: { planted: 8, grown: 14 },
  rosette: { planted: 8, grown: 22 },
  moss: { planted: 2, grown: 5 },
  floater: { planted: 1, grown: 2 },
}
