import { describeWords } from '@jovrin/contract'
import { groundHeightCm, type Plan, type TankFigures } from '@jovrin/core'
import type { SectionLabels } from '../../drawing/section/Section.js'
import { significant, type Units } from '../../ui/units.js'

/** Lettering of the section in the reader's units. */
export function sectionLabels(
  plan: Plan,
  figures: TankFigures,
  units: Units,
  rows: SectionLabels['titleRows'],
  cutAtCm = figures.inner.lengthCm / 2,
): SectionLabels {
  const length = (cm: number): string => units.show('length', cm)
  const { vessel, ground, inner } = figures
  const text = describeWords.drawing
  return {
    description: text.description(plan.name),
    front: text.front,
    side: text.side,
    length: length(vessel.lengthCm),
    width: length(vessel.widthCm),
    height: length(vessel.heightCm),
    groundFront: length(groundHeightCm(ground, cutAtCm, 0.05)),
    groundBack: length(groundHeightCm(ground, cutAtCm, inner.widthCm - 0.05)),
    ppfd: `${significant(figures.ppfd)} µmol`,
    gas: plan.gasLines.some(({ control }) => control !== 'none') ? text.gas(significant(figures.bubblesPerS, 2)) : null,
    scaleBar: length(20),
    titleRows: rows,
  }
}
