import {
  animalStateWords,
  indicatorColourWords,
  journalWords,
  momentWords,
  outletStateWords,
  plantCountWords,
  plantDeedWords,
  plantKindWords,
  readingQuantityWords,
  saltWords,
  signWords,
  nameIn,
} from '@jovrin/contract'
import type { JournalRecord } from '@jovrin/core'
import { longDate, percent, significant, type Units } from '../../ui/units.js'
import { valueText } from '../quantity.text.js'

const joined = (...parts: (string | null | undefined | false)[]): string =>
  parts.filter((part): part is string => typeof part === 'string' && part !== '').join(', ')

/** One line for one record, without its note. */
export function recordLine(record: JournalRecord, units: Units): string {
  const { describe } = journalWords
  switch (record.kind) {
    case 'reading':
      return joined(
        `${readingQuantityWords[record.quantity]} ${valueText(record.quantity, record.value, record.qualifier, units)}`,
        record.moment && momentWords[record.moment],
      )
    case 'glance':
      return record.isAllFine
        ? describe.glanceFine
        : joined(
            record.animals && animalStateWords[record.animals],
            record.indicator && `${journalWords.ask.indicator.toLowerCase()} ${indicatorColourWords[record.indicator]}`,
            record.outlet && `${journalWords.ask.outlet.toLowerCase()} ${outletStateWords[record.outlet]}`,
          )
    case 'dose':
      return record.salt === null
        ? joined(record.bottle, record.millilitres !== null && `${significant(record.millilitres)} mL`)
        : joined(nameIn(saltWords, record.salt), record.grams !== null && units.show('salt', record.grams))
    case 'change':
      return joined(describe.change(percent(record.fraction)), record.hasWiped && describe.wiped)
    case 'trim':
      return joined(
        record.wetG === null ? describe.trimmedUnweighed : describe.trimmed(units.show('portion', record.wetG)),
        record.kinds.map((kind) => plantKindWords[kind]).join(' + '),
      )
    case 'plants':
      return joined(
        describe.plants(
          plantCountWords.count[record.countedIn](record.count, significant(record.count)),
          record.plant ?? plantKindWords[record.plantKind],
          plantDeedWords[record.deed],
        ),
        record.heldUntil && describe.heldUntil(longDate(record.heldUntil)),
      )
    case 'death':
      return `${record.animal} × ${significant(record.count)}`
    case 'purchase':
      return joined(record.what, record.cost !== null && `${significant(record.cost, 8)} ${record.currency ?? ''}`.trim())
    case 'sign':
      return joined(signWords[record.sign], record.where, journalWords.amount[record.amount - 1])
    case 'note':
      return ''
    case 'photo':
      return record.spot
  }
}
