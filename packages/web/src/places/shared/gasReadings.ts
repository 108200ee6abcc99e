import { dkhOfAlkalinity, type GasJudgement, type Reading } from '@jovrin/core'

/** The newest readings that tell of CO2, by what they measure. Left out: what was not read. */
export interface GasReadings {
  readonly pH?: number
  readonly khDkh?: number
  readonly temperatureC?: number
  readonly pHDegassed?: number
  readonly ionicStrengthMolPerKg?: number
}

export function gasReadingsOf({ evidence }: Pick<GasJudgement, 'evidence'>): GasReadings {
  const read = evidence.flatMap(({ from }) => from)
  const newest = (quantity: Reading['quantity'], isDegassed = false): number | undefined =>
    read.find((reading) => reading.quantity === quantity && (reading.moment === 'degassed') === isDegassed)?.value
  const [pH, alkalinity, temperatureC, pHDegassed] = [newest('pH'), newest('alkalinity'), newest('temperature'), newest('pH', true)]
  const ionicStrengthMolPerKg = evidence.find(({ source }) => source === 'ph-kh')?.taken.ionicStrengthMolPerKg
  return {
    ...(pH === undefined ? {} : { pH }),
    ...(alkalinity === undefined ? {} : { khDkh: dkhOfAlkalinity(alkalinity) }),
    ...(temperatureC === undefined ? {} : { temperatureC }),
    ...(pHDegassed === undefined ? {} : { pHDegassed }),
    ...(ionicStrengthMolPerKg === undefined ? {} : { ionicStrengthMolPerKg }),
  }
}
