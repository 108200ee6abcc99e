import {
  ANIMAL_STATES,
  INDICATOR_COLOURS,
  MOMENTS,
  OUTLET_STATES,
  PLANT_COUNTS,
  PLANT_DEEDS,
  PLANT_KINDS,
  QUANTITY,
  RAISED,
  READING_QUANTITIES,
  SALT_IDS,
  SIGNS,
  uuidV7,
  type JournalRecord,
} from '@jovrin/core'
import fc from 'fast-check'

const anyId = fc
  .tuple(fc.integer({ min: Date.parse('2020-01-01'), max: Date.parse('2030-01-01') }), fc.uint8Array({ minLength: 16, maxLength: 16 }))
  .map(([at, chance]) => uuidV7(at, chance))
const anyInstant = fc
  .date({ min: new Date('1990-01-01T00:00:00Z'), max: new Date('2100-12-31T00:00:00Z'), noInvalidDate: true })
  .map((date) => date.toISOString())
/** Whatever a person may type: emoji, marks, quotes, line ends, what a spreadsheet takes for a formula. */
export const anyText = (most: number): fc.Arbitrary<string> =>
  fc
    .oneof(
      fc.string({ unit: 'grapheme', maxLength: most }),
      fc.string({
        unit: fc.constantFrom('"', "'", ',', ';', '\n', '\r\n', '\t', '=', '+', '-', '@', '<', 'a', ' ', '🌿', '\\', '%', '_'),
        maxLength: most,
      }),
      fc.integer({ min: Math.floor(most / 2), max: most }).map((length) => 'x'.repeat(length)),
    )
    .filter((text) => !/\0|\p{Surrogate}/u.test(text) && text.trim().length > 0 && text.length <= most)
const orNull = <T>(value: fc.Arbitrary<T>): fc.Arbitrary<T | null> => fc.option(value, { nil: null })
/** As instruments tell numbers: to twelve digits, and nothing smaller than they could. */
const within = (min: number, max: number): fc.Arbitrary<number> =>
  fc
    .double({ min, max, noNaN: true })
    .map((value) => Math.min(max, Math.max(min, Math.abs(value) < 1e-9 ? 0 : Number(value.toPrecision(12)))))
const some = <T>(values: readonly T[]): fc.Arbitrary<T> => fc.constantFrom(...values)

const common = { id: anyId, at: anyInstant, recordedBy: orNull(anyText(40)), note: orNull(anyText(4000)) }
const anyReading = some(READING_QUANTITIES).chain((quantity) =>
  fc.record({
    ...common,
    kind: fc.constant('reading' as const),
    quantity: fc.constant(quantity),
    value: within(...QUANTITY[quantity].range),
    qualifier: some(['=', '<', '>'] as const),
    enteredText: anyText(40),
    enteredUnit: fc.oneof(fc.constant(''), anyText(20)),
    basis: orNull(anyText(20)),
    method: orNull(anyText(60)),
    moment: orNull(some(MOMENTS)),
    eventId: orNull(anyId),
  }),
)

/** Any record but a picture, which needs its file. */
export const anyRecord: fc.Arbitrary<JournalRecord> = fc.oneof(
  { weight: 6, arbitrary: anyReading },
  fc.record({
    ...common,
    kind: fc.constant('glance' as const),
    isAllFine: fc.boolean(),
    animals: orNull(some(ANIMAL_STATES)),
    indicator: orNull(some(INDICATOR_COLOURS)),
    outlet: orNull(some(OUTLET_STATES)),
  }),
  fc.record({
    ...common,
    kind: fc.constant('dose' as const),
    salt: orNull(some(SALT_IDS)),
    grams: within(0, 10_000),
    millilitres: orNull(within(0, 100_000)),
    bottle: orNull(anyText(60)),
  }),
  fc.record({ ...common, kind: fc.constant('change' as const), fraction: within(0, 1), hasWiped: fc.boolean() }),
  fc.record({
    ...common,
    kind: fc.constant('trim' as const),
    wetG: orNull(within(0, 100_000)),
    kinds: fc.uniqueArray(some(PLANT_KINDS)),
  }),
  fc
    .record({
      ...common,
      kind: fc.constant('plants' as const),
      deed: some(PLANT_DEEDS),
      species: orNull(anyText(80)),
      plant: orNull(anyText(120)),
      plantKind: some(PLANT_KINDS),
      count: within(0.1, 100_000),
      countedIn: some(PLANT_COUNTS),
      portions: orNull(within(0, 1e7)),
      dryG: orNull(within(0, 100_000)),
      raised: some(RAISED),
      bed: orNull(some(['b1', 'b2'])),
    })
    .map((record) => ({
      ...record,
      toBed: record.deed === 'moved' ? (record.bed === null ? 'b1' : null) : null,
      heldUntil: record.deed === 'arrived' ? '2026-11-30' : null,
    })),
  fc.record({ ...common, kind: fc.constant('death' as const), animal: anyText(80), count: fc.integer({ min: 1, max: 10_000 }) }),
  fc.record({
    ...common,
    kind: fc.constant('purchase' as const),
    what: anyText(120),
    cost: orNull(within(0, 1e7)),
    currency: orNull(some(['EUR', 'USD'])),
  }),
  fc.record({ ...common, note: anyText(4000), kind: fc.constant('note' as const) }),
  fc.record({
    ...common,
    kind: fc.constant('sign' as const),
    sign: some(SIGNS),
    where: orNull(anyText(80)),
    amount: some([1, 2, 3] as const),
  }),
)
