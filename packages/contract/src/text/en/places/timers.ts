/** Timers that run whatever place one is in. */
export const timerWords = {
  label: 'Running timers',
  start: (span: string) => `Timer ${span}`,
  left: (name: string, span: string) => `${name}: ${span} left`,
  over: (name: string, span: string) => `${name}: time is up, ${span} ago`,
  stop: (name: string) => `Stop the timer ${name}`,
  stopShort: 'Stop',
  title: 'TIME IS UP',
} as const
