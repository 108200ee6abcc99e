/** How this reader writes numbers, days and times. */
export const locale = (): string => navigator.language
