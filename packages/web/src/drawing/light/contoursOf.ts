import { LIGHT_LEVEL_FROM, LIGHT_LEVELS, spreadOf, type LightGrid, type LightLevel } from '@jovrin/core'
import { contours } from 'd3-contour'

/** A grid drawn within its own box: where its edges stand on the sheet [px]. */
export interface GridBox {
  readonly left: number
  readonly right: number
  /** Of the row that is drawn lowest. */
  readonly bottom: number
  readonly top: number
}
export interface Contour {
  readonly level: LightLevel
  readonly d: string
}
export interface IsoLine {
  readonly ppfd: number
  readonly d: string
  /** A place for its number, where the line is long enough for one. */
  readonly label: { readonly x: number; readonly y: number } | null
}

type Ring = readonly (readonly number[])[]
const pathOf = (rings: readonly Ring[], place: (point: readonly number[]) => readonly [number, number]): string =>
  rings
    .map(
      (ring) =>
        `M${ring
          .map((point) =>
            place(point)
              .map((px) => px.toFixed(1))
              .join(' '),
          )
          .join('L')}Z`,
    )
    .join('')

const placer =
  ({ xsCm, ysCm }: LightGrid, { left, right, bottom, top }: GridBox) =>
  ([x = 0, y = 0]: readonly number[]): readonly [number, number] => [
    left + (x / xsCm.length) * (right - left),
    bottom + (y / ysCm.length) * (top - bottom),
  ]

/** Where light is at least of each level, from the lowest on. */
export function levelsOf(grid: LightGrid, box: GridBox): Contour[] {
  const cut = contours().size([grid.xsCm.length, grid.ysCm.length])
  const values = Array.from(grid.ppfd)
  const place = placer(grid, box)
  return LIGHT_LEVELS.filter((level) => level !== 'dim').flatMap((level) => {
    const rings = cut.contour(values, LIGHT_LEVEL_FROM[level]).coordinates.flat()
    return rings.length === 0 ? [] : [{ level, d: pathOf(rings, place) }]
  })
}

const STEPS = [1, 2, 5, 10, 20, 25, 50, 100, 200, 500] as const
const WANTED_LINES = 6
/** Nearer than that lines would part what a meter does not. */
const LEAST_STEP = 0.06
/** Round values that part the span of a field into about six. */
export function isoValues({ ppfd }: Pick<LightGrid, 'ppfd'>): number[] {
  const { mean, least, most } = spreadOf({ ppfd })
  const step = STEPS.find((one) => (most - least) / one <= WANTED_LINES && one >= mean * LEAST_STEP) ?? 1000
  const values: number[] = []
  for (let value = Math.ceil(least / step) * step; value < most; value += step) values.push(value)
  return values
}

const LABEL_LEAST_POINTS = 14
/** Lines of equal light; panes are no lines. */
export function isoLines(grid: LightGrid, box: GridBox): IsoLine[] {
  const [columns, rows] = [grid.xsCm.length, grid.ysCm.length]
  const cut = contours().size([columns, rows])
  const values = Array.from(grid.ppfd)
  const place = placer(grid, box)
  const isEdge = ([x = 0, y = 0]: readonly number[]): boolean => x <= 0.01 || y <= 0.01 || x >= columns - 0.01 || y >= rows - 0.01
  return isoValues(grid).flatMap((ppfd) => {
    const rings = cut.contour(values, ppfd).coordinates.flat() as Ring[]
    let d = ''
    let longest: readonly (readonly number[])[] = []
    for (const ring of rings) {
      let run: (readonly number[])[] = []
      const end = (): void => {
        if (run.length > 1)
          d += `M${run
            .map((point) =>
              place(point)
                .map((px) => px.toFixed(1))
                .join(' '),
            )
            .join('L')}`
        if (run.length > longest.length) longest = run
        run = []
      }
      for (const point of ring)
        if (isEdge(point)) end()
        else run.push(point)
      end()
    }
    const middle = longest[Math.floor(longest.length / 2)]
    const [x = 0, y = 0] = middle === undefined ? [] : place(middle)
    return d === '' ? [] : [{ ppfd, d, label: middle === undefined || longest.length < LABEL_LEAST_POINTS ? null : { x, y } }]
  })
}
