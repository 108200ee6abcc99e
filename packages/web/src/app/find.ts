/** Something that can be gone to. */
export interface Find {
  readonly group: string
  readonly label: string
  /** Found by these too. */
  readonly words?: string
  /** Not offered before a word was typed. */
  readonly isSeldom?: boolean
  readonly to: string
}
const MOST_SHOWN = 40

const plain = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()

const wordsOf = (typed: string): string[] =>
  plain(typed)
    .split(/\s+/)
    .filter((word) => word !== '')
const holdsWords = (text: string, words: readonly string[]): boolean => {
  const searched = plain(text)
  return words.every((word) => searched.includes(word))
}
/** Whether a text holds every word that was typed, in any order and with or without its accents. */
export const holdsAll = (text: string, typed: string): boolean => holdsWords(text, wordsOf(typed))

/** What holds every word that was typed, in any order and with or without its accents; what begins with the first one comes first within its group. */
export function foundBy(all: readonly Find[], typed: string): Find[] {
  const words = wordsOf(typed)
  if (words.length === 0) return all.filter(({ isSeldom }) => isSeldom !== true).slice(0, MOST_SHOWN)
  const holding = all.filter(({ label, words: more = '' }) => holdsWords(`${label} ${more}`, words))
  const groups = [...new Set(holding.map(({ group }) => group))]
  const rank = ({ label }: Find): number => (plain(label).startsWith(words[0] ?? '') ? 0 : 1)
  return [...holding].sort((a, b) => groups.indexOf(a.group) - groups.indexOf(b.group) || rank(a) - rank(b)).slice(0, MOST_SHOWN)
}
