import { describe, expect, test } from 'vitest'
import { readingColumn, guessColumn } from './guessColumn.js'
import { USUAL_KITS, type Kit } from './kits.js'
import { unitNamed } from './unitNamed.js'
import { unitsOf } from './entry.js'
import { READING_QUANTITIES } from '../plan/journal.js'

const elementKit: Kit = { quantity: 'nitrate', name: null, unit: 'mg N/L', step: null, lowest: null, expiresOn: null }

describe('a heading', () => {
  test.each([
    ['NO3 (mg/l)', 'nitrate', 'mg NO3/L'],
    ['NO₃ [mg/L]', 'nitrate', 'mg NO3/L'],
    ['NO3-N (mg/l)', 'nitrate', 'mg N/L'],
    ['NO3-N', 'nitrate', 'mg N/L'],
    ['Nitrate (mg N/L)', 'nitrate', 'mg N/L'],
    ['Nitrat mg/l', 'nitrate', 'mg NO3/L'],
    ['nitrates ppm NO3', 'nitrate', 'mg NO3/L'],
    ['Nitraat ppm', 'nitrate', 'mg NO3/L'],
    ['PO4-P mg/l', 'phosphate', 'mg P/L'],
    ['Phosphat', 'phosphate', 'mg PO4/L'],
    ['NH4', 'ammonia', 'mg NH4/L'],
    ['NH3 (ppm)', 'ammonia', 'mg NH3/L'],
    ['KH (°dH)', 'alkalinity', '°dKH'],
    ['Karbonathärte', 'alkalinity', '°dKH'],
    ['KH ppm CaCO3', 'alkalinity', 'mg/L CaCO3'],
    ['GH °dGH', 'hardness', '°dGH'],
    ['Temp (°C)', 'temperature', '°C'],
    ['Temp F', 'temperature', '°F'],
    ['Wassertemperatur', 'temperature', '°C'],
    ['Eisen [mg/l]', 'iron', 'mg/L'],
    ['Leitfähigkeit µS/cm', 'conductivity', 'µS/cm'],
    ['pH-Wert', 'pH', ''],
    ['Fe', 'iron', 'mg/L'],
  ])('%s is %s in %s', (head, quantity, unit) => expect(guessColumn(head, USUAL_KITS)).toMatchObject({ use: 'reading', quantity, unit }))
  test.each([
    ['Datum', 'date'],
    ['Uhrzeit', 'time'],
    ['Fecha', 'date'],
    ['Heure', 'time'],
    ['Data', 'date'],
    ['Zeitpunkt', 'at'],
    ['Date/Time', 'at'],
    ['Bemerkung', 'note'],
    ['enteredUnit', 'enteredUnit'],
    ['Mood', 'ignore'],
    ['', 'ignore'],
  ])('%s is the %s', (head, use) => expect(guessColumn(head, USUAL_KITS)).toEqual({ use }))
  test.each([
    ['pH (24 h)', 'degassed'],
    ['pH vor CO2', 'gas-on'],
    ['pH, lights on', 'lights-on'],
    ['pH gas off', 'gas-off'],
    ['pH in the morning', null],
    ['pH', null],
  ])('%s was taken at %s', (head, moment) =>
    expect(guessColumn(head, USUAL_KITS)).toEqual({ use: 'reading', quantity: 'pH', unit: '', moment }),
  )
  test('leaves the unit to the kit where it names none', () => {
    expect(guessColumn('Nitrate', [elementKit])).toMatchObject({ unit: 'mg N/L' })
    expect(guessColumn('Nitrate (mg/l)', [elementKit])).toMatchObject({ unit: 'mg N/L' })
    expect(guessColumn('NO3 (mg/l)', [elementKit])).toMatchObject({ unit: 'mg NO3/L' })
  })
  test('of a column that was chosen by hand tells its unit too', () =>
    expect(readingColumn('nitrate', 'Teststreifen (NO3 mg/l)', [elementKit])).toMatchObject({ unit: 'mg NO3/L' }))
})

test('every unit is found by its own name, however it is set', () => {
  for (const quantity of READING_QUANTITIES)
    for (const unit of unitsOf(quantity).filter((name) => /[a-z]/i.test(name))) {
      expect(unitNamed(quantity, unit), unit).toBe(unit)
      expect(unitNamed(quantity, ` ${unit.toUpperCase()} `), unit).toBe(unit)
    }
})
test('a unit of something else is none', () => {
  expect(unitNamed('nitrate', 'mg PO4/L')).toBeNull()
  expect(unitNamed('nitrate', 'mg/l')).toBeNull()
  expect(unitNamed('temperature', 'K')).toBeNull()
})
