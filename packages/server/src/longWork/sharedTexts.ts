/** Texts that lie in memory which threads share: handing them over copies nothing, and whoever takes them takes one at a time. */
export interface SharedTexts {
  readonly bytes: SharedArrayBuffer
  /** Where each text ends. */
  readonly ends: readonly number[]
}

export function shareTexts(texts: readonly string[]): SharedTexts {
  const sizes = texts.map((text) => Buffer.byteLength(text))
  const bytes = new SharedArrayBuffer(sizes.reduce((sum, size) => sum + size, 0))
  const view = Buffer.from(bytes)
  const ends: number[] = []
  let at = 0
  for (const text of texts) {
    at += view.write(text, at)
    ends.push(at)
  }
  return { bytes, ends }
}

export const sharedText = ({ bytes, ends }: SharedTexts, index: number): string => {
  const start = ends[index - 1] ?? 0
  return Buffer.from(bytes, start, (ends[index] ?? start) - start).toString('utf8')
}
