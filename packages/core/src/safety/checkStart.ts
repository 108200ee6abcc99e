import type { TankFigures } from '../ecosystem/tankFigures.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { MENDS } from './mends.js'

/** Two tests a day or more apart, and a film to graze, take at least this long, whatever the tank. General practice. */
const AT_LEAST_DAY = 14
/** Food [g a day for each litre] above which it rots faster than plants and filter take it up. Rule of thumb 0.004–0.008. */
const MOST_FOOD_G_PER_L = 0.006

export const START_FINDINGS = findingsOf('programme', {
  'grazers-early': { severity: 'warn', values: { planned: 'day', earliest: 'day' } },
  'fish-early': { severity: 'warn', values: { planned: 'day', earliest: 'day' } },
  'food-heavy': { severity: 'warn', values: { food: 'fodder', most: 'fodder' } },
})

interface Start {
  /** By the model, where it was asked; `null` in a tank that is long past its start. */
  readonly allowedFromDay?: number | null | undefined
  /** Animals that were to come before are in: tests speak of them now. */
  readonly ageDays: number
}

/** Whether animals are planned for a day on which tests can allow them, and fed what the tank can take up. */
export function checkStart(plan: Plan, figures: TankFigures, { allowedFromDay = AT_LEAST_DAY, ageDays }: Start): Finding[] {
  const found: Finding[] = []
  const { grazers, grazersFromDay, foodGPerDay, fishFromDay } = plan.animals
  const earliest = allowedFromDay ?? 0
  const isEarly = (day: number): boolean => day >= ageDays && day < earliest
  const later = (path: string, from: number) => ({
    mend: mendWith(MENDS['later-animals'], { day: earliest }, [{ path, from, to: earliest }]),
  })
  if (grazers !== 0 && isEarly(grazersFromDay))
    found.push(
      raise(START_FINDINGS['grazers-early'], { planned: grazersFromDay, earliest }, later('/animals/grazersFromDay', grazersFromDay)),
    )
  if (foodGPerDay !== 0 && isEarly(fishFromDay))
    found.push(raise(START_FINDINGS['fish-early'], { planned: fishFromDay, earliest }, later('/animals/fishFromDay', fishFromDay)))
  const most = MOST_FOOD_G_PER_L * figures.waterL
  if (foodGPerDay !== null && foodGPerDay > most) found.push(raise(START_FINDINGS['food-heavy'], { food: foodGPerDay, most }))
  return found
}
