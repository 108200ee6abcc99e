import { counted } from '../../plural.js'

/** Texts of every sheet on which outlines are drawn. */
export const outlineWords = {
  help: 'Tab to a corner, arrow keys move it (Shift by {5 cm}, Alt by {1 mm}), Insert adds one, Delete removes it, R rounds it. On the floor + and − zoom, 0 fits the whole, arrow keys pan.',
  drawHelp:
    'Click corner by corner; the first one closes. With the keyboard: arrow keys move the cross (Shift by {5 cm}, Alt by {1 mm}), Enter sets a corner, Backspace removes the last, Escape all of them.',
  outside: 'That is outside the glass. Click on the floor.',
  snap: 'Snap',
  snapWhy: 'Corners catch other corners, the panes, and half centimetres. Hold Alt to draw freely.',
  corner: (number: string, x: string, y: string) => `Corner ${number}: ${x} from the left, ${y} from the front`,
  cross: (x: string, y: string) => `${x} from the left, ${y} from the front`,
  drawn: (count: number) => counted(count, { one: 'corner drawn', other: 'corners drawn' }),
  finish: { outline: 'Close the outline', line: 'End the line' },
  dropCorner: 'Remove the last corner',
  zoomIn: 'Zoom in',
  zoomOut: 'Zoom out',
  zoomOf: (drawing: string) => `Zoom: ${drawing}`,
  paper: (drawing: string) => `${drawing}: + and − enlarge it, arrow keys move it`,
  whole: 'Fit the whole drawing',
  wholeSign: 'Fit',
} as const
