import { AnimalSpeciesSchema, PLANT_COLUMNS, PlantImportReport, PlantSpeciesSchema, writePlantRow } from '@jovrin/contract'
import type { AnimalSpecies, PlantRow, PlantSpecies } from '@jovrin/core'
import Papa from 'papaparse'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { z } from 'zod'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
beforeEach(async () => {
  server = await testServer()
})
afterEach(() => server.close())

const list = async (query = ''): Promise<PlantSpecies[]> =>
  (await server.agent.get(`/api/species${query}`).expect(200)).body as PlantSpecies[]
const one = async (id: string): Promise<PlantSpecies> => (await server.agent.get(`/api/species/${id}`).expect(200)).body as PlantSpecies
const own: PlantRow = {
  id: 'rotala-from-the-window',
  name: 'Rotala sp., from the window sill',
  olderNames: ['Rotala of the cellar'],
  family: 'Lythraceae',
  like: null,
  nameStanding: 'settled',
  confidence: 'C',
  source: 'own',
  traits: { matureHeightCm: { value: 22, low: 18, high: 30, confidence: 'B', source: 'own' } },
}
const bringIn = async (text: string, { kind = 'csv', dryRun = false } = {}): Promise<PlantImportReport> =>
  PlantImportReport.parse((await server.agent.post(`/api/species?dryRun=${dryRun}`).send({ kind, text }).expect(200)).body)

describe('the library by the API', () => {
  test('hands out every trait under its name, ranges and classes', async () => {
    const all = await list('?group=plant')
    expect(all.length).toBeGreaterThan(280)
    for (const species of all) PlantSpeciesSchema.parse(species)
    expect(await one('micranthemum-tweediei')).toMatchObject({
      id: 'micranthemum-tweediei',
      group: 'plant',
      name: 'Micranthemum tweediei',
      kind: 'carpet',
      form: 'carpet',
      places: ['front'],
      feeding: 'both',
      attaches: 'no',
      buriedRots: false,
      melt: { pot: 'slight', cup: 'none' },
      reachesSurface: false,
      temperatureC: { min: 16, goodLow: 20, goodHigh: 27, max: 29 },
      light: { min: 40 },
      matureHeightCm: { value: 4, low: 2, high: 8, confidence: 'B', source: 'culture' },
    })
  })
  test('hands out animals, by older names and plain words too', async () => {
    const found = async (query: string): Promise<AnimalSpecies[]> => {
      const { body } = await server.agent.get(`/api/species?group=animal${query}`).expect(200)
      return z.array(AnimalSpeciesSchema).parse(body)
    }
    expect(await found('')).toHaveLength(135)
    expect((await found('&search=corydoras%20panda'))[0]?.name).toBe('Hoplisoma panda')
    expect((await found('&search=snail-eating')).map(({ id }) => id)).toEqual(['anentome-helena'])
  })
  test('finds by older names, and refuses what is no group', async () => {
    const [first] = await list('?search=Hemianthus%20callitrichoides')
    expect(first?.name).toBe('Micranthemum callitrichoides')
    expect(first?.olderNames).toContain('Hemianthus callitrichoides')
    await server.agent.get('/api/species?group=fungus').expect(400)
    await server.agent.get('/api/species/no-such-plant').expect(404)
  })
})

describe('plants of one’s own', () => {
  test('say what they say and take the rest from genus and form', async () => {
    const { body } = await server.agent.put(`/api/species/${own.id}`).send(own).expect(200)
    expect(body).toMatchObject({ isOwn: true, form: 'stem', kind: 'stems', matureHeightCm: { value: 22 }, ownTraits: ['matureHeightCm'] })
    expect(body.assumed).toMatchObject({ light: 'genus', closingCmPerWeek: 'form' })
    expect((await list('?search=cellar')).map(({ id }) => id)).toEqual([own.id])
    await server.agent.delete(`/api/species/${own.id}`).expect(200)
    await server.agent.get(`/api/species/${own.id}`).expect(404)
    await server.agent.delete(`/api/species/${own.id}`).expect(404)
  })
  test('a change of a library plant lies over it and goes again; the rest stays the library’s', async () => {
    const before = await one('rotala-macrandra')
    const mine = { ...own, id: before.id, name: before.name, olderNames: before.olderNames, family: before.family }
    const { body } = await server.agent.put(`/api/species/${before.id}`).send(mine).expect(200)
    expect(body).toMatchObject({ isOwn: true, matureHeightCm: { value: 22, source: 'own' }, ownTraits: ['matureHeightCm'] })
    expect(body.light).toEqual(before.light)
    expect((await list('?search=rotala%20macrandra,%20narrow'))[0]?.assumed['matureHeightCm']).toBeUndefined()
    await server.agent.delete(`/api/species/${before.id}`).expect(200)
    expect(await one('rotala-macrandra')).toEqual(before)
  })
  test('nonsense is refused with its trait and a sentence, and nothing is kept', async () => {
    const tall = { ...own, traits: { kind: 'carpet', matureHeightCm: { value: 40, low: 30, high: 50, confidence: 'B', source: 'own' } } }
    const { body } = await server.agent.put(`/api/species/${own.id}`).send(tall).expect(422)
    expect(body).toMatchObject({
      field: 'matureHeightCm',
      detail: 'A carpet stays lower than that. Choose another group, or a lower height.',
    })
    const nowhere = { ...own, name: 'Nusquama ignota', traits: {} }
    await server.agent.put(`/api/species/${own.id}`).send(nowhere).expect(422)
    await server.agent.put('/api/species/other').send(own).expect(409)
    await server.agent.get(`/api/species/${own.id}`).expect(404)
  })
  test('a plant from which another takes traits is not taken out from under it', async () => {
    await server.agent.put(`/api/species/${own.id}`).send(own).expect(200)
    const form = { ...own, id: 'rotala-window-red', name: 'Rotala sp., from the window sill, red', like: own.id, traits: {} }
    const { body } = await server.agent.put(`/api/species/${form.id}`).send(form).expect(200)
    expect(body).toMatchObject({ matureHeightCm: { value: 22, confidence: 'B' }, assumed: { matureHeightCm: 'species' } })
    await server.agent.delete(`/api/species/${own.id}`).expect(409)
  })
})

describe('files of plants', () => {
  const head = PLANT_COLUMNS.join(',')
  const line = (cells: Record<string, string>): string => Papa.unparse([PLANT_COLUMNS.map((column) => cells[column] ?? '')])
  const good = line({
    name: 'Rotala sp., cellar form',
    matureHeightCm: '20 (15-30) B',
    colourWeak: 'green',
    colourStrong: 'red; pink',
    redNeeds: 'light',
  })

  test('a dry run keeps nothing; the run after it keeps the sound rows and names what is wrong with the others', async () => {
    const text = [
      head,
      good,
      line({ name: 'Rotala sp., bad', matureHeightCm: 'tall', carbon: 'much', meltPot: 'full' }),
      line({ name: 'Nusquama ignota' }),
      line({ name: 'Rotala sp., cellar form' }),
      line({ name: '', family: 'Lythraceae' }),
    ].join('\r\n')
    const dry = await bringIn(text, { dryRun: true })
    expect(dry).toMatchObject({ added: 1, refused: 4, isDryRun: true })
    expect(dry.rows.map(({ line: at, state, faults }) => [at, state, faults.map(({ column }) => column)])).toEqual([
      [2, 'new', []],
      [3, 'refused', ['carbon', 'matureHeightCm', 'meltCup'].sort((a, b) => PLANT_COLUMNS.indexOf(a) - PLANT_COLUMNS.indexOf(b))],
      [4, 'refused', ['form']],
      [5, 'refused', ['id']],
      [6, 'refused', ['name']],
    ])
    expect(dry.rows[1]?.faults[0]?.detail).toMatch(/“tall” is not a figure/)
    expect(await list('?search=cellar%20form')).toEqual([])
    expect(await bringIn(text)).toMatchObject({ added: 1, refused: 4 })
    expect(await bringIn(text)).toMatchObject({ added: 0, same: 1 })
    expect((await list('?search=cellar%20form'))[0]).toMatchObject({
      matureHeightCm: { value: 20, source: 'own' },
      colour: { strong: ['red', 'pink'] },
    })
  })
  test('everything that goes out comes back as what is there already, as a table and as a document', async () => {
    await bringIn([head, good].join('\n'))
    for (const kind of ['csv', 'json']) {
      const { text } = await server.agent.get(`/api/species.${kind}?which=all`).expect(200)
      const report = await bringIn(text, { kind })
      expect([kind, report.refused, report.added, report.changed]).toEqual([kind, 0, 0, 0])
      expect(report.same).toBeGreaterThan(284)
    }
    const { text } = await server.agent.get('/api/species.csv?which=own').expect(200)
    expect(text.trim().split('\r\n')).toHaveLength(2)
  })
  test('of a library plant in a file only what differs becomes one’s own', async () => {
    const species = await one('anubias-gracilis')
    const text = [
      head,
      line({ ...writePlantRow({ ...species, like: null, traits: {} }), spreadCm: '33 (30-36)', form: species.form }),
    ].join('\n')
    expect(await bringIn(text)).toMatchObject({ changed: 1 })
    expect((await one('anubias-gracilis')).ownTraits).toEqual(['spreadCm'])
  })
  test('a name that would be a formula comes out guarded and goes in as it was', async () => {
    await server.agent
      .put('/api/species/own-sum')
      .send({ ...own, id: 'own-sum', name: '=1+1', traits: { form: 'stem', legal: 'none-known' } })
      .expect(200)
    const { text } = await server.agent.get('/api/species.csv?which=own').expect(200)
    expect(text).toContain("'=1+1")
    expect(await bringIn(text)).toMatchObject({ same: 1, refused: 0 })
  })
  test.each([
    ['no table at all', 'csv', 'hello'],
    ['an open quotation mark', 'csv', 'name,form\n"Rotala,stem'],
    ['no JSON', 'json', '{'],
    ['another document', 'json', '{"format":"other"}'],
  ])('%s is refused in a sentence', async (_what, kind, text) => {
    const { body } = await server.agent.post('/api/species').send({ kind, text }).expect(422)
    expect(body.detail).toMatch(/[.]$/)
  })
})

describe('notes on how a plant did', () => {
  const note = {
    id: '01890a5d-ac96-774b-bcce-b302099a8057',
    plantId: 'anubias-gracilis',
    tankId: null,
    notedOn: '2026-10-01',
    outcome: 'thrived',
    text: 'Twice as wide in a year, in the shade of the wood.',
  }
  const at = `/api/species/${note.plantId}/notes`
  test('are kept by date, in a tank or anywhere, and go with the tank', async () => {
    await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
    await server.agent.put(`${at}/${note.id}`).send(note).expect(200)
    const other = { ...note, id: '01890a5d-ac96-774b-bcce-b302099a8058', tankId: TANK_ID, notedOn: '2026-11-01', outcome: 'failed' }
    await server.agent.put(`${at}/${other.id}`).send(other).expect(200)
    expect((await server.agent.get(at).expect(200)).body).toEqual([other, note])
    await server.agent.delete(`/api/tanks/${TANK_ID}`).expect(204)
    await server.agent.delete(`/api/archive/${TANK_ID}`).expect(204)
    expect((await server.agent.get(at).expect(200)).body).toEqual([note])
    await server.agent.delete(`${at}/${note.id}`).expect(200)
    await server.agent.delete(`${at}/${note.id}`).expect(404)
  })
  test('are refused for plants and tanks that are not there', async () => {
    await server.agent
      .put(`${at}/${note.id}`)
      .send({ ...note, tankId: TANK_ID })
      .expect(404)
    await server.agent
      .put(`/api/species/nothing/notes/${note.id}`)
      .send({ ...note, plantId: 'nothing' })
      .expect(404)
    await server.agent
      .put(`${at}/${note.id}`)
      .send({ ...note, notedOn: 'soon' })
      .expect(400)
  })
})
