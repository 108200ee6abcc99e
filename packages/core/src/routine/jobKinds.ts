import { PREPARATIONS, type PreparationCode } from '../startup/preparations.js'
import { CARE_RULES, type CareKind, type CareValues } from './careRules.js'

export type JobKind = PreparationCode | CareKind
/** The values of each kind of job. */
export type JobValues = typeof PREPARATIONS & CareValues
/** Work of a tank's whole life: the preparations first, then its care. */
export const JOB_KINDS: readonly JobKind[] = [...(Object.keys(PREPARATIONS) as PreparationCode[]), ...CARE_RULES.map(({ kind }) => kind)]
/** A build's work is late until it is told of: it does not pass with its day. */
export const isPreparation = (kind: JobKind): boolean => Object.hasOwn(PREPARATIONS, kind)
