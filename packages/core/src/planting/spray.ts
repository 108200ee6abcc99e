/** A thin leaf dries out within a quarter of an hour in air of this humidity; one sprays in half that time. Rule of thumb 10–20 min. */
const DRY_AIR = 0.4
const DRIES_MIN = 15
const SPRAY_LEAST_MIN = 3
const SPRAY_MOST_MIN = 20

/** Minutes between two sprayings of plants that wait out of water. Water leaves a leaf as fast as the air lacks it (Dalton 1802); in half of the time in which a thin leaf dries out, held between 3 and 20. `humidityFraction` 0–1. */
export const sprayEveryMin = (humidityFraction: number): number =>
  Math.min(SPRAY_MOST_MIN, Math.max(SPRAY_LEAST_MIN, ((DRIES_MIN / 2) * (1 - DRY_AIR)) / Math.max(0.01, 1 - humidityFraction)))
