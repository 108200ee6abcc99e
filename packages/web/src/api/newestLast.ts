/** Sends what is told one at a time, so that none overtakes another; of several that wait only the newest goes. */
export function newestLast<T>(send: (value: T) => Promise<unknown>, onFailed: (error: unknown) => void): (value: T) => void {
  let isUnderway = false
  let waiting: { readonly value: T } | null = null
  const go = async (value: T): Promise<void> => {
    isUnderway = true
    await send(value).catch(onFailed)
    isUnderway = false
    const next = waiting
    waiting = null
    if (next !== null) await go(next.value)
  }
  return (value) => {
    if (isUnderway) waiting = { value }
    else void go(value)
  }
}
