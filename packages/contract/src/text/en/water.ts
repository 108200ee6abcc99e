import type { Disinfectant } from '@jovrin/core'

export const disinfectantWords = { none: 'none', chlorine: 'chlorine', chloramine: 'chloramine' } satisfies Record<Disinfectant, string>
