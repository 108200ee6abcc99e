const letters = new Intl.Segmenter(undefined, { granularity: 'grapheme' })

/** The beginning of a text that fits into so many characters, as lengths are counted everywhere here (UTF-16 units). Nothing that a reader sees as one sign is cut in two. */
export function cutText(text: string, most: number): string {
  if (text.length <= most) return text
  let end = 0
  // A sign is never longer than what is looked at beyond the limit.
  for (const { segment, index } of letters.segment(text.slice(0, most + LONGEST_SIGN))) {
    if (index + segment.length > most) break
    end = index + segment.length
  }
  return text.slice(0, end)
}
const LONGEST_SIGN = 64
