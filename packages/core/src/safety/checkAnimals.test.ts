import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { commonWarmth, conflictsOf } from '../livestock/company.js'
import { animalGroups } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'
import { ANIMALS } from '../species/animals/index.js'
import { samplePlan } from '../testing/samplePlan.js'
import { keeping, stocked, type Kept } from '../testing/stocked.js'
import { animalVerdict } from './checkAnimals.js'
import { checkPlan } from './checkPlan.js'

const found = (part: Partial<Plan>, ageDays = 0, animalsAllowedFromDay: number | null = 20) => {
  const plan = { ...samplePlan, ...part }
  return checkPlan(plan, tankFigures(plan), { ageDays, animalsAllowedFromDay }).filter(
    ({ sheet, code }) => sheet === 'animals' || code === 'animals-early',
  )
}
const codes = (part: Partial<Plan>, ageDays = 0): string[] => found(part, ageDays).map(({ code }) => code)

describe('animals against the tank', () => {
  test('nothing is said of a usual small community', () =>
    expect(
      codes({
        ...keeping(
          ['caridina-multidentata', 8, 40],
          ['trigonostigma-espei', 10, 60],
          ['otocinclus-vittatus', 6, 80],
          ['hyphessobrycon-amandae', 12, 100],
        ),
        vessel: { ...samplePlan.vessel, top: 'covered' },
      }),
    ).toEqual([]))
  test('of those whose kind nobody said nothing is said but when they come', () => {
    expect(codes({ animals: stocked({ grazersFromDay: 5 }) })).toEqual(['animals-early'])
    expect(codes({ animals: stocked() })).toEqual([])
  })
  test('what it does not bear is a warning, what it does not like a note', () => {
    const of = (waterC: number) =>
      found({ ...keeping(['paracheirodon-innesi', 10]), temperatureC: waterC }).find(({ code }) => code === 'animal-warmth')?.severity
    expect([24, 26, 28].map(of)).toEqual([undefined, 'note', 'warn'])
  })
  test('before tests can allow them that day is told, and one mend reaches the day of both', () => {
    const early = found(keeping(['otocinclus-vittatus', 6, 10]))
    expect(early.map(({ code }) => code)).toContain('animals-early')
    expect(early.map(({ code }) => code)).not.toContain('animal-week')
    expect(early.find(({ code }) => code === 'animals-early')?.mend?.edits[0]?.to).toBe(49)
  })
  test('those that are in are past their week and their arrival', () => {
    const plan = keeping(['paracheirodon-innesi', 60, 10])
    expect(codes(plan, 9)).toContain('animals-at-once')
    expect(codes(plan, 11)).not.toContain('animals-at-once')
    expect(codes(plan, 11)).not.toContain('animal-week')
  })
  test('a third of the food in a week is borne, more is not; a light load joins at once', () => {
    expect(
      codes(keeping(['paracheirodon-innesi', 20, 40], ['paracheirodon-innesi', 20, 47], ['paracheirodon-innesi', 20, 54])),
    ).not.toContain('animals-at-once')
    expect(codes(keeping(['paracheirodon-innesi', 20, 40], ['paracheirodon-innesi', 20, 46], ['paracheirodon-innesi', 20, 54]))).toContain(
      'animals-at-once',
    )
    expect(codes(keeping(['paracheirodon-innesi', 12, 40]))).not.toContain('animals-at-once')
  })
})

describe('how a species would stand', () => {
  const verdict = (id: string, part: Partial<Plan> = {}) => {
    const plan = { ...samplePlan, vessel: { ...samplePlan.vessel, top: 'covered' as const }, ...part }
    return animalVerdict(
      plan,
      tankFigures(plan),
      ANIMALS.find((one) => one.id === id)!,
    )
  }
  test('fits, fits with something to bear, will not do', () => {
    expect(verdict('paracheirodon-innesi')).toBe('fits')
    expect(verdict('danio-rerio', { vessel: { ...samplePlan.vessel, top: 'open' } })).toBe('marginal')
    expect(verdict('symphysodon-aequifasciatus')).toBe('fails')
    expect(verdict('betta-splendens', keeping(['neocaridina-davidi', 10]))).toBe('fails')
  })
  test('what others do to one another is not its fault', () =>
    expect(verdict('otocinclus-vittatus', keeping(['betta-splendens', 1], ['neocaridina-davidi', 10]))).toBe('fits'))
})

describe('animals against one another', () => {
  const pairs = (...kept: readonly Kept[]): string[][] =>
    conflictsOf(animalGroups(keeping(...kept))).map(({ kind, of, suffers }) => [kind, of.group.id, suffers.group.id])
  test('each pair once, also where a species comes in several groups', () => {
    expect(pairs(['betta-splendens', 1], ['neocaridina-davidi', 10, 30], ['neocaridina-davidi', 10, 60])).toEqual([['eats', 'a1', 'a2']])
    expect(pairs(['neocaridina-davidi', 10], ['neocaridina-davidi', 10])).toEqual([])
  })
  test('a fish takes what it can swallow: a large one also large shrimps', () => {
    expect(pairs(['badis-badis', 2], ['caridina-multidentata', 5])).toEqual([['eats-young', 'a1', 'a2']])
    expect(pairs(['pterophyllum-scalare', 5], ['caridina-multidentata', 5])).toEqual([['eats', 'a1', 'a2']])
  })
  test('what nips fins is told beside shrimps of any size too', () => {
    const nipper = ANIMALS.find(({ nipsFins, eatsShrimp }) => nipsFins && eatsShrimp !== 'adult')!
    expect(pairs([nipper.id, 8], ['caridina-multidentata', 5])).toEqual([['nips', 'a1', 'a2']])
    expect(pairs([nipper.id, 8], ['danio-rerio', 8])).toEqual([])
  })
  test('snails and those that eat them', () =>
    expect(pairs(['anentome-helena', 2], ['vittina-natalensis', 3])).toEqual([['eats', 'a1', 'a2']]))
  test('the warmth in which all are well, and who narrows it', () => {
    const both = commonWarmth(animalGroups(keeping(['tanichthys-albonubes', 10], ['symphysodon-aequifasciatus', 6])))
    expect(both).toMatchObject({ low: 28, high: 22, coolest: { group: { id: 'a1' } }, warmest: { group: { id: 'a2' } } })
    expect(commonWarmth([])).toBeNull()
  })
  test('no two of the whole library endanger one another unseen: who eats grown shrimps is told beside every dwarf shrimp', () => {
    const shrimp = ANIMALS.find(({ id }) => id === 'neocaridina-davidi')!
    for (const species of ANIMALS.filter(({ eatsShrimp }) => eatsShrimp === 'adult'))
      expect([species.id, pairs([species.id, 6], [shrimp.id, 10]).map(([kind]) => kind)]).toEqual([species.id, ['eats']])
  })
})
