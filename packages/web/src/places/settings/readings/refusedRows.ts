import { lineEndsIn } from '@jovrin/core'
import Papa from 'papaparse'

interface RefusedLine {
  readonly line: number
  readonly detail: string
}

/** The rows of a table that were refused, each with its reason, under the table's own heading: to be mended and brought in again. */
export function refusedRows(
  text: string,
  delimiter: string,
  hasHeader: boolean,
  reasonHead: string,
  refused: readonly RefusedLine[],
): string {
  const reasons = new Map(refused.map(({ line, detail }) => [line, detail]))
  const rows: string[][] = []
  let line = 0
  let isHeader = hasHeader
  for (const cells of Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimiter }).data) {
    const first = line + 1
    line = first + lineEndsIn(cells)
    const isBlank = cells.every((cell) => cell.trim() === '')
    const reason = isHeader && !isBlank ? reasonHead : reasons.get(first)
    if (!isBlank) isHeader = false
    if (reason !== undefined) rows.push([...cells, reason])
  }
  return Papa.unparse(rows, { delimiter })
}
