export const printingWords = {
  title: 'Print or save',
  open: 'Print or save',
  page: 'Print this page',
  drawing: 'Drawing',
  scale: 'Scale',
  ruler: (scale: string) => `Printed at 100 %, a centimetre on paper is ${scale} cm of the tank. PNG has 300 dots an inch.`,
  noScale: 'Drawn to no scale: as wide as an A4 sheet lets it be.',
  none: 'There is no drawing on this page.',
  failed: 'The file could not be written. Try SVG, or a smaller scale.',
} as const
