import { co2FromDropWorking } from '../../gas/checks.workings.js'
import { co2AirEquilibriumMgPerL } from '../../gas/airEquilibrium.js'
import { co2FromDyeWorking } from '../../gas/dye/co2FromDye.working.js'
import type { Co2Range } from '../../gas/grade.js'
import { NUMBER_FIELDS } from '../../plan/fields.js'
import { OutOfRangeError } from '../../quantity/outOfRange.js'
import { ContradictionError, work, type Working, type WorkingInputs } from '../../quantity/working.js'
import { alkalinityOfDkh, phFromCo2 } from '../../water/carbonate.js'
import { co2FromPhWorking } from '../../water/water.workings.js'

/** What was measured at one moment; `null` for what was not. */
export interface GasMeasured {
  readonly pH: number | null
  readonly khDkh: number | null
  readonly temperatureC: number
  readonly ionicStrengthMolPerKg: number
  /** Of a sample of the same water that stood open for a day. */
  readonly pHDegassed: number | null
  readonly roomCo2Ppm: number | null
  /** Share of the indicator's dye in its blue form; several where a picture leaves it open. */
  readonly blueShare: { readonly low: number; readonly value: number; readonly high: number } | null
  readonly referenceKhDkh: number
}

/** The first way shows less, or more, than pH and KH; or than the drop. */
export const GAS_APART = ['drop-below', 'drop-above', 'dye-below', 'dye-above', 'dye-below-drop', 'dye-above-drop'] as const
export type GasApart = (typeof GAS_APART)[number]

export interface GasCompared {
  readonly phKh: Co2Range | null
  readonly drop: Co2Range | null
  readonly dye: Co2Range | null
  /** Where ways tell different levels: of the first that do. */
  readonly apart: GasApart | null
  /** pH of the degassed sample, were KH all that there is and the room as told; beside what was measured it tells of other acids. `null` without KH. */
  readonly degassedPh: number | null
  /** What animals are to be judged by: the highest that was measured. */
  readonly forAnimals: Co2Range | null
  /** What plants surely have: the lowest. */
  readonly forPlants: Co2Range | null
}

/** Every way in which one moment's CO2 was measured, beside each other, and which errs where they part. */
export function compareWays(measured: GasMeasured): GasCompared {
  const { pH, khDkh, temperatureC, pHDegassed, blueShare } = measured
  const roomCo2Ppm = measured.roomCo2Ppm ?? NUMBER_FIELDS.roomCo2Ppm.unknown.value
  const phKh =
    pH === null || khDkh === null
      ? null
      : ranged(co2FromPhWorking, { pH, khDkh, temperatureC, ionicStrengthMolPerKg: measured.ionicStrengthMolPerKg })
  const drop = pH === null || pHDegassed === null ? null : dropRange(measured, pH, pHDegassed)
  const dye =
    blueShare === null
      ? null
      : around(
          [blueShare.low, blueShare.value, blueShare.high].map((share) =>
            ranged(co2FromDyeWorking, {
              blueShare: Math.min(LAST_SHARE, Math.max(1 - LAST_SHARE, share)),
              referenceKhDkh: measured.referenceKhDkh,
              temperatureC,
            }),
          ),
        )
  const told = [phKh, drop, dye].filter((range) => range !== null)
  const by = (sign: 1 | -1): Co2Range | null => told.toSorted((a, b) => sign * (b.value - a.value))[0] ?? null
  return {
    phKh,
    drop,
    dye,
    apart: apartOf({ phKh, drop, dye }),
    degassedPh:
      khDkh === null || khDkh <= 0
        ? null
        : phFromCo2(co2AirEquilibriumMgPerL(temperatureC, roomCo2Ppm), {
            alkalinityMeqPerL: alkalinityOfDkh(khDkh),
            temperatureC,
            ionicStrengthMolPerKg: measured.ionicStrengthMolPerKg,
          }),
    forAnimals: by(1),
    forPlants: by(-1),
  }
}
/** Eyes and cameras tell nothing of the last fiftieth. */
const LAST_SHARE = 0.98

/** CO2 from the drop of pH. Rooms that nobody measured are anything from fresh to stuffy. */
export function dropRange(
  { temperatureC, roomCo2Ppm }: Pick<GasMeasured, 'temperatureC' | 'roomCo2Ppm'>,
  pHNow: number,
  pHDegassed: number,
): Co2Range | null {
  const { value, low, high } = NUMBER_FIELDS.roomCo2Ppm.unknown
  const rooms = roomCo2Ppm === null ? [low, value, high] : [roomCo2Ppm / ROOM_AIR_SPREAD, roomCo2Ppm, roomCo2Ppm * ROOM_AIR_SPREAD]
  return around(rooms.map((ppm) => ranged(co2FromDropWorking, { pHDegassed, pHNow, temperatureC, roomCo2Ppm: Math.min(5000, ppm) })))
}
/** How far off a room's CO2 is that somebody told. Rule of thumb. */
const ROOM_AIR_SPREAD = 1.2

/** The middle one's value in the reach of all; `null` where one cannot be reckoned. */
function around(ranges: readonly (Co2Range | null)[]): Co2Range | null {
  const known = ranges.filter((range) => range !== null)
  if (known.length < ranges.length || known.length === 0) return null
  return {
    low: Math.min(...known.map(({ low }) => low)),
    value: known[(known.length - 1) >> 1]!.value,
    high: Math.max(...known.map(({ high }) => high)),
  }
}

/** A worked range; `null` where readings contradict each other or lie outside the formula. */
export function ranged(working: Working, inputs: WorkingInputs): Co2Range | null {
  try {
    const { value, low, high } = work(working, inputs).figure
    return { value, low: low ?? value, high: high ?? value }
  } catch (error) {
    if (error instanceof OutOfRangeError || error instanceof ContradictionError) return null
    throw error
  }
}

/** Two ways are apart where neither's figure lies in the other's range; on which side of the first the second lies. */
function sideOf(first: Co2Range | null, second: Co2Range | null): 'below' | 'above' | null {
  if (first === null || second === null) return null
  const holds = ({ low, high }: Co2Range, { value }: Co2Range): boolean => value >= low && value <= high
  if (holds(first, second) || holds(second, first)) return null
  return second.value < first.value ? 'below' : 'above'
}

function apartOf({ phKh, drop, dye }: Pick<GasCompared, 'phKh' | 'drop' | 'dye'>): GasApart | null {
  const ofDrop = sideOf(phKh, drop)
  if (ofDrop !== null) return `drop-${ofDrop}`
  const ofDye = sideOf(phKh, dye)
  if (ofDye !== null) return `dye-${ofDye}`
  const ofBoth = sideOf(drop, dye)
  return ofBoth === null ? null : `dye-${ofBoth}-drop`
}
