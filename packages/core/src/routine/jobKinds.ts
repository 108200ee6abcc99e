export const JOB_KINDS = ['change', 'light-step', 'gas-check', 'dose', 'dose-to-level', 'test-nitrogen', 'test-water', 'trim', 'glass', 'filter', 'diffuser', 'weigh-cylinder', 'photo', 'melt', 'grazers', 'fish'] as const
export type JobKind = (typeof JOB_KINDS)[number]
