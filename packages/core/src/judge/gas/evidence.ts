import type { Reading } from '../../plan/journal.js'
import type { Co2Range } from '../../gas/grade.js'

/** What tells of CO2. `plan`: what the bubbles and the surface would give; used only where nobody measured. */
export const GAS_SOURCES = ['indicator', 'ph-kh', 'drop', 'plan'] as const
export type GasSource = (typeof GAS_SOURCES)[number]

/** When in the gas day a level was, or will be. */
export const GAS_MOMENTS = ['before-gas', 'lights-on', 'peak', 'some-time'] as const
export type GasMoment = (typeof GAS_MOMENTS)[number]

/** Why a piece of evidence is trusted less. */
export const GAS_DOUBTS = ['kh-low', 'kh-apart', 'tannin', 'new-soil', 'room-air', 'old', 'before-change', 'lags'] as const
export type GasDoubt = (typeof GAS_DOUBTS)[number]

/** Inputs that are no reading of this tank. */
export interface TakenInputs {
  readonly temperatureC?: number
  readonly ionicStrengthMolPerKg?: number
  readonly roomCo2Ppm?: number
}

export interface GasEvidence {
  readonly source: GasSource
  readonly moment: GasMoment
  /** `null` for what is planned. */
  readonly at: string | null
  readonly co2: Co2Range
  readonly doubts: readonly GasDoubt[]
  /** What it was reckoned from, its own reading first; empty for the plan. */
  readonly from: readonly Reading[]
  /** What was taken besides the readings. */
  readonly taken: TakenInputs
}

/** A colour lags behind by hours, which makes it late and never too high: it stays good evidence of too much. */
const HARMLESS: readonly GasDoubt[] = ['lags', 'old', 'before-change']
/** Whether a level may be told from it at all. Acids show gas that is not there; so an alarm from a doubted figure needs its low end. */
export const isDoubted = ({ doubts }: GasEvidence): boolean => doubts.some((doubt) => !HARMLESS.includes(doubt))
/** Whether it may still say how things stand, though not that anything be turned up: beyond doubt, but for its age. */
export const isUsable = ({ doubts, source }: GasEvidence): boolean => doubts.every((doubt) => doubt === 'old') && source !== 'plan'
/** Whether it may say that plants lack gas: only what is fresh, of its own moment and beyond doubt. */
export const isFirm = ({ doubts, source }: GasEvidence): boolean => doubts.length === 0 && source !== 'plan'
