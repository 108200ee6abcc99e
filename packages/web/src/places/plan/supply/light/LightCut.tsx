import { lightWords } from '@jovrin/contract'
import { lightInCut, type Plan, type Spot, type TankFigures } from '@jovrin/core'
import { useMemo } from 'react'
import { LightLines } from '../../../../drawing/light/LightLines.js'
import { SectionLamps } from '../../../../drawing/light/SectionLamps.js'
import type { SectionLayout } from '../../../../drawing/section/layout.js'
import { Section } from '../../../../drawing/section/Section.js'
import { useUnits } from '../../../../ui/units.js'
import { sectionLabels } from '../../sectionLabels.js'
import { useSettled } from '../../desk.js'

interface LightCutProps {
  readonly plan: Plan
  readonly figures: TankFigures
  readonly width: number
  readonly mostHeight: number
  /** Cut along the tank through this place, and across it. */
  readonly at: Spot
  readonly onRaise: (id: string, aboveWaterCm: number, isFinal: boolean) => void
  readonly onTilt: (id: string, tiltDeg: number) => void
}

/** Light in the upright cuts through the mark, on the section; the lamps are raised and tilted here. */
export function LightCut({ plan, figures, width, mostHeight, at: newest, onRaise, onTilt }: LightCutProps) {
  const units = useUnits()
  const at = useSettled(newest)
  return (
    <Section
      width={width}
      plan={plan}
      figures={figures}
      ageDays={0}
      hasPlants={false}
      hasHandles
      mostHeight={mostHeight}
      cutAtCm={at.xCm}
      labels={{
        ...sectionLabels(plan, figures, units, [
          [lightWords.meanLevel, units.show('ppfd', figures.ppfd, 2)],
          [lightWords.daily, units.show('dailyLight', figures.dliMolPerM2, 2)],
        ]),
        description: lightWords.cutDescription(plan.name),
      }}
      marks={(section) => (
        <>
          <CutLines layout={section} figures={figures} at={at} />
          <SectionLamps
            layout={section}
            lamps={figures.lamps}
            label={(lamp, place) => lightWords.raiseLabel(String(place + 1), units.show('length', lamp.aboveWaterCm))}
            onRaise={onRaise}
            onTilt={onTilt}
          />
        </>
      )}
    />
  )
}

function CutLines({ layout: { front, side, floorY, waterY }, figures, at }: { layout: SectionLayout; figures: TankFigures; at: Spot }) {
  const { lamps, inner, attenuationPerM } = figures
  const { along, across } = useMemo(
    () => ({
      along: lightInCut({ lamps, inner, attenuationPerM }, { across: false, atCm: at.yCm }),
      across: lightInCut({ lamps, inner, attenuationPerM }, { across: true, atCm: at.xCm }),
    }),
    [lamps, inner, attenuationPerM, at],
  )
  return (
    <g>
      <LightLines grid={along} left={front.innerLeft} right={front.innerRight} bottom={floorY} top={waterY} fontSize={11} />
      <LightLines grid={across} left={side.innerLeft} right={side.innerRight} bottom={floorY} top={waterY} fontSize={11} />
    </g>
  )
}
