import { fromUnit, UNKNOWN_SOURCE, UNPLANNED, type Plan } from '@jovrin/core'

/** The library's room and tap, which every tank of it has. */
export const common = (
  name: string,
  startedOn: string,
): Pick<Plan, keyof typeof UNPLANNED | 'schemaVersion' | 'name' | 'startedOn' | 'timeZone' | 'roomCo2Ppm' | 'isTrimmed' | 'sources'> => ({
  ...UNPLANNED,
  room: {
    monthlyC: [19.5, 19.5, 20, 20.5, 21.5, 23, 24.5, 24.5, 22.5, 21, 20, 19.5],
    humidityFraction: 0.48,
    sunHours: 0,
    windowFacingDeg: 300,
    latitudeDeg: 52,
    volumeM3: 180,
  },
  schemaVersion: 11,
  name,
  startedOn,
  timeZone: 'Europe/Berlin',
  roomCo2Ppm: 650,
  isTrimmed: true,
  sources: [
    {
      ...UNKNOWN_SOURCE,
      id: 'tap',
      temperatureC: 11,
      pH: 7.6,
      calciumMgPerL: 36,
      magnesiumMgPerL: 8.5,
      silicaMgSiPerL: fromUnit('silica', 9, 'mg SiO2/L'),
      disinfectant: 'chlorine',
      alkalinityMeqPerL: fromUnit('alkalinity', 4.5, '°dKH'),
      hardnessMmolPerL: fromUnit('hardness', 7, '°dGH'),
      nitrateMgNPerL: fromUnit('nitrate', 5, 'mg NO3/L'),
      phosphateMgPPerL: fromUnit('phosphate', 0.1, 'mg PO4/L'),
    },
  ],
})
