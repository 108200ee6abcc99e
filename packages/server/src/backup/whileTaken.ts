/** Passes bytes on while somebody takes them, and gives up on a taker that stands still for so long [ms]. */
export async function* whileTaken(bytes: AsyncGenerator<Uint8Array>, giveUp: () => void, stalledMs: number): AsyncGenerator<Uint8Array> {
  let timer: NodeJS.Timeout | undefined
  try {
    for await (const chunk of bytes) {
      timer?.refresh()
      timer ??= setTimeout(giveUp, stalledMs)
      yield chunk
    }
  } finally {
    clearTimeout(timer)
  }
}
