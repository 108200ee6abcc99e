import { lightWords } from '@jovrin/contract'
import {
  lightAt,
  lightLevelOf,
  lightOverFloor,
  type LightGrid,
  type LightPicture,
  type LightView,
  type Plan,
  type Spot,
  type TankFigures,
} from '@jovrin/core'
import { useId, useMemo, type PointerEvent } from 'react'
import { svgPrefix } from '../../../../drawing/ink.js'
import { LightLines } from '../../../../drawing/light/LightLines.js'
import { PlanLamps } from '../../../../drawing/light/PlanLamps.js'
import { Probe } from '../../../../drawing/light/Probe.js'
import { PlanBedLines } from '../../../../drawing/light/PlanBedLines.js'
import { planLayout, spotOf, type PlanLayout } from '../../../../drawing/plan/planLayout.js'
import { PlanPieces } from '../../../../drawing/plan/PlanPieces.js'
import { useUnits } from '../../../../ui/units.js'
import { LabelledFloor } from '../../LabelledFloor.js'
import { ReadingMarks } from './ReadingMarks.js'
import { COARSE_CELL_CM } from './useLightPicture.js'

interface LightMapProps {
  readonly plan: Plan
  readonly figures: TankFigures
  readonly view: LightView
  readonly picture: LightPicture | null
  readonly width: number
  readonly mostHeight: number
  readonly description: string
  readonly probe?: Spot
  readonly onProbe?: (to: Spot) => void
  readonly chosenLamp?: string | null
  readonly onLamp?: (id: string) => void
  readonly onMoveLamp?: (id: string, to: Spot, isFinal: boolean) => void
  readonly onRaiseLamp?: (id: string, aboveWaterCm: number) => void
}

/** The field at once, though coarse, then as fine as it is reckoned aside. */
export function useShownGrid(figures: TankFigures, view: LightView, picture: LightPicture | null): LightGrid {
  const { heightCm, stainPerM, filmKeeps } = view
  // Shade is reckoned aside only: a hand that drags a lamp does not wait for it.
  const coarse = useMemo(
    () => (picture === null ? lightOverFloor(figures, { heightCm, weeks: null, stainPerM, filmKeeps }, COARSE_CELL_CM) : null),
    [picture, figures, heightCm, stainPerM, filmKeeps],
  )
  return picture?.grid ?? coarse!
}

/** Light over the floor from above: levels, lines of equal light, lamps, patches, readings, and the value under the mark. */
export function LightMap(props: LightMapProps) {
  const { plan, figures, view, picture, width, mostHeight, description, probe, onProbe } = props
  const units = useUnits()
  const prefix = svgPrefix(useId())
  const layout = planLayout(figures.inner, width, mostHeight)
  const grid = useShownGrid(figures, view, picture)
  const follow = (event: PointerEvent<SVGSVGElement>): void => {
    if (event.buttons !== 0 || onProbe === undefined) return
    onProbe(spotOf(layout, event.currentTarget, event))
  }
  return (
    <svg
      viewBox={`0 0 ${layout.widthPx} ${layout.heightPx}`}
      width="100%"
      role="group"
      aria-label={description}
      data-px-per-cm={layout.pxPerCm}
      data-testid="light-map"
      data-is-fine={picture !== null}
      style={{ display: 'block', overflow: 'visible' }}
      onPointerMove={follow}
      onPointerDown={(event) => onProbe?.(spotOf(layout, event.currentTarget, event))}
    >
      <LabelledFloor layout={layout} figures={figures} prefix={prefix} />
      <rect
        x={layout.left}
        y={layout.top}
        width={layout.right - layout.left}
        height={layout.bottom - layout.top}
        fill="var(--sheet)"
        fillOpacity="0.6"
      />
      <PlanPieces layout={layout} pieces={plan.hardscape} prefix={prefix} isFaint />
      <LightLines grid={grid} left={layout.left} right={layout.right} bottom={layout.bottom} top={layout.top} />
      <PlanBedLines layout={layout} beds={figures.beds} />
      <PlanLamps
        layout={layout}
        lamps={figures.lamps}
        chosenId={props.chosenLamp ?? null}
        label={(lamp, place) => lightWords.lampLabel(String(place + 1), units.show('length', lamp.aboveWaterCm))}
        {...(props.onMoveLamp === undefined ? {} : { onMove: props.onMoveLamp })}
        {...(props.onRaiseLamp === undefined ? {} : { onRaise: props.onRaiseLamp })}
        {...(props.onLamp === undefined ? {} : { onChoose: props.onLamp })}
      />
      <ReadingMarks layout={layout} readings={plan.light.readings} />
      {probe !== undefined && onProbe !== undefined && <ProbeOnMap layout={layout} grid={grid} at={probe} onMove={onProbe} />}
    </svg>
  )
}

function ProbeOnMap({ layout, grid, at, onMove }: { layout: PlanLayout; grid: LightGrid; at: Spot; onMove: (to: Spot) => void }) {
  const units = useUnits()
  const ppfd = lightAt(grid, at.xCm, at.yCm)
  const told = `${units.show('ppfd', ppfd, 2)} · ${lightWords.levels[lightLevelOf(ppfd)]}`
  return <Probe layout={layout} at={at} label={lightWords.probe} told={told} onMove={onMove} />
}
