import { readFileSync } from 'node:fs'
import { expect } from 'vitest'

const FOLDER = new URL('../../reference/', import.meta.url)

/** One row of a reference table: a number where the cell is one. */
export interface ReferenceRow {
  number(column: string): number
  text(column: string): string
}

/** Reads an independent table of expected values; `#` lines are comments. Throws if it holds no row, so that a test over it cannot pass empty. */
export function referenceTable(name: string): readonly ReferenceRow[] {
  const lines = readFileSync(new URL(`${name}.csv`, FOLDER), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'))
  const [header = '', ...body] = lines
  const columns = header.trim().split(',')
  if (body.length === 0) throw new Error(`${name} has no rows`)
  return body.map((line) => {
    const cells = line.trim().split(',')
    const text = (column: string): string => {
      const cell = cells[columns.indexOf(column)]
      if (cell === undefined) throw new Error(`${name} has no column ${column}`)
      return cell
    }
    return { text, number: (column) => Number(text(column)) }
  })
}

/** The tables' own tolerance: equal formulas and constants agree to 1e-8 relative (values are printed with 10 digits). */
export function expectRelative(actual: number, expected: number, tolerance = 1e-8, label = ''): void {
  const scale = Math.max(Math.abs(expected), 1e-12)
  expect(Math.abs(actual - expected) / scale, `${label} got ${actual}, table says ${expected}`).toBeLessThanOrEqual(tolerance)
}
