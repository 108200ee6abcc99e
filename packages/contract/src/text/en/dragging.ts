/** What is said of things that are dragged, to those who do not see them move. */
export const draggingWords = {
  grip: (name: string) => `Drag: ${name}`,
  how: 'Space lifts it, arrow keys move it, Space puts it down, Escape takes it back.',
  lifted: (name: string) => `${name}: lifted.`,
  over: (name: string, place: string) => `${name}: now at ${place}.`,
  nowhere: (name: string) => `${name}: over nothing.`,
  put: (name: string, place: string) => `${name}: put down at ${place}.`,
  back: (name: string) => `${name}: back where it was.`,
} as const
