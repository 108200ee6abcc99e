import type { Chelate, FeedProduct } from '../plan/planFeed.js'
import type { SaltId } from '../salts/salts.js'

/** Up to this pH most of a chelate's iron stays dissolved for days. Rules of thumb: EDTA 6–6.5, gluconate 6, DTPA 7–7.5, EDDHA 9 and above. */
export const CHELATE_UNTIL_PH: Readonly<Record<Chelate | 'none', number>> = { none: 5.5, gluconate: 6, edta: 6.5, dtpa: 7.5, eddha: 9 }

/** What holds a salt's iron; `null` where it has none. */
export function chelateOfSalt(salt: SaltId): Chelate | 'none' | null {
  if (salt.startsWith('iron-edta')) return 'edta'
  if (salt.startsWith('iron-dtpa')) return 'dtpa'
  if (salt.startsWith('iron-gluconate')) return 'gluconate'
  return salt === 'iron-sulfate-heptahydrate' ? 'none' : null
}

/** The weakest hold on a product's iron; `null` where there is no iron, or its label does not say. */
export function chelateOf({ form, salt, mix, chelate }: FeedProduct): Chelate | 'none' | null {
  if (form === 'bottle') return chelate
  const salts = form === 'salt' ? (salt === null ? [] : [salt]) : mix.filter(({ grams }) => grams > 0).map((one) => one.salt)
  const held = salts.flatMap((one) => chelateOfSalt(one) ?? [])
  return held.toSorted((a, b) => CHELATE_UNTIL_PH[a] - CHELATE_UNTIL_PH[b])[0] ?? null
}
