import { changeFractionOn } from '../ecosystem/changeDays.js'
import { CARE_MIN } from '../ecosystem/compile.js'
import type { Deeds, Omission } from '../ecosystem/deeds.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { plainSalt } from '../feed/cupboard.js'
import { dayDose } from '../feed/dayDose.js'
import { contentOf } from '../feed/products.js'
import type { TestedNutrient, UptakeEvent } from '../feed/uptake.js'
import { newWaterMgPerL } from '../feed/weeklyChange.js'
import { lightsOnMin } from '../light/lampsOf.js'
import type { TimelineEntry } from '../plan/plan.js'
import { entryAt } from '../plan/timelineAt.js'

const DAY_MIN = 1440

interface Past {
  readonly timeline: readonly TimelineEntry[]
  readonly today: number
  readonly deeds: Deeds
}
/** Doses and changes of one nutrient since a day: as they were planned, but for what was left out, and what the journal adds. Doses up to a level are not known by the plan: only what was logged of them counts. */
export function uptakeEvents({ timeline, today, deeds }: Past, nutrient: TestedNutrient, fromDay: number): UptakeEvent[] {
  const events: UptakeEvent[] = []
  const isOmitted = (what: Omission['what'], day: number): boolean => deeds.omitted.some((one) => one.what === what && one.day === day)
  for (let day = Math.max(0, Math.floor(fromDay)); day <= today; day++) {
    const entry = entryAt(timeline, day)
    if (entry === undefined) continue
    const { plan } = entry
    const newMgPerL = newWaterMgPerL(plan)[nutrient]
    const fraction = changeFractionOn(plan, day)
    if (fraction > 0 && !isOmitted('change', day)) events.push({ kind: 'change', day: day + CARE_MIN / DAY_MIN, fraction, newMgPerL })
    const dose = dayDose(entry, day, fraction > 0)
    if (dose.kind === 'add' && !isOmitted('dose', day) && dose.mgPerL[nutrient] > 0)
      events.push({ kind: 'dose', day: day + lightsOnMin(plan) / DAY_MIN, mgPerL: dose.mgPerL[nutrient] })
    for (const act of deeds.acts) {
      if (act.day !== day) continue
      const at = day + act.minute / DAY_MIN
      if (act.kind === 'change') events.push({ kind: 'change', day: at, fraction: act.fraction, newMgPerL })
      const mg =
        act.kind === 'pour'
          ? act.nutrientsMg[nutrient]
          : act.kind === 'dose'
            ? act.grams * (contentOf(plainSalt('logged', act.salt))?.nutrientsMg[nutrient] ?? 0)
            : 0
      if (mg > 0) events.push({ kind: 'dose', day: at, mgPerL: mg / tankFigures(plan).waterL })
    }
  }
  return events
}
