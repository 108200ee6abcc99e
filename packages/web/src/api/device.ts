const STORE = 'jovrin.device'

/** The name beside what is logged from this device; `null` where it has none. */
export function deviceName(): string | null {
  try {
    const name = (localStorage.getItem(STORE) ?? '').trim().slice(0, 40)
    return name === '' ? null : name
  } catch {
    return null // storage may be off
  }
}
export function nameDevice(name: string): void {
  try {
    localStorage.setItem(STORE, name.trim().slice(0, 40))
  } catch {
    // Without storage the device stays unnamed.
  }
}
