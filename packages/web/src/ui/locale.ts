/** In which language texts are, and how numbers, days and weeks are written: chosen on this device, else as the browser says. */
export const LANGUAGES = ['en', 'de'] as const
export type Language = (typeof LANGUAGES)[number]
/** Monday is 1, Sunday 7. */
export const WEEK_STARTS = [1, 6, 7] as const
export type WeekStart = (typeof WEEK_STARTS)[number]

export interface Reading {
  readonly language: Language
  /** As BCP 47 writes it; `null` follows the browser or the language. */
  readonly locale: string | null
  /** `null` follows the locale. */
  readonly weekStart: WeekStart | null
}

const STORE = 'jovrin.reading'
const AS_THE_BROWSER: Reading = { language: 'en', locale: null, weekStart: null }

function stored(): Reading {
  try {
    const kept = JSON.parse(localStorage.getItem(STORE) ?? '{}') as Partial<Record<keyof Reading, unknown>> // checked field by field below
    return {
      language: LANGUAGES.find((one) => one === kept.language) ?? AS_THE_BROWSER.language,
      locale: typeof kept.locale === 'string' && isLocale(kept.locale) ? kept.locale : null,
      weekStart: WEEK_STARTS.find((one) => one === kept.weekStart) ?? null,
    }
  } catch {
    return AS_THE_BROWSER // storage may be off or hold something else
  }
}

function isLocale(tag: string): boolean {
  try {
    return Intl.getCanonicalLocales(tag).length === 1
  } catch {
    return false
  }
}

/** What holds until the page is loaded anew: texts are taken while its parts load. */
export const reading: Reading = stored()

/** Keeps a choice and loads the page anew, which then reads so throughout. */
export function chooseReading(next: Reading): void {
  localStorage.setItem(STORE, JSON.stringify(next))
  window.location.reload()
}

/** What the browser asks for, unless the texts are in a language that it did not ask for. */
export const localeFor = (language: Language): string =>
  language === 'en' ? navigator.language : (navigator.languages.find((tag) => tag.startsWith(language)) ?? language)

/** How this reader writes numbers, days and times. */
export const locale = (): string => reading.locale ?? localeFor(reading.language)

/** Where this device stands: a new tank is taken to stand there too. */
export const ownTimeZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC'

/** On which day this reader's week begins. */
export function weekStart(): WeekStart {
  const first = reading.weekStart ?? weekStartOf(locale())
  return WEEK_STARTS.find((one) => one === first) ?? 1
}

/** By the tables of the platform, where it has them. */
export function weekStartOf(tag: string): number {
  const known = new Intl.Locale(tag) as Intl.Locale & {
    readonly getWeekInfo?: () => { readonly firstDay: number }
    readonly weekInfo?: { readonly firstDay: number }
  }
  return (known.getWeekInfo?.() ?? known.weekInfo)?.firstDay ?? 1
}
