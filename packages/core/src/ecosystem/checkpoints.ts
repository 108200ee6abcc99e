import type { TimelineEntry } from '../plan/plan.js'
import type { Compiled } from './compile.js'
import type { Deeds } from './deeds.js'
import { MODEL_VERSION, simulate } from './simulate.js'

interface Checkpoint {
  readonly day: number
  /** Hash of everything that drove the tank before this day. */
  readonly key: number
  readonly state: Float64Array
}
/** States on the way to today, by seed and member. A change of yesterday leaves all that came before it. */
export type CheckpointStore = Map<string, Checkpoint[]>

const EVERY_DAYS = 14
/** A long-lived tank and some changes of it; a state is less than a kilobyte. */
const KEPT_OF_SLOT = 80

interface Road {
  readonly compiled: Compiled
  readonly timeline: readonly TimelineEntry[]
  readonly deeds: Deeds
  readonly today: number
  /** Names what was drawn: it follows from seed and member. */
  readonly slot: string
}

/** The state at the start of today, from the newest checkpoint whose past is the same. Exactly what one run from the first day gives. */
export function checkpointed(road: Road, store: CheckpointStore): Float64Array {
  const { compiled, today, slot } = road
  const key = keysOf(road)
  const kept = store.get(slot) ?? []
  const known = kept
    .filter(({ day, key: stored }) => day <= today && stored === key(day))
    .reduce<Checkpoint | null>((newest, next) => (newest === null || next.day > newest.day ? next : newest), null)
  let day = known?.day ?? 0
  let state = known?.state ?? compiled.startState
  const fresh: Checkpoint[] = []
  while (day < today) {
    const next = Math.min(today, (Math.floor(day / EVERY_DAYS) + 1) * EVERY_DAYS)
    state = simulate({
      forcing: compiled.forcing,
      parameters: compiled.parameters,
      startState: state,
      fromDay: day,
      days: next - day,
    }).endState
    day = next
    fresh.push({ day, key: key(day), state })
  }
  store.set(slot, [...kept, ...fresh].slice(-KEPT_OF_SLOT))
  return state
}

function keysOf({ compiled, timeline, deeds }: Road): (day: number) => number {
  const { forcing, startState, parameters } = compiled
  const own = hash(JSON.stringify([MODEL_VERSION, forcing.stepMin, forcing.site, Array.from(startState), parameters]))
  return (day) => {
    let key = own
    for (const entry of timeline) if (entry.fromDay < day) key = hash(textOf(entry), key)
    for (const act of deeds.acts) if (act.day < day) key = hash(textOf(act), key)
    for (const omission of deeds.omitted) if (omission.day < day) key = hash(textOf(omission), key)
    return key
  }
}

/** Members share the entries of a request: each is written once. */
const texts = new WeakMap<object, string>()
function textOf(part: object): string {
  const known = texts.get(part)
  if (known !== undefined) return known
  const text = JSON.stringify(part)
  texts.set(part, text)
  return text
}

/** FNV-1a over 53 bits in two halves; collisions between the few states of one slot are out of reach. */
function hash(text: string, start = 0): number {
  let low = 0x811c9dc5 ^ (start >>> 0)
  let high = 0x9e3779b9 ^ Math.floor(start / 4294967296)
  for (let index = 0; index < text.length; index++) {
    const code = text.charCodeAt(index)
    low = Math.imul(low ^ code, 0x01000193)
    high = Math.imul(high ^ (code + index), 0x85ebca6b)
  }
  return (high & 0x1fffff) * 4294967296 + (low >>> 0)
}
