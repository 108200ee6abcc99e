/** Spots on wood and stone have letters where patches have numbers: a, b, c …, and numbers from the 27th on. */
export const spotLetter = (index: number): string => (index < 26 ? String.fromCharCode(97 + index) : String(index + 1))
