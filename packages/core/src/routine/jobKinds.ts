import { PREPARATIONS } from '../startup/preparations.js'

const CARE_KINDS = [
  'change',
  'light-step',
  'gas-check',
  'dose',
  'dose-to-level',
  'test-nitrogen',
  'test-water',
  'trim',
  'glass',
  'filter',
  'diffuser',
  'weigh-cylinder',
  'photo',
  'melt',
  'grazers',
  'fish',
] as const
/** Work of a tank's whole life: the preparations first, then its care. */
export const JOB_KINDS = [...PREPARATIONS, ...CARE_KINDS] as const
export type JobKind = (typeof JOB_KINDS)[number]
