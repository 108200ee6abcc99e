import { useSyncExternalStore } from 'react'

const STORE = 'jovrin.singleKeys'
const listeners = new Set<() => void>()
const isOn = (): boolean => {
  try {
    return localStorage.getItem(STORE) !== 'off'
  } catch {
    return true
  }
}

/** Whether keys without Ctrl do something. Who speaks to the machine, or rests a hand on the keys, switches them off. */
export const useSingleKeys = (): boolean =>
  useSyncExternalStore((listener) => {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }, isOn)

export function switchSingleKeys(on: boolean): void {
  try {
    localStorage.setItem(STORE, on ? 'on' : 'off')
  } catch {
    // Without storage they stay as they are.
  }
  listeners.forEach((listener) => listener())
}
