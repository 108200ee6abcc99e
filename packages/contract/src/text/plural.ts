/** Words of the catalogue that change with their number, and lists: by the rules of its language, in one place. */
let rules = new Intl.PluralRules('en')
let lists = new Intl.ListFormat('en', { style: 'short', type: 'unit' })
let enumerations = new Intl.ListFormat('en', { type: 'conjunction' })

export function countIn(language: string): void {
  rules = new Intl.PluralRules(language)
  lists = new Intl.ListFormat(language, { style: 'short', type: 'unit' })
  enumerations = new Intl.ListFormat(language, { type: 'conjunction' })
}

export interface Forms {
  readonly one: string
  readonly other: string
}
/** The form that goes with a number. */
export const formFor = (count: number, { one, other }: Forms): string => (rules.select(count) === 'one' ? one : other)
/** The number with its word: 1 piece, 3 pieces. `told`: the number as the reader writes it. */
export const counted = (count: number, forms: Forms, told = String(count)): string => `${told} ${formFor(count, forms)}`
/** A name from the catalogue by a key that comes from stored data; the key itself where the catalogue has no name for it. */
export const nameIn = (names: Readonly<Record<string, string>>, key: string): string =>
  Object.hasOwn(names, key) ? (names[key] ?? key) : key

/** Things one after another. */
export const listed = (things: readonly string[]): string => lists.format(things)
/** Things one after another, the last with “and”. */
export const enumerated = (things: readonly string[]): string => enumerations.format(things)
