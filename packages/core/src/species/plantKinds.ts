/** Groups into which plants are sorted where nobody names them. */
export const PLANT_KINDS = ['carpet', 'stems', 'rhizome', 'rosette', 'moss', 'floater'] as const
export type PlantKind = (typeof PLANT_KINDS)[number]
