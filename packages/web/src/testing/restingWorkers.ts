/** Long sums are left out of tests of pages: their workers never answer. */
class RestingWorker {
  onmessage: ((event: MessageEvent) => void) | null = null
  postMessage(): void {
    // Nothing is reckoned here.
  }
  terminate(): void {
    this.onmessage = null
  }
}
globalThis.Worker ??= RestingWorker as unknown as typeof Worker // as much of one as a page touches
