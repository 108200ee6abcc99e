import { numberInput, ContradictionError, exactly, numberOf, textOf, type FieldDescriptor, type Working } from '../quantity/working.js'
import { hardnessRise, saltFraction, SALT_IDS, SALT_SPECIES, type SaltId, type SaltSpecies } from '../salts/salts.js'

const litres: FieldDescriptor = numberInput('litres', 'L', 0.001, 1e7)
const saltId: FieldDescriptor = { kind: 'choice', name: 'saltId', choices: SALT_IDS }
const addMgPerL: FieldDescriptor = numberInput('addMgPerL', 'mg/L', 0, 1e5)

export const saltGramsWorking: Working = {
  id: 'feed.salt-grams',
  unit: 'g',
  fields: [saltId, { kind: 'choice', name: 'species', choices: SALT_SPECIES }, addMgPerL, litres],
  formula: 'addMgPerL·litres/1000/(count·M(species)/M(salt))',
  source: 'Atomic weights, IUPAC/CIAAW (2021)',
  compute(inputs) {
    const fraction = saltFraction(textOf(inputs, 'saltId') as SaltId, textOf(inputs, 'species') as SaltSpecies)
    if (fraction === null) throw new ContradictionError(['saltId', 'species'])
    return exactly((numberOf(inputs, 'addMgPerL') * numberOf(inputs, 'litres')) / 1000 / fraction)
  },
}

export const bottleDoseWorking: Working = {
  id: 'feed.bottle-dose',
  unit: 'mL',
  fields: [addMgPerL, litres, numberInput('strengthMgPerMl', 'mg/mL', 0.0001, 2000)],
  formula: 'addMgPerL·litres/strengthMgPerMl',
  source: 'Proportion; the strength as on the label',
  compute: (inputs) => exactly((numberOf(inputs, 'addMgPerL') * numberOf(inputs, 'litres')) / numberOf(inputs, 'strengthMgPerMl')),
}

/** Labels say percent by mass; bottles are dosed by volume. */
export const labelStrengthWorking: Working = {
  id: 'feed.label-strength',
  unit: 'mg/mL',
  fields: [numberInput('percentByMass', '%', 0, 100), numberInput('densityGPerMl', 'g/mL', 0.7, 2.5, 1.05)],
  formula: 'percentByMass/100·densityGPerMl·1000',
  source: 'Definition of mass percent; density 1.0–1.3 g/mL for common solutions',
  compute: (inputs) => exactly(numberOf(inputs, 'percentByMass') * 10 * numberOf(inputs, 'densityGPerMl')),
}

const riseWorking = (id: string, rise: string, of: 'dgh' | 'dkh'): Working => ({
  id,
  unit: 'g',
  fields: [saltId, { kind: 'number', name: rise, unit: of === 'dgh' ? '°dGH' : '°dKH', min: 0, max: 50 }, litres],
  formula: `${rise}/(rise by one gram in one litre)·litres`,
  source: 'Atomic weights, IUPAC/CIAAW (2021); 1 °d = 10 mg CaO per litre',
  compute(inputs) {
    const perGram = hardnessRise(textOf(inputs, 'saltId') as SaltId, 1, numberOf(inputs, 'litres'))[of]
    if (perGram === 0) throw new ContradictionError(['saltId'])
    return exactly(numberOf(inputs, rise) / perGram)
  },
})
export const ghSaltWorking = riseWorking('water.gh-salt', 'riseDgh', 'dgh')
export const khSaltWorking = riseWorking('water.kh-salt', 'riseDkh', 'dkh')
