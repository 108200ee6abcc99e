/** Texts of places that are opened seldom: they travel with their place, not with the first page. */
export const settingsWords = {
  title: 'Settings',
  device: 'This device',
  kits: 'Test kits and instruments',
  kitsHint: 'What yours report: unit with ion or element, step, lowest readable. A typed zero is stored as below the lowest readable.',
  kitHead: ['Quantity', 'Name', 'Reports', 'Step', 'Lowest', 'Good until'] as readonly string[],
  kitSaved: 'Kit saved.',
  files: 'Import and export',
  tankFile: 'Export the tank (JSON)',
  tankAlbum: 'Export it with its pictures (ZIP)',
  readingsFile: 'Export its readings (CSV)',
  importTank: 'Import a tank’s file',
  importReadings: 'Import readings (CSV)',
  tankLimit: (megabytes: string, withPictures: string) =>
    `A tank’s file (JSON) may have up to ${megabytes} MB, one with its pictures (ZIP) up to ${withPictures} MB.`,
  readingsLimit: (rows: string, megabytes: string) => `A table may have up to ${rows} rows and ${megabytes} MB; divide a longer one.`,
  tooLarge: (megabytes: string) => `This file is larger than the ${megabytes} MB that are taken at a time. Nothing was sent.`,
  callOff: 'Cancel',
  check: 'Check the data',
  checkHint: 'Every stored entry is read once and compared with what it should be. Nothing is changed.',
  checkGood: 'Everything that is stored can be read.',
  checkFound: (count: string) =>
    `${count} entries cannot be read. They are left as they are and shown nowhere else; everything else is unharmed. A backup from before has them whole; npm run rescue writes out the rest.`,
  orMore: (count: string) => `${count} or more`,
  unreadableWhat: {
    plan: 'revision of a plan',
    setting: 'dated setting',
    levers: 'draft of levers',
    record: 'record of the journal',
    job: 'told job',
    kit: 'test kit',
    product: 'entry of the library',
    plant: 'plant of your own',
    'plant-note': 'note on a plant',
  },
  asCopy: 'as a copy, with ids of its own',
  dryRun: (name: string, records: string, revisions: string) =>
    `${name}: ${records} records, ${revisions} revisions of the plan. Nothing is saved yet.`,
  photosMissing: (count: string) => `${count} pictures are named but not stored here; they travel in a backup, or in the tank’s ZIP file.`,
  bringIn: 'Import it',
  broughtIn: (name: string) => `${name} was imported.`,
  backup: 'Backup',
  backupHint: 'One archive with everything: tanks, journals, pictures. The same by command: npm run backup.',
  download: 'Download a backup',
  restore: 'Restore from a backup',
  restoreHint: 'The archive is checked whole before anything is touched; the data of before stays in a folder beside it.',
  restoreSure: (file: string) => `Replace everything that is here now with ${file}?`,
  restoreYes: 'Replace everything',
  restored: (tanks: string, records: string, old: string) =>
    `Restored ${tanks} tanks and ${records} records. The data of before stays in ${old}.`,
  lan: 'Phone at the tank',
  lanOff: 'This server answers only on this machine. Start it with npm start -- --lan (and JOVRIN_PASSPHRASE once) to use a phone.',
  lanOn: (addresses: string) => `Open to the local network at ${addresses}. A phone’s camera reads the address here:`,
  lanCode: (address: string) => `${address} for a phone’s camera`,
  signOut: 'Sign out on this device',
  importer: {
    tank: 'Into',
    delimiter: 'Cells end with',
    delimiters: { ',': 'comma', ';': 'semicolon', '\t': 'tab', '|': 'bar' },
    decimalMark: 'Decimal mark',
    marks: { '.': 'point', ',': 'comma' },
    dateOrder: 'Dates are',
    orders: { ymd: 'year, month, day', dmy: 'day, month, year', mdy: 'month, day, year' },
    timeZone: 'Times are in',
    hasHeader: 'The first row names the columns',
    columns: 'What the columns are',
    columnHead: ['Column', 'First value', 'Holds', 'In', 'Taken at'],
    columnUse: (name: string) => `${name}: holds`,
    columnUnit: (name: string) => `${name}: unit`,
    columnMoment: (name: string) => `${name}: moment of the gas day`,
    noMoment: 'not said',
    intoTank: (file: string, tank: string) => `${file} into ${tank}`,
    oldAlphabet:
      'This file is not written in Unicode. It was read as the older western alphabet: look whether umlauts and accents are right.',
    remembered: 'Mapped as a file with the same first row was before.',
    guessAgain: 'Guess again',
    uses: {
      ignore: 'leave out',
      at: 'date and time',
      date: 'date',
      time: 'time',
      quantity: 'name of the quantity',
      value: 'its value',
      unit: 'its unit',
      note: 'note',
      id: 'id',
      entered: 'as it was typed',
      enteredUnit: 'unit it was typed in',
      basis: 'ion or element',
      method: 'method',
      moment: 'moment of the gas day',
      recordedBy: 'logged by',
    },
    column: (number: string) => `Column ${number}`,
    look: 'Check it',
    report: (rows: string, accepted: string, here: string, refused: string) =>
      `${rows} rows: ${accepted} new readings, ${here} already here, ${refused} refused.`,
    line: (line: string, detail: string) => `Line ${line}: ${detail}`,
    moreRefused: (count: string) => `… and ${count} more.`,
    held: 'What the file holds',
    heldHead: ['Quantity', 'Read as', 'Readings', 'Least', 'Middle', 'Most', 'Unlikely'],
    unlikely: (of: {
      name: string
      count: string
      of: string
      low: string
      high: string
      middle: string
      unit: string
      isMost: boolean
    }) =>
      of.isMost
        ? `${of.name}: ${of.count} of ${of.of} readings lie outside ${of.low} to ${of.high}, where most tanks are; the middle one would be ${of.middle}. Is the column really in ${of.unit === '' ? 'this quantity' : of.unit}?`
        : `${of.name}: ${of.count} of ${of.of} readings lie outside ${of.low} to ${of.high}, where most tanks are.`,
    inFuture: (count: string) =>
      count === '1'
        ? '1 reading lies in the future. Is the order of the date right?'
        : `${count} readings lie in the future. Is the order of the dates right?`,
    preview: 'The first readings',
    keep: (count: string) => `Import ${count} readings`,
    keepAnyway: (count: string) => `They are right: import ${count} readings`,
    kept: (count: string) => `${count} readings were imported.`,
    badRows: 'Change the mapping or the file and check again, or import the good rows alone.',
    skipRows: (count: string) =>
      count === '1' ? 'Leave 1 row out and hand it back as a file' : `Leave ${count} rows out and hand them back as a file`,
    handedBack: (count: string) => (count === '1' ? '1 row was left out.' : `${count} rows were left out.`),
    saveRefused: 'Save them as a file',
    refusedFile: (name: string) => `${name}-left-out.csv`,
    reasonHead: 'why it was left out',
  },
} as const
