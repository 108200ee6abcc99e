const formats = new Map<string, Intl.NumberFormat>()

/** One formatter a locale and set of options: making one takes longer than using it a hundred times. */
function formatOf(locale: string, options: Intl.NumberFormatOptions): Intl.NumberFormat {
  const key = `${locale} ${JSON.stringify(options)}`
  let found = formats.get(key)
  if (!found) formats.set(key, (found = new Intl.NumberFormat(locale, { useGrouping: false, ...options })))
  return found
}

/** A number with so many significant digits, never in powers of ten; what lies within rounding of nothing is 0. */
export const significantIn = (locale: string, value: number, digits = 3): string =>
  formatOf(locale, { maximumSignificantDigits: digits }).format(Math.abs(value) < 1e-9 ? 0 : value)

export const decimalsIn = (locale: string, value: number, digits: number): string =>
  formatOf(locale, { minimumFractionDigits: digits, maximumFractionDigits: digits }).format(value)

/** Money in a currency by its three letters; a code that nobody knows is written as it is. Large sums without cents unless digits are named. */
export function moneyIn(locale: string, amount: number, currency: string, digits = Math.abs(amount) >= 100 ? 0 : 2): string {
  try {
    return formatOf(locale, {
      style: 'currency',
      currency,
      useGrouping: true,
      minimumFractionDigits: digits,
      maximumFractionDigits: digits,
    }).format(amount)
  } catch {
    return `${currency} ${amount.toFixed(digits)}`
  }
}
