import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import '../testing/properties.js'
import { anyPlant as plant, datum, NOBODY, plantRow as row, STEM } from '../testing/anyPlant.js'
import { trustOf } from './datum.js'
import { ancestryOf, overlaid, plantSpecies, UnansweredTraitError, type PlantSpecies } from './plantSpecies.js'
import { foundByOlderName, nameIndex, plainName, searchNames } from './search.js'
import { sanityFaults } from './sanity.js'
import { sameJob } from './sameJob.js'
import { growthOf, lightClassOf, runnerClassOf } from './scales.js'
import { standingOf, STANDING_REMARKS, VERDICTS, type PlantSite } from './standing.js'
import type { PlantRow, PlantTraits } from './traits.js'

const SITE: PlantSite = {
  place: 'back',
  light: { low: 60, value: 100, high: 150 },
  hasGas: true,
  co2MgPerL: 20,
  waterC: 24,
  warmestC: 26,
  headroomCm: 32,
  alkalinity: { low: 0.5, value: 0.8, high: 1 },
  hasRootFood: true,
  hasColumnFood: true,
  hoursPerWeek: null,
  hasDiggers: false,
}
const codes = (traits: Partial<PlantTraits>, site: Partial<PlantSite> = {}, named: Partial<PlantRow> = {}): string[] =>
  standingOf(plant(traits, named), { ...SITE, ...site }).remarks.map(({ code }) => code)

describe('how a plant stands in a tank', () => {
  test('one whose wants are all met fits, and each reason is told', () => {
    const { verdict, remarks } = standingOf(plant(), SITE)
    expect(verdict).toBe('fits')
    expect(remarks.map(({ code }) => code)).toEqual(['light-good', 'gas-there', 'warmth-good', 'height-good', 'fed-well', 'time-good'])
  })
  test.each([
    ['a little less light than it wants', {}, { light: { low: 40, value: 65, high: 95 } }, 'light-nearly', 'marginal'],
    ['half the light it wants', {}, { light: { low: 30, value: 50, high: 70 } }, 'light-weak', 'marginal'],
    ['less light than it lives by', {}, { light: { low: 10, value: 20, high: 30 } }, 'light-none', 'fails'],
    [
      'slow leaves under a strong lamp',
      { doublingDays: datum(60) },
      { light: { low: 200, value: 260, high: 400 } },
      'light-much',
      'marginal',
    ],
    ['no gas where it helps', {}, { hasGas: false }, 'gas-helps', 'marginal'],
    ['no gas where it is needed', { carbon: ['needed'] as const }, { hasGas: false }, 'gas-missing', 'fails'],
    ['little gas where it is needed', { carbon: ['needed'] as const }, { co2MgPerL: 6 }, 'gas-short', 'marginal'],
    ['water a little too warm', {}, { waterC: 28 }, 'too-warm', 'marginal'],
    ['water far too warm', {}, { waterC: 31 }, 'far-too-warm', 'fails'],
    ['water far too cool', {}, { waterC: 16 }, 'far-too-cool', 'fails'],
    ['a hot summer', {}, { warmestC: 31 }, 'summer-too-warm', 'marginal'],
    ['a stem in a shallow tank', {}, { headroomCm: 18 }, 'reaches-surface', 'marginal'],
    [
      'a tall rosette in a shallow tank',
      { form: 'rosette', resprouts: 'poorly', reachesSurface: false },
      { headroomCm: 15 },
      'too-tall',
      'fails',
    ],
    ['soft water wanted in hard', { hardness: 'soft' }, { alkalinity: { low: 3, value: 3, high: 3 } }, 'wants-soft', 'marginal'],
    ['hard water wanted in soft', { hardness: 'hard-liking' }, {}, 'wants-hard', 'marginal'],
    ['roots in sand', { feeding: 'root' }, { hasRootFood: false }, 'roots-hungry', 'marginal'],
    ['leaves in bare water', { feeding: 'column' }, { hasColumnFood: false }, 'leaves-hungry', 'marginal'],
    ['no time for a fast stem', {}, { hoursPerWeek: 0.5 }, 'trim-often', 'marginal'],
    ['animals that dig', {}, { hasDiggers: true }, 'dug-up', 'fails'],
    ['in the ground, on a stone', {}, { place: 'hardscape' }, 'place-impossible', 'fails'],
    ['at the front', {}, { place: 'front' }, 'place-unusual', 'marginal'],
    ['what is forbidden in many places', { legal: 'widely-listed' }, {}, 'widely-listed', 'marginal'],
  ] as const)('%s', (_what, traits, site, code, verdict) => {
    const standing = standingOf(plant(traits), { ...SITE, ...site })
    expect(standing.remarks.map((one) => one.code)).toContain(code)
    expect(standing.verdict).toBe(verdict)
    expect(standing.remarks[0]?.code).toBe(code)
  })
  test('an estimate is doubtful, never a failure; a danger speaks at any confidence', () => {
    const guessed = standingOf(plant({ light: { ...STEM.light, confidence: 'C' } }), { ...SITE, light: { low: 5, value: 10, high: 15 } })
    expect(guessed.verdict).toBe('marginal')
    expect(guessed.remarks[0]).toMatchObject({ code: 'light-none', isDoubtful: true })
    expect(standingOf(plant({ temperatureC: { ...STEM.temperatureC, confidence: 'C' } }), { ...SITE, waterC: 32 }).verdict).toBe('fails')
  })
  test('a rhizome is never to be buried, wherever it stands', () => {
    for (const place of ['mid', 'hardscape'] as const)
      expect(
        codes({ form: 'rhizome', kind: 'rhizome', attaches: 'can', buriedRots: true, places: ['mid', 'hardscape'] }, { place }),
      ).toContain('never-bury')
  })
  test('more light never makes a fast plant stand worse, and every remark’s verdict is its own or a doubt', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 300, noNaN: true }), fc.double({ min: 1, max: 3, noNaN: true }), (ppfd, more) => {
        const at = (value: number) => standingOf(plant(), { ...SITE, light: { low: value * 0.6, value, high: value * 1.5 } })
        const rank = (verdict: (typeof VERDICTS)[number]): number => VERDICTS.indexOf(verdict)
        expect(rank(at(ppfd * more).verdict)).toBeLessThanOrEqual(rank(at(ppfd).verdict))
        for (const { code, verdict, isDoubtful } of at(ppfd).remarks)
          expect(verdict).toBe(isDoubtful ? 'marginal' : STANDING_REMARKS[code].verdict)
      }),
    )
  })
})

describe('what does the same job', () => {
  const tall = plant({}, { id: 'tall', name: 'Tall one' })
  const like = (id: string, traits: Partial<PlantTraits>): PlantSpecies => plant(traits, { id, name: id })
  test('is of the same kind, place and colour, about as high, never widely listed; what fits comes first', () => {
    const all = [
      tall,
      like('green', { colour: { weak: ['green'], strong: ['green'] } }),
      like('low', { matureHeightCm: datum(8) }),
      like('front', { places: ['front'] }),
      like('listed', { legal: 'widely-listed' }),
      like('hot', { temperatureC: { min: 28, goodLow: 29, goodHigh: 31, max: 34, ...trustOf('B') } }),
      like('pink', { colour: { weak: ['green'], strong: ['pink'] } }),
    ]
    expect(sameJob(tall, all, SITE).map(({ plant: { id } }) => id)).toEqual(['pink', 'hot'])
  })
  test('an easier one is told to be', () => {
    const hard = plant({ ease: ['demanding'] }, { id: 'hard' })
    expect(sameJob(hard, [like('easy', { ease: ['easy'] })], SITE)).toMatchObject([{ isEasier: true }])
    expect(sameJob(like('easy', { ease: ['easy'] }), [hard], SITE)).toMatchObject([{ isEasier: false }])
  })
})

describe('what a row does not say', () => {
  const form = row(STEM, { id: 'form-stem', name: 'stem' })
  const genus = row(
    { form: 'stem', light: { min: 30, good: 90, goodLow: 60, goodHigh: 120, ...trustOf('B') } },
    { id: 'genus', name: 'Exemplum' },
  )
  const parent = row({ spreadCm: datum(9) }, { id: 'parent', name: 'Exemplum parens' })
  test('it takes from its species as it is, from its genus and form as an estimate with a wider range', () => {
    const made = plantSpecies(
      row({ matureHeightCm: datum(20) }, { id: 'child', name: 'Exemplum parens, red', like: 'parent' }),
      ancestryOf([form], [genus], [parent]),
    )
    expect(made.matureHeightCm).toEqual(datum(20))
    expect(made.spreadCm).toEqual(datum(9))
    expect(made.light).toMatchObject({ good: 90, goodLow: 40, goodHigh: 180, confidence: 'C' })
    expect(made.spacingCm).toMatchObject({ value: 3, low: (3 * 0.7) / 1.5, high: 3 * 1.4 * 1.5, confidence: 'C' })
    expect(made.temperatureC).toMatchObject({ min: 18, max: 30, confidence: 'C' })
    expect(made.assumed).toMatchObject({ spreadCm: 'species', light: 'genus', spacingCm: 'form' })
    expect(made.assumed.matureHeightCm).toBeUndefined()
    expect(sanityFaults(made)).toEqual([])
  })
  test('a row of which nobody knows anything is refused by its trait; a circle of forms ends', () => {
    expect(() => plantSpecies(row({}), NOBODY)).toThrow(UnansweredTraitError)
    const a = row(STEM, { id: 'a', like: 'b' })
    const b = row({}, { id: 'b', like: 'a' })
    expect(plantSpecies(b, ancestryOf([], [], [a, b])).form).toBe('stem')
  })
  test('what a grower says lies over the library and outlives its update', () => {
    const mine = row({ spreadCm: datum(12) })
    const updated = overlaid(row({ ...STEM, spreadCm: datum(5), spacingCm: datum(4) }), mine)
    expect([updated.traits.spreadCm?.value, updated.traits.spacingCm?.value]).toEqual([12, 4])
  })
})

describe('classes of figures, by hand', () => {
  test('a doubling of 10 days within 7 to 18 is fast, and may be medium', () =>
    expect(growthOf(datum(10, 7, 18))).toEqual(['fast', 'medium']))
  test('a doubling of 60 days is slow', () => expect(growthOf(datum(60, 45, 90))).toEqual(['slow']))
  test('good light of 35 to 140 is medium', () =>
    expect(lightClassOf({ min: 10, good: 70, goodLow: 35, goodHigh: 140, ...trustOf('B') })).toEqual(['medium', 'high']))
  test('runners', () =>
    expect([0, 3, 5, 15, 20].map((cm) => runnerClassOf(datum(cm, cm, cm)))).toEqual(['none', 'under-5', '5-15', '5-15', 'over-15']))
})

describe('names', () => {
  test('are compared without accents, signs of a hybrid and capitals', () =>
    expect(plainName('Cryptocoryne × Willisii (misapplied)')).toBe('cryptocoryne willisii misapplied'))
  test('an exact name comes before one that only begins so, an older name before a part of one', () => {
    const index = nameIndex([
      { id: 'form', name: 'Exemplum minus, red', olderNames: [], family: 'F' },
      { id: 'plain', name: 'Exemplum minus', olderNames: ['Vetus nomen'], family: 'F' },
    ])
    expect(searchNames(index, 'exemplum minus')).toEqual(['plain', 'form'])
    expect(searchNames(index, 'vetus')).toEqual(['plain'])
    expect(searchNames(index, '')).toEqual(['form', 'plain'])
    expect(foundByOlderName({ name: 'Exemplum minus', olderNames: ['Vetus nomen'] }, 'vetus')).toEqual(['Vetus nomen'])
    expect(foundByOlderName({ name: 'Exemplum minus', olderNames: ['Exemplum vetus'] }, 'exemplum')).toEqual([])
  })
})

test('nonsense is found by its code', () => {
  const found = (traits: Partial<PlantTraits>): string[] => sanityFaults(plant(traits)).map(({ code }) => code)
  expect(found({})).toEqual([])
  expect(found({ kind: 'carpet' })).toEqual(['carpet-tall'])
  expect(found({ carbon: ['needed'], light: { min: 10, good: 30, goodLow: 20, goodHigh: 40, ...trustOf('B') } })).toEqual([
    'gas-in-the-dark',
  ])
  expect(found({ kind: 'floater' })).toEqual(['kind-of-form'])
  expect(found({ spreadCm: datum(6, 2, 20) })).toEqual(['wide-and-sure'])
  expect(found({ plantingHeightCm: datum(40) })).toEqual(['planted-taller'])
  expect(found({ arrangement: 'whorl' })).toEqual(['whorl-of-few'])
  expect(found({ colour: { weak: ['green'], strong: ['green'] } })).toEqual(['red-without-red'])
})
