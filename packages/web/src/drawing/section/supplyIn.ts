import { supplyAt, type PlantSpecies, type TankFigures } from '@jovrin/core'

/** Growth of a plant against its best in a tank, for drawings: by the mean light of the floor and the gas at lights-on. */
export const supplyIn = ({ ppfd, gasMgPerH, gasLevels }: TankFigures, plant: PlantSpecies): number =>
  supplyAt(plant, { light: { low: ppfd, value: ppfd, high: ppfd }, hasGas: gasMgPerH > 0, co2MgPerL: gasLevels.atLightsOn })
