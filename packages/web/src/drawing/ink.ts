/** The drawing grammar: three ink weights, one hatch a material. */
export const INK = { heavy: 2.2, medium: 1.2, thin: 0.6 } as const

export type Hatch = 'pellets' | 'sand' | 'gravel' | 'soil' | 'stone' | 'wood' | 'light' | 'carbon' | 'feed' | 'warmth' | 'room' | 'algae'
export const hatchFill = (prefix: string, hatch: Hatch): string => `url(#${prefix}-${hatch})`

/** Id prefixes from React's useId hold characters that a url() reference must not. */
export const svgPrefix = (id: string): string => `d${id.replaceAll(/[^a-zA-Z0-9]/g, '')}`
