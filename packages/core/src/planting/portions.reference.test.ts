import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { integrateOverY, patchwork } from '../numeric/patchwork.js'
import { areaCm2, type Ring } from '../numeric/ring.js'
import { work } from '../quantity/working.js'
import '../testing/properties.js'
import { expectRelative, referenceTable, type ReferenceRow } from '../testing/referenceTable.js'
import { gridTabs, keptAreaCm2, portionsRaw, retailOf } from './portions.js'
import { plantingPortionsWorking } from './portions.working.js'

interface Task {
  readonly id: string
  readonly kind: 'patch' | 'tabs' | 'ground'
  readonly glass: readonly [number, number]
  readonly patch: readonly (readonly [number, number])[]
  readonly stones?: readonly (readonly (readonly [number, number])[])[]
  readonly spacingCm: number
  readonly perPot: number
  readonly gridCm: number
  readonly perPack: number
  readonly frontCm: number
  readonly backCm: number
  readonly settlingShare: number
  readonly bagL: number
}
const FOLDER = join(import.meta.dirname, '../../reference/planting')
const { tasks } = JSON.parse(readFileSync(join(FOLDER, 'tasks.json'), 'utf8')) as { readonly tasks: readonly Task[] }
const ring = (corners: readonly (readonly [number, number])[]): Ring => corners.map(([xCm, yCm]) => ({ xCm, yCm }))
const stonesOf = ({ stones = [] }: Task): Ring[] => stones.map(ring)
/** Answers by id. */
const answers = (name: string): ReadonlyMap<string, ReferenceRow> =>
  new Map(referenceTable(`planting/${name}`).map((row) => [row.text('id'), row]))
const inGlass = ({ patch, glass: [l, w] }: Task): number => keptAreaCm2(ring(patch), [], l, w)

describe('portions and pots of the reference', () => {
  const expected = answers('portions')
  const patches = tasks.filter(({ kind }) => kind === 'patch')
  test('every task has its answer', () => expect(patches.map(({ id }) => id)).toEqual([...expected.keys()]))
  test.each(patches)('$id', (task) => {
    const answer = expected.get(task.id)!
    const net = keptAreaCm2(ring(task.patch), stonesOf(task), ...task.glass)
    expectRelative(areaCm2(ring(task.patch)), answer.number('outline_cm2'), 1e-9)
    expectRelative(inGlass(task), answer.number('in_glass_cm2'), 1e-9)
    expectRelative(net, answer.number('net_cm2'), 1e-9)
    expectRelative(portionsRaw(net, task.spacingCm), answer.number('portions_raw'), 1e-9)
    expect(retailOf(net, task.spacingCm, task.perPot)).toEqual({
      portions: answer.number('portions'),
      pots: answer.number('pots'),
      spare: answer.number('spare'),
    })
    const corners = [task.patch, ...(task.stones ?? [])].flatMap((one, at) => one.map(([xCm, yCm]) => ({ ring: at, xCm, yCm })))
    const [lengthCm, widthCm] = task.glass
    expect(work(plantingPortionsWorking, { lengthCm, widthCm, spacingCm: task.spacingCm, corners }).figure.value).toBe(
      answer.number('portions'),
    )
  })
})

describe('root tabs of the reference', () => {
  const expected = answers('root_tabs')
  test.each(tasks.filter(({ kind }) => kind === 'tabs'))('$id', (task) => {
    const answer = expected.get(task.id)!
    const net = keptAreaCm2(ring(task.patch), stonesOf(task), ...task.glass)
    expectRelative(net, answer.number('net_cm2'), 1e-9)
    expect(gridTabs(net, task.gridCm, task.perPack)).toEqual({
      tabs: answer.number('tabs'),
      packs: answer.number('packs'),
      spare: answer.number('spare'),
    })
  })
})

describe('ground of the reference', () => {
  const expected = answers('ground')
  test.each(tasks.filter(({ kind }) => kind === 'ground'))('$id: a sloped layer over a zone, settling and bags', (task) => {
    const answer = expected.get(task.id)!
    const [l, w] = task.glass
    const litres =
      patchwork([ring(task.patch)], l, w)
        .filter(({ owner }) => owner === 0)
        .reduce((sum, cell) => sum + integrateOverY(cell, (y) => task.frontCm + ((task.backCm - task.frontCm) * y) / w), 0) / 1000
    expectRelative(litres, answer.number('volume_l'), 1e-9)
    const settled = litres * (1 + task.settlingShare)
    const bags = Math.ceil(settled / task.bagL)
    expect(bags).toBe(answer.number('bags'))
    expectRelative(bags * task.bagL - settled, answer.number('left_l'), 1e-7)
  })
})

describe('laws of portions', () => {
  test('the example of the craft, by hand: 420 cm² at 2.5 cm are 78 portions, 5 cups of 18, 12 over', () =>
    expect(retailOf(420, 2.5, 18)).toEqual({ portions: 78, pots: 5, spare: 12 }))
  test('nothing is nothing', () => expect(retailOf(0, 3, 10)).toEqual({ portions: 0, pots: 0, spare: 0 }))
  test('what is kept and what stones take add up to what is in the glass, either way round', () => {
    const corner = fc.record({ xCm: fc.double({ min: -10, max: 70, noNaN: true }), yCm: fc.double({ min: -10, max: 46, noNaN: true }) })
    const triangle = fc.array(corner, { minLength: 3, maxLength: 3 })
    fc.assert(
      fc.property(triangle, fc.array(triangle, { maxLength: 3 }), (patch, stones) => {
        const whole = keptAreaCm2(patch, [], 60, 36)
        const kept = keptAreaCm2(patch, stones, 60, 36)
        expect(kept).toBeLessThanOrEqual(whole + 1e-6)
        expect(kept).toBeGreaterThanOrEqual(-1e-9)
        expect(
          keptAreaCm2(
            [...patch].reverse(),
            stones.map((stone) => [...stone].reverse()),
            60,
            36,
          ),
        ).toBeCloseTo(kept, 6)
        expect(keptAreaCm2(patch, [...stones, ...stones], 60, 36)).toBeCloseTo(kept, 6)
      }),
    )
  })
  test('a patch of two corners is refused by name', () =>
    expect(() =>
      work(plantingPortionsWorking, { lengthCm: 60, widthCm: 36, spacingCm: 2, corners: [{ ring: 0, xCm: 1, yCm: 1 }] }),
    ).toThrow(/corners is 1/))
})
