import fc from 'fast-check'

/** Random properties run from one seed, so that a run of today says what a run of yesterday said; a long run draws fresh seeds, and many times as many. */
const isLong = process.env['JOVRIN_LONG'] !== undefined
const LONG_FACTOR = 40
const USUAL_RUNS = 100
fc.configureGlobal(isLong ? { numRuns: USUAL_RUNS * LONG_FACTOR } : { seed: 20_260_901 })

/** How often a property is tried: so often by default, many times over in a long run. */
export const tries = (usual: number): number => (isLong ? usual * LONG_FACTOR : usual)
