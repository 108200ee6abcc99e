import { numberWords, refusedWords, workingsWords, nameIn } from '@jovrin/contract'
import {
  ContradictionError,
  type FieldDescriptor,
  OutOfRangeError,
  readNumber,
  work,
  type WorkedFigure,
  type Working,
  type WorkingInputs,
  type WorkingRow,
} from '@jovrin/core'
import { significant } from '../../ui/units.js'

/** What is typed into a sum: texts by field; rows of texts where a field is a list. */
export type SumTexts = Readonly<Record<string, string | readonly Readonly<Record<string, string>>[]>>
export type SumOutcome =
  | { readonly kind: 'worked'; readonly figure: WorkedFigure; readonly inputs: WorkingInputs }
  | { readonly kind: 'incomplete' }
  | { readonly kind: 'refused'; readonly sentence: string; readonly fields: readonly string[] }

export const fieldName = (name: string): string => nameIn(workingsWords.field, name)

/** A working's formula with the words of its form in the place of its fields' names; other letters are symbols of the source. */
export function formulaInWords({ formula, fields }: Pick<Working, 'formula' | 'fields'>): string {
  const names = new Set(fields.flatMap((field) => [field.name, ...(field.kind === 'rows' ? field.fields.map(({ name }) => name) : [])]))
  const inWords = (name: string): string => {
    const word = fieldName(name)
    return /^[A-Z][a-z ]/.test(word) ? word.charAt(0).toLowerCase() + word.slice(1) : word
  }
  return formula.replace(/[A-Za-z][A-Za-z0-9]*/g, (name) => (names.has(name) ? inWords(name) : name))
}

/** What most people count in, where a field has many choices. */
const USUAL_CHOICE: Readonly<Record<string, string>> = { species: 'NO3' }

/** Texts from the address, so that a sum can be shared; standard values fill what is not said. */
export function textsOf(working: Working, search: URLSearchParams): SumTexts {
  return Object.fromEntries(
    working.fields.map((field): [string, SumTexts[string]] => {
      const given = search.get(field.name)
      if (field.kind === 'rows') return [field.name, rowsOf(given)]
      if (given !== null) return [field.name, given]
      return [
        field.name,
        field.standard !== undefined
          ? String(field.standard)
          : field.kind === 'choice'
            ? (USUAL_CHOICE[field.name] ?? field.choices[0] ?? '')
            : '',
      ]
    }),
  )
}

function rowsOf(text: string | null): readonly Readonly<Record<string, string>>[] {
  try {
    const parsed: unknown = JSON.parse(text ?? '[]')
    return Array.isArray(parsed)
      ? parsed.filter(
          (row): row is Record<string, string> =>
            typeof row === 'object' && row !== null && Object.values(row as object).every((cell) => typeof cell === 'string'),
        )
      : []
  } catch {
    return [] // an address that somebody mangled
  }
}

export const searchOf = (texts: SumTexts): URLSearchParams =>
  new URLSearchParams(
    Object.entries(texts).flatMap(([name, value]) =>
      typeof value === 'string' ? (value === '' ? [] : [[name, value]]) : value.length === 0 ? [] : [[name, JSON.stringify(value)]],
    ),
  )

/** Works a sum from what is typed, or says what is missing or wrong. */
export function workSum(working: Working, texts: SumTexts): SumOutcome {
  const inputs: Record<string, number | string | readonly WorkingRow[]> = {}
  const wrong: { name: string; sentence: string }[] = []
  let isIncomplete = false
  const read = (field: FieldDescriptor, text: string): number | string | null => {
    if (field.kind !== 'number') return text
    const parsed = readNumber(text)
    if ('error' in parsed) {
      wrong.push({ name: field.name, sentence: numberWords[parsed.error] })
      return null
    }
    if (parsed.value === null) {
      if (field.standard === undefined) isIncomplete = true
      return field.standard ?? null
    }
    if (parsed.value < field.min || parsed.value > field.max || (field.whole === true && !Number.isInteger(parsed.value)))
      wrong.push({
        name: field.name,
        sentence: `${fieldName(field.name)}: ${numberWords.range(significant(field.min, 6), significant(field.max, 6), field.unit === '1' ? '' : field.unit)}`,
      })
    return parsed.value
  }
  for (const field of working.fields) {
    const typed = texts[field.name]
    if (field.kind === 'rows') {
      const rows = (Array.isArray(typed) ? typed : []) as readonly Readonly<Record<string, string>>[]
      inputs[field.name] = rows.map(
        (row) =>
          Object.fromEntries(
            field.fields
              .map((cell) => [cell.name, read(cell, row[cell.name] ?? (cell.kind === 'choice' ? (cell.choices[0] ?? '') : ''))])
              .filter((pair) => pair[1] !== null),
          ) as WorkingRow,
      )
    } else {
      const value = read(field, typeof typed === 'string' ? typed : '')
      if (value !== null) inputs[field.name] = value
    }
  }
  const [first] = wrong
  if (first) return { kind: 'refused', sentence: first.sentence, fields: wrong.map(({ name }) => name) }
  if (isIncomplete) return { kind: 'incomplete' }
  try {
    return { kind: 'worked', ...work(working, inputs) }
  } catch (error) {
    if (error instanceof OutOfRangeError)
      return {
        kind: 'refused',
        sentence: refusedWords.outOfRange(
          fieldName(error.quantity),
          significant(error.value),
          significant(error.min),
          significant(error.max),
        ),
        fields: [error.quantity],
      }
    if (error instanceof ContradictionError)
      return { kind: 'refused', sentence: refusedWords.contradiction(error.fields.map(fieldName).join(', ')), fields: error.fields }
    throw error
  }
}
