import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { openRunningPart } from './budget/running.sums.js'
import { monthlyCost, runningParts } from './budget/running.js'
import { compile } from './ecosystem/compile.js'
import { tankFigures } from './ecosystem/tankFigures.js'
import { cupboardOf } from './feed/cupboard.js'
import { FEED_NUTRIENTS } from './feed/nutrients.js'
import { contentOf } from './feed/products.js'
import { SCHOOL } from './feed/schools.js'
import { gradeOf } from './gas/grade.js'
import { hasGas } from './gas/linesOf.js'
import { aimedPeakMgPerL, wantsSensitive } from './gas/limits.js'
import { attentionOf } from './judge/attention.js'
import { gasFactsOf, plannedCo2 } from './judge/gas/facts.js'
import { judgeGas } from './judge/gas/judgeGas.js'
import { areAnimalsSeen } from './judge/gas/suffering.js'
import { isTrouble, judgeNitrogen } from './judge/judgeNitrogen.js'
import { trialsOf } from './judge/tryFirst.js'
import { dimOf, lightHoursOf } from './light/lampsOf.js'
import { gasAnimalsAt, hasAnimalsAt } from './livestock/presence.js'
import { datePlusDays } from './plan/clock.js'
import { animalGroups } from './plan/planAnimals.js'
import { SOME_GRAZERS } from './species/animals/index.js'
import type { JournalRecord, Reading } from './plan/journal.js'
import type { Plan } from './plan/plan.js'
import { entryAt, planAt } from './plan/timelineAt.js'
import { jobsBetween, type Job } from './routine/jobs.js'
import { checkPlan } from './safety/checkPlan.js'
import { PROGRAMME_DAYS } from './startup/programmeDays.js'
import { stepsOn, startProgramme } from './startup/programme.js'
import { programmed } from './startup/programmed.js'
import { anyPlan } from './testing/anyPlan.js'
import { tries } from './testing/properties.js'
import { samplePlan } from './testing/samplePlan.js'
import { waterCInMonth } from './tank/waterTemperature.js'

/** Plans of every kind, those of whole tanks among them, each at some age with some journal. */
interface Life {
  readonly plan: Plan
  readonly today: number
  readonly records: readonly JournalRecord[]
}
const NOW = Date.parse('2026-06-01T19:00:00Z')
const common = (id: number, hoursAgo: number) => ({
  id: String(id),
  at: new Date(NOW - hoursAgo * 3_600_000).toISOString(),
  recordedBy: null,
  note: null,
})
const anyReading = fc
  .tuple(
    fc.constantFrom(
      ['pH', 5, 8.5],
      ['alkalinity', 0, 4],
      ['ammonia', 0, 2],
      ['nitrite', 0, 1],
      ['indicator', 1, 5],
      ['temperature', 18, 30],
    ) as fc.Arbitrary<[Reading['quantity'], number, number]>,
    fc.double({ min: 0, max: 1, noNaN: true }),
    fc.integer({ min: -30, max: 500 }),
    fc.constantFrom('gas-on', 'lights-on', 'gas-off', 'degassed', null),
  )
  .map(([[quantity, low, high], share, hoursAgo, moment]): JournalRecord => ({
    kind: 'reading',
    ...common(hoursAgo, hoursAgo),
    quantity,
    value: quantity === 'indicator' ? Math.round(low + share * (high - low)) : low + share * (high - low),
    qualifier: '=',
    enteredText: '',
    enteredUnit: '',
    basis: null,
    method: null,
    moment: quantity === 'pH' ? moment : null,
    eventId: null,
  }))
const anyGlance = fc
  .tuple(
    fc.constantFrom('lively', 'hiding', 'gasping', null),
    fc.constantFrom('blue', 'green', 'yellow', null),
    fc.integer({ min: 0, max: 80 }),
  )
  .map(([animals, indicator, hoursAgo]): JournalRecord => ({
    kind: 'glance',
    ...common(hoursAgo, hoursAgo),
    isAllFine: false,
    animals,
    indicator,
    outlet: null,
  }))
const anyTank: fc.Arbitrary<Plan> = fc.oneof(
  anyPlan,
  anyPlan.map(({ gasLines, lightWindows, feeding, changes, animals, lamps }) => ({
    ...samplePlan,
    gasLines,
    lightWindows,
    feeding,
    changes,
    animals,
    lamps,
  })),
)
const anyLife: fc.Arbitrary<Life> = fc.record({
  plan: anyTank,
  today: fc.integer({ min: 0, max: 120 }),
  records: fc.array(fc.oneof(anyReading, anyGlance), { maxLength: 8 }),
})
/** At least sixty lives for each question. */
const holds = (check: (life: Life) => void): void => void fc.assert(fc.property(anyLife, check), { numRuns: tries(60), endOnFailure: true })

const lifeOf = ({ plan, today }: Life, animalsAllowedFromDay: number | null = 30) =>
  programmed([{ fromDay: 0, plan }], { today, animalsAllowedFromDay })
const dayOf = (plan: Plan, day: number): string => datePlusDays(plan.startedOn, day)
const jobsOn = (life: Life, day: number): Job[] => {
  const told = { startedOn: life.plan.startedOn, ...lifeOf(life) }
  return jobsBetween(told, dayOf(life.plan, day), dayOf(life.plan, day))
}
const judged = ({ plan, today, records }: Life) => {
  const now = planAt(lifeOf({ plan, today, records }).timeline, today)!
  const figures = tankFigures(now)
  const nitrogen = judgeNitrogen(records, { ageDays: today, hasGas: hasGas(now), temperatureC: figures.temperatureC, roomCo2Ppm: 600 }, NOW)
  const facts = gasFactsOf(now, figures, {
    ageDays: today,
    areSeen: areAnimalsSeen(records, NOW),
    changedOn: null,
    nitrogen: nitrogen.danger,
  })
  return { now, figures, facts, nitrogen, gas: judgeGas(records, facts, NOW) }
}

describe('every place tells the same', () => {
  test('gas: the judgement, the round’s attention, the findings of the plan, the changes that are tried', () =>
    holds((life) => {
      const { now, figures, facts, gas, nitrogen } = judged(life)
      const attention = attentionOf([], gas, nitrogen)
      expect(attention.includes('animals')).toBe(gas.verdict === 'suffering')
      if (gas.severity === 'alarm' && gas.verdict !== 'suffering') expect(attention).toContain('gas')
      if (attention.includes('gas')) expect(['dangerous', 'too-much', 'much', 'short']).toContain(gas.verdict)
      // A plan that overdoses is found before any reading, and judged the same by whoever looks at the tank.
      const codes = checkPlan(now, figures, { animalsAllowedFromDay: null }).map(({ code }) => code)
      const planned = judgeGas([], facts, NOW)
      if (facts.animals !== 'none' && facts.hasGas && now.lightWindows.length > 0) {
        const grade = gradeOf(plannedCo2(figures).peak, facts.animals)
        expect(codes.includes('gas-overdose')).toBe(grade === 'too-much' || grade === 'dangerous')
        expect(codes.includes('gas-much')).toBe(grade === 'much')
        if (grade !== 'fine') expect(planned.verdict).toBe(grade)
      }
      if (facts.animals !== 'none' && isTrouble(nitrogen.danger)) {
        expect(gas.advice).not.toContain('raise')
        expect(gas.advice).not.toContain('earlier')
      }
      // More gas is never tried against the judgement.
      const tried = trialsOf(now, { gas, nitrogen: nitrogen.danger }).map(({ code }) => code)
      if (tried.includes('gas-more') && facts.animals !== 'none') expect(gas.advice).toContain('raise')
      if (gas.severity === 'alarm' && facts.animals !== 'none') expect(tried).not.toContain('surface-less')
    }))

  test('gas and animals: the programme speaks of more only while nobody lives there, and of no more than the judge lets pass', () =>
    holds((life) => {
      const { timeline } = lifeOf(life)
      const plan = timeline.at(-1)!.plan
      const steps = startProgramme(timeline)
      for (let day = 0; day < PROGRAMME_DAYS; day += 5) {
        const told = stepsOn(steps, day).find(({ lane }) => lane === 'gas')
        if (told === undefined) continue
        if (hasAnimalsAt(plan, day)) {
          expect(told.code).toBe('gas-with-animals')
          expect(told.values['most']!.value).toBe(aimedPeakMgPerL(wantsSensitive(plan)))
          expect(gradeOf({ low: 0, value: told.values['most']!.value, high: 40 }, gasAnimalsAt(plan, day))).toBe('fine')
        } else expect(told.code).not.toBe('gas-with-animals')
      }
    }))

  test('light: programme, job and the model’s day', () =>
    holds((life) => {
      const { timeline, lightSteps } = lifeOf(life)
      const steps = startProgramme(timeline)
      for (let day = 0; day < PROGRAMME_DAYS; day += 3) {
        const entry = entryAt(timeline, day)!
        const told = stepsOn(steps, day).find(({ lane }) => lane === 'light')!
        if (told.code === 'light-none') {
          expect(lightHoursOf(entry.plan)).toBeCloseTo(0, 6)
          continue
        }
        expect(told.values['light']!.value).toBeCloseTo(lightHoursOf(entry.plan), 1)
        const power = dimOf(tankFigures(entry.plan).lamps)
        if (power !== null && entry.plan.lamps.length === 1) expect(told.values['power']!.value).toBeCloseTo(power, 1)
      }
      // What a job asks for is in force from its day on.
      for (const { fromDay, hours } of lightSteps)
        if (life.plan.lightWindows.length > 0) expect(lightHoursOf(planAt(timeline, fromDay)!)).toBeCloseTo(hours, 1)
    }))

  test('doses: day by day, what the job weighs and pours is what the model gives', () =>
    holds((life) => {
      const { timeline } = lifeOf(life)
      const compiled = compile({ timeline, days: 60, stepMin: 60 })
      for (let day = 0; day < 60; day++) {
        const plan = planAt(timeline, day)!
        const given = compiled.forcing.events.filter(
          ({ atMin, event }) => Math.floor(atMin / 1440) === day && event.kind.startsWith('dose'),
        )
        const jobs = jobsOn(life, day)
        if (SCHOOL[plan.feeding].kind === 'level') {
          const asked = jobs.find(({ kind }) => kind === 'dose-to-level')
          const event = given[0]?.event
          if (asked !== undefined) expect(asked.values['nitrate']!.value).toBe(event?.kind === 'dose-up-to' ? event.mgPerL.nitrateN : null)
          continue
        }
        const portions = jobs.find(({ kind }) => kind === 'dose')?.portions ?? []
        expect(portions.length > 0, `${plan.feeding} day ${day}`).toBe(given.length > 0)
        const dose = given[0]?.event.kind === 'dose' ? given[0].event.mgPerL : null
        for (const nutrient of FEED_NUTRIENTS) {
          const poured = portions.reduce((sum, { product, amount }) => {
            const content = contentOf(cupboardOf(plan).find(({ id }) => id === product)!)!
            return sum + (amount * content.nutrientsMg[nutrient]) / compiled.figures.waterL
          }, 0)
          expect(poured, `${plan.feeding} ${nutrient} day ${day}`).toBeCloseTo(dose?.[nutrient] ?? 0, 6)
        }
      }
    }))

  test('doses: the programme says no nitrogen or phosphorus, and none is dosed', () =>
    holds((life) => {
      const { timeline } = lifeOf(life)
      const steps = startProgramme(timeline)
      const compiled = compile({ timeline, days: PROGRAMME_DAYS, stepMin: 60 })
      for (let day = 0; day < PROGRAMME_DAYS; day++) {
        const told = stepsOn(steps, day).find(({ lane }) => lane === 'feed')?.code
        if (told !== 'feed-no-nitrogen' && told !== 'feed-none') continue
        for (const { atMin, event } of compiled.forcing.events)
          if (Math.floor(atMin / 1440) === day && (event.kind === 'dose' || event.kind === 'dose-up-to'))
            expect(event.mgPerL.nitrateN + event.mgPerL.ammoniumN + event.mgPerL.phosphateP, `day ${day}`).toBe(0)
      }
    }))

  test('changes: job, programme, model and the month’s water', () =>
    holds((life) => {
      const { timeline } = lifeOf(life)
      const compiled = compile({ timeline, days: 60, stepMin: 60 })
      const figures = tankFigures(life.plan)
      for (let day = 0; day < 60; day++) {
        const job = jobsOn(life, day).find(({ kind }) => kind === 'change')
        const event = compiled.forcing.events.find(({ atMin, event: one }) => Math.floor(atMin / 1440) === day && one.kind === 'change')
        expect(job !== undefined, `day ${day}`).toBe(event !== undefined)
        if (job === undefined || event?.event.kind !== 'change') continue
        expect(job.values['share']!.value).toBe(event.event.fraction)
        expect(job.values['water']!.value).toBeCloseTo(event.event.fraction * figures.waterL, 9)
      }
      const water = runningParts(life.plan, figures).find(({ kind }) => kind === 'water')!
      expect(water.terms.litresPerChange).toBeCloseTo(life.plan.changes.fraction * figures.waterL, 9)
      expect(water.terms.everyDays).toBe(life.plan.changes.everyDays)
    }))

  test('animals: job, programme, model and the gas that they bear', () =>
    holds((life) => {
      const { timeline } = lifeOf(life)
      const { plan } = timeline.at(-1)!
      const grazers = animalGroups(plan).filter(({ species }) => species.id === SOME_GRAZERS.id)
      const [planned] = grazers
      const { forcing } = compile({ timeline, days: 90, stepMin: 60 })
      const grazersOn = (day: number): number => forcing.spans.findLast(({ fromDay }) => fromDay <= day)?.conditions.grazers ?? 0
      if (planned === undefined || planned.group.count === null) return
      const { fromDay: come } = planned.group
      const due = Array.from({ length: 90 }, (_, day) => day).filter((day) => jobsOn(life, day).some(({ kind }) => kind === 'grazers'))
      expect(due).toEqual(come < 90 ? [come] : [])
      if (come > 0) expect(grazersOn(come - 1)).toBe(0)
      expect(grazersOn(come)).toBeGreaterThan(0)
      expect(hasAnimalsAt(plan, come)).toBe(true)
      // Those that are to come wait for the tests.
      const before = life.plan.animals.groups.find(({ id }) => id === planned.group.id)!
      if (before.fromDay > life.today) expect(come).toBeGreaterThanOrEqual(30)
    }))

  test('temperature: what the plan says, unless nothing holds the water against the room', () =>
    holds((life) => {
      const plan: Plan = {
        ...life.plan,
        room: { ...life.plan.room, monthlyC: Array.from({ length: 12 }, (_, month) => (month > 4 && month < 8 ? 31 : 16)) },
      }
      const figures = tankFigures(plan)
      const { forcing } = compile({ timeline: [{ fromDay: 0, plan }], days: 200, stepMin: 60 })
      for (const { fromDay, conditions } of forcing.spans) {
        const month = new Date(Date.parse(`${dayOf(plan, fromDay)}T00:00:00Z`)).getUTCMonth()
        expect(conditions.temperatureC).toBe(waterCInMonth(plan, figures.temperatureC, month))
      }
    }))

  test('cost: each part opens with the sum that it is told by, gas as much as the model lets in', () =>
    holds((life) => {
      const figures = tankFigures(life.plan)
      const parts = runningParts(life.plan, figures)
      for (const part of parts) expect(openRunningPart(part, 'EUR').result.value).toBeCloseTo(part.cost, 6)
      expect(monthlyCost(parts)).toBeCloseTo(
        parts.reduce((sum, { cost }) => sum + cost, 0),
        9,
      )
      const gas = parts.find(({ kind }) => kind === 'gas')!
      expect((gas.terms.gramsPerH ?? 0) * 1000).toBeCloseTo(
        figures.gasLines.reduce((sum, { mgPerH }) => sum + mgPerH, 0),
        6,
      )
    }))
})
