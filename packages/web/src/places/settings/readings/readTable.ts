/** A chosen table. The server takes Unicode alone; a file in the older western alphabet is turned into it here, and said so. */
export interface ChosenTable {
  readonly name: string
  readonly text: string
  readonly isOldAlphabet: boolean
}

export async function readTable(file: File): Promise<ChosenTable> {
  const bytes = new Uint8Array(await file.arrayBuffer())
  const encoding = bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : 'utf-8'
  try {
    return { name: file.name, text: new TextDecoder(encoding, { fatal: true }).decode(bytes), isOldAlphabet: false }
  } catch {
    return { name: file.name, text: new TextDecoder('windows-1252').decode(bytes), isOldAlphabet: true }
  }
}
