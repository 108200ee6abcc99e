import type { TankFigures } from '../ecosystem/tankFigures.js'
import { GROUND } from '../ground/kinds.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import type { FilterState, Plan } from '../plan/plan.js'
import { MENDS } from './mends.js'

/** Day on which two tests at zero can be had at the earliest, by how the filter starts. Rules of thumb: a new one takes three to six weeks, a seeded one about two. */
const EARLIEST_DAY: Readonly<Record<FilterState, number>> = { new: 21, seeded: 10, mature: 3 }
/** Soil leaches ammonia for weeks, whatever the filter. */
const EARLIEST_ON_SOIL_DAY = 21
/** Food [g a day for each litre] above which it rots faster than plants and filter take it up. Rule of thumb 0.004–0.008. */
const MOST_FOOD_G_PER_L = 0.006

export const START_FINDINGS = findingsOf('programme', {
  'grazers-early': { severity: 'warn', values: { planned: 'day', earliest: 'day' } },
  'fish-early': { severity: 'warn', values: { planned: 'day', earliest: 'day' } },
  'food-heavy': { severity: 'warn', values: { food: 'fodder', most: 'fodder' } },
})

/** Whether animals are planned for a day on which tests can allow them, and fed what the tank can take up. */
export function checkStart(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const { grazers, grazersFromDay, foodGPerDay, fishFromDay } = plan.animals
  const leaches = figures.layers.some(({ ground, volumeL }) => volumeL > 0 && GROUND[ground].leaches)
  const earliest = Math.max(EARLIEST_DAY[figures.filterState], leaches ? EARLIEST_ON_SOIL_DAY : 0)
  const later = (path: string, from: number) => ({
    mend: mendWith(MENDS['later-animals'], { day: earliest }, [{ path, from, to: earliest }]),
  })
  if (grazers !== 0 && grazersFromDay < earliest)
    found.push(
      raise(START_FINDINGS['grazers-early'], { planned: grazersFromDay, earliest }, later('/animals/grazersFromDay', grazersFromDay)),
    )
  if (foodGPerDay !== 0 && fishFromDay < earliest)
    found.push(raise(START_FINDINGS['fish-early'], { planned: fishFromDay, earliest }, later('/animals/fishFromDay', fishFromDay)))
  const most = MOST_FOOD_G_PER_L * figures.waterL
  if (foodGPerDay !== null && foodGPerDay > most) found.push(raise(START_FINDINGS['food-heavy'], { food: foodGPerDay, most }))
  return found
}
