import { PREPARATIONS, type PreparationCode } from '../startup/preparations.js'
import { CARE_RULES, type CareKind, type CareValues } from './careRules.js'
import { CYLINDER_JOBS, type CylinderJobKind } from './cylinderJobs.js'

export type JobKind = PreparationCode | CareKind | CylinderJobKind
/** The values of each kind of job. */
export type JobValues = typeof PREPARATIONS & CareValues & typeof CYLINDER_JOBS
/** Work of a tank's whole life: the preparations first, then its care, then what the scale asks for. */
export const JOB_KINDS: readonly JobKind[] = [
  ...(Object.keys(PREPARATIONS) as PreparationCode[]),
  ...CARE_RULES.map(({ kind }) => kind),
  ...(Object.keys(CYLINDER_JOBS) as CylinderJobKind[]),
]
/** A build's work is late until it is told of: it does not pass with its day. */
export const isPreparation = (kind: JobKind): boolean => Object.hasOwn(PREPARATIONS, kind)
