/** A value outside the range where a formula or a part holds. `code` is for programs, the message for developers; the user's sentence is in contract's text catalogue. */
export class OutOfRangeError extends RangeError {
  override readonly name = 'OutOfRangeError'
  readonly code = 'out_of_range'
  constructor(
    readonly quantity: string,
    readonly value: number,
    readonly min: number,
    readonly max: number,
  ) {
    super(`${quantity} is ${value}; allowed is ${min} to ${max}`)
  }
}

/** Passes when `min <= value <= max`; NaN and infinities outside the range are refused by name. */
export function requireWithin(quantity: string, value: number, min: number, max: number): void {
  if (!(value >= min && value <= max)) throw new OutOfRangeError(quantity, value, min, max)
}
