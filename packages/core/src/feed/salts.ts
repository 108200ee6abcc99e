import { MEQ_PER_DKH, MMOL_PER_DGH } from '../quantity/physicalConstants.js'
import { atomsOf, molarMass } from './chemicalFormula.js'

/** Pure fertiliser salts by chemical name; hydrate water after a full stop. Commercial chelates hold somewhat less iron than these formulas. */
export const SALT_FORMULA = {
  'potassium-nitrate': 'KNO3',
  'monopotassium-phosphate': 'KH2PO4',
  'dipotassium-phosphate': 'K2HPO4',
  'potassium-sulfate': 'K2SO4',
  'potassium-bicarbonate': 'KHCO3',
  'magnesium-sulfate-heptahydrate': 'MgSO4.7H2O',
  'magnesium-nitrate-hexahydrate': 'Mg(NO3)2.6H2O',
  'calcium-nitrate-tetrahydrate': 'Ca(NO3)2.4H2O',
  'calcium-sulfate-dihydrate': 'CaSO4.2H2O',
  'calcium-chloride-anhydrous': 'CaCl2',
  'calcium-chloride-dihydrate': 'CaCl2.2H2O',
  'calcium-carbonate': 'CaCO3',
  'sodium-bicarbonate': 'NaHCO3',
  'ammonium-nitrate': 'NH4NO3',
  'ammonium-sulfate': '(NH4)2SO4',
  'monoammonium-phosphate': 'NH4H2PO4',
  urea: 'CO(NH2)2',
  'iron-edta-sodium-anhydrous': 'C10H12FeN2NaO8',
  'iron-edta-sodium-trihydrate': 'C10H12FeN2NaO8.3H2O',
  'iron-dtpa-sodium-hydrogen': 'C14H19FeN3NaO10',
  'iron-dtpa-disodium': 'C14H18FeN3Na2O10',
  'iron-gluconate-dihydrate': 'C12H22FeO14.2H2O',
  'iron-sulfate-heptahydrate': 'FeSO4.7H2O',
  'manganese-sulfate-monohydrate': 'MnSO4.H2O',
  'zinc-sulfate-heptahydrate': 'ZnSO4.7H2O',
  'copper-sulfate-pentahydrate': 'CuSO4.5H2O',
  'boric-acid': 'H3BO3',
  'sodium-molybdate-dihydrate': 'Na2MoO4.2H2O',
} as const
export type SaltId = keyof typeof SALT_FORMULA
export const SALT_IDS = Object.keys(SALT_FORMULA) as SaltId[]

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
