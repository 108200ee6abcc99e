/** Why what stands in a field for days or times is none. */
export const datesWords = {
  noDay: 'Not a day of the calendar yet.',
  noTime: 'Not a time yet.',
  early: (first: string) => `No earlier than ${first}.`,
  late: (last: string) => `No later than ${last}.`,
}
