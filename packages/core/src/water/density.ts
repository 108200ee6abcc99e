/** Density of pure water [kg/m³], 0–40 °C, 1 atm. Tanaka et al. (2001), Metrologia 38:301. */
export function waterDensityKgPerM3(temperatureC: number): number {
  const t = temperatureC
  return 999.97495 * (1 - ((t - 3.983035) ** 2 * (t + 301.797)) / (522528.9 * (t + 69.34881)))
}
