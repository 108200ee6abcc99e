import { counted } from '../../plural.js'

export const enShelf = {
  title: 'Shelf',
  newTank: 'Describe a tank',
  emptyTitle: 'An empty shelf',
  emptyBody:
    'Jovrin draws your tank to scale from a few answers, then shows what limits its growth, how far the plants are ahead of algae, and what each lever would do. Five minutes are enough; every question takes “don’t know”.',
  emptySample: 'So a tank will stand here, once you have described one:',
  due: (jobs: string, more: string | null) => (more === null ? `Due: ${jobs}` : `Due: ${jobs} and ${more} more`),
  nothing: 'Nothing pressing',
  braid: 'Next six weeks',
  reckoning: 'reckoning …',
  open: (name: string) => `Open ${name}`,
  touched: (when: string) => `plan of ${when}`,
  putAway: 'Put away',
  putAwayDone: (name: string) => `${name} was put away.`,
  undo: 'Bring it back',
  braidOf: (name: string) => `Braid of ${name} over six weeks`,
  sectionOf: (name: string, size: string) => `${name}, ${size}, drawn to the shelf’s scale`,
  unreadable: (count: number, told: string) =>
    `${counted(count, { one: 'tank is', other: 'tanks are' }, told)} not shown: what is stored of the plan cannot be read. The records are untouched. “Look the data over” in the Settings says more.`,
  scale: (n: string) => `all to 1:${n}`,
} as const
