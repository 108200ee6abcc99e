import { counted } from '../../plural.js'

/** Texts of every sheet on which outlines are drawn. */
export const enOutline = {
  help: 'Tab to a corner, arrow keys move it (Shift by {5 cm}, Alt by {1 mm}), Insert adds one, Delete takes it out, R bends it. On the floor + and − enlarge, 0 shows the whole, arrow keys move the sheet.',
  drawHelp:
    'Click corner by corner; the first one closes. With the keyboard: arrow keys move the cross (Shift by {5 cm}, Alt by {1 mm}), Enter sets a corner, Backspace drops the last, Escape all of them.',
  snap: 'Snap',
  snapWhy: 'Corners catch other corners, the panes, and half centimetres. Hold Alt to draw freely.',
  corner: (number: string, x: string, y: string) => `Corner ${number}: ${x} from the left, ${y} from the front`,
  cross: (x: string, y: string) => `${x} from the left, ${y} from the front`,
  drawn: (count: number) => counted(count, { one: 'corner drawn', other: 'corners drawn' }),
  finish: { outline: 'Close the outline', line: 'End the line' },
  dropCorner: 'Drop the last corner',
  zoomIn: 'Enlarge',
  zoomOut: 'Make smaller',
  whole: 'Show the whole floor',
  wholeSign: 'all',
} as const
