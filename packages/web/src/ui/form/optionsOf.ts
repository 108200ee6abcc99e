/** Each of some values with its word, as a list of choices takes them. */
export const optionsOf = <T extends string>(values: readonly T[], words: Readonly<Record<T, string>>): (readonly [T, string])[] =>
  values.map((value) => [value, words[value]])
