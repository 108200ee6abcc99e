import type { GasControl } from '@jovrin/core'

export const enGasControl = { none: 'none', timer: 'timer', controller: 'controller' } satisfies Record<GasControl, string>
