import {
  ContradictionError,
  exactly,
  numberInput,
  numberOf,
  textOf,
  type FieldDescriptor,
  type Working,
  type WorkingInputs,
} from '../quantity/working.js'
import { requireWithin } from '../quantity/outOfRange.js'
import { saltFraction, SALT_IDS, SALT_SPECIES, type SaltId, type SaltSpecies } from '../salts/salts.js'
import { mostDissolvedG } from './solubility.js'

const SALT: readonly FieldDescriptor[] = [
  { kind: 'choice', name: 'saltId', choices: SALT_IDS },
  { kind: 'choice', name: 'species', choices: SALT_SPECIES },
]
const bottleMl = numberInput('bottleMl', 'mL', 1, 100_000, 500)
const SOURCE =
  'Atomic weights, IUPAC/CIAAW (2021); refused over eight tenths of the solubility at 20 °C (Lange’s Handbook of Chemistry), where it is known'

const fractionOf = (inputs: WorkingInputs): number => {
  const fraction = saltFraction(textOf(inputs, 'saltId') as SaltId, textOf(inputs, 'species') as SaltSpecies)
  if (fraction === null) throw new ContradictionError(['saltId', 'species'])
  return fraction
}
/** A bottle with salt on its floor doses less than it says, and more at its end. */
function requireDissolved(inputs: WorkingInputs, grams: number): void {
  const most = mostDissolvedG(textOf(inputs, 'saltId') as SaltId, numberOf(inputs, 'bottleMl'))
  if (most !== null) requireWithin('saltG', grams, 0, most)
}

/** So many grams in so many millilitres: what a millilitre then holds. */
export const stockStrengthWorking: Working = {
  id: 'feed.stock-strength',
  unit: 'mg/mL',
  fields: [...SALT, numberInput('saltG', 'g', 0, 100_000), bottleMl],
  formula: 'saltG·1000·count·M(species)/M(salt)/bottleMl',
  source: SOURCE,
  compute(inputs) {
    const grams = numberOf(inputs, 'saltG')
    requireDissolved(inputs, grams)
    return exactly((grams * 1000 * fractionOf(inputs)) / numberOf(inputs, 'bottleMl'))
  },
}

/** What goes into a bottle of which so many millilitres are to raise a tank by so much. */
export const stockGramsWorking: Working = {
  id: 'feed.stock-grams',
  unit: 'g',
  fields: [
    ...SALT,
    numberInput('addMgPerL', 'mg/L', 0, 1e5),
    numberInput('litres', 'L', 0.001, 1e7),
    numberInput('doseMl', 'mL', 0.01, 10_000, 10),
    bottleMl,
  ],
  formula: 'addMgPerL·litres/1000/(count·M(species)/M(salt))·bottleMl/doseMl',
  source: SOURCE,
  compute(inputs) {
    const aDose = (numberOf(inputs, 'addMgPerL') * numberOf(inputs, 'litres')) / 1000 / fractionOf(inputs)
    const grams = (aDose * numberOf(inputs, 'bottleMl')) / numberOf(inputs, 'doseMl')
    requireDissolved(inputs, grams)
    return exactly(grams)
  },
}
