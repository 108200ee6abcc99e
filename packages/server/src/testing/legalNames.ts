import type { LegalStanding } from '@jovrin/core'

/** Plants that lists of many countries name, and some that lists of some do. */
export const LEGAL_OF_NAMES: Readonly<Record<string, LegalStanding>> = {
  'Pontederia crassipes': 'widely-listed',
  'Pistia stratiotes': 'widely-listed',
  'Salvinia molesta': 'widely-listed',
  'Cabomba caroliniana': 'widely-listed',
  'Myriophyllum aquaticum': 'widely-listed',
  'Myriophyllum heterophyllum': 'widely-listed',
  'Hydrilla verticillata': 'widely-listed',
  'Lagarosiphon major': 'widely-listed',
  'Crassula helmsii': 'widely-listed',
  'Gymnocoronis spilanthoides': 'widely-listed',
  'Egeria densa': 'listed-somewhere',
  'Egeria najas': 'listed-somewhere',
  'Elodea canadensis': 'listed-somewhere',
  'Hygrophila polysperma': 'listed-somewhere',
  'Limnophila sessiliflora': 'listed-somewhere',
  'Azolla cristata': 'listed-somewhere',
  'Azolla filiculoides': 'listed-somewhere',
  'Trapa natans': 'listed-somewhere',
  'Murdannia keisak': 'listed-somewhere',
}
