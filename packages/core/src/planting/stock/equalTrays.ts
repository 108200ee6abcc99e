import type { CountedSpecies } from '../bedsOf.js'

/** One plant of a map, bought once for several tanks that are planted alike. */
export interface TrayRow {
  readonly of: CountedSpecies
  /** To buy in all: pots, bunches or cups. */
  readonly pots: number
  /** In each tray: never less than the map asks for. */
  readonly each: number
  /** Left when all trays are alike. */
  readonly over: number
}

/** Splits one stock into so many equal trays: as few pots as give each tank what its map asks for, what is over shared out as far as it goes evenly. `trays` 1–12. */
export const equalTrays = (counted: readonly CountedSpecies[], trays: number): TrayRow[] =>
  counted.map((of) => {
    const pots = Math.ceil((of.portions * trays) / of.perRetail)
    const each = Math.floor((pots * of.perRetail) / trays)
    return { of, pots, each, over: pots * of.perRetail - each * trays }
  })
