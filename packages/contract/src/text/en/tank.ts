import type { Surface, FilterState, Top, StandRest, Floor, FilterMedia } from '@jovrin/core'

export const enSurface = { still: 'still', ripple: 'ripple', strong: 'strong' } satisfies Record<Surface, string>

export const enFilterState = { new: 'new', seeded: 'seeded', mature: 'taken over' } satisfies Record<FilterState, string>

export const enTop = { open: 'open', braced: 'braced', covered: 'covered' } satisfies Record<Top, string>

export const enStandRest = { base: 'a full base', feet: 'feet' } satisfies Record<StandRest, string>

export const enFloor = { solid: 'solid', timber: 'timber' } satisfies Record<Floor, string>

export const enFilterMedia = { light: 'light', usual: 'usual', packed: 'packed' } satisfies Record<FilterMedia, string>
