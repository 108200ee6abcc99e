import { Small } from './Icon.js'

/** Apart from the others, since every figure that can be opened has one. */
export const RemoveIcon = () => <Small d="M6 5l12 12M18 5L6 17" />
