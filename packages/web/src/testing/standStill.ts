/** Nothing is laid out in tests, so nothing ever changes its size. */
class StillObserver implements ResizeObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

export const standStill = (): void => void (globalThis.ResizeObserver ??= StillObserver)
