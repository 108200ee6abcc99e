import { cleanup, render } from '@testing-library/react'
import { afterEach, describe, expect, test } from 'vitest'
import { libraryPlant, libraryPlants } from '../../testing/libraryPlants.js'
import { leafPaths } from './leaf.js'
import { PlantGlyph } from './PlantGlyph.js'
import { plantShape, type PlantShape } from './plantShape.js'
import { shadesAt } from './shades.js'

afterEach(cleanup)
const numbersIn = (d: string): number[] => [...d.matchAll(/-?\d+(?:\.\d+)?/g)].map(([number]) => Number(number))
const all = ({ stalk, blade, fine, root }: PlantShape): string => stalk + blade + fine + root
/** Heights of path data in absolute coordinates: `M`, `L` and `Q` alone. */
const heights = (d: string): number[] => numbersIn(d).filter((_, index) => index % 2 === 1)
const shapeOf = (name: string, options: Partial<Parameters<typeof plantShape>[1]> = {}): PlantShape =>
  plantShape(libraryPlant(name), { heightCm: 20, widthCm: 6, light: 1, seed: 1, ...options })

describe('the gesture of a plant', () => {
  test('every plant of the library can be drawn, small or grown, and no number is lost', () => {
    for (const plant of libraryPlants())
      for (const heightCm of [plant.plantingHeightCm.value, plant.matureHeightCm.value]) {
        const d = all(plantShape(plant, { heightCm, widthCm: plant.spreadCm.value, light: 0.5, seed: 3 }))
        expect(d, plant.name).not.toMatch(/NaN|Infinity|undefined|e-/)
        expect(numbersIn(d).length, plant.name).toBeGreaterThan(20)
        expect(d.length, plant.name).toBeLessThan(40_000)
      }
  })
  test('the same plant is drawn the same, another one differs', () => {
    expect(shapeOf('Rotala rotundifolia')).toEqual(shapeOf('Rotala rotundifolia'))
    expect(shapeOf('Rotala rotundifolia')).not.toEqual(shapeOf('Rotala wallichii'))
  })
  test('a stem is as high as it is told, and has fewer whorls in weak light', () => {
    const strong = shapeOf('Bacopa caroliniana', { widthCm: 3 })
    expect(-Math.min(...heights(strong.stalk))).toBeGreaterThan(15)
    expect(-Math.min(...heights(strong.stalk))).toBeLessThanOrEqual(20)
    expect(shapeOf('Bacopa caroliniana', { widthCm: 3, light: 0 }).blade.length).toBeLessThan(strong.blade.length)
  })
  test('whorled leaves are more than paired ones; finely divided ones are lines', () => {
    expect(shapeOf('Limnophila sessiliflora').fine).not.toBe('')
    expect(shapeOf('Limnophila sessiliflora').blade).toBe('')
    expect(shapeOf('Bacopa caroliniana').blade).not.toBe('')
  })
  test('a rhizome is drawn as one, roots hang below a floater', () => {
    expect(shapeOf('Anubias barteri var. nana').root).not.toBe('')
    expect(Math.max(...heights(shapeOf('Pistia stratiotes').root))).toBeGreaterThan(0)
  })
})

describe('a leaf', () => {
  const leaf = { outline: 'elliptic', margin: 'entire', lengthCm: 4, widthCm: 1, x: 0, y: 0, lean: 0 } as const
  test('stands upright at its length and half its width to either side', () => {
    const d = numbersIn(leafPaths(leaf).blade)
    const xs = d.filter((_, index) => index % 2 === 0)
    expect(Math.max(...xs)).toBeCloseTo(0.5, 1)
    expect(Math.min(...xs)).toBeCloseTo(-0.5, 1)
    expect(Math.min(...heights(leafPaths(leaf).blade))).toBeCloseTo(-4, 1)
  })
  test('leans to the right when it is told to', () =>
    expect(Math.max(...numbersIn(leafPaths({ ...leaf, lean: Math.PI / 2 }).blade))).toBeCloseTo(4, 1))
})

test('colours come with light, their tips first', () => {
  const colour = { weak: ['green'], strong: ['red', 'pink'] } as const
  expect([1, 0.4, 0].map((light) => shadesAt(colour, light))).toEqual([
    { leaf: 'red', tip: 'pink' },
    { leaf: 'green', tip: 'red' },
    { leaf: 'green', tip: 'green' },
  ])
})

test('glyphs say nothing to those who cannot see them: the name stands beside', () => {
  const { container } = render(<PlantGlyph plant={libraryPlant('Riccia fluitans')} widthPx={50} heightPx={40} />)
  expect(container.querySelector('svg')?.getAttribute('aria-hidden')).toBe('true')
})
