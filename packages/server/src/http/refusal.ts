/** A request that is refused with its own status. `code` is for programs, `detail` a sentence for people. */
export class Refusal extends Error {
  override readonly name = 'Refusal'
  constructor(
    readonly status: number,
    readonly code: string,
    readonly detail: string,
  ) {
    super(detail)
  }
}
