import type { Vertex } from '../plan/plan.js'

/** A rectangle as an outline, from the front left [cm]. */
export const box = (left: number, front: number, right: number, back: number): Vertex[] =>
  [
    [left, front],
    [right, front],
    [right, back],
    [left, back],
  ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false }))
