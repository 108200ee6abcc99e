export { gasAnimalsAt, hasAnimalsAt } from './presence.js'
