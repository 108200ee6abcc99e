import { expect, test } from 'vitest'
import { foundBy, type Find } from './find.js'

const all: readonly Find[] = [
  { group: 'Tanks', label: 'River: Journal', to: '/a' },
  { group: 'Tanks', label: 'River: Plan, Vessel', to: '/b', isSeldom: true },
  { group: 'Calculators', label: 'CO2 from pH and alkalinity', words: 'Gas', to: '/c' },
  { group: 'Calculators', label: 'Gas left in the cylinder', words: 'Gas', to: '/d' },
  { group: 'Records', label: 'Härte', to: '/e' },
]
const found = (typed: string) => foundBy(all, typed).map(({ to }) => to)

test('without a word what is gone to mostly', () => expect(found(' ')).toEqual(['/a', '/c', '/d', '/e']))
test('words in any order, with and without accents, and by what else is said of it', () => {
  expect(found('vessel riv')).toEqual(['/b'])
  expect(found('harte')).toEqual(['/e'])
  expect(found('HÄRTE')).toEqual(['/e'])
  expect(found('gas')).toEqual(['/d', '/c'])
  expect(found('gas river')).toEqual([])
})
