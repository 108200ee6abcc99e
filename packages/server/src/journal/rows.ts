import type { JournalEvent, Reading } from '@jovrin/core'

/** A reading as its table holds it, without what the table adds. Apart from the repository, so that threads without a database can write rows. */
export const readingRow = (record: Reading) => ({
  taken_at: record.at,
  quantity: record.quantity,
  value: record.value,
  qualifier: record.qualifier,
  entered_text: record.enteredText,
  entered_unit: record.enteredUnit,
  basis: record.basis,
  method: record.method,
  moment: record.moment,
  event_id: record.eventId,
  note: record.note,
  recorded_by: record.recordedBy,
})

/** An event as its table holds it. What only its kind has is one document. */
export const eventRow = ({ id: _id, kind, at, recordedBy, note, ...detail }: JournalEvent) => ({
  at,
  kind,
  detail: JSON.stringify(detail),
  note,
  recorded_by: recordedBy,
})
