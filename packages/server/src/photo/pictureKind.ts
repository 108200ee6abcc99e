/** The four kinds of picture that are taken. */
export type PictureKind = 'jpeg' | 'png' | 'webp' | 'avif'

const text = (bytes: Uint8Array, from: number, to: number): string => String.fromCharCode(...bytes.subarray(from, to))
const begins = (bytes: Uint8Array, ...signature: number[]): boolean => signature.every((byte, index) => bytes[index] === byte)

/** What a file is by its first bytes, whatever its name says; `null` for anything else. Nothing else ever reaches a decoder. */
export function pictureKind(bytes: Uint8Array): PictureKind | null {
  if (begins(bytes, 0xff, 0xd8, 0xff)) return 'jpeg'
  if (begins(bytes, 0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'png'
  if (text(bytes, 0, 4) === 'RIFF' && text(bytes, 8, 12) === 'WEBP') return 'webp'
  if (text(bytes, 4, 8) === 'ftyp' && ['avif', 'avis'].includes(text(bytes, 8, 12))) return 'avif'
  return null
}
