import { en } from '@jovrin/contract'
import { alkalinityOfDkh, type Finding } from '@jovrin/core'
import { significant, type Units } from '../../ui/units.js'

/** A finding's sentence in the reader's units. The unit is told by the name's ending. */
export function findingSentence(finding: Finding, units: Units): string {
  const shown = Object.fromEntries(
    Object.entries(finding.values).map(([name, value]) => {
      if (name.endsWith('Cm')) return [name, units.show('length', value, 2)]
      if (name.endsWith('L')) return [name, units.show('volume', value)]
      if (name.endsWith('Dkh')) return [name, units.show('alkalinity', alkalinityOfDkh(value), 2)]
      return [name, significant(value, 2)]
    }),
  )
  return en.finding[finding.code](shown)
}
