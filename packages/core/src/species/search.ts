import type { PlantSpecies } from './plantSpecies.js'

/** A name as it is compared: small letters, no accents, no sign of a hybrid, one space between words. */
export const plainName = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[×,.()]/g, ' ')
    .replace(/(^|\s)x(?=\s)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

interface Named {
  readonly id: string
  readonly plain: string
  readonly olderPlain: readonly string[]
  readonly familyPlain: string
}
/** Prepared names, once for many searches. */
export interface NameIndex {
  readonly names: readonly Named[]
}
export const nameIndex = (species: readonly Pick<PlantSpecies, 'id' | 'name' | 'olderNames' | 'family'>[]): NameIndex => ({
  names: species.map(({ id, name, olderNames, family }) => ({
    id,
    plain: plainName(name),
    olderPlain: olderNames.map(plainName),
    familyPlain: plainName(family),
  })),
})

/** Every word begins a word of the name, in any order: "rot mac" finds Rotala macrandra. */
const startsWords = (words: readonly string[], name: string): boolean => {
  const parts = name.split(' ')
  return words.every((word) => parts.some((part) => part.startsWith(word)))
}
const holdsWords = (words: readonly string[], name: string): boolean => words.every((word) => name.includes(word))

/** Ids of what a text names, best first: name, then older name, then inside of either, then family. All of them, in their own order, for an empty text. */
export function searchNames({ names }: NameIndex, text: string): string[] {
  const words = plainName(text)
    .split(' ')
    .filter((word) => word !== '')
  if (words.length === 0) return names.map(({ id }) => id)
  const ranks: string[][] = [[], [], [], [], []]
  for (const { id, plain, olderPlain, familyPlain } of names) {
    const rank =
      plain === words.join(' ') || olderPlain.includes(words.join(' '))
        ? 0
        : startsWords(words, plain)
          ? 1
          : olderPlain.some((name) => startsWords(words, name))
            ? 2
            : holdsWords(words, plain) || olderPlain.some((name) => holdsWords(words, name))
              ? 3
              : startsWords(words, familyPlain)
                ? 4
                : null
    if (rank !== null) ranks[rank]?.push(id)
  }
  return ranks.flat()
}

/** The older names by which a text finds a plant that its present name would not. */
export function foundByOlderName({ name, olderNames }: Pick<PlantSpecies, 'name' | 'olderNames'>, text: string): string[] {
  const words = plainName(text)
    .split(' ')
    .filter((word) => word !== '')
  if (words.length === 0 || startsWords(words, plainName(name))) return []
  return olderNames.filter((older) => holdsWords(words, plainName(older)))
}
