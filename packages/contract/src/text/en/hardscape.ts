import type { HardscapeMaterial, Fixing } from '@jovrin/core'

export const materialWords = {
  granite: 'granite-like',
  slate: 'slate',
  limestone: 'limestone',
  lava: 'lava',
  wood: 'wood',
  'staining-wood': 'staining wood',
} satisfies Record<HardscapeMaterial, string>

export const fixingWords = {
  none: 'nothing',
  wedged: 'wedging',
  glued: 'glue',
  screwed: 'screws on slate',
  tied: 'ties',
  weighted: 'stones on it',
} satisfies Record<Fixing, string>
