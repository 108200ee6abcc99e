/** Seeded, in [0, 1), handed in wherever chance is needed. */
export type Random = () => number

/** Mulberry-style 32-bit mixing generator; good enough for parameter draws, identical in every engine. `stream` makes independent sequences of one seed. */
export function randomOf(seed: number, stream: number): Random {
  let state = mix((seed >>> 0) ^ mix((stream >>> 0) + 0x9e3779b9))
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    return mix(state) / 4294967296
  }
}

function mix(word: number): number {
  let t = Math.imul(word ^ (word >>> 15), word | 1)
  t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
  return (t ^ (t >>> 14)) >>> 0
}

/** One standard normal deviate (Box & Muller 1958). */
export function normal(random: Random): number {
  const radius = Math.sqrt(-2 * Math.log(1 - random()))
  return radius * Math.cos(2 * Math.PI * random())
}

/** A stream of its own for each name (FNV-1a, 32 bit): what is added or taken away elsewhere does not change its chance. */
export function streamOf(name: string): number {
  let hash = 0x811c9dc5
  for (let index = 0; index < name.length; index++) hash = Math.imul(hash ^ name.charCodeAt(index), 0x01000193)
  return hash >>> 0
}
