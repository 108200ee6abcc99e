export { alkalinityOfDkh, dkhOfAlkalinity, phFromCo2 } from './carbonate.js'
