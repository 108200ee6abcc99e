import type { Surface, FilterState, Top, StandRest, Floor, FilterMedia } from '@jovrin/core'

export const surfaceWords = { still: 'still', ripple: 'ripple', strong: 'strong' } satisfies Record<Surface, string>

export const filterStateWords = { new: 'new', seeded: 'seeded', mature: 'taken over' } satisfies Record<FilterState, string>

export const topWords = { open: 'open', braced: 'braced', covered: 'covered' } satisfies Record<Top, string>

export const standRestWords = { base: 'a full base', feet: 'feet' } satisfies Record<StandRest, string>

export const floorWords = { solid: 'solid', timber: 'timber' } satisfies Record<Floor, string>

export const filterMediaWords = { light: 'light', usual: 'usual', packed: 'packed' } satisfies Record<FilterMedia, string>
