export type ParsedNumber = { readonly value: number | null } | { readonly error: 'both' | 'none' }

/** Reads a number that a person typed: comma or point is the decimal mark, no thousands marks; both in one number are refused. Nothing typed is `null`. */
export function parseNumber(text: string): ParsedNumber {
  const plain = text.trim().replace('−', '-')
  if (plain === '') return { value: null }
  const marks = plain.match(/[.,]/g) ?? []
  if (marks.length > 1) return { error: 'both' }
  if (!/^-?(\d+[.,]?\d*|[.,]\d+)$/.test(plain)) return { error: 'none' }
  return { value: Number(plain.replace(',', '.')) }
}
