import { stockG, stockMl } from '../feed/stock.js'
import type { DayPortion } from '../feed/dayDose.js'
import { isUsual } from '../feed/cupboard.js'
import type { SaltId } from '../salts/salts.js'

/** So much of one product on one day. A bottle is told in millilitres, never as the salts that it holds. */
export interface JobPortion {
  /** Its id in the cupboard. */
  readonly product: string
  /** The grower's own; '' where the catalogue names the salt, or the school's bottle. */
  readonly name: string
  /** Of a dry salt. */
  readonly salt: SaltId | null
  readonly unit: 'g' | 'mL'
  readonly amount: number
  /** What no pocket scale can weigh, as millilitres of a stock of so many grams in half a litre. */
  readonly stock: { readonly ml: number; readonly inG: number } | null
  /** Nobody typed the label: the amount is a guess. */
  readonly isGuess: boolean
}

export const jobPortion = ({ product, unit, perL }: DayPortion, waterL: number): JobPortion => {
  const amount = perL * waterL
  const salt = product.form === 'salt' ? product.salt : null
  const ml = salt === null ? null : stockMl(salt, amount)
  return {
    product: product.id,
    name: product.name,
    salt,
    unit,
    amount,
    stock: salt === null || ml === null ? null : { ml, inG: stockG(salt) },
    isGuess: product.form === 'bottle' && isUsual(product),
  }
}
