import { cutText, NAME_MOST } from '@jovrin/contract'

const STORE = 'jovrin.device'

/** The name beside what is logged from this device; `null` where it has none. */
export function deviceName(): string | null {
  try {
    const name = cutText((localStorage.getItem(STORE) ?? '').trim(), NAME_MOST)
    return name === '' ? null : name
  } catch {
    return null // storage may be off
  }
}
export function nameDevice(name: string): void {
  try {
    localStorage.setItem(STORE, cutText(name.trim(), NAME_MOST))
  } catch {
    // Without storage the device stays unnamed.
  }
}
