import {
  compile,
  datePlusDays,
  feedCourses,
  fieldOf,
  fitGasLog,
  forecastMember,
  jobsBetween,
  programmed,
  simulate,
  startMovedOn,
  startProgramme,
  stateToday,
  warmUp,
  type CheckpointStore,
  type Deeds,
  type ForecastOptions,
} from '@jovrin/core'
import { DEMO_TANKS } from '../demo/tanks.js'

const river = DEMO_TANKS[0]
if (river === undefined) throw new Error('the demo has no tank')
const timeline = [{ fromDay: 0, plan: river.plan('2026-09-21') }]
const WEEKS = 26

/** One run of the common tank, 26 weeks at 30 minutes, compiled and simulated. */
export function single(): number {
  const started = performance.now()
  const compiled = compile({ timeline, days: WEEKS * 7, stepMin: 30 })
  simulate({ forcing: compiled.forcing, parameters: compiled.parameters, startState: compiled.startState, days: WEEKS * 7 })
  return performance.now() - started
}

/** Some members of a 26-week ensemble from the first day. */
export function members(which: readonly number[]): void {
  const options: ForecastOptions = { timeline, today: 0, weeks: WEEKS, seed: 1, levers: {} }
  for (const member of which) forecastMember(options, member, new Map())
}

const dry = timeline.map(
  ({ fromDay, plan }) => ({ fromDay, plan: { ...plan, start: { method: 'dry', endsOnDay: 42, dryLightHours: 10 } } }) as const,
)
/** The same with six dry weeks at its beginning. */
export function drySingle(): number {
  const started = performance.now()
  const compiled = compile({ timeline: dry, days: WEEKS * 7, stepMin: 30 })
  simulate({ forcing: compiled.forcing, parameters: compiled.parameters, startState: compiled.startState, days: WEEKS * 7 })
  return performance.now() - started
}

/** The programme of a start and eight weeks after its end was told. Each call tells it on another day. */
export function programme(call: number): number {
  const { plan } = dry[0]!
  const day = 30 + (call % 20)
  const told = [
    {
      ruleId: 'prepare:flood',
      dueOn: datePlusDays(plan.startedOn, 42),
      state: 'done' as const,
      movedTo: null,
      reason: null,
      at: `${datePlusDays(plan.startedOn, day)}T10:00:00.000Z`,
      recordedBy: null,
    },
  ]
  const started = performance.now()
  const settings = startMovedOn(dry, told, 60)
  const life = programmed(settings, { today: 60, animalsAllowedFromDay: 70 })
  const steps = startProgramme(life.timeline)
  const jobs = jobsBetween({ ...life, startedOn: plan.startedOn }, plan.startedOn, datePlusDays(plan.startedOn, day + 56))
  if (steps.length === 0 || jobs.length === 0) throw new Error('no programme')
  return performance.now() - started
}

const PAST_DAYS = WEEKS * 7
const store: CheckpointStore = new Map()

/** A deed of yesterday at a tank that is 26 weeks old: the state today, as the pages ask a warm worker for it. Each call is another deed. */
export function hindcast(call: number): number {
  const deeds: Deeds = {
    acts: [{ kind: 'change', day: PAST_DAYS - 1, minute: 600, fraction: 0.3 + (call % 50) / 100, hasWiped: false }],
    omitted: [],
  }
  const started = performance.now()
  stateToday({ timeline, deeds, today: PAST_DAYS, seed: 1 }, 1, store)
  return performance.now() - started
}

const SCHOOLS = ['rich-column', 'lean-column', 'measured-ratio', 'ground-led', 'all-in-one'] as const
const courseStore: CheckpointStore = new Map()
/** Five schools over 26 weeks in some drawn tanks that are nine weeks old. */
export function courses(which: readonly number[]): void {
  const task = { timeline, today: 64, seed: 1, courses: SCHOOLS.map((school) => ({ school, backAfterDays: null })) }
  for (const member of which) feedCourses(task, member, courseStore)
}

const centres = (count: number): Float64Array => Float64Array.from({ length: count }, (_, place) => place + 0.5)
const STRIP = { xCm: 55, lengthCm: 100, widthCm: 8, aboveWaterCm: 8, fluxUmolPerS: 60, beamExponent: 1, tiltDeg: 0 }
const WATER = { lengthCm: 110, widthCm: 50, depthCm: 38, attenuationPerM: 0.4, paneKeeps: 0.97, surfaceKeeps: 1 }
/** Light over a ground of 110 × 50 cm, every centimetre, below two strips, panes and all. Each call hangs them elsewhere. */
export function lightField(call: number): number {
  const started = performance.now()
  const lamps = [15, 35].map((yCm) => ({ ...STRIP, yCm: yCm + (call % 7) / 10 }))
  fieldOf(lamps, WATER, centres(110), centres(50))
  return performance.now() - started
}

/** A day's log of six hundred readings fitted. Each call is another log. */
export function gasFit(call: number): number {
  const readings = Array.from({ length: 600 }, (_, place) => {
    const minute = place * 2.4
    const level = minute < 240 ? 1.2 : minute < 780 ? 30 - 28 * Math.exp(-(minute - 240) / 190) : 1 + 27 * Math.exp(-(minute - 780) / 190)
    return { minute, pH: 7.73 - Math.log10(level) + 0.02 * Math.sin(place * (5.3 + call / 100)) }
  })
  const started = performance.now()
  const fit = fitGasLog({
    readings,
    khDkh: 4,
    temperatureC: 24.5,
    roomCo2Ppm: 700,
    startMin: 360,
    gas: [{ fromMin: 600, toMin: 1140 }],
    light: [{ fromMin: 720, toMin: 1200 }],
  })
  if (fit.verdict !== 'fit') throw new Error('the log was not fitted')
  return performance.now() - started
}

export { warmUp }
