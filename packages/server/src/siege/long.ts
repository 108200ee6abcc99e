/** A long siege, and the short one that every run makes. */
export const IS_LONG = process.env['JOVRIN_LONG'] !== undefined
export const times = (short: number, long: number): number => (IS_LONG ? long : short)
/** A short siege is the same each time; a long one is new, and says its seed so that it can be had again. */
export const SEED = IS_LONG ? Number(process.env['JOVRIN_SEED'] ?? Date.now() % 1_000_000) : 20_261_127

/** What a siege measured, one line. */
export const report = (what: string, figures: Readonly<Record<string, number | string>>): void =>
  console.log(
    `${what}: ${Object.entries(figures)
      .map(([name, value]) => `${name} ${value}`)
      .join(', ')}`,
  )
