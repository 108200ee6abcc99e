import { FILTER_START, type FilterStart } from './filterStart.js'
import { emptied, startState as filledState } from './startState.js'
import { GROUND } from '../ground/kinds.js'
import { tabsLaidMg } from '../ground/rootTabs.js'
import { dayDose } from '../feed/dayDose.js'
import { isNothing } from '../feed/nutrients.js'
import { gasOpenTable } from '../gas/gasDay.js'
import { commonLimitMgPerL, type AnsweredLine } from '../gas/linesOf.js'
import { lightDayTable } from '../light/dayTable.js'
import { minutesOf, monthsBetween } from '../plan/clock.js'
import type { Plan, TimelineEntry } from '../plan/plan.js'
import { Answers, type Draw } from '../plan/answers.js'
import { PLANT_GROUPS } from '../planting/kinds.js'
import { underFilmPpfd } from '../light/underFilm.js'
import { absenceDays, foodShareOn } from '../plan/planAbsence.js'
import { phaseOn, startEndDay } from '../plan/startPhase.js'
import { lightOfKinds } from '../planting/light/lightOfBeds.js'
import { byGroup } from '../planting/standOf.js'
import { waterCInMonth } from '../tank/waterTemperature.js'
import { tapOf, type TapWater } from '../water/tapOf.js'
import { lightsOnMin } from '../light/lampsOf.js'
import { changeFractionOn } from './changeDays.js'
import { isGlassDay, isTrimDay } from './handsOnDays.js'
import { DETRITUS_VACUUMED, GOOD_LAI, MOST_CUT, WIPED } from './care.js'
import { eventOfAct, NEW_PLANT_STORES, NO_DEEDS, type Deeds, type Omission } from './deeds.js'
import { suitedTo } from './suitedTo.js'
import { withRootReach } from './rootReach.js'
import { livestockOn } from '../livestock/animalsOf.js'
import { planInPhase } from './planInPhase.js'
import { standWith } from './standWith.js'
import type { Conditions, Forcing, Site, TankEvent, TimedEvent } from './forcing.js'
import { DEFAULT_PARAMETERS, type Parameters } from './parameters.js'
import { PRODUCT_METHOD } from './simulate.js'
import { tankFigures, type TankFigures } from './tankFigures.js'

/** Time of the weekly care: before the lights. */
export const CARE_MIN = 9 * 60
const FILTER_CEILING_MG_PER_L = 2
/** Lit glass and stone per floor area; geometry, 1–3. */
const HARD_OVER_FLOOR = 1.5
export interface CompileOptions {
  /** Ascending by day; the first entry starts on day 0. */
  readonly timeline: readonly TimelineEntry[]
  readonly days: number
  readonly stepMin: 10 | 30 | 60
  /** Unknown answers drawn for one member of an ensemble; `null` takes the common values. */
  readonly draw?: Draw | null
  /** The member's parameters: an untuned gas line is tuned in its own tank. */
  readonly parameters?: Parameters
  /** What was done besides the plan, and left out of it. */
  readonly deeds?: Deeds
  /** An act at the start of a day: the standing plants times a factor (thinned or added to). */
  readonly massChange?: { readonly day: number; readonly factor: number }
}

export interface Compiled {
  readonly forcing: Forcing
  readonly startState: Float64Array
  readonly figures: TankFigures
  /** Those that were given, as the species of the map let them be. */
  readonly parameters: Parameters
}

/** The only door from plan to forcing. Any plan that the contract accepts gives a forcing whose series are finite; absent kinds and missing ground are left out, not divided by. */
export function compile(options: CompileOptions): Compiled {
  const { timeline, days, stepMin, draw = null, parameters = DEFAULT_PARAMETERS, deeds = NO_DEEDS } = options
  const newest = timeline.at(-1)
  if (newest === undefined) throw new RangeError('a timeline has at least one entry')
  const figuresIn = (plan: Plan): TankFigures => tankFigures(plan, draw === null ? undefined : new Answers(draw), parameters)
  const figures = figuresIn(newest.plan)
  const site = siteOf(newest.plan, figures, standWith(figures, deeds.acts), parameters)
  const first = timeline[0]?.plan ?? newest.plan
  const startTap = tapOf(first, new Answers(draw))
  const spans: Forcing['spans'][number][] = []
  const events: TimedEvent[] = []
  const omitted = new Set(deeds.omitted.map(omissionKey))
  timeline.forEach((entry, index) => {
    const until = timeline[index + 1]?.fromDay ?? days
    const now = entry === newest ? figures : figuresIn(entry.plan)
    for (const { fromDay, waterC } of spansOf(entry, until, now)) {
      const conditions = conditionsOf(entry.plan, now, fromDay, { stepMin, parameters })
      spans.push({ fromDay, conditions: { ...conditions, temperatureC: waterC } })
    }
    const tap = tapOf(entry.plan, new Answers(draw))
    for (let day = entry.fromDay; day < until; day++) {
      events.push(...eventsOfDay(entry, day, tap, (what) => omitted.has(omissionKey({ what, day }))))
      const tabsMg = site.poreL > 0 ? tabsLaidMg(entry.plan, day) : []
      if (tabsMg.some((mg) => mg > 0)) events.push({ atMin: day * 1440 + CARE_MIN, event: { kind: 'tabs', mgOfNutrient: tabsMg } })
    }
    for (const act of deeds.acts) if (act.day >= entry.fromDay && act.day < until) events.push(eventOfAct(act, figures.waterL, tap))
  })
  if (options.massChange && options.massChange.factor !== 1) {
    const { day, factor } = options.massChange
    events.push({ atMin: day * 1440, event: { kind: 'scale-plants', factor } })
  }
  events.push(...startEndEvents(newest.plan, figures, startTap))
  events.sort((a, b) => a.atMin - b.atMin)
  return {
    forcing: { stepMin, site, spans, events },
    startState: startOf(newest.plan, figures, site, startTap),
    figures,
    parameters: withRootReach(
      suitedTo([...figures.beds.filter(({ isOut }) => !isOut), ...figures.spots], parameters),
      figures,
      newest.plan.tabs,
    ),
  }
}

/** `stand`: with what was planted later on ground of its own. */
function siteOf(newest: Plan, figures: TankFigures, stand: TankFigures['stand'], parameters: Parameters): Site {
  const soils = figures.layers.filter((layer) => layer.volumeL > 0 && GROUND[layer.ground].acidBufferMeqPerL > 0)
  return {
    waterL: figures.waterL,
    surfaceM2: figures.surfaceM2,
    depthM: Math.max(figures.inner.waterDepthCm, 1) / 100,
    poreL: figures.volumes.poreWaterL,
    groundExchange: exchangeOf(figures),
    softenToMeqPerL: soils.length === 0 ? 0 : Math.min(...soils.map((layer) => GROUND[layer.ground].softenToMeqPerL)),
    acidBufferMeq: figures.layers.reduce((sum, layer) => sum + layer.volumeL * GROUND[layer.ground].acidBufferMeqPerL, 0),
    footOfGroup: byGroup(PLANT_GROUPS, (kind) => stand[kind].footFraction),
    meltTimes: newest.start.method === 'dry' ? parameters.rootedMelt : 1,
    hardM2: HARD_OVER_FLOOR * figures.surfaceM2,
    filterCeilingMg: FILTER_CEILING_MG_PER_L * figures.waterL,
    airCo2Ppm: figures.room.co2Ppm,
  }
}

/** Speed of exchange between ground and water, each zone by its share of the floor: a soil under another ground is held back, any other gives what its uppermost layer gives. */
function exchangeOf({ ground }: TankFigures): number {
  let sum = 0
  let area = 0
  for (const zone of ground.zones) {
    const laid = zone.layers.filter((layer) => layer.volumeL > 0)
    const top = laid.at(-1)
    if (top === undefined) continue
    const isCapped = laid.some((layer) => GROUND[layer.ground].acidBufferMeqPerL > 0) && GROUND[top.ground].acidBufferMeqPerL === 0
    sum += zone.areaCm2 * (isCapped ? GROUND['capped-soil'].exchange : GROUND[top.ground].exchange)
    area += zone.areaCm2
  }
  return area < 1e-6 ? 1 : sum / area
}

/** The filter's bacteria as it starts to run. */
const filterOf = ({ filterState }: TankFigures): FilterStart => FILTER_START[filterState === 'seeded' ? 'seeded media' : filterState]
const airShares = ({ stand }: TankFigures): number[] =>
  byGroup(PLANT_GROUPS, (kind) => (stand[kind].massG === 0 ? 0 : stand[kind].airG / stand[kind].massG))

/** What ends a dark or a dry start: plants come into the water, or water over the plants, the carpet cut first. */
function startEndEvents(plan: Plan, figures: TankFigures, tap: TapWater): TimedEvent[] {
  const end = startEndDay(plan)
  const midnight = (event: TankEvent): TimedEvent => ({ atMin: end * 1440, event })
  switch (plan.start.method) {
    case 'wet':
      return []
    case 'dry':
      return [
        ...(plan.isTrimmed ? [midnight({ kind: 'trim-towards', laiOfGroup: GOOD_LAI, mostCut: MOST_CUT })] : []),
        midnight({ kind: 'flood', tap, filter: filterOf(figures) }),
      ]
    case 'dark': {
      const airShare = airShares(figures)
      return byGroup(PLANT_GROUPS, (kind) => figures.stand[kind].massG).flatMap((dryG, group) =>
        dryG === 0
          ? []
          : [
              {
                // After the large change, which is care of the same minute.
                atMin: end * 1440 + CARE_MIN,
                event: { kind: 'plant' as const, group, dryG, airShare: airShare[group]!, storeShare: NEW_PLANT_STORES },
              },
            ],
      )
    }
  }
}

function startOf(plan: Plan, figures: TankFigures, site: Site, tap: TapWater): Float64Array {
  const stock = (pick: (ground: (typeof figures.layers)[number]['ground']) => number): number =>
    figures.layers.reduce((sum, layer) => sum + layer.volumeL * pick(layer.ground), 0)
  const filled = filledState({
    site,
    tap,
    temperatureC: figures.temperatureC,
    chemistry: PRODUCT_METHOD.chemistry,
    plantG: byGroup(PLANT_GROUPS, (kind) => (phaseOn(plan, 0) === 'dark' ? 0 : figures.stand[kind].massG)),
    emersedShare: airShares(figures),
    storeShare: NEW_PLANT_STORES,
    groundMg: [0, 1, 2, 3].map((n) => stock((ground) => GROUND[ground].exchangeableMgPerL[n]!)),
    reservoirMg: [0, 1, 2, 3].map((n) => stock((ground) => GROUND[ground].reservoirMgPerL[n]!)),
    silicaMg: stock((ground) => GROUND[ground].silicaMgPerL),
    woodMgC: figures.woodTanninMgC,
    filter: filterOf(figures),
  })
  return phaseOn(plan, 0) === 'dry' ? emptied(filled, site) : filled
}

/** Days on which something else than the plan changes what the tank lives in: animals come, or are fed less while nobody is there, and a month in which nothing holds the water against the room. */
function spansOf({ fromDay, plan }: TimelineEntry, until: number, { temperatureC }: TankFigures): { fromDay: number; waterC: number }[] {
  const days = new Set([fromDay])
  for (const day of [...plan.animals.groups.map((group) => group.fromDay), startEndDay(plan), ...absenceDays(plan)])
    if (day > fromDay && day < until) days.add(day)
  const waterCOf = (month: number): number => waterCInMonth(plan, temperatureC, month)
  const followsRoom = plan.room.monthlyC.some((_, month) => waterCOf(month) !== temperatureC)
  const months = followsRoom ? monthsBetween(plan.startedOn, fromDay, Math.max(until, fromDay + 1)) : []
  for (const { day } of months) days.add(day)
  return [...days]
    .sort((a, b) => a - b)
    .map((day) => {
      const month = months.findLast((one) => one.day <= day)?.month
      return { fromDay: day, waterC: month === undefined ? temperatureC : waterCOf(month) }
    })
}

function conditionsOf(
  plan: Plan,
  figures: TankFigures,
  day: number,
  { stepMin, parameters: { dissolvedGasShare } }: { readonly stepMin: number; readonly parameters: Parameters },
): Conditions {
  const phase = phaseOn(plan, day)
  const isDry = phase === 'dry'
  const animals = livestockOn(phase === 'planted' ? figures : NO_ANIMALS, day)
  const { lightWindows } = planInPhase(plan, phase)
  const light = lightWindows.map((window) => ({
    onMin: minutesOf(window.on),
    minutes: window.hours * 60,
    rampMin: window.rampMin,
  }))
  return {
    temperatureC: figures.temperatureC,
    agitation: figures.agitation,
    skimmer: figures.skimmer,
    transferTimes: figures.transferTimes,
    flow: figures.flow,
    isDry,
    ppfd: figures.ppfd * (isDry ? airOverWater(plan) : 1),
    lightOfGroup: lightOfGroups(plan),
    lightShareOfStep: lightDayTable(light, stepMin),
    gasShareOfStep: gasShareOfStep(figures, lightWindows, stepMin),
    // The kernel dissolves one share of all gas; lines that dissolve another give as much more or less.
    gasMgPerH: phase !== 'planted' ? 0 : figures.gasLines.reduce((sum, line) => sum + dissolvedMgPerH(line), 0) / dissolvedGasShare,
    gasLimitMgPerL: commonLimitMgPerL(figures.gasLines),
    foodGPerDay: animals.foodGPerDay * foodShareOn(plan, day),
    grazers: animals.grazers,
    grazerTaste: animals.taste,
  }
}

const NO_ANIMALS = { kept: [] }

const airOnce = new WeakMap<Plan, number>()
/** Light at the ground under film over that of the filled tank, by the common answers. */
function airOverWater(plan: Plan): number {
  const known = airOnce.get(plan)
  if (known !== undefined) return known
  const figures = tankFigures(plan)
  const found = figures.ppfd > 0 ? underFilmPpfd(figures) / figures.ppfd : 1
  airOnce.set(plan, found)
  return found
}

const lightOnce = new WeakMap<Plan, Float64Array>()
/** Of each group its own part of the floor against the mean, by the common answers: what nobody knows of lamps and water moves all parts alike. */
function lightOfGroups(plan: Plan): Float64Array {
  const known = lightOnce.get(plan)
  if (known !== undefined) return known
  const figures = tankFigures(plan)
  const light = lightOfKinds(figures.beds, figures, figures.ppfd)
  const found = Float64Array.from(byGroup(PLANT_GROUPS, (kind) => light[kind]))
  lightOnce.set(plan, found)
  return found
}

/** Gas that dissolves in each step as a share of what all lines dissolve together: every line by what it gives, open around the light by its own times. */
function gasShareOfStep({ gasLines }: TankFigures, windows: Plan['lightWindows'], stepMin: number): Float64Array {
  const dissolved = gasLines.reduce((sum, line) => sum + dissolvedMgPerH(line), 0)
  const tables = gasLines.map((line) => ({
    share: dissolved > 0 ? dissolvedMgPerH(line) / dissolved : 0,
    open: gasOpenTable(windows, line, stepMin),
  }))
  return Float64Array.from({ length: Math.round(1440 / stepMin) }, (_, step) =>
    tables.reduce((sum, { share, open }) => sum + share * open[step]!, 0),
  )
}
const dissolvedMgPerH = ({ mgPerH, dissolvedShare }: AnsweredLine): number => mgPerH * dissolvedShare

const omissionKey = ({ what, day }: Omission): string => `${what} ${day}`

function eventsOfDay(entry: TimelineEntry, day: number, tap: TapWater, isOmitted: (what: Omission['what']) => boolean): TimedEvent[] {
  const { plan } = entry
  const events: TimedEvent[] = []
  const at = (minute: number, event: TankEvent): void => void events.push({ atMin: day * 1440 + minute, event })
  if (phaseOn(plan, day) === 'dry') return events
  if (plan.isTrimmed && isTrimDay(plan, day) && !isOmitted('trim'))
    at(CARE_MIN, { kind: 'trim-towards', laiOfGroup: GOOD_LAI, mostCut: MOST_CUT })
  const fraction = changeFractionOn(plan, day)
  if (fraction > 0 && !isOmitted('change'))
    at(CARE_MIN, {
      kind: 'change',
      fraction,
      tap,
      vacuum: DETRITUS_VACUUMED,
      wipe: isGlassDay(plan, day) || plan.changes.everyDays > 7 ? WIPED : 0,
    })
  const dose = dayDose(entry, day, fraction > 0)
  if (!isOmitted('dose') && !isNothing(dose.mgPerL))
    at(lightsOnMin(plan), { kind: dose.kind === 'add' ? 'dose' : 'dose-up-to', mgPerL: dose.mgPerL })
  return events
}
