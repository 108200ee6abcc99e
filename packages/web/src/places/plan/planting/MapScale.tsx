import type { PlanLayout } from '../../../drawing/plan/planLayout.js'
import { ScaleBar, SCALE_BAR_CM } from '../../../drawing/section/marks.js'
import { useUnits } from '../../../ui/units.js'

/** A longer bar would run into what is lettered below the middle of a small floor [cm]. */
const SMALL_FLOOR_CM = 70

/** Below the map: who plants from a print measures with it. */
export function MapScale({ layout, floorCm }: { readonly layout: PlanLayout; readonly floorCm: number }) {
  const units = useUnits()
  const lengthCm = floorCm < SMALL_FLOOR_CM ? SCALE_BAR_CM / 4 : SCALE_BAR_CM
  return (
    <ScaleBar x={layout.left} y={layout.bottom + 32} pxPerCm={layout.pxPerCm} label={units.show('length', lengthCm)} lengthCm={lengthCm} />
  )
}
