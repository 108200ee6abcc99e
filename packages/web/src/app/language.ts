import { speak } from '@jovrin/contract'
import { reading } from '../ui/locale.js'

/** Brings the chosen language in, before any part of the page is loaded. Without it the page is English, which it is in any case where nothing is translated. */
export async function bringLanguage(): Promise<void> {
  if (reading.language === 'en') return
  try {
    const { german } = await import('@jovrin/contract/german')
    speak(reading.language, german)
    document.documentElement.lang = reading.language
  } catch {
    // The server may be gone; English is better than nothing.
  }
}
