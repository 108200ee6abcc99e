import type { Disinfectant } from '@jovrin/core'

export const enDisinfectant = { none: 'none', chlorine: 'chlorine', chloramine: 'chloramine' } satisfies Record<Disinfectant, string>
