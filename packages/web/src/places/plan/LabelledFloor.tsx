import { planWords } from '@jovrin/contract'
import type { TankFigures } from '@jovrin/core'
import { Hatches } from '../../drawing/Hatches.js'
import { PlanFloor } from '../../drawing/plan/PlanFloor.js'
import type { PlanLayout } from '../../drawing/plan/planLayout.js'
import { useUnits } from '../../ui/units.js'

interface LabelledFloorProps {
  readonly layout: PlanLayout
  readonly figures: Pick<TankFigures, 'inner' | 'ground'>
  readonly prefix: string
}

/** What every floor seen from above stands on: its ground, glass, front pane and two dimensions in the reader's units. */
export function LabelledFloor({ layout, figures: { inner, ground }, prefix }: LabelledFloorProps) {
  const units = useUnits()
  return (
    <>
      <Hatches prefix={prefix} />
      <PlanFloor
        layout={layout}
        ground={ground}
        prefix={prefix}
        lengthLabel={units.show('length', inner.lengthCm)}
        widthLabel={units.show('length', inner.widthCm)}
        frontLabel={planWords.frontPane}
      />
    </>
  )
}
