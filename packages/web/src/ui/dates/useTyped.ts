import type { DateTime } from 'luxon'
import { useState } from 'react'

interface Typed {
  /** What the field shows: half a date too, while it is typed. */
  readonly time: DateTime | null
  readonly type: (time: DateTime | null, text: string) => void
}

/**
 * A field over a text that may not take what is typed so far. What stands in the field stays until somebody else changes the text.
 * `text` is empty where there is none; `read` makes a time of it.
 */
export function useTyped(text: string, read: (text: string) => DateTime): Typed {
  const [state, setState] = useState(() => ({ text, told: text, time: timeOf(text, read) }))
  if (text !== state.text) setState({ text, told: text, time: text === state.told ? state.time : timeOf(text, read) })
  return { time: state.time, type: (time, told) => setState({ ...state, told, time }) }
}

const timeOf = (text: string, read: (text: string) => DateTime): DateTime | null => (text === '' ? null : read(text))
