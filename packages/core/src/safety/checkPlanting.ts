import type { TankFigures } from '../ecosystem/tankFigures.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { removeBed } from '../planting/bedEdits.js'
import type { LaidPlant } from '../planting/bedsOf.js'
import { trimOf } from '../planting/trimPlan.js'
import { workMinutes } from '../routine/minutes.js'
import { standingOf, type PlantSite, type StandingCode } from '../species/standing.js'
import type { PlantForm } from '../species/traits.js'
import { MENDS } from './mends.js'
import { siteOfBed } from './plantSite.js'

export const PLANTING_FINDINGS = findingsOf('planting', {
  'bed-too-dark': { severity: 'warn', values: { here: 'ppfd', least: 'ppfd' }, names: ['plant'] },
  'slow-too-bright': { severity: 'note', values: { here: 'ppfd', high: 'ppfd' }, names: ['plant'] },
  'trim-heavy': { severity: 'note', values: { trim: 'minutes', have: 'minutes' }, names: ['plant'] },
  'bed-without-gas': { severity: 'warn', values: {}, names: ['plant'] },
  'bed-too-warm': { severity: 'warn', values: { here: 'temperature', most: 'temperature' }, names: ['plant'] },
  'bed-too-cool': { severity: 'warn', values: { here: 'temperature', least: 'temperature' }, names: ['plant'] },
  'bed-too-tall': { severity: 'warn', values: { grown: 'length', room: 'length' }, names: ['plant'] },
  'bed-dug-up': { severity: 'warn', values: {}, names: ['plant'] },
  'bed-hidden': { severity: 'warn', values: {}, names: ['bed'] },
  'bed-empty': { severity: 'note', values: {} },
  'not-in-air': { severity: 'warn', values: {}, names: ['plant'] },
  'rhizome-on-ground': { severity: 'warn', values: {}, names: ['plant'] },
})

/** Which finding a failing remark of a plant is told as. */
const FINDING_OF: Readonly<Partial<Record<StandingCode, keyof typeof PLANTING_FINDINGS>>> = {
  'light-none': 'bed-too-dark',
  'light-much': 'slow-too-bright',
  'gas-missing': 'bed-without-gas',
  'far-too-warm': 'bed-too-warm',
  'summer-too-warm': 'bed-too-warm',
  'far-too-cool': 'bed-too-cool',
  'too-tall': 'bed-too-tall',
  'dug-up': 'bed-dug-up',
}

/** A plant lives through these, and they spoil a layout all the same. */
const TOLD_THOUGH_MARGINAL: ReadonlySet<StandingCode> = new Set(['summer-too-warm', 'light-much'])

export const LEAST_BED_CM2 = 2
/** Plants that have no form with leaves in air. */
const NEVER_IN_AIR: ReadonlySet<PlantForm> = new Set(['free-stem', 'alga-ball', 'floater'])

/** Checks of the planting map, bed by bed. */
export function checkPlanting(plan: Plan, figures: TankFigures): Finding[] {
  const { beds } = figures
  if (beds.length === 0) return []
  const found: Finding[] = []
  for (const bed of beds) {
    const { id, name } = bed.bed
    if (bed.areaCm2 < LEAST_BED_CM2) {
      const edits = [{ path: '/beds', from: plan.beds, to: removeBed(plan, id).beds }]
      found.push(raise(PLANTING_FINDINGS['bed-hidden'], {}, { id, names: { bed: name }, mend: mendWith(MENDS.remove, {}, edits) }))
      continue
    }
    if (bed.plants.length === 0) found.push(raise(PLANTING_FINDINGS['bed-empty'], {}, { id }))
    if (bed.isOut) {
      const drowned = bed.plants.find(({ plant }) => NEVER_IN_AIR.has(plant.form))
      if (drowned !== undefined) found.push(raise(PLANTING_FINDINGS['not-in-air'], {}, { id, names: { plant: drowned.plant.name } }))
      continue
    }
    const site = siteOfBed(plan, figures, bed)
    for (const planted of bed.plants) {
      found.push(...checkStanding(id, planted, site))
      const { plant } = planted
      if (plant.buriedRots && site.place !== 'surface')
        found.push(raise(PLANTING_FINDINGS['rhizome-on-ground'], {}, { id, names: { plant: plant.name } }))
    }
  }
  return [...found, ...checkTrims(plan, figures)]
}

/** More of the week than that is no hobby for most. Rule of thumb. */
const TRIM_SHARE = 0.5
/** Scissors that take most of the hours that somebody has, and the plant that asks for them most. */
function checkTrims(plan: Plan, figures: TankFigures): Finding[] {
  const { hoursPerWeek } = plan.intent
  if (hoursPerWeek === null) return []
  const [trim, have] = [workMinutes(figures, plan.changes.fraction).trim, hoursPerWeek * 60]
  if (trim <= have * TRIM_SHARE) return []
  const trims = figures.beds.flatMap(({ bed, plants }) => plants.map((planted) => ({ id: bed.id, ...trimOf(planted, figures.ppfd) })))
  const [most] = trims.sort((a, b) => b.minutesAVisit / b.everyWeeks - a.minutesAVisit / a.everyWeeks)
  if (most === undefined) return []
  return [raise(PLANTING_FINDINGS['trim-heavy'], { trim, have }, { id: most.id, names: { plant: most.plant.name } })]
}

/** What a plant of a bed would not live with; what is only marginal is told on its page and in the margin. */
export function checkStanding(id: string, { plant }: LaidPlant, site: PlantSite): Finding[] {
  const names = { plant: plant.name }
  return standingOf(plant, site).remarks.flatMap(({ code, verdict, isDoubtful, values }) => {
    const told = FINDING_OF[code]
    if (told === undefined || (verdict !== 'fails' && !TOLD_THOUGH_MARGINAL.has(code)) || isDoubtful) return []
    const numbers = Object.fromEntries(Object.entries(values).map(([name, { value }]) => [name === 'summer' ? 'here' : name, value]))
    // The remark and the finding that it is told as carry the same values.
    return [raise(PLANTING_FINDINGS[told], numbers as never, { id, names: names as never })]
  })
}
