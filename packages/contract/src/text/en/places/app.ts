export const appWords = {
  name: 'Jovrin',
  places: { shelf: 'Shelf', describe: 'Plan', balance: 'Balance', newTank: 'A new tank' },
  mode: { light: 'Day', dark: 'Night', system: 'As the system', label: 'Colours' },
  units: {
    open: 'Units',
    title: 'Units and colours',
    metric: 'Metric',
    us: 'US',
    hint: 'Units switch every figure at once; what is stored does not change.',
  },
  find: {
    title: 'Search',
    open: 'Search',
    hint: 'A tank, a record, a calculator, a question. Ctrl+K opens this from anywhere.',
    none: 'Nothing has these words.',
    tanks: 'Tanks',
    places: 'Places',
    records: 'Records',
  },
  shortcuts: {
    open: 'Keyboard shortcuts',
    title: 'Keyboard shortcuts',
    singleKeys: 'Single-key shortcuts on',
    singleKeysHint: 'Off, only keys with Ctrl, arrow keys and Esc do something. Kept on this device.',
    list: [
      ['?', 'this list'],
      ['Ctrl+K, /', 'search'],
      ['g s', 'go to the Shelf'],
      ['g p', 'go to the Plan of this tank'],
      ['g b', 'go to the Balance of this tank'],
      ['g c', 'go to its Calendar'],
      ['g j', 'go to its Journal'],
      ['g t', 'go to Today'],
      ['g a', 'go to the Answers'],
      ['g w', 'go to the Calculators'],
      ['g l', 'go to the Library'],
      ['!', 'emergency card'],
      ['n', 'describe a new tank'],
      ['p', 'print this page, or save a drawing'],
      ['u', 'switch between metric and US units'],
      ['d', 'switch between day and night'],
      ['Ctrl+Z', 'undo the last plan edit'],
      ['Ctrl+Shift+Z', 'redo it'],
      ['← →', 'move a chosen week, an edge of the day, or a lever'],
      ['Esc', 'close what is open'],
    ] as readonly (readonly [string, string])[],
  },
  loading: 'Loading …',
  failed: 'That did not load.',
  again: 'Try again',
  notFound: 'There is no such place.',
  toShelf: 'Go to the Shelf',
  cancel: 'Cancel',
  close: 'Close',
  orDrop: 'or drop it here',
  dropNow: 'Let go to open it',
  offline: 'The server does not answer. It may have been stopped.',
  calledOff: 'Cancelled. Nothing was saved.',
  skip: 'Skip to content',
  dayOfTank: (day: string) => `day ${day}`,
  plannedFor: (day: string) => `planned for ${day}`,
  dayStrip: 'Light and gas over the day',
  fault: 'This sheet could not be drawn.',
} as const

export const navWords = {
  today: 'Today',
  calendar: 'Calendar',
  journal: 'Journal',
  workings: 'Calculators',
  library: 'Library',
  answers: 'Answers',
  settings: 'Settings',
  emergency: 'Emergency',
  log: 'Log',
  tank: 'Tank',
  more: 'More',
  bar: 'At the tank',
  whichTank: 'Which tank?',
  placesOfTank: 'Places of this tank',
  otherTank: (name: string) => `${name}: another tank`,
  otherPlace: (name: string) => `${name}: another place`,
} as const

export const signInWords = {
  title: 'Sign in',
  body: 'This Jovrin is open to the local network. Its keeper set a passphrase.',
  field: 'Passphrase',
  go: 'Sign in',
} as const

export const outboxWords = {
  waiting: (count: string) =>
    count === '1'
      ? '1 record waits on this device until the server answers.'
      : `${count} records wait on this device until the server answers.`,
  sent: (count: string) => (count === '1' ? 'The waiting record was sent.' : `${count} waiting records were sent.`),
  refused: (count: string) => `${count} could not be taken:`,
  discard: 'Discard',
  kept: 'Kept on this device; sent as soon as the server answers.',
} as const

export const deviceWords = {
  label: 'This device is called',
  hint: 'Stands beside what is logged from it: a name or initials.',
  unnamed: 'unnamed device',
} as const
