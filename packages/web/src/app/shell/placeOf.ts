import { appWords, navWords, planSheetWords } from '@jovrin/contract'
import { PLAN_SHEETS, type PlanSheet } from '@jovrin/core'

/** Places inside a tank, in the order of the work. */
export const TANK_PLACES = [
  ['plan', appWords.places.describe],
  ['balance', appWords.places.balance],
  ['calendar', navWords.calendar],
  ['journal', navWords.journal],
] as const

const OUTSIDE: Readonly<Record<string, string>> = {
  '': appWords.places.shelf,
  new: appWords.places.newTank,
  today: navWords.today,
  answers: navWords.answers,
  workings: navWords.workings,
  library: navWords.library,
  settings: navWords.settings,
}

export interface Place {
  /** The same for all addresses between which one moves without leaving the place. */
  readonly key: string
  /** What it is called; `null` for an address that is none. */
  readonly name: string | null
  /** Of a plan: the sheet that is open. */
  readonly sheet: string | null
}

export function placeOf(pathname: string): Place {
  const [first = '', second, third, fourth] = pathname.split('/').filter((part) => part !== '')
  if (first !== 'tanks' || second === undefined) return { key: first, name: OUTSIDE[first] ?? null, sheet: null }
  const name = TANK_PLACES.find(([path]) => path === third)?.[1] ?? null
  const isSheet = third === 'plan' && (PLAN_SHEETS as readonly string[]).includes(fourth ?? '')
  return { key: `tanks/${second}/${third ?? ''}`, name, sheet: isSheet ? planSheetWords[fourth as PlanSheet] : null }
}

/** The page's title, most particular first: tabs are cut from the right. */
export const titleOf = (pathname: string, tankName: string | null): string => {
  const { name, sheet } = placeOf(pathname)
  return [sheet, name, tankName, appWords.name].filter((part) => part !== null).join(' · ')
}
