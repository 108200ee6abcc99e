import type { Problem } from '@jovrin/contract'

/** A request that is refused with its own status. `code` is for programs, `detail` a sentence for people. */
export class Refusal extends Error {
  override readonly name = 'Refusal'
  constructor(
    readonly status: number,
    readonly code: string,
    readonly detail: string,
    /** The field it is about, and what may stand there. */
    readonly at: Pick<Problem, 'field' | 'allowed'> = {},
  ) {
    super(detail)
  }

  /** What another thread refused. */
  static told({ status, code, detail, field, allowed }: Problem): Refusal {
    return new Refusal(status, code, detail, {
      ...(field === undefined ? {} : { field }),
      ...(allowed === undefined ? {} : { allowed }),
    })
  }
}
