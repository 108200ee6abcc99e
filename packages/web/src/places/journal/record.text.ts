import { en } from '@jovrin/contract'
import type { JournalRecord } from '@jovrin/core'
import { percent, significant, type Units } from '../../ui/units.js'
import { valueText } from '../quantity.text.js'

const joined = (...parts: (string | null | undefined | false)[]): string =>
  parts.filter((part): part is string => typeof part === 'string' && part !== '').join(', ')

/** One line for one record, without its note. */
export function recordLine(record: JournalRecord, units: Units): string {
  const { describe } = en.journal
  switch (record.kind) {
    case 'reading':
      return joined(
        `${en.quantity[record.quantity]} ${valueText(record.quantity, record.value, record.qualifier, units)}`,
        record.moment && en.moment[record.moment],
      )
    case 'glance':
      return record.isAllFine
        ? describe.glanceFine
        : joined(
            record.animals && en.animals[record.animals],
            record.indicator && `${en.journal.ask.indicator.toLowerCase()} ${en.indicator[record.indicator]}`,
            record.outlet && `${en.journal.ask.outlet.toLowerCase()} ${en.outlet[record.outlet]}`,
          )
    case 'dose':
      return record.salt === null
        ? joined(record.bottle, record.millilitres !== null && `${significant(record.millilitres)} mL`)
        : joined(en.salt[record.salt] ?? record.salt, record.grams !== null && units.show('portion', record.grams))
    case 'change':
      return joined(describe.change(percent(record.fraction)), record.hasWiped && describe.wiped)
    case 'trim':
      return joined(
        record.wetG === null ? describe.trimmedUnweighed : describe.trimmed(units.show('portion', record.wetG)),
        record.kinds.map((kind) => en.describe.kind[kind]).join(' + '),
      )
    case 'death':
      return `${record.animal} × ${significant(record.count)}`
    case 'purchase':
      return joined(record.what, record.cost !== null && `${significant(record.cost, 8)} ${record.currency ?? ''}`.trim())
    case 'sign':
      return joined(en.sign[record.sign], record.where, en.journal.amount[record.amount - 1])
    case 'note':
      return ''
    case 'photo':
      return record.spot
  }
}
