import { cardWords, mineralWords, nameIn, say, waterSheetWords } from '@jovrin/contract'
import type { CardStep } from '@jovrin/core'
import type { Units } from '../../../ui/units.js'
import { sourceName } from './sourceName.js'

/** A step of the card: its sentence, and in few words for the journal. */
export function cardStepText(
  { code, values, source, minerals }: CardStep,
  units: Units,
): { readonly whole: string; readonly short: string } {
  const told = units.words(say(cardWords, code, values, units.reader))
  const weighed = minerals.map(({ salt, grams }) => `${nameIn(mineralWords, salt)} ${units.show('salt', grams)}`).join(', ')
  const water = values['water'] === undefined ? '' : units.tell(values['water'])
  if (code === 'take-source') {
    const name = sourceName({ name: source?.name ?? '', kind: source?.kind ?? 'mains' })
    return { whole: `${name.charAt(0).toUpperCase()}${name.slice(1)}: ${told}`, short: `${name} ${water}` }
  }
  if (code === 'take-purified') return { whole: told, short: `${waterSheetWords.purified} ${water}` }
  if (code === 'take-hot') return { whole: told, short: `${waterSheetWords.hot} ${water}` }
  if (minerals.length > 0) return { whole: `${told} ${weighed}.`, short: weighed }
  return { whole: told, short: told }
}
