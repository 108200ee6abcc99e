import {
  filterMediaWords,
  groundKindWords,
  jobTitleWords,
  materialWords,
  oneOfWords,
  shoppingWords,
  sourceKindWords,
  sumTermWords,
  sumTitleWords,
  topWords,
  nameIn,
} from '@jovrin/contract'
import type { OpenedSum, OpenedTerm, Word } from '@jovrin/core'
import type { Explained } from '../../ui/Figure.js'
import { significant, type Units } from '../../ui/units.js'

const minus = (text: string): string => text.replace('-', '−')
/** A value inside a written sum; in the formula's own units (cm, L, kg), whatever the reader chose for the rest. */
const putIn = (value: number, digits: number, isFirst: boolean): string => {
  const text = minus(significant(value, digits))
  return value < 0 && !isFirst ? `(${text})` : text
}

function wordText([list, key]: Word): string {
  switch (list) {
    case 'own':
      return key
    case 'ground':
      return nameIn(groundKindWords, key)
    case 'material':
      return nameIn(materialWords, key)
    case 'top':
      return nameIn(topWords, key)
    case 'media':
      return nameIn(filterMediaWords, key)
    case 'job':
      return nameIn(jobTitleWords, key)
    case 'source':
      return nameIn(sourceKindWords, key)
    case 'running':
      return nameIn(shoppingWords.runningPart, key)
    case 'lamp':
    case 'gasLine':
    case 'lightWindow':
      return oneOfWords[list](key)
  }
}
const termText = (name: string): string => nameIn(sumTermWords, name)

function inputOf({ name, of, isAlone, quantity, from, word }: OpenedTerm, units: Units): Explained['inputs'][number] {
  const told = units.tell(quantity)
  return {
    name:
      of === null
        ? sentenceCase(termText(name))
        : isAlone
          ? sentenceCase(wordText(of))
          : `${sentenceCase(wordText(of))}: ${termText(name)}`,
    value: word === null ? told : `${wordText(word)}, ${told}`,
    from,
  }
}
const sentenceCase = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** What an opened figure shows: its formula in words, the tank's own values put in, what each one is and where it came from. */
export function toldSum({ id, of, formula, worked, digits, unit, result, range, terms, source }: OpenedSum, units: Units): Explained {
  const written = worked.map((part, index) => (typeof part === 'string' ? part : putIn(part, digits, index === 0))).join('')
  return {
    title: of === null ? nameIn(sumTitleWords, id) : `${wordText(of)}: ${nameIn(sumTitleWords, id)}`,
    // Terms of several words need room between them.
    formula: formula.map((part) => (typeof part === 'string' ? part.replaceAll(/[·/]/g, ' $& ') : termText(part.term))).join(''),
    worked: `${written} = ${minus(significant(result.value, digits))} ${unit}`.trimEnd(),
    inputs: terms.map((term) => inputOf(term, units)),
    source,
    range: range === null ? null : [units.tell(range[0]), units.tell(range[1])],
  }
}
