export { alkalinityOfDkh, co2FromPh, dkhOfAlkalinity, phFromCo2 } from './carbonate.js'
export { tapOf } from './tapOf.js'
