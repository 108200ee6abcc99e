import { hardscapeWords, materialWords } from '@jovrin/contract'
import { SIZE_STEP, type Composition, type PlacedPiece } from '@jovrin/core'
import type { Explained } from '../../../ui/Figure.js'
import { significant, type Units } from '../../../ui/units.js'

type Input = Explained['inputs'][number]
const reckoned = (name: string, value: string): Input => ({ name, value, from: 'reckoned' })

/** Whether the large pieces stand in front: no sum of a line, so its formula is told in words. */
export function explainDepth({ sizeToBack }: Composition, placed: readonly PlacedPiece[], units: Units): Explained | undefined {
  if (sizeToBack === null) return undefined
  const { figure, worked } = hardscapeWords
  return {
    title: figure.depth,
    formula: worked.depth(significant(SIZE_STEP)),
    worked: `r = ${significant(sizeToBack)}`,
    source: worked.depthSource,
    range: null,
    inputs: placed.map(({ piece, heightCm, centre }) =>
      reckoned(
        piece.name === '' ? materialWords[piece.material] : piece.name,
        `${units.show('length', heightCm, 2)} ${worked.depthOf(units.show('length', centre.yCm, 2))}`,
      ),
    ),
  }
}

/** What the outline reads as, from its mean heights. */
export function explainKind({ outlineMeansCm: means }: Composition, units: Units): Explained {
  const { figure, worked } = hardscapeWords
  const parts = ['left', 'middle', 'right'] as const
  return {
    title: figure.kind,
    formula: worked.kind,
    worked: parts.map((part) => units.show('length', means[part], 3)).join(' · '),
    source: worked.kindSource,
    range: null,
    inputs: parts.map((part) => reckoned(worked.means[part], units.show('length', means[part], 3))),
  }
}
