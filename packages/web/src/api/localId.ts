/** Letters and digits after the stem: a hundred million million of them, so that no id is given twice, not even after its element was removed. */
const LENGTH = 9
const ALPHABET = '0123456789abcdefghijklmnopqrstuvwxyz'

/** An id for a new element of a plan. Jobs and dated settings hang on it for ever. */
export const localId = (stem: string): string =>
  stem + [...crypto.getRandomValues(new Uint8Array(LENGTH))].map((byte) => ALPHABET[byte % ALPHABET.length]).join('')
