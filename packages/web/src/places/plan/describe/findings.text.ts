import { enFinding, enMend } from '@jovrin/contract'
import { alkalinityOfDkh, type Finding } from '@jovrin/core'
import { hoursAndMinutes, money } from '../../../ui/amounts.js'
import { significant, type Units } from '../../../ui/units.js'

/** Values in the reader's units. The unit is told by the name's ending. */
function shownValues(values: Finding['values'], units: Units, currency: string): Record<string, string> {
  return Object.fromEntries(
    Object.entries(values).map(([name, value]) => {
      if (name === 'have' || name === 'need' || name === 'perMonth') return [name, money(value, currency)]
      if (name.endsWith('Min') || name === 'minutes') return [name, hoursAndMinutes(value)]
      if (name.endsWith('MmPerM')) return [name, `${significant(value, 2)} mm`]
      if (name.endsWith('Mm')) return [name, `${significant(value, 2)} mm`]
      if (name.endsWith('Cm')) return [name, units.show('length', value, 2)]
      if (name.endsWith('Kg')) return [name, units.show('mass', value, value >= 100 ? 3 : 2)]
      if (name === 'roomC' || name === 'temperatureC') return [name, units.show('temperature', value)]
      if (name.endsWith('L')) return [name, units.show('volume', value)]
      if (name.endsWith('Dkh')) return [name, units.show('alkalinity', alkalinityOfDkh(value), 2)]
      return [name, significant(value, 2)]
    }),
  )
}

export const findingSentence = (finding: Finding, units: Units, currency = 'EUR'): string =>
  enFinding[finding.code]({ ...shownValues(finding.values, units, currency), ...finding.names })
export const mendLabel = (mend: NonNullable<Finding['mend']>, units: Units, currency = 'EUR'): string =>
  enMend[mend.code](shownValues(mend.values, units, currency))
