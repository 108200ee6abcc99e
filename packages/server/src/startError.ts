/** The server cannot start. The message is one clear sentence for the person at the terminal. */
export class StartError extends Error {
  override readonly name = 'StartError'
  constructor(
    message: string,
    cause?: unknown,
    /** What is wrong, for a sentence that begins otherwise. */
    readonly what: string = message,
  ) {
    super(message, { cause })
  }
}
