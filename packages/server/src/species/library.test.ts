import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { LEGAL_OF_NAMES } from '../testing/legalNames.js'
import { nameIndex, plantSpecies, sanityFaults, searchNames, type PlantSpecies } from '@jovrin/core'
import Papa from 'papaparse'
import { describe, expect, test } from 'vitest'
import { ancestryWith, readLibrary } from './library.js'

const library = readLibrary(join(import.meta.dirname, '../../library'))
const ancestry = ancestryWith(library, [])
const plants = library.plants.map((row) => plantSpecies(row, ancestry))
const byName = new Map(plants.map((plant) => [plant.name, plant]))
const named = (name: string): PlantSpecies => {
  const found = byName.get(name)
  if (found === undefined) throw new Error(`no ${name}`)
  return found
}
interface ReferenceName {
  readonly accepted_name: string
  readonly synonyms_and_older_names: string
  readonly family: string
  readonly model_kind: string
  readonly form: string
}
const reference = Papa.parse<ReferenceName>(readFileSync(join(import.meta.dirname, '../testing/plant-names.csv'), 'utf8'), {
  header: true,
  skipEmptyLines: true,
}).data

describe('names', () => {
  const index = nameIndex(plants)
  test('every plant of the list of names is there, in its family, with its kind and form', () => {
    expect(reference.length).toBeGreaterThan(280)
    for (const { accepted_name: name, family, model_kind: kind, form } of reference)
      expect([name, byName.get(name)?.family, byName.get(name)?.kind, byName.get(name)?.form]).toEqual([name, family, kind, form])
  })
  test('its name and each of its older names finds it, first or among those that bear the same', () => {
    let asked = 0
    for (const { accepted_name: name, synonyms_and_older_names: older } of reference)
      for (const text of [name, ...older.split('; ').filter(Boolean)]) {
        asked++
        const found = searchNames(index, text)
        const sought = named(name).id
        expect(found, text).toContain(sought)
        const bearers = reference.filter((one) =>
          [one.accepted_name, ...one.synonyms_and_older_names.split('; ')].some((known) => known.startsWith(text)),
        )
        expect(found.indexOf(sought), `${text} finds ${found.slice(0, 4).join(', ')}`).toBeLessThanOrEqual(bearers.length + 1)
      }
    expect(asked).toBeGreaterThan(450)
  })
  test.each([
    ['rot mac', 'rotala-macrandra'],
    ['MICROSORUM', 'leptochilus-pteropus'],
    ['cryptocoryne willisii', 'cryptocoryne-x-willisii'],
    ['Cryptocoryne x willisii', 'cryptocoryne-x-willisii'],
    ['hemianthus callitrichoides', 'micranthemum-callitrichoides'],
  ])('%s finds %s first', (text, id) => expect(searchNames(index, text)[0]).toBe(id))
  test('ids are unique, and nothing finds what no name holds', () => {
    expect(new Set(plants.map(({ id }) => id)).size).toBe(plants.length)
    expect(searchNames(index, 'qqqq')).toEqual([])
  })
})

describe('traits', () => {
  test('no plant contradicts itself, and none is doubtful', () => {
    expect(plants.flatMap((plant) => sanityFaults(plant).map(({ code, trait }) => `${plant.name}: ${code} (${trait})`))).toEqual([])
  })
  test('a form of growth and a genus, taken for a plant, do not contradict themselves either', () => {
    for (const row of [...library.forms, ...library.genera])
      expect([
        row.name,
        sanityFaults(plantSpecies({ ...row, id: 'x', like: null }, ancestry)).filter(({ weight }) => weight === 'stop'),
      ]).toEqual([row.name, []])
  })
  test('every height has a range, and the figure lies inside it', () => {
    for (const {
      name,
      matureHeightCm: { value, low, high },
    } of plants)
      expect(low < value && value < high, name).toBe(true)
  })
  test('kinds differ as growers know them: fast stems, slow rhizomes, low carpets', () => {
    const middle = (kind: string, of: (plant: PlantSpecies) => number): number => {
      const values = plants.filter((plant) => plant.kind === kind).map(of)
      return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!
    }
    const days = (plant: PlantSpecies): number => plant.doublingDays.value
    expect(middle('floater', days)).toBeLessThan(middle('stems', days))
    expect(middle('stems', days)).toBeLessThan(middle('carpet', days))
    expect(middle('carpet', days)).toBeLessThan(middle('rhizome', days))
    expect(middle('rhizome', ({ light }) => light.good)).toBeLessThan(middle('stems', ({ light }) => light.good))
    expect(middle('carpet', ({ matureHeightCm }) => matureHeightCm.value)).toBeLessThan(7)
  })
  test('who needs gas is never called undemanding in light', () => {
    const gassed = plants.filter(({ carbon }) => carbon.join() === 'needed')
    expect(gassed.length).toBeGreaterThan(30)
    expect(gassed.filter(({ lightClass }) => lightClass.includes('low'))).toEqual([])
  })
  test('everything on a creeping rhizome that stands on wood rots when buried, but for a stem that only climbs', () => {
    const rhizomes = plants.filter(({ form }) => form === 'rhizome')
    expect(rhizomes.filter(({ buriedRots }) => !buriedRots).map(({ name }) => name)).toEqual(['Hygrophila pinnatifida'])
  })
  test('plants that lists forbid are known, and none is called legal', () => {
    for (const [name, standing] of Object.entries(LEGAL_OF_NAMES)) expect([name, named(name).legal]).toEqual([name, standing])
  })
  test('a descriptive form takes from its species what it does not say itself, and is told to', () => {
    const pink = named('Cryptocoryne wendtii, pink form')
    expect(pink.assumed.matureHeightCm).toBeUndefined()
    expect(pink.colour.strong).toContain('pink')
    expect(named('Rotala rotundifolia').assumed.closingCmPerWeek).toBe('form')
    expect(named('Rotala rotundifolia').closingCmPerWeek).toMatchObject({ confidence: 'C', source: 'estimate' })
  })
})
