import { glossaryWords, helpWords } from '@jovrin/contract'
import { Fragment, useContext, type ReactNode } from 'react'
import { OpenTermContext } from './openTerm.js'

/** How each term is written where it is met in a sentence, in any of our languages; words that everybody knows are left alone. The longer of two stands first. */
const MET: readonly (readonly [written: string, term: string])[] = [
  ['PPFD', 'ppfd'],
  ['DLI', 'dli'],
  ['KH', 'kh'],
  ['GH', 'gh'],
  ['degassed sample', 'degassed'],
  ['indicator', 'indicator'],
  ['chelate', 'chelate'],
  ['ammonia binder', 'binder'],
  ['ammonia', 'ammonia'],
  ['nitrite', 'nitrite'],
  ['diffuser', 'diffuser'],
  ['Chlorine', 'conditioner'],
  ['tannin', 'tannin'],
  ['Chloramine', 'conditioner'],
  ['conditioner', 'conditioner'],
  ['melt', 'melt'],
  ['carpet', 'carpet'],
  ['turnover', 'turnover'],
  ['ausgegaste Probe', 'degassed'],
  ['Indikator', 'indicator'],
  ['Chelat', 'chelate'],
  ['Gerbstoffe', 'tannin'],
  ['Ammoniumbinder', 'binder'],
  ['Ammonium', 'ammonia'],
  ['Nitrit', 'nitrite'],
  ['Diffusor', 'diffuser'],
  ['Soil', 'active-soil'],
]
const PATTERN = new RegExp(`(?<![\\w-])(${MET.map(([written]) => written).join('|')})(?![\\w-])`)

/** A sentence whose first words of the field open the glossary, each once. */
export function WithTerms({ children }: { readonly children: string }): ReactNode {
  const open = useContext(OpenTermContext)
  if (open === null) return children
  const met = new Set<string>()
  const parts: ReactNode[] = []
  let rest = children
  for (let found = PATTERN.exec(rest); found !== null; found = PATTERN.exec(rest)) {
    const [written] = found
    const term = MET.find(([one]) => one === written)?.[1] ?? ''
    parts.push(rest.slice(0, found.index))
    parts.push(met.has(term) ? written : <Term key={parts.length} term={term} written={written} onOpen={open} />)
    met.add(term)
    rest = rest.slice(found.index + written.length)
  }
  return [...parts, rest].map((part, index) => <Fragment key={index}>{part}</Fragment>)
}

function Term({ term, written, onOpen }: { term: string; written: string; onOpen: (term: string) => void }) {
  const name = Object.entries(glossaryWords).find(([id]) => id === term)?.[1][0] ?? written
  return (
    <button type="button" className="term" aria-label={helpWords.term(name)} title={helpWords.term(name)} onClick={() => onOpen(term)}>
      {written}
    </button>
  )
}
