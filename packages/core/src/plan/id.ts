/** A UUID of version 7 (RFC 9562): 48 bits of milliseconds, then chance. `chance` is 16 random bytes, handed in; it is not changed. */
export function uuidV7(nowMs: number, chance: Uint8Array): string {
  if (chance.length !== 16) throw new RangeError(`16 random bytes are needed, not ${chance.length}`)
  const bytes = Uint8Array.from(chance)
  for (let index = 0; index < 6; index++) bytes[index] = Math.floor(nowMs / 2 ** (8 * (5 - index))) & 0xff
  bytes[6] = (bytes[6]! & 0x0f) | 0x70
  bytes[8] = (bytes[8]! & 0x3f) | 0x80
  const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`
}

/** Makes the id of a new element of a plan. Chance is handed in, so an edit that needs one is given its maker. */
export type NewId = (stem: string) => string

/** Short ids that are not among those taken, counted up: what a finding offers is the same each time. */
export function freeIds(taken: Iterable<string>): NewId {
  const known = new Set(taken)
  return (stem) => {
    let number = 1
    while (known.has(`${stem}${number}`)) number++
    const id = `${stem}${number}`
    known.add(id)
    return id
  }
}
