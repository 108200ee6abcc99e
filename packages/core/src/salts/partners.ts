import { hardnessRise, saltDoseMgPerL, type SaltId, type SaltSpecies } from './salts.js'

/** What comes with salts besides what they are weighed for. */
export const PARTNERS = ['Cl', 'Na', 'SO4', 'NO3', 'NH4', 'PO4', 'K', 'Ca', 'Mg', 'Fe', 'urea_N', 'KH_rise'] as const
export type Partner = (typeof PARTNERS)[number]
/** Told even where there is none. */
const ALWAYS: ReadonlySet<Partner> = new Set(['Cl', 'Na', 'SO4'])

/** Additions [mg/L; KH in °dKH] by salts in so many litres that nobody asked for; `asked` are left out. */
export function partnersOf(
  grams: Readonly<Partial<Record<SaltId, number>>>,
  litres: number,
  asked: readonly string[],
  always: ReadonlySet<Partner> = ALWAYS,
): Readonly<Partial<Record<Partner, number>>> {
  const weighed = Object.entries(grams) as [SaltId, number][]
  const sum = (species: SaltSpecies): number =>
    weighed.reduce((all, [salt, amount]) => all + (saltDoseMgPerL(salt, species, amount, litres) ?? 0), 0)
  const rise: Record<Partner, () => number> = {
    ...(Object.fromEntries(
      (['Cl', 'Na', 'SO4', 'NO3', 'NH4', 'PO4', 'K', 'Ca', 'Mg', 'Fe'] as const).map((species) => [species, () => sum(species)]),
    ) as Record<Exclude<Partner, 'urea_N' | 'KH_rise'>, () => number>), // one entry a species
    urea_N: () => saltDoseMgPerL('urea', 'N', grams.urea ?? 0, litres) ?? 0,
    KH_rise: () => weighed.reduce((all, [salt, amount]) => all + hardnessRise(salt, amount, litres).dkh, 0),
  }
  return Object.fromEntries(
    PARTNERS.flatMap((partner) => {
      const found = asked.includes(partner) ? 0 : rise[partner]()
      return found > 1e-12 || (always.has(partner) && !asked.includes(partner)) ? [[partner, found]] : []
    }),
  )
}
