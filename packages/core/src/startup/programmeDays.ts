/** The programme of the first weeks covers this long. */
export const PROGRAMME_DAYS = 56
