const STORE = 'jovrin.lastTank'

/** The tank that this device looked at last: what a place means that is of one tank and was not told which. */
export function rememberTank(tankId: string): void {
  try {
    localStorage.setItem(STORE, tankId)
  } catch {
    // Then it is asked for each time.
  }
}
/** A tank that left the shelf is none to go to. */
export function forgetTank(tankId: string): void {
  try {
    if (localStorage.getItem(STORE) === tankId) localStorage.removeItem(STORE)
  } catch {
    // Then its address says that it is archived.
  }
}
export function lastTank(): string | null {
  try {
    return localStorage.getItem(STORE)
  } catch {
    return null
  }
}
