import { speciesWords, traitWords } from '@jovrin/contract'
import { PLANT_TRAITS, standingOf, STANDING_REMARKS, type PlantSite } from '@jovrin/core'
import { cleanup, configure, screen, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { press, type } from '../../../testing/hand.js'
import { libraryPlant, libraryPlants } from '../../../testing/libraryPlants.js'
import { renderPage } from '../../../testing/renderPage.js'
import { problem, standInServer } from '../../../testing/standInServer.js'
import { METRIC, US } from '../../../testing/units.js'
import { EditPlant } from './EditPlant.js'
import { cellsOf, copyOfSpecies, rowOfSpecies } from './ownPlant.js'
import { PlantPortrait } from './PlantPortrait.js'
import { filterOf, foundPlants, plantList } from './plantFilter.js'
import { remarkText, traitText } from '../../shared/species.text.js'
import { TraitTable } from './TraitTable.js'

configure({ defaultHidden: true })
beforeEach(() => localStorage.clear())
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
const list = plantList(libraryPlants())
const names = (text: string, filters = ''): string[] =>
  foundPlants(list, text, filterOf(new URLSearchParams(filters))).map(({ name }) => name)

describe('finding plants', () => {
  test('filters leave what may pass, mildly, and combine with a text', () => {
    const carpets = names('', 'kind=carpet')
    expect(carpets).toContain('Micranthemum tweediei')
    expect(carpets).not.toContain('Rotala rotundifolia')
    expect(names('rotala', 'gas=helps')).toContain('Rotala rotundifolia')
    expect(names('rotala', 'gas=none')).toEqual([])
    expect(names('', 'place=hardscape&ease=easy&light=low').length).toBeGreaterThan(10)
    expect(names('', 'own=1')).toEqual([])
  })
  test('what the address says and nobody knows filters nothing', () =>
    expect(names('', 'kind=fungus')).toHaveLength(libraryPlants().length))
})

describe('what a plant’s page says', () => {
  test('every trait of every plant is told in words, in the reader’s units', () => {
    for (const plant of libraryPlants())
      for (const trait of PLANT_TRAITS) {
        const text = traitText(plant, trait, METRIC)
        expect(text, `${plant.name} ${trait}`).not.toMatch(/undefined|NaN/)
        expect(text.length, `${plant.name} ${trait}`).toBeGreaterThan(0)
      }
    const plant = libraryPlant('Micranthemum tweediei')
    expect(traitText(plant, 'matureHeightCm', METRIC)).toBe('4 cm (2–8)')
    expect(traitText(plant, 'matureHeightCm', US)).toBe('1.6 in (0.79–3.1)')
    expect(traitText(plant, 'temperatureC', US)).toBe('68–81 °F; bears 61 to 84')
  })
  test('each trait stands in the table once, with what it rests on', () => {
    renderPage(<TraitTable plant={libraryPlant('Cryptocoryne wendtii, pink form')} />)
    expect(screen.getAllByRole('row')).toHaveLength(PLANT_TRAITS.length)
    const row = screen.getByRole('row', { name: new RegExp(`^${traitWords.newLeavesCupWeeks}`) })
    expect(row.textContent).toMatch(/commonly reported/)
    expect(screen.getByRole('row', { name: new RegExp(`^${traitWords.portionsPerCup}`) }).textContent).toMatch(
      /assumed, from its form of growth/,
    )
  })
  test('the portrait is told to those who cannot see it', () => {
    renderPage(<PlantPortrait plant={libraryPlant('Rotala macrandra')} />)
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(
      /^Rotala macrandra eight weeks after planting: 35 cm high in strong light with gas, \d+ cm in weak light\.$/,
    )
  })
  test('every reason is a sentence in the reader’s units, and all of them are met in the library', () => {
    const met = new Set<string>()
    const sites: PlantSite[] = [4, 30, 90, 250].flatMap((ppfd) =>
      [true, false].flatMap((isRich) =>
        (['front', 'back', 'hardscape', 'surface'] as const).map((place) => ({
          place,
          light: { low: ppfd * 0.6, value: ppfd, high: ppfd * 1.5 },
          hasGas: isRich,
          co2MgPerL: ppfd > 200 ? 5 : 20,
          waterC: ppfd < 10 ? 12 : ppfd > 200 ? 29 : ppfd > 50 ? 24 : 19,
          warmestC: ppfd > 50 ? 31 : 24,
          headroomCm: isRich ? 40 : 9,
          alkalinity: ppfd > 200 ? null : { low: isRich ? 0.2 : 4, value: isRich ? 0.5 : 4, high: isRich ? 1 : 4 },
          hasRootFood: isRich,
          hasColumnFood: isRich,
          hoursPerWeek: isRich ? null : 0.5,
          hasDiggers: !isRich && ppfd > 50,
        })),
      ),
    )
    for (const plant of libraryPlants())
      for (const site of sites)
        for (const remark of standingOf(plant, site).remarks) {
          met.add(remark.code)
          expect(remarkText(remark, METRIC)).toMatch(/^[A-Z].*\.$/)
        }
    expect(Object.keys(STANDING_REMARKS).filter((code) => !met.has(code))).toEqual([])
  })
})

describe('one’s own words', () => {
  const plant = libraryPlant('Staurogyne repens')
  const edit = (body: unknown, status = 200) => {
    const server = standInServer(() => (status === 200 ? { status, body } : problem(status, 'A carpet is no taller than 12 cm.')))
    const onKept = vi.fn()
    const onClose = vi.fn()
    renderPage(<EditPlant title="Change" row={rowOfSpecies(plant, 'own')} base={plant} onKept={onKept} onClose={onClose} />)
    return { server, onKept, onClose }
  }
  test('only what is said is sent; what stands else is shown below each field', async () => {
    const { server, onClose } = edit({ ...plant, isOwn: true })
    const field = screen.getByLabelText(traitWords.matureHeightCm)
    expect(within(field.closest('.MuiFormControl-root') as HTMLElement).getByText('else 8 (4-12)')).toBeTruthy()
    await type(traitWords.matureHeightCm, '6 (4-9)')
    await press(speciesWords.save)
    expect(server.asked.find(({ method }) => method === 'PUT')).toMatchObject({
      path: '/api/species/staurogyne-repens',
      body: { id: 'staurogyne-repens', traits: { matureHeightCm: { value: 6, low: 4, high: 9, source: 'own' } } },
    })
    expect(onClose).toHaveBeenCalled()
  })
  test('what is wrong stays and is explained at its field, and nothing is sent', async () => {
    const { server, onClose } = edit(plant)
    await type(traitWords.matureHeightCm, '9 (20-30)')
    await press(speciesWords.save)
    expect(await screen.findByText(/“9 \(20-30\)” is turned round/)).toBeTruthy()
    expect(server.asked).toEqual([])
    expect(onClose).not.toHaveBeenCalled()
  })
  test('what the server refuses stands at a field, and what was typed stays', async () => {
    edit(plant, 422)
    await type(traitWords.matureHeightCm, '40 (30-50)')
    await press(speciesWords.save)
    expect(await screen.findByText('A carpet is no taller than 12 cm.')).toBeTruthy()
    expect(screen.getByLabelText<HTMLInputElement>(traitWords.matureHeightCm).value).toBe('40 (30-50)')
  })
  test('a form of one’s own begins with its plant’s name and says nothing else', () => {
    const copy = copyOfSpecies(plant)
    expect(copy).toMatchObject({ name: 'Staurogyne repens, ', like: 'staurogyne-repens', traits: {} })
    expect(Object.values(cellsOf(copy)).filter((cell) => cell !== '')).toEqual([
      'Staurogyne repens, ',
      'Acanthaceae',
      'staurogyne-repens',
      'settled',
      'C',
    ])
  })
})
