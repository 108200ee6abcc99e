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
  reckoning: 'calculating …',
  open: (name: string) => `Open ${name}`,
  touched: (when: string) => `edited ${when}`,
  archive: 'Archive',
  archiveOf: (name: string) => `Archive ${name}`,
  archived: (name: string) => `${name} was archived. Everything of it is kept; archived tanks are listed at the end of the Shelf.`,
  undo: 'Undo',
  archivedTanks: (count: number, told: string) => counted(count, { one: 'archived tank', other: 'archived tanks' }, told),
  archivedFacts: (records: string, when: string) => `${records} records, archived on ${when}`,
  restore: 'Restore',
  restored: (name: string) => `${name} is on the Shelf again.`,
  restoreOf: (name: string) => `Restore ${name}`,
  deleteForGood: 'Delete for good …',
  deleteOf: (name: string) => `Delete ${name} for good`,
  deleteSure: (name: string, records: string) =>
    `${name}, its plan, its ${records} records and its pictures will be deleted. This cannot be undone; only a backup from before would still have them.`,
  deleteYes: 'Delete for good',
  deleted: (name: string) => `${name} was deleted.`,
  braidOf: (name: string) => `Braid of ${name} over six weeks`,
  sectionOf: (name: string, size: string) => `${name}, ${size}, drawn to the shelf’s scale`,
  unreadable: (count: number, told: string) =>
    `${counted(count, { one: 'tank is', other: 'tanks are' }, told)} not shown: what is stored of the plan cannot be read. The records are untouched. “Check the data” in the Settings says more.`,
  scale: (n: string) => `Scale 1:${n}`,
} as const
