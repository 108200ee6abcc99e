import {
  compile,
  countedPlants,
  DAY,
  DAY_STRIDE,
  daysBetween,
  deedsOf,
  drawParameters,
  enteredValue,
  gasGPerDay,
  co2AirEquilibriumMgPerL,
  hasAnimalsAt,
  phFromCo2,
  INDICATOR_COLOURS,
  instantOf,
  jobsBetween,
  lightsOnMin,
  phaseOn,
  randomOf,
  simulate,
  toUnit,
  USUAL_KITS,
  uuidV7,
  type DayCurve,
  type JobRecord,
  type JournalEvent,
  type JournalRecord,
  type Plan,
  type PlantsChanged,
  type Random,
  type Reading,
  type ReadingQuantity,
  type TimelineEntry,
  datePlusDays,
} from '@jovrin/core'

/** The tank "really" is this draw of the model's parameters, which no forecast knows. */
const HIDDEN = { seed: 77, member: 3 }

export interface Life {
  readonly records: readonly JournalRecord[]
  readonly jobs: readonly JobRecord[]
}
export interface LifeOptions {
  readonly timeline: readonly TimelineEntry[]
  readonly today: string
  /** Tells several tanks' chances apart. */
  readonly stream: number
  readonly names: readonly string[]
  /** Plants that came, went or were moved. */
  readonly plants: readonly DemoPlants[]
  /** Alike tanks on its cylinder, itself among them. */
  readonly onCylinder: number
}
/** What a keeper logs of plants, at a day of the tank's age. */
export interface DemoPlants extends Pick<PlantsChanged, 'deed' | 'count' | 'countedIn' | 'raised' | 'bed' | 'note'> {
  readonly day: number
  /** Id of a plant that stands on the map. */
  readonly species: string
  readonly toBed?: string
  readonly heldDays?: number
}

/** Days of the tank's age on which care was forgotten or put off; beyond them a keeper misses a glance in seven. */
const GLANCE_SHARE = 0.86
const JOB_TOLD_SHARE = 0.93
const MISSED_DOSE_SHARE = 0.05
/** A drop kit reads a sixth off, one standard deviation; a pen a twentieth of a unit. */
const KIT_ERROR = 0.16
const PEN_ERROR = 0.05
/** On the scale at first, with regulator; what the scale says over what counted bubbles say. */
const FULL_KG = 7.9
const SCALE_OVER_BUBBLES = 0.875

/** Everything that a made-up keeper logged of one tank: doses missed, kits that err, days without a look. Seeded: the same each time. */
export function liveThrough({ timeline, today, stream, names, plants, onCylinder }: LifeOptions): Life {
  const plan = timeline.at(-1)!.plan
  const { startedOn, timeZone } = plan
  const age = daysBetween(startedOn, today)
  const random = randomOf(20_261, stream)
  const jobs = toldJobs(timeline, today, random, names)
  const plantRecords = plants.filter(({ day }) => day < age).map((told, index) => plantsRecord(told, plan, index, names))
  const deeds = deedsOf({ timeline, startedOn, timeZone, events: plantRecords, jobs })
  const days = Math.max(1, age)
  const drawn = drawParameters(HIDDEN.seed, HIDDEN.member)
  const { forcing, startState, figures, parameters } = compile({
    timeline,
    days,
    stepMin: 30,
    draw: HIDDEN,
    parameters: drawn,
    deeds,
  })
  const { rows, curves } = simulate({
    forcing,
    parameters,
    startState,
    days,
    curveDays: Array.from({ length: days }, (_, day) => day),
  })
  const keeper = new Keeper(startedOn, timeZone, random, names)
  const hangsElsewhere = plan.gasLines.some(({ sharedWith }) => sharedWith !== null)
  const cylinderGPerDay = hangsElsewhere ? 0 : SCALE_OVER_BUBBLES * onCylinder * gasGPerDay(plan, figures.gasLines)
  for (let day = 0; day < age; day++) {
    const row = (column: number): number => rows[day * DAY_STRIDE + column]!
    const curve = curves[day]!
    if (phaseOn(plan, day) !== 'planted') continue // nothing of a filled tank can be looked at yet
    keeper.glance(day, curve, plan)
    if (day > 2 && day % 7 === 2) keeper.gasDay(day, curve, plan, row)
    if (day > 0 && day % 7 === 6 && day > 10) keeper.waterTests(day, row)
    if (day > 1 && day <= 42 && (day % 7 === 3 || day % 7 === 6)) keeper.nitrogenTests(day, row)
    if (day % 7 === 0 && day > 0) keeper.weekly(day, row, cylinderGPerDay)
  }
  if (phaseOn(plan, age) === 'dry') keeper.dryRemarks(age)
  else keeper.remarks(age, plan)
  return { records: [...keeper.records, ...plantRecords], jobs }
}

function plantsRecord(
  { day, species, toBed, heldDays, ...told }: DemoPlants,
  { startedOn, timeZone, flora }: Plan,
  index: number,
  names: readonly string[],
): PlantsChanged {
  const plant = flora.find(({ id }) => id === species)
  if (plant === undefined) throw new Error(`no ${species} stands on the map`)
  const at = instantOf(datePlusDays(startedOn, day), 17 * 60 + index, timeZone).toISOString()
  return {
    ...told,
    ...countedPlants(plant, plant.kind, told.count, told.countedIn),
    kind: 'plants',
    id: uuidV7(
      Date.parse(at),
      Uint8Array.from({ length: 16 }, (_, place) => place * 11 + index),
    ),
    at,
    recordedBy: names[index % names.length] ?? null,
    species,
    plant: plant.name,
    plantKind: plant.kind,
    toBed: toBed ?? null,
    heldUntil: heldDays === undefined ? null : datePlusDays(startedOn, day + heldDays),
  }
}

function toldJobs(timeline: readonly TimelineEntry[], today: string, random: Random, names: readonly string[]): JobRecord[] {
  const plan = timeline.at(-1)!.plan
  const told: JobRecord[] = []
  for (const job of jobsBetween({ timeline, startedOn: plan.startedOn }, plan.startedOn, datePlusDays(today, -1))) {
    const at = instantOf(job.dueOn, 17 * 60 + Math.floor(random() * 200), plan.timeZone).toISOString()
    const by = names[Math.floor(random() * names.length)] ?? null
    const record = (state: JobRecord['state'], movedTo: string | null = null, reason: string | null = null): void =>
      void told.push({ ruleId: job.ruleId, dueOn: job.dueOn, state, movedTo, reason, at, recordedBy: by })
    if (job.isTimer) {
      if (random() < MISSED_DOSE_SHARE) record('skipped', null, 'pump line was empty')
      continue
    }
    if (daysBetween(job.dueOn, today) > 130) continue // older ones were told on paper
    const roll = random()
    if (roll < JOB_TOLD_SHARE) record('done')
    else if (roll < JOB_TOLD_SHARE + 0.03) record('skipped', null, 'no time')
    else if (job.kind === 'change' && daysBetween(job.dueOn, today) > 3)
      record('moved', datePlusDays(job.dueOn, 1), 'reading room was full')
  }
  return told
}

const SOFT_MEQ_PER_L = 0.7
const degassedPh = (alkalinityMeqPerL: number, { temperatureC, roomCo2Ppm }: Plan): number => {
  const at = temperatureC ?? 24
  return phFromCo2(co2AirEquilibriumMgPerL(at, roomCo2Ppm ?? 650), { alkalinityMeqPerL, temperatureC: at })
}
const lightsOffMin = (plan: Plan): number => lightsOnMin(plan) + (plan.lightWindows[0]?.hours ?? 0) * 60

class Keeper {
  readonly records: JournalRecord[] = []

  constructor(
    private readonly startedOn: string,
    private readonly timeZone: string,
    private readonly random: Random,
    private readonly names: readonly string[],
  ) {}

  private chance(): number {
    return this.random()
  }
  /** Roughly normal, mean 0, standard deviation 1. */
  private error(): number {
    return (this.chance() + this.chance() + this.chance() + this.chance() - 2) * 1.73
  }
  private when(day: number, minute: number): string {
    return instantOf(datePlusDays(this.startedOn, day), Math.round(minute), this.timeZone).toISOString()
  }
  private shared(at: string): { readonly id: string; readonly at: string; readonly recordedBy: string | null } {
    const chance = Uint8Array.from({ length: 16 }, () => Math.floor(this.random() * 256))
    return { id: uuidV7(Date.parse(at), chance), at, recordedBy: this.names[Math.floor(this.random() * this.names.length)] ?? null }
  }
  private add(
    event: JournalEvent extends infer T ? (T extends JournalEvent ? Omit<T, 'id' | 'at' | 'recordedBy'> : never) : never,
    at: string,
  ): void {
    this.records.push({ ...event, ...this.shared(at) })
  }
  /** A reading as a kit of the usual kind gives it: its error, its step, its lowest readable value. */
  private read(quantity: ReadingQuantity, value: number, at: string, moment: Reading['moment'] = null): void {
    const kit = USUAL_KITS.find((candidate) => candidate.quantity === quantity)
    const unit = kit?.unit ?? ''
    const dimension = {
      alkalinity: 'alkalinity',
      hardness: 'hardness',
      ammonia: 'ammonia',
      nitrite: 'nitrite',
      nitrate: 'nitrate',
      phosphate: 'phosphate',
      temperature: 'temperature',
    }[quantity as string] as 'nitrate' | undefined
    const shown = dimension === undefined ? value : toUnit(dimension, value, unit as never)
    const off =
      quantity === 'pH'
        ? shown + PEN_ERROR * this.error()
        : quantity === 'temperature'
          ? shown + 0.2 * this.error()
          : shown * Math.exp(KIT_ERROR * this.error())
    const step = kit?.step ?? 0.01
    const text = String(Number((Math.round(Math.max(0, off) / step) * step).toFixed(3)))
    const entered = enteredValue(quantity, Number(text), '=', unit, kit ?? null)
    if ('fault' in entered) return
    this.records.push({
      ...this.shared(at),
      kind: 'reading',
      quantity,
      ...entered,
      enteredText: text,
      enteredUnit: unit,
      method: quantity === 'pH' ? 'pen' : 'drop kit',
      moment,
      eventId: null,
      note: null,
    })
  }
  private plain(quantity: ReadingQuantity, value: number, text: string, unit: string, at: string): void {
    this.records.push({
      ...this.shared(at),
      kind: 'reading',
      quantity,
      value,
      qualifier: '=',
      basis: null,
      enteredText: text,
      enteredUnit: unit,
      method: null,
      moment: null,
      eventId: null,
      note: null,
    })
  }

  glance(day: number, curve: DayCurve, plan: Plan): void {
    if (this.chance() > GLANCE_SHARE) return
    // Half of them on the evening round, shortly before the gas goes off.
    const minute = this.chance() < 0.5 ? lightsOffMin(plan) - 100 + this.chance() * 35 : lightsOnMin(plan) + 90 + this.chance() * 240
    const co2 = curve.indicatorCo2MgPerL[Math.min(47, Math.floor(minute / 30))] ?? 0
    const colour = INDICATOR_COLOURS[co2 < 12 ? 0 : co2 < 22 ? 1 : co2 < 36 ? 2 : co2 < 60 ? 3 : 4] ?? null
    const hasGas = plan.gasLines.some(({ control }) => control !== 'none')
    const isFine = this.chance() > 0.06
    this.add(
      {
        kind: 'glance',
        isAllFine: isFine,
        animals: isFine || !hasAnimalsAt(plan, day) ? null : 'hiding',
        indicator: hasGas && this.chance() > 0.3 ? colour : null,
        outlet: isFine ? null : 'weak',
        note: null,
      },
      this.when(day, minute),
    )
  }

  gasDay(day: number, curve: DayCurve, plan: Plan, row: (column: number) => number): void {
    const line = plan.gasLines.find(({ control }) => control !== 'none')
    const [window] = plan.lightWindows
    if (line === undefined || window === undefined) return
    const on = lightsOnMin(plan)
    const minutes = {
      'gas-on': on - line.beforeLightMin - 10,
      'lights-on': on + 5,
      'gas-off': on + window.hours * 60 - line.beforeDarkMin - 5,
    } as const
    for (const moment of ['gas-on', 'lights-on', 'gas-off'] as const)
      if (this.chance() > 0.15)
        this.read('pH', curve.pH[Math.min(47, Math.floor(minutes[moment] / 30))] ?? 7, this.when(day, minutes[moment]), moment)
    this.read('alkalinity', row(DAY.alkalinity), this.when(day, on + 30))
    // In water as soft as this the drop from an open sample tells more than KH.
    if (row(DAY.alkalinity) < SOFT_MEQ_PER_L) this.read('pH', degassedPh(row(DAY.alkalinity), plan), this.when(day, on + 40), 'degassed')
    this.read('temperature', plan.temperatureC ?? 24, this.when(day, on + 31))
  }

  waterTests(day: number, row: (column: number) => number): void {
    if (this.chance() < 0.08) return
    this.read('nitrate', row(DAY.nitrate), this.when(day, 1090))
    this.read('phosphate', row(DAY.phosphate), this.when(day, 1094))
    if (day % 14 === 6) this.read('iron', row(DAY.iron), this.when(day, 1098))
    if (day % 28 === 13) this.read('potassium', row(DAY.potassium), this.when(day, 1102))
  }

  nitrogenTests(day: number, row: (column: number) => number): void {
    if (this.chance() < 0.1) return
    this.read('ammonia', row(DAY.ammonium), this.when(day, 1050))
    this.read('nitrite', row(DAY.nitrite), this.when(day, 1054))
  }

  weekly(day: number, row: (column: number) => number, cylinderGPerDay: number): void {
    const trimmedDryG = Array.from({ length: 6 }, (_, group) => row(DAY.trimmedG + group)).reduce((sum, part) => sum + part, 0)
    if (trimmedDryG > 0.4 && day >= 21)
      this.add(
        { kind: 'trim', wetG: Math.round((trimmedDryG / 0.08) * (1 + 0.1 * this.error())), kinds: [], note: null },
        this.when(day, 1065),
      )
    const film = Math.max(2, Math.round(9 - 6 * Math.min(1, row(DAY.dustOnGlass) / 0.4) + this.error()))
    this.plain('filmDays', film, String(film), 'days', this.when(day, 1070))
    const evaporated = Math.max(4, Math.round(14 + 3 * this.error()))
    this.plain('evaporated', evaporated, String(evaporated), 'mm', this.when(day, 1072))
    if (cylinderGPerDay > 0 && day % 14 === 7) {
      const mass = Number((FULL_KG - (day * cylinderGPerDay) / 1000).toFixed(2))
      this.plain('cylinderMass', mass, String(mass), 'kg', this.when(day, 1075))
    }
  }

  dryRemarks(age: number): void {
    const note = (day: number, text: string): void => {
      if (day < age) this.add({ kind: 'note', note: text }, this.when(day, 1150))
    }
    note(0, 'Planted into wet soil, water drawn off to below the front, film on.')
    note(6, 'White fluff on two dead leaves of the carpet: taken out, film opened wider.')
    note(12, 'First runners of the grass along the back.')
    note(16, 'Film was off for a morning; leaf tips dry at the front. Misted twice.')
    note(20, 'By the photo about a third of the front is closed.')
  }

  remarks(age: number, plan: Plan): void {
    const note = (day: number, text: string): void => {
      if (day < age) this.add({ kind: 'note', note: text }, this.when(day, 1150))
    }
    const sign = (day: number, name: Extract<JournalEvent, { kind: 'sign' }>['sign'], amount: 1 | 2 | 3, where: string): void => {
      if (day < age) this.add({ kind: 'sign', sign: name, amount, where, note: null }, this.when(day, 1140))
    }
    note(0, 'Filled and planted in one afternoon; four hands.')
    sign(5, 'haze', 1, 'everywhere')
    sign(9, 'melt', 2, 'carpet, leaves grown in air')
    sign(15, 'brown-dust', 2, 'front pane and slow leaves')
    sign(26, 'green-dust', 1, 'front pane')
    const [first] = plan.animals.groups
    if (first !== undefined && first.fromDay < age)
      this.add({ kind: 'purchase', what: 'algae shrimps', cost: 36, currency: 'EUR', note: null }, this.when(first.fromDay, 960))
    if (age > 50) this.add({ kind: 'death', animal: 'algae shrimp', count: 1, note: 'found behind the stones' }, this.when(47, 1000))
    note(33, 'First side shoots after the trim.')
    note(58, 'Children asked for the name of the biggest shrimp.')
    if (age > 12) this.add({ kind: 'purchase', what: 'nitrate drop kit', cost: 14.9, currency: 'EUR', note: null }, this.when(10, 900))
  }
}
