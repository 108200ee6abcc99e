import { enHardscape, enMaterial } from '@jovrin/contract'
import type { Composition, HiddenPiece, PlacedPiece, TankFigures } from '@jovrin/core'
import type { Explained } from '../../../ui/Figure.js'
import { significant, type Units } from '../../../ui/units.js'
import { explained, number, reckoned, type Input } from '../worked.js'

export type CompositionRow = 'openFloor' | 'openRear' | 'gap' | 'main' | 'third' | 'golden' | 'second' | 'depth' | 'hidden' | 'kind'

/** The piece that those before it hide most; `null` where nothing is hidden to speak of. */
export function mostHidden({ hidden }: Composition): HiddenPiece | null {
  const worst = hidden.reduce<HiddenPiece | null>((best, one) => (best === null || one.share > best.share ? one : best), null)
  return worst === null || worst.share < 0.05 ? null : worst
}

/** Workings of what an arrangement measures; those without an answer have none. */
export function explainComposition(
  composition: Composition,
  { inner }: Pick<TankFigures, 'inner'>,
  placed: readonly PlacedPiece[],
  units: Units,
): Readonly<Partial<Record<CompositionRow, Explained>>> {
  const { openFloor, openRear, gapsCm, leastGapCm, main, heightsCm, secondOverMain, sizeToBack, outlineMeansCm: means } = composition
  const text = enHardscape
  const { worked } = text
  const length = (name: string, cm: number): Input => reckoned(name, units.show('length', cm, 3))
  const [L, W] = [number(inner.lengthCm), number(inner.widthCm)]
  const floor = reckoned(worked.floor, `${units.show('length', inner.lengthCm)} × ${units.show('length', inner.widthCm)}`)
  const share = (title: string, formula: string, open: number, areaCm2: number, divided: string): Explained => {
    const coveredCm2 = (1 - open) * areaCm2
    return explained({
      title,
      formula,
      worked: `1 − ${number(coveredCm2)}/(${L}·${W}${divided}) = ${number(open)}`,
      source: worked.source,
      inputs: [reckoned(worked.covered, `${significant(coveredCm2)} cm²`), floor],
    })
  }
  const floorCm2 = inner.lengthCm * inner.widthCm
  const hidden = mostHidden(composition)
  const off = (title: string, mark: number, share: number): Explained =>
    explained({
      title,
      formula: worked.off,
      worked: `|${number((main?.at ?? 0) * inner.lengthCm)} − ${number(mark)}·${L}| = ${number(share * inner.lengthCm)} cm`,
      source: worked.source,
      inputs: [length(worked.centre, (main?.at ?? 0) * inner.lengthCm), length(worked.nearest, mark * inner.lengthCm)],
    })
  return {
    openFloor: share(text.figure.openFloor, worked.openFloor, openFloor, floorCm2, ''),
    openRear: share(text.figure.openRear, worked.openRear, openRear, floorCm2 / 3, '/3'),
    ...(gapsCm !== null &&
      leastGapCm !== null && {
        gap: explained({
          title: text.figure.gap,
          formula: worked.gap,
          worked: `min(${number(gapsCm.left)}, ${number(gapsCm.front)}, ${number(gapsCm.right)}, ${number(gapsCm.back)}) = ${number(leastGapCm)} cm`,
          source: worked.source,
          inputs: (['left', 'front', 'right', 'back'] as const).map((pane) => length(worked.panes[pane], gapsCm[pane])),
        }),
      }),
    ...(main !== null && {
      main: explained({
        title: text.figure.main,
        formula: worked.main,
        worked: `${number(main.at * inner.lengthCm)}/${L} = ${number(main.at)}`,
        source: worked.source,
        inputs: [length(worked.centre, main.at * inner.lengthCm), floor],
      }),
      third: off(text.figure.third, main.third, main.offThird),
      golden: off(text.figure.golden, main.golden, main.offGolden),
    }),
    ...(secondOverMain !== null && {
      second: explained({
        title: text.figure.second,
        formula: worked.second,
        worked: `${number(heightsCm[1] ?? 0)}/${number(heightsCm[0] ?? 1)} = ${number(secondOverMain)}`,
        source: worked.source,
        inputs: heightsCm.slice(0, 2).map((cm, index) => length(worked.heightOf(String(index + 1)), cm)),
      }),
    }),
    ...(sizeToBack !== null && {
      depth: explained({
        title: text.figure.depth,
        formula: worked.depth,
        worked: `r = ${number(sizeToBack)}`,
        source: worked.depthSource,
        inputs: placed.map(({ piece, heightCm, centre }) =>
          reckoned(
            piece.name === '' ? enMaterial[piece.material] : piece.name,
            `${units.show('length', heightCm, 2)} ${worked.depthOf(units.show('length', centre.yCm, 2))}`,
          ),
        ),
      }),
    }),
    ...(hidden !== null && {
      hidden: explained({
        title: text.figure.hidden,
        formula: worked.hidden,
        worked: `${number(hidden.hiddenCm)}/${number(hidden.wideCm)} = ${number(hidden.share)}`,
        source: worked.source,
        inputs: [length(worked.behind, hidden.hiddenCm), length(worked.wide, hidden.wideCm)],
      }),
    }),
    kind: explained({
      title: text.figure.kind,
      formula: worked.kind,
      worked: `${number(means.left)} · ${number(means.middle)} · ${number(means.right)} cm`,
      source: worked.kindSource,
      inputs: (['left', 'middle', 'right'] as const).map((part) => length(worked.means[part], means[part])),
    }),
  }
}
