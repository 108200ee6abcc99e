import { DAY_MIN } from '../../plan/clock.js'

export interface ReadLog {
  readonly readings: readonly { readonly minute: number; readonly pH: number }[]
  /** Clock time of minute 0, where the log tells clock times; else `null`. */
  readonly startMin: number | null
  /** Lines that are no reading, by their number from 1; a heading is none of them. */
  readonly faults: readonly number[]
}

const NUMBER = /^\d+(?:[.,]\d+)?$/
const CLOCK = /^(\d{1,2}):(\d{2})(?::\d{2})?$/

/** Lines of a time and a pH, typed, pasted or from a file: clock times (over midnight too) or minutes, parted by spaces, tabs, semicolons or commas; comma or point is the decimal mark. A first line without digits is a heading; lines that begin with # are remarks. */
export function readLog(text: string): ReadLog {
  const readings: { minute: number; pH: number }[] = []
  const faults: number[] = []
  let startMin: number | null = null
  let [last, days] = [-1, 0]
  text.split(/\r?\n/).forEach((line, index) => {
    const trimmed = line.trim()
    if (trimmed === '' || trimmed.startsWith('#') || (index === 0 && !/\d/.test(trimmed))) return
    const [time = '', value = ''] = cellsOf(trimmed)
    const clock = CLOCK.exec(time)
    const pH = Number(value.replace(',', '.'))
    const isPh = NUMBER.test(value) && pH >= 4 && pH <= 10
    if (!isPh || (clock === null && !NUMBER.test(time))) {
      faults.push(index + 1)
      return
    }
    if (clock === null) {
      readings.push({ minute: Number(time.replace(',', '.')), pH })
      return
    }
    const ofDay = Number(clock[1]) * 60 + Number(clock[2])
    if (ofDay < last) days++
    last = ofDay
    startMin ??= ofDay
    readings.push({ minute: ofDay + days * DAY_MIN - startMin, pH })
  })
  return { readings, startMin, faults }
}

/** Time and value; where the comma parts cells, the point is the decimal mark. A date before the time is passed over. */
function cellsOf(line: string): readonly string[] {
  const cells = (/[;\t]/.test(line) ? line.split(/[;\t]/) : /\s/.test(line) ? line.split(/,?\s+/) : line.split(',')).map((cell) =>
    cell.trim(),
  )
  const filled = cells.filter((cell) => cell !== '')
  return /^\d{4}-\d{2}-\d{2}$/.test(filled[0] ?? '') ? filled.slice(1) : filled
}
