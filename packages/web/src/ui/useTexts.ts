import { useState } from 'react'

/** Texts in fields that are no values yet, by the name of the field. */
export interface Texts {
  /** What a number field needs to keep its text, to be spread into it. */
  readonly of: (name: string) => { readonly text: string | null; readonly onText: (text: string | null) => void }
  readonly isMistyped: (...names: readonly string[]) => boolean
}

/** For forms that hold values only: what is typed and is no value stays beside them. */
export function useTexts(): Texts {
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>({})
  const write = (name: string, text: string | null): void =>
    setTexts(({ [name]: _before, ...others }) => (text === null ? others : { ...others, [name]: text }))
  return {
    of: (name) => ({ text: texts[name] ?? null, onText: (text) => write(name, text) }),
    isMistyped: (...names) => names.some((name) => name in texts),
  }
}
