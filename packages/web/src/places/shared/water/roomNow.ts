/** The room as it is in this month, in whose warmth water stands. */
export const roomNowC = (monthlyC: readonly number[]): number => monthlyC[new Date().getMonth()] ?? 20
