import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { work } from '../../quantity/working.js'
import { blueShare, indicatorPh } from '../indicator.js'
import { co2FromDyeWorking } from './co2FromDye.working.js'
import { byteOf, dyeColour, linearOf, type Rgb } from './colour.js'
import { readDye } from './readDye.js'

const WHITE: Rgb = [0.8, 0.8, 0.8]
/** As a camera keeps it: under a lamp of some colour, in some shade, in whole bytes. */
const shot = (colour: Rgb, white: Rgb, shade = 1): Rgb => {
  const kept = colour.map((light, place) => linearOf(byteOf(Math.min(1, light * white[place]! * shade))))
  return [kept[0]!, kept[1]!, kept[2]!]
}

describe('colour of the dye', () => {
  const hueOf = ([red, green, blue]: Rgb): 'blue' | 'green' | 'yellow' => (red > 0.8 * green ? 'yellow' : blue > green ? 'blue' : 'green')
  test('goes from blue over green to yellow as CO2 comes up', () => {
    const at = (co2MgPerL: number): string => hueOf(dyeColour(blueShare(indicatorPh(co2MgPerL, 4, 25)), 0.9))
    expect([2, 28, 150].map(at)).toEqual(['blue', 'green', 'yellow'])
  })
  test('of no dye at all is white, and more dye is darker', () => {
    for (const light of dyeColour(0.3, 0)) expect(light).toBeCloseTo(1, 2)
    const sum = (strength: number): number => dyeColour(0.3, strength).reduce((all, light) => all + light, 0)
    expect(sum(0.6)).toBeGreaterThan(sum(1.2))
  })
  test('bytes and light go to and fro', () => {
    for (let byte = 0; byte < 256; byte++) expect(byteOf(linearOf(byte))).toBe(byte)
  })
})

describe('a photographed liquid', () => {
  test('gives back its share of blue, whatever lamp, shade and strength', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.08, max: 0.6, noNaN: true }),
        fc.double({ min: 0.4, max: 1.6, noNaN: true }),
        fc.double({ min: 0.75, max: 1, noNaN: true }),
        fc.tuple(...([0, 1, 2] as const).map(() => fc.double({ min: 0.5, max: 0.85, noNaN: true }))),
        (share, strength, shade, lamp) => {
          const white: Rgb = [lamp[0]!, lamp[1]!, lamp[2]!]
          const read = readDye(shot(dyeColour(share, strength), white, shade), white)
          expect(read.kind).toBe('read')
          if (read.kind !== 'read') return
          expect(read.low).toBeLessThanOrEqual(share + 0.011)
          expect(read.high).toBeGreaterThanOrEqual(share - 0.011)
          expect(Math.abs(read.share - share)).toBeLessThan(0.1)
        },
      ),
    )
  })
  test('of faint dye says less than one of strong dye', () => {
    const width = (strength: number): number => {
      const read = readDye(shot(dyeColour(0.3, strength), WHITE), WHITE)
      return read.kind === 'read' ? read.high - read.low : NaN
    }
    expect(width(0.3)).toBeGreaterThan(1.5 * width(0.9))
  })
  test.each([
    ['a red thing', [0.6, 0.1, 0.1], WHITE, 'other'],
    ['a violet thing', [0.5, 0.15, 0.6], WHITE, 'other'],
    ['clear water', [0.79, 0.8, 0.79], WHITE, 'pale'],
    ['a grey thing', [0.3, 0.3, 0.3], WHITE, 'pale'],
    ['no white: dark', [0.05, 0.08, 0.03], [0.08, 0.08, 0.08], 'white'],
    ['no white: burnt out', [0.5, 0.8, 0.3], [1, 1, 1], 'white'],
    ['no white: a leaf', [0.3, 0.5, 0.1], [0.15, 0.6, 0.13], 'white'],
  ] as const)('%s is refused', (_name, liquid, white, why) => expect(readDye(liquid, white)).toEqual({ kind: 'refused', why }))
})

test('what the dye says of CO2 is the inverse of its colour', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 3, max: 200, noNaN: true }),
      fc.double({ min: 2, max: 10, noNaN: true }),
      fc.double({ min: 18, max: 30, noNaN: true }),
      (co2MgPerL, referenceKhDkh, temperatureC) => {
        const share = blueShare(indicatorPh(co2MgPerL, referenceKhDkh, temperatureC))
        fc.pre(share > 0.02 && share < 0.98)
        const { figure } = work(co2FromDyeWorking, { blueShare: share, referenceKhDkh, temperatureC })
        expect(figure.value / co2MgPerL).toBeCloseTo(1, 5)
        expect(figure.low!).toBeLessThan(co2MgPerL)
        expect(figure.high!).toBeGreaterThan(co2MgPerL)
      },
    ),
  )
})
