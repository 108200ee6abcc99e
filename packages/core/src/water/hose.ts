import { commonAnswers } from '../plan/answers.js'
import type { ChangeKit } from '../plan/planWater.js'

/** Timing by hand is off by about a tenth. Rule of thumb. */
export const TIMING_SPREAD = 0.1

/** Flow of the filling or the draining hose [L/min], from the seconds that a bucket takes; `null` until they were counted. */
export function hoseLPerMin(kit: ChangeKit, which: 'fillS' | 'drainS'): number | null {
  const seconds = kit[which]
  return seconds === null ? null : (commonAnswers().number('water/kit/bucketL', kit.bucketL) * 60) / seconds
}
/** Seconds that so many litres take through the hose; `null` while its flow is not known. A drain slows down as the water falls: it takes longer than this. */
export function fillSeconds(kit: ChangeKit, litres: number, which: 'fillS' | 'drainS'): number | null {
  const flow = hoseLPerMin(kit, which)
  return flow === null ? null : (litres / flow) * 60
}
