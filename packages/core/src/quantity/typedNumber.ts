export type TypedNumber = { readonly value: number | null } | { readonly error: 'both' | 'none' }

/** Reads a number that a person typed: comma or point is the decimal mark, no thousands marks; two marks in one number are refused (`both`), what is no number too (`none`). Nothing typed is `null`. */
export function readNumber(text: string): TypedNumber {
  const plain = text.trim().replace('−', '-')
  if (plain === '') return { value: null }
  if ((plain.match(/[.,]/g) ?? []).length > 1) return { error: 'both' }
  if (!/^-?(\d+[.,]?\d*|[.,]\d+)$/.test(plain)) return { error: 'none' }
  return { value: Number(plain.replace(',', '.')) }
}
