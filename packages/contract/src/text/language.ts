import { countIn } from './plural.js'

/** What the same texts are in another language: nothing left out, functions with the same values. */
export type Translation<Words> = Words extends (...values: infer Values) => string
  ? (...values: Values) => string
  : Words extends string
    ? string
    : { readonly [Key in keyof Words]: Translation<Words[Key]> }

/** A part of the catalogue with its translation. */
export type Translated = readonly [words: object, translation: object]
export const translated = <Words extends object>(words: Words, translation: Translation<Words>): Translated => [words, translation]

/**
 * Says the catalogue's texts in another language from now on: the translation is laid over it, in place.
 * For a page, before the first of its parts is loaded, since parts may take their texts while they load.
 * @param language by its two letters; it decides plurals and lists
 */
export function speak(language: string, translation: readonly Translated[]): void {
  countIn(language)
  for (const [words, said] of translation) lay(words, said)
}

function lay(words: object, translation: object): void {
  for (const [key, said] of Object.entries(translation)) {
    const under: unknown = Reflect.get(words, key)
    if (isGroup(under) && isGroup(said)) lay(under, said)
    else Reflect.set(words, key, said)
  }
}
const isGroup = (value: unknown): value is object => typeof value === 'object' && value !== null
