import { MEQ_PER_DKH, MMOL_PER_DGH } from '../quantity/physicalConstants.js'
import { SALT_FORMULA, type SaltId } from '../quantity/saltFormulas.js'
import { atomsOf, molarMass } from './chemicalFormula.js'

export { SALT_IDS, type SaltId } from '../quantity/saltFormulas.js'

/** A way of writing the same atoms: `counts` of the element in one unit of the written formula. */
const WRITTEN_AS = {
  N: ['N', 'N'],
  NO3_equiv_total_N: ['N', 'NO3'],
  P: ['P', 'P'],
  PO4: ['P', 'PO4'],
  P2O5: ['P', 'P2O5'],
  K: ['K', 'K'],
  K2O: ['K', 'K2O'],
  Mg: ['Mg', 'Mg'],
  MgO: ['Mg', 'MgO'],
  Ca: ['Ca', 'Ca'],
  CaO: ['Ca', 'CaO'],
  S: ['S', 'S'],
  SO4: ['S', 'SO4'],
  Cl: ['Cl', 'Cl'],
  Na: ['Na', 'Na'],
  Fe: ['Fe', 'Fe'],
  Mn: ['Mn', 'Mn'],
  Zn: ['Zn', 'Zn'],
  Cu: ['Cu', 'Cu'],
  B: ['B', 'B'],
  Mo: ['Mo', 'Mo'],
} as const
/** Ions really present, as the formula is written. */
const ION = {
  NO3: /NO3/,
  NH4: /NH4/,
  CO3: /CaCO3/,
  HCO3: /HCO3/,
} as const
export const SALT_SPECIES = [...Object.keys(WRITTEN_AS), ...Object.keys(ION), 'N_NO3', 'N_NH4', 'N_ligand'] as readonly SaltSpecies[]
export type SaltSpecies = keyof typeof WRITTEN_AS | keyof typeof ION | 'N_NO3' | 'N_NH4' | 'N_ligand'

const isChelate = (formula: string): boolean => formula.startsWith('C1') && formula.includes('Fe')

/** Grams of a species per gram of salt; `null` where the salt has none. The nitrogen of a chelate is in its ligand and feeds nothing: it is `N_ligand` only. */
export function saltFraction(salt: SaltId, species: SaltSpecies): number | null {
  const formula: string = SALT_FORMULA[salt]
  const mass = molarMass(formula)
  const nitrogen = atomsOf(formula).N ?? 0
  if (species === 'N_ligand') return isChelate(formula) && nitrogen > 0 ? (nitrogen * molarMass('N')) / mass : null
  if (species === 'N_NO3') return nitrogenOfIon(formula, 'NO3')
  if (species === 'N_NH4') return nitrogenOfIon(formula, 'NH4')
  if (species in ION) {
    const ion = species as keyof typeof ION
    const count = ionCount(formula, ion)
    return count > 0 ? (count * molarMass(ion)) / mass : null
  }
  const [element, written] = WRITTEN_AS[species as keyof typeof WRITTEN_AS]
  if (element === 'N' && isChelate(formula)) return null
  const count = atomsOf(formula)[element] ?? 0
  if (count === 0) return null
  return (count * molarMass(written)) / (atomsOf(written)[element] ?? 1) / mass
}

/** How often the ion stands in the formula: `(NO3)2` is two, `NH4NO3` one of each. */
function ionCount(formula: string, ion: keyof typeof ION): number {
  const bracketed = new RegExp(`\\(${ion}\\)(\\d+)`).exec(formula)
  if (bracketed) return Number(bracketed[1])
  return ION[ion].test(formula) ? 1 : 0
}

function nitrogenOfIon(formula: string, ion: 'NO3' | 'NH4'): number | null {
  const count = ionCount(formula, ion)
  return count > 0 ? (count * molarMass('N')) / molarMass(formula) : null
}

/** mg/L of a species from grams of salt dissolved in litres of water (volume change neglected); `null` where the salt has none. */
export function saltDoseMgPerL(salt: SaltId, species: SaltSpecies, grams: number, litres: number): number | null {
  const fraction = saltFraction(salt, species)
  return fraction === null ? null : (grams * fraction * 1000) / litres
}

/** Rise of general hardness [°dGH] and alkalinity [°dKH] by a dose wholly dissolved. Phosphates are given no alkalinity. */
export function hardnessRise(salt: SaltId, grams: number, litres: number): { readonly dgh: number; readonly dkh: number } {
  const formula: string = SALT_FORMULA[salt]
  const mmolPerL = (grams * 1000) / litres / molarMass(formula)
  const atoms = atomsOf(formula)
  const equivalents = ionCount(formula, 'CO3') * 2 || ionCount(formula, 'HCO3')
  return { dgh: (mmolPerL * ((atoms.Ca ?? 0) + (atoms.Mg ?? 0))) / MMOL_PER_DGH, dkh: (mmolPerL * equivalents) / MEQ_PER_DKH }
}
