import { appWords, navWords, planSheetWords, supplySheetWords } from '@jovrin/contract'
import { PLAN_SHEETS, SUPPLY_SHEETS, type PlanSheet, type SupplySheet } from '@jovrin/core'

/** Places inside a tank, in the order of the work. Asked for when they are shown: the shell loads before the reader's language does. */
export const tankPlaces = () =>
  [
    ['plan', appWords.places.describe],
    ['supply', appWords.places.supply],
    ['balance', appWords.places.balance],
    ['calendar', navWords.calendar],
    ['journal', navWords.journal],
  ] as const

const placesOutside = (): Readonly<Record<string, string>> => ({
  '': appWords.places.shelf,
  new: appWords.places.newTank,
  today: navWords.today,
  answers: navWords.answers,
  workings: navWords.workings,
  library: navWords.library,
  settings: navWords.settings,
})

/** Places whose texts are English in every language. */
const ENGLISH = ['new', 'answers', 'workings', 'library', 'plan', 'supply']

export interface Place {
  /** The same for all addresses between which one moves without leaving the place. */
  readonly key: string
  /** What it is called; `null` for an address that is none. */
  readonly name: string | null
  /** Of a plan: the sheet that is open. */
  readonly sheet: string | null
}

/** The language of a place that is not in the reader's. */
export function otherLanguageOf(pathname: string): 'en' | undefined {
  const [first = '', , third] = pathname.split('/').filter((part) => part !== '')
  return document.documentElement.lang !== 'en' && ENGLISH.includes(first === 'tanks' ? (third ?? '') : first) ? 'en' : undefined
}

export function placeOf(pathname: string): Place {
  const [first = '', second, third, fourth] = pathname.split('/').filter((part) => part !== '')
  if (first !== 'tanks' || second === undefined) return { key: first, name: placesOutside()[first] ?? null, sheet: null }
  const name = tankPlaces().find(([path]) => path === third)?.[1] ?? null
  return { key: `tanks/${second}/${third ?? ''}`, name, sheet: sheetOf(third, fourth) }
}

function sheetOf(place: string | undefined, sheet = ''): string | null {
  if (place === 'plan' && (PLAN_SHEETS as readonly string[]).includes(sheet)) return planSheetWords[sheet as PlanSheet]
  if (place === 'supply' && (SUPPLY_SHEETS as readonly string[]).includes(sheet)) return supplySheetWords[sheet as SupplySheet]
  return null
}

/** The page's title, most particular first: tabs are cut from the right. */
export const titleOf = (pathname: string, tankName: string | null): string => {
  const { name, sheet } = placeOf(pathname)
  return [sheet, name, tankName, appWords.name].filter((part) => part !== null).join(' · ')
}
