import type { RowFault } from '@jovrin/core'

/** Sentences that only the server says: at its start, and about rows of files. */
export const startWords = {
  ready: (address: string) => `Jovrin is ready: ${address}`,
  portInUse: (port: number) => `Port ${port} is in use. Choose another with --port or JOVRIN_PORT.`,
  portRefused: (port: number) => `Port ${port} may not be opened by this user. Choose one above 1023 with --port or JOVRIN_PORT.`,
  badPort: (text: string) => `"${text}" is not a port. Give a whole number from 1 to 65535, or 0 for any that is free.`,
  folderNotWritable: (folder: string) => `The data folder ${folder} cannot be written. Choose another with JOVRIN_DATA.`,
  newerDatabase: (name: string) => `The database comes from a newer Jovrin (it has "${name}"). Update Jovrin; nothing was changed.`,
  emptyDatabase: (file: string) =>
    `${file} is there, but it is empty. If your tanks were in it, put a backup in its place: npm run restore -- FILE. To begin anew, delete the file.`,
  badDatabase: (file: string) => `${file} is not a readable database. Nothing was changed.`,
  damagedDatabase: (file: string, tables: string) =>
    `${file} is damaged (${tables}). Nothing was changed. Write out what can still be read with npm run rescue -- FOLDER, then put a backup in its place with npm run restore -- FILE.`,
  otherDatabase: (file: string, tables: string) =>
    `${file} is not a database that Jovrin wrote: ${tables}. Nothing was changed. Put a backup in its place with npm run restore -- FILE.`,
  empty: 'it is empty',
  unreadable: 'it is no readable database',
  damaged: (tables: string) => `it is damaged (${tables})`,
  noTable: (table: string) => `the table ${table} is missing`,
  otherColumns: (table: string) => `the table ${table} has other columns`,
  rescueUsage: 'Say where to write what can be read: npm run rescue -- FOLDER (a new one)',
  rescueDone: (folder: string, tanks: string, records: string, lost: string) =>
    `Written to ${folder}: ${tanks} tanks with ${records} records. ${lost} entries could not be read; lost.txt lists them. Bring the files in with Settings, Files.`,
  badAccess: (file: string) => `${file} cannot be read. Delete it and set JOVRIN_PASSPHRASE once more; nothing else is lost by that.`,
  blankPassphrase: 'The passphrase is blank. Choose one of letters, digits and signs.',
  badArguments: (why: string) => `${why}. What can be given: --port NUMBER, --lan.`,
  fault: 'Jovrin met a fault that it cannot go on after, and ends. What was acknowledged is kept.',
  notDemoFolder: (folder: string) => `${folder} has no demo mark, so the demo data will not be written there.`,
  noBuild: 'The web pages have not been built. Run npm start, which builds them.',
  badClock: (text: string) => `JOVRIN_NOW is "${text}", which is not an instant such as 2026-11-24T09:00:00Z.`,
  readyLan: (addresses: string) => `Open to the local network, with the passphrase: ${addresses}`,
  needsPassphrase: 'Opening to the local network needs a passphrase. Set JOVRIN_PASSPHRASE once; it is kept as a hash.',
  shortPassphrase: (least: string) => `The passphrase needs at least ${least} characters.`,
  folderInUse: (folder: string, pid: string) => `${folder} is in use by a running Jovrin (process ${pid}). Stop it first.`,
  fileExists: (path: string) => `${path} exists already. Name another file.`,
  noSuchFile: (path: string) => `There is no file ${path}.`,
  restoreUsage: 'Say which backup: npm run restore -- FILE',
  backupDone: (path: string, bytes: string, files: string) => `Backup written: ${path} (${bytes} bytes, ${files} files).`,
  restoreDone: (tanks: string, records: string, old: string) =>
    `Restored ${tanks} tanks and ${records} records. The data of before is kept in ${old}.`,
} as const

const rowFault = {
  'not-a-number': (cell: string) => `“${cell}” is not a number.`,
  'both-marks': (cell: string) => `“${cell}” has two decimal marks; no marks for thousands, please.`,
  'out-of-range': (cell: string) => `“${cell}” is outside what this quantity can be.`,
  'unknown-unit': (cell: string) => `“${cell}”: the quantity is not measured in this unit here.`,
  'no-date': (cell: string) => `There is no date in “${cell}”.`,
  'bad-date': (cell: string) => `“${cell}” is not a date of the chosen order.`,
  'date-range': (cell: string) => `“${cell}” lies outside 1990 to 2100.`,
  'unknown-quantity': (cell: string) => `“${cell}” is not a quantity that is kept here.`,
  'no-value': (cell: string) => `The value for ${cell} is missing.`,
  'wrong-mark': (cell: string) => `“${cell}” may mean thousands: write it without the mark between them, or choose the other decimal mark.`,
  'too-few-cells': (cell: string) => `“${cell}”: the row has fewer cells than the mapping needs.`,
} satisfies Record<RowFault, (cell: string) => string>

export const rowFaultWords = {
  ...rowFault,
  badId: (id: string) => `“${id}” is not an id; leave the id column out, or give UUIDs of version 7.`,
  otherUnderId: (id: string) => `Another reading is already stored under the id ${id}.`,
} as const

/** Names of the generic entries that a library begins with. */
export const sampleProductWords: Readonly<Record<string, string>> = {
  'sample-rich-9': 'Rich soil, bag of 9 L',
  'sample-rich-3': 'Rich soil, bag of 3 L',
  'sample-lean-9': 'Lean soil, bag of 9 L',
  'sample-garden-10': 'Garden soil, sieved, 10 L',
  'sample-sand-6': 'Quartz sand 0.4–0.8 mm, 6 L',
  'sample-gravel-6': 'Fine gravel 1–3 mm, 6 L',
  'sample-base-5': 'Pumice with nutrients, 5 L',
  'sample-tab-10': 'Root tabs, pack of 10',
  'sample-tab-30': 'Root tabs, pack of 30',
}
