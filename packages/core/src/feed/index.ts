export { SALT_IDS, SALT_SPECIES, type SaltId, type SaltSpecies } from './salts.js'
export { dailySalts, type SaltDose } from './schoolDoses.js'
export { SCHOOL } from './schools.js'
