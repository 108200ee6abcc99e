import type { Edit } from './edit.js'

export const PLAN_SHEETS = ['intent', 'vessel', 'ground', 'hardscape', 'supply', 'kit', 'shopping', 'programme'] as const
/** The sheet of the plan on which a thing is drawn and changed. */
export type PlanSheet = (typeof PLAN_SHEETS)[number]

/** Something about a described tank that its grower should know. Codes and numbers; the sentence is in contract's catalogue. */
export interface Finding {
  readonly code: FindingCode
  /** `stop`: the plan contradicts itself. `warn`: likely trouble. `note`: worth knowing. */
  readonly severity: 'stop' | 'warn' | 'note'
  readonly sheet: PlanSheet
  /** The zone, piece or other element that it is about. */
  readonly id?: string
  readonly values: Readonly<Record<string, number>>
  /** Names in the plan that the sentence needs. */
  readonly names?: Readonly<Record<string, string>>
  /** The smallest change that mends it. */
  readonly mend?: { readonly code: MendCode; readonly values: Readonly<Record<string, number>>; readonly edits: readonly Edit[] }
}

export const FINDING_CODES = [
  'no-room-for-water',
  'ground-too-deep',
  'stems-float-out',
  'floor-overbooked',
  'thin-start',
  'light-without-gas',
  'hard-softening',
  'no-plants',
  'no-light',
  'twist',
  'tilt',
  'heavy-structural',
  'heavy-wall',
  'glass-thin',
  'open-jumpers',
  'sun-on-glass',
  'room-warm',
  'room-warm-carpet',
  'no-conditioner',
  'soil-too-thick',
  'soil-not-capped',
  'cap-on-pellets',
  'no-barrier',
  'slope-steep',
  'slope-needs-terraces',
  'carbonate-sand',
  'zone-outside',
  'zone-hidden',
  'tabs-shallow',
  'barrier-low',
  'piece-floats',
  'piece-carbonate',
  'piece-stains',
  'piece-near-glass',
  'piece-outside',
  'piece-above-water',
  'piece-near-lamp',
  'piece-heavy-spot',
  'floor-covered',
  'rear-strip-covered',
  'sizes-alike',
  'sizes-backwards',
  'main-centred',
  'trial-flood',
  'flow-low',
  'flow-dead-area',
  'heater-small',
  'cooler-small',
  'hours-short',
  'money-short',
  'wish-red-weak-light',
  'wish-carpet-no-gas',
  'wish-shrimps-rich-start',
  'wish-diggers-carpet',
  'wish-warm-cool',
  'pace-many-stems',
  'layout-no-stems',
  'layout-no-stones',
  'layout-too-tall',
  'view-back-kit',
] as const
export type FindingCode = (typeof FINDING_CODES)[number]
export const MEND_CODES = [
  'depth',
  'slope',
  'cap',
  'barrier',
  'clip',
  'remove',
  'fix',
  'move-in',
  'sink',
  'light',
  'gas',
  'top',
  'heater',
] as const
export type MendCode = (typeof MEND_CODES)[number]

/** What a finding is known by from one day to the next. */
export const findingKey = ({ code, id }: Pick<Finding, 'code' | 'id'>): string => (id === undefined ? code : `${code}:${id}`)

/** Remarks on arrangement and building that have nothing to say any more once plants grow. */
export const RESTS_ONCE_PLANTED: readonly FindingCode[] = [
  'sizes-alike',
  'sizes-backwards',
  'main-centred',
  'floor-covered',
  'rear-strip-covered',
  'trial-flood',
  'pace-many-stems',
  'layout-no-stems',
  'layout-no-stones',
  'layout-too-tall',
  'money-short',
]

const RANK = { stop: 0, warn: 1, note: 2 } as const
/** Most serious first; of equals, in the order in which they were found. */
export const bySeverity = (findings: readonly Finding[]): Finding[] => [...findings].sort((a, b) => RANK[a.severity] - RANK[b.severity])
