/** Money in a currency by its three letters; a code that nobody knows is written as it is. */
export function money(amount: number, currency: string, digits?: number): string {
  const fraction = digits ?? (Math.abs(amount) >= 100 ? 0 : 2)
  try {
    return new Intl.NumberFormat(navigator.language, {
      style: 'currency',
      currency,
      minimumFractionDigits: fraction,
      maximumFractionDigits: fraction,
    }).format(amount)
  } catch {
    return `${currency} ${amount.toFixed(fraction)}`
  }
}

/** Minutes as people say them: 45 min, 2 h, 3 h 10. */
export function hoursAndMinutes(minutes: number): string {
  const whole = Math.round(minutes / 5) * 5
  if (whole < 60) return `${whole} min`
  const rest = whole % 60
  return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${String(rest).padStart(2, '0')}`
}
