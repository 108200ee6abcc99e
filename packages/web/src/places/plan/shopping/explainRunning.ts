import { enIntent, enJobTitle, enShopping } from '@jovrin/contract'
import { DAYS_PER_MONTH, type JobKind, type LevelCost, type RunningPart } from '@jovrin/core'
import type { Explained } from '../../../ui/Figure.js'
import { significant, type Units, money } from '../../../ui/units.js'
import { explained, number, reckoned, sumOf, type Input } from '../worked.js'

const DAYS = number(DAYS_PER_MONTH)

/** A month of one part, from its power or amount, its hours and its price. */
export function explainRunningPart(part: RunningPart, currency: string, units: Units): Explained {
  const text = enShopping
  const { watts, hoursPerDay, gramsPerH, gramsPerDay, litresPerChange, everyDays, drawnPerL } = part.terms
  const rate = number(part.rate)
  const amountOf = {
    power: () => `${number(watts ?? 0)}·${number(hoursPerDay ?? 0)}·${DAYS}/1000·${rate}`,
    gas: () => `${number(gramsPerH ?? 0)}·${number(hoursPerDay ?? 0)}·${DAYS}/1000·${rate}`,
    salts: () => `${number(gramsPerDay ?? 0)}·${DAYS}/1000·${rate}`,
    water: () => `${number(litresPerChange ?? 0)}·${DAYS}/${number(everyDays ?? 1)}·${number(drawnPerL ?? 1)}/1000·${rate}`,
    plants: () => rate,
  }
  const way = part.kind === 'light' || part.kind === 'pump' || part.kind === 'heating' ? 'power' : part.kind
  const term = (name: string, value: number | undefined, shown: (value: number) => string): Input[] =>
    value === undefined ? [] : [reckoned(name, shown(value))]
  return explained({
    title: text.runningPart[part.kind],
    formula: text.runningFormula[way],
    worked: `${amountOf[way]()} = ${number(part.cost)} ${currency}`,
    source: enIntent.costSource,
    inputs: [
      ...term(text.terms.watts, watts, (value) => `${significant(value)} W`),
      ...term(text.terms.gramsPerH, gramsPerH, (value) => `${significant(value)} g/h`),
      ...term(text.terms.gramsPerDay, gramsPerDay, (value) => `${significant(value)} g`),
      ...term(text.terms.hoursPerDay, hoursPerDay, (value) => `${significant(value)} h`),
      ...term(text.terms.litresPerChange, litresPerChange, (value) => units.show('volume', value)),
      ...term(text.terms.everyDays, everyDays, (value) => significant(value)),
      ...term(text.terms.drawnPerL, drawnPerL, (value) => significant(value)),
      { name: text.terms.rate[way], value: money(part.rate, currency), from: part.isRateGiven ? 'typed' : 'assumed' },
    ],
  })
}

/** A month of all parts. */
export const explainMonth = (parts: readonly RunningPart[], currency: string, title: string): Explained =>
  explained({
    title,
    formula: enIntent.costFormula,
    worked: `${sumOf(parts.map(({ cost }) => number(cost)))} = ${number(parts.reduce((sum, { cost }) => sum + cost, 0))} ${currency}`,
    source: enIntent.costSource,
    inputs: parts.map((part) => ({ name: enShopping.runningPart[part.kind], value: money(part.cost, currency), from: 'reckoned' })),
  })

/** Upkeep of a settled week, by kind of work. */
export function explainUpkeep({ minutesByKind, hoursPerWeek }: Pick<LevelCost, 'minutesByKind' | 'hoursPerWeek'>, units: Units): Explained {
  const text = enIntent
  const kinds: readonly (readonly [JobKind, number])[] = [...minutesByKind]
  return explained(
    {
      title: text.head[2],
      formula: text.upkeepFormula,
      worked: `${sumOf(kinds.map(([, minutes]) => number(minutes)))} = ${number(hoursPerWeek * 60)} min`,
      source: text.upkeepSource,
      inputs: kinds.map(([kind, minutes]) => reckoned(enJobTitle[kind], `${significant(minutes, 2)} min`)),
    },
    [units.show('minutes', hoursPerWeek * 30), units.show('minutes', hoursPerWeek * 120)],
  )
}
