import type { Spot } from '../numeric/ring.js'
import { requireWithin } from '../quantity/outOfRange.js'
import { exactly, numberInput, numberOf, rowsOf, type Working } from '../quantity/working.js'
import { keptAreaCm2, portionsRaw, roundedUp } from './portions.js'

const MOST_RINGS = 60
const MOST_CORNERS = 4000
const LEAST_CORNERS = 3

export const plantingPortionsWorking: Working = {
  id: 'planting.portions',
  unit: '1',
  fields: [
    numberInput('lengthCm', 'cm', 1, 1000),
    numberInput('widthCm', 'cm', 1, 500),
    numberInput('spacingCm', 'cm', 0.2, 100),
    {
      kind: 'rows',
      name: 'corners',
      fields: [
        { kind: 'number', name: 'ring', unit: '1', min: 0, max: MOST_RINGS, whole: true },
        numberInput('xCm', 'cm', -1000, 2000),
        numberInput('yCm', 'cm', -1000, 2000),
      ],
      maxRows: MOST_CORNERS,
    },
  ],
  formula: '⌈(area of ring 0 within lengthCm × widthCm, less rings 1 …)·2/(√3·spacingCm²)⌉',
  source: 'Geometry: triangular lattice, by area alone, no margin at the edges',
  compute(inputs) {
    const rings: Spot[][] = []
    for (const row of rowsOf(inputs, 'corners')) {
      const ring = (rings[Number(row['ring'])] ??= [])
      ring.push({ xCm: Number(row['xCm']), yCm: Number(row['yCm']) })
    }
    const [patch = [], ...stones] = Array.from(rings, (ring) => ring ?? [])
    requireWithin('corners', patch.length, LEAST_CORNERS, MOST_CORNERS)
    const area = keptAreaCm2(patch, stones, numberOf(inputs, 'lengthCm'), numberOf(inputs, 'widthCm'))
    return exactly(roundedUp(portionsRaw(area, numberOf(inputs, 'spacingCm'))))
  },
}
