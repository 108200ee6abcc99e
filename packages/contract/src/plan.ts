import {
  areApart,
  CHOICE_FIELDS,
  isNumberPath,
  MINERAL_SALTS,
  MOST_CORNERS,
  MOST_VARIANTS,
  NUMBER_FIELDS,
  numberField,
  outlineFault,
  PLAN_RULES,
  PLAN_SCHEMA_VERSION,
  VIEW_SIDES,
  WEEKDAYS,
  WISHES,
  type Absence,
  type ChoiceField,
  type ChoicePath,
  type Described,
  type NumberPath,
  type Plan,
  type ValueAt,
  type Vertex,
} from '@jovrin/core'
import { z } from 'zod'
import { CivilDate, TimeZone } from './dates.js'
import { SaltIdSchema } from './salt.js'
import { AnimalSpeciesSchema } from './species/animalSchemas.js'
import { PlantSpeciesSchema, SpeciesId } from './species/plantSchemas.js'

const LocalId = z.string().regex(/^[a-z][a-z0-9]{0,23}$/)
/** Time of day. */
export const Clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/)

/** The schema of one described answer. */
function leaf(path: NumberPath | ChoicePath): z.ZodType {
  if (!isNumberPath(path)) {
    const { choices, isSure }: ChoiceField = CHOICE_FIELDS[path]
    const choice = z.enum(choices as [string, ...string[]]) // every field has at least one
    return isSure ? choice : choice.nullable()
  }
  const { range, isWhole, isSure } = numberField(path)
  // Zod's own number refuses NaN and infinities.
  const number = (isWhole ? z.int() : z.number()).min(range[0]).max(range[1])
  return isSure ? number : number.nullable()
}

/** The described answers directly under a path, each with its schema. */
type Under<At extends string> = {
  [
    Path in NumberPath | ChoicePath as Path extends `${At}/${infer Key}` ? (Key extends `${string}/${string}` | '*' ? never : Key) : never
  ]: z.ZodType<ValueAt<Described, Path>>
}
function under<At extends string>(at: At): Under<At> {
  const paths = [...Object.keys(NUMBER_FIELDS), ...Object.keys(CHOICE_FIELDS)] as (NumberPath | ChoicePath)[]
  const here = paths.filter((path) => path.startsWith(`${at}/`) && !path.slice(at.length + 1).includes('/') && !path.endsWith('*'))
  return Object.fromEntries(here.map((path) => [path.slice(at.length + 1), leaf(path)])) as Under<At> // one entry a path
}
/** The schema of one answer of a plan, for what is copied into plans. */
export const planLeaf = <Path extends NumberPath | ChoicePath>(path: Path) => leaf(path) as z.ZodType<ValueAt<Described, Path>> // by the path's own type

const listOf = <T extends z.ZodType>(item: T, max: number) =>
  z
    .array(item)
    .max(max)
    .refine((list) => new Set(list.map((entry) => (entry as { id: string }).id)).size === list.length, { error: 'duplicate_id' })

const VertexSchema = z.strictObject({ ...under('zones/*/outline/*'), isRound: z.boolean() })
/** A line that bounds an area. What lies outside the glass is let pass: the findings offer to cut it. */
const Outline: z.ZodType<readonly Vertex[]> = z
  .array(VertexSchema)
  .min(3)
  .max(MOST_CORNERS)
  .superRefine((outline, context) => {
    const fault = outline.length < 3 ? null : outlineFault(outline)
    if (fault !== null) context.addIssue({ code: 'custom', message: `outline_${fault.replaceAll('-', '_')}` })
  })
const named = (most: number) => z.string().trim().max(most)
const ProductName = named(80)
const Layer = z.strictObject({
  id: LocalId,
  ...under('layers/*'),
  product: z.strictObject({ name: ProductName, ...under('layers/*/product') }).nullable(),
})
const Layers = listOf(Layer, 12)
const Weekdays = z
  .array(planLeaf('feed/macroDays/*'))
  .max(WEEKDAYS.length)
  .refine((days) => new Set(days).size === days.length, { error: 'duplicate_id' })
const ItemKey = z.string().min(1).max(120)
const Beds = listOf(
  z.strictObject({
    id: LocalId,
    name: named(60),
    ...under('beds/*'),
    outline: Outline,
    plants: listOf(z.strictObject({ id: LocalId, species: SpeciesId, ...under('beds/*/plants/*') }), 12),
  }),
  120,
)
const Spots = listOf(z.strictObject({ id: LocalId, piece: LocalId, species: SpeciesId.nullable(), ...under('spots/*') }), 200)
/** Days on which nobody is there. */
export const AbsenceSchema: z.ZodType<Absence> = z
  .strictObject({
    id: LocalId,
    ...under('absences/*'),
    leaveOn: CivilDate,
    backOn: CivilDate,
    lowerFrom: CivilDate.nullable(),
    cleanOn: CivilDate.nullable(),
    isDosed: z.boolean(),
    note: named(600),
  })
  .refine(({ leaveOn, backOn }) => leaveOn < backOn, { error: 'absence_order', path: ['backOn'] })
  .refine(({ leaveOn, lowerFrom }) => lowerFrom === null || lowerFrom < leaveOn, { error: 'absence_before', path: ['lowerFrom'] })
  .refine(({ leaveOn, cleanOn }) => cleanOn === null || cleanOn < leaveOn, { error: 'absence_before', path: ['cleanOn'] })
/** Schemas of a plan's parts. What must hold between parts stands in core's rules. */
const PARTS = {
  schemaVersion: z.literal(PLAN_SCHEMA_VERSION),
  name: z.string().trim().min(1).max(80),
  startedOn: CivilDate,
  timeZone: TimeZone,
  start: z.strictObject(under('start')),
  intent: z.strictObject({
    ...under('intent'),
    views: z.array(planLeaf('intent/views/*')).max(VIEW_SIDES.length),
    wishes: z.array(planLeaf('intent/wishes/*')).max(WISHES.length),
  }),
  vessel: z.strictObject(under('vessel')),
  stand: z.strictObject({ ...under('stand'), cornersMm: z.strictObject(under('stand/cornersMm')) }),
  room: z.strictObject({ ...under('room'), monthlyC: z.array(planLeaf('room/monthlyC/*')).length(12) }),
  temperatureC: planLeaf('temperatureC'),
  roomCo2Ppm: planLeaf('roomCo2Ppm'),
  sources: listOf(
    z.strictObject({
      id: LocalId,
      name: named(60),
      ...under('sources/*'),
      reports: listOf(z.strictObject({ id: LocalId, on: CivilDate, ...under('sources/*/reports/*') }), 40),
    }),
    8,
  ),
  water: z.strictObject({
    ...under('water'),
    minerals: z
      .array(planLeaf('water/minerals/*'))
      .max(MINERAL_SALTS.length)
      .refine((salts) => new Set(salts).size === salts.length, { error: 'duplicate_id' }),
    conditioner: z.strictObject({ ...under('water/conditioner'), beforeAnimals: z.boolean() }),
    kit: z.strictObject(under('water/kit')),
  }),
  layers: Layers,
  zones: listOf(
    z.strictObject({
      id: LocalId,
      name: named(60),
      ...under('zones/*'),
      outline: Outline,
      layers: Layers,
      heights: listOf(z.strictObject({ id: LocalId, ...under('zones/*/heights/*') }), 40),
    }),
    40,
  ),
  barriers: listOf(
    z.strictObject({
      id: LocalId,
      ...under('barriers/*'),
      line: z
        .array(z.strictObject(under('barriers/*/line/*')))
        .min(2)
        .max(MOST_CORNERS + 1),
    }),
    40,
  ),
  tabs: listOf(z.strictObject({ id: LocalId, ...under('tabs/*') }), 1000),
  tabProduct: z.strictObject({ name: ProductName, ...under('tabProduct') }).nullable(),
  hardscape: listOf(
    z.strictObject({
      id: LocalId,
      name: named(60),
      ...under('hardscape/*'),
      outline: Outline.nullable(),
      profile: z
        .array(z.strictObject(under('hardscape/*/profile/*')))
        .min(3)
        .max(MOST_CORNERS)
        .nullable(),
    }),
    200,
  ),
  patches: listOf(z.strictObject({ id: LocalId, ...under('patches/*') }), 200),
  beds: Beds,
  spots: Spots,
  variants: listOf(z.strictObject({ id: LocalId, name: named(40), beds: Beds, spots: Spots }), MOST_VARIANTS),
  flora: listOf(PlantSpeciesSchema, 50),
  lamps: listOf(z.strictObject({ id: LocalId, ...under('lamps/*') }), 20),
  light: z.strictObject({ ...under('light'), readings: listOf(z.strictObject({ id: LocalId, ...under('light/readings/*') }), 60) }),
  lightWindows: listOf(z.strictObject({ id: LocalId, on: Clock, ...under('lightWindows/*') }), 6),
  gasLines: listOf(z.strictObject({ id: LocalId, ...under('gasLines/*'), sharedWith: z.uuid().nullable() }), 4),
  flow: z.strictObject({ ...under('flow'), hasSkimmer: z.boolean() }),
  filters: listOf(z.strictObject({ id: LocalId, ...under('filters/*') }), 8),
  outlets: listOf(z.strictObject({ id: LocalId, ...under('outlets/*') }), 12),
  climate: z.strictObject(under('climate')),
  logistics: z.strictObject(under('logistics')),
  muted: listOf(z.strictObject({ id: LocalId, finding: z.string().min(1).max(80), note: named(300) }), 200),
  money: z.strictObject({
    currency: z.string().regex(/^[A-Z]{3}$/, { error: 'currency' }),
    ...under('money'),
    columns: listOf(z.strictObject({ id: LocalId, name: named(40) }), 6).refine((columns) => columns.length > 0, { error: 'too_small' }),
    prices: listOf(z.strictObject({ id: LocalId, item: ItemKey, column: LocalId, ...under('money/prices/*') }), 2000),
    extras: listOf(z.strictObject({ id: LocalId, name: named(80), ...under('money/extras/*') }), 200),
    owned: z.array(ItemKey).max(400),
  }),
  feeding: planLeaf('feeding'),
  feed: z.strictObject({
    amounts: z.strictObject(under('feed/amounts')),
    phases: listOf(z.strictObject({ id: LocalId, ...under('feed/phases/*'), seenOn: CivilDate.nullable() }), 12),
    macroDays: Weekdays,
    traceDays: Weekdays,
    skipsChangeDay: z.boolean(),
    countsWater: z.boolean(),
    pauses: listOf(
      z
        .strictObject({ id: LocalId, from: CivilDate, to: CivilDate })
        .refine(({ from, to }) => from <= to, { error: 'pause_order', path: ['to'] }),
      24,
    ),
    cupboard: listOf(
      z.strictObject({
        id: LocalId,
        name: named(60),
        ...under('feed/cupboard/*'),
        salt: SaltIdSchema.nullable(),
        mix: listOf(z.strictObject({ id: LocalId, ...under('feed/cupboard/*/mix/*'), salt: SaltIdSchema }), 12),
        label: listOf(z.strictObject({ id: LocalId, ...under('feed/cupboard/*/label/*') }), 20),
      }),
      24,
    ),
  }),
  changes: z.strictObject(under('changes')),
  animals: z.strictObject({
    ...under('animals'),
    groups: listOf(z.strictObject({ id: LocalId, species: SpeciesId, ...under('animals/groups/*'), origin: named(80) }), 60),
  }),
  fauna: listOf(AnimalSpeciesSchema, 60),
  isTrimmed: z.boolean(),
  absences: listOf(AbsenceSchema, 40).refine(areApart, { error: 'absence_overlap' }),
} satisfies Readonly<Record<keyof Plan, z.ZodType>>

/** The schema of each part, for one that changed by itself. */
export const PLAN_PARTS: Readonly<Record<keyof Plan, z.ZodType>> = PARTS

/** A whole plan as it crosses any boundary; core's type is the one shape. */
export const PlanSchema: z.ZodType<Plan> = z.strictObject(PARTS).superRefine((plan: Plan, context) => {
  for (const rule of PLAN_RULES) {
    const path = rule.broken(plan)
    if (path !== null) context.addIssue({ code: 'custom', message: rule.code, path: [...path] })
  }
})

/** One change of a plan on its way; `undefined` and a missing value both say "not there". */
export const EditSchema = z.strictObject({ path: z.string().max(200), from: z.unknown(), to: z.unknown() })
