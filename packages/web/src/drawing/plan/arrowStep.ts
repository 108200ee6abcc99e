const STEP_CM = 1
const FINE_CM = 0.1
const BIG_CM = 5
const WAYS: Readonly<Record<string, readonly [x: number, y: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

/** What an arrow key moves by, upwards positive: a centimetre, five with Shift, a millimetre with Alt. `null` for any other key. */
export function stepOf(event: {
  readonly key: string
  readonly shiftKey: boolean
  readonly altKey: boolean
}): { readonly dxCm: number; readonly dyCm: number } | null {
  const way = WAYS[event.key]
  if (way === undefined) return null
  const step = event.altKey ? FINE_CM : event.shiftKey ? BIG_CM : STEP_CM
  return { dxCm: way[0] * step, dyCm: way[1] * step }
}
