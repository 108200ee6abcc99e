import { groundHeightCm, type Plan, type TankFigures } from '@jovrin/core'
import { useId, useMemo, type ReactNode } from 'react'
import { Dimension } from '../Dimension.js'
import { Hatches } from '../Hatches.js'
import { svgPrefix } from '../ink.js'
import { TitleBlock, titleBlockHeight } from '../TitleBlock.js'
import { Film } from './Film.js'
import { atStage, FILLED, type Stage } from './stage.js'
import { FrontElevation } from './FrontElevation.js'
import { GroundSide } from './Ground.js'
import { highestLampCm, sectionLayout, type SectionLayout } from './layout.js'
import { Diffuser, Glass, LampBars, ScaleBar } from './marks.js'
import { PlacedSide } from './Pieces.js'
import { SidePlants } from './Plants.js'
import { SideBeds } from './SideBeds.js'

export interface SectionLabels {
  readonly description: string
  readonly front: string
  readonly side: string
  readonly length: string
  readonly width: string
  readonly height: string
  readonly groundFront: string
  readonly groundBack: string
  readonly ppfd: string
  readonly gas: string | null
  readonly scaleBar: string
  readonly titleRows: readonly (readonly [string, string])[]
}

interface SectionProps {
  readonly plan: Plan
  readonly figures: TankFigures
  readonly ageDays: number
  readonly labels: SectionLabels
  readonly width?: number
  readonly mostHeight?: number
  /** Where along the tank the side view is cut [cm]; the middle by default. */
  readonly cutAtCm?: number
  readonly chosenPieceId?: string | null
  readonly hasPlants?: boolean
  /** Water, plants, or both. */
  readonly stage?: Stage
  /** What a sheet adds of its own, over the drawing. */
  readonly marks?: (layout: SectionLayout) => ReactNode
  /** Among them are some that one takes hold of. */
  readonly hasHandles?: boolean
}

const TITLE_WIDTH = 176

/** The tank to scale, from the front and from the side: glass, water line, ground, hardscape, plants at an age, lamp and light, gas. */
export function Section({
  plan,
  figures,
  ageDays,
  labels,
  width = 820,
  mostHeight = 540,
  cutAtCm,
  chosenPieceId = null,
  hasPlants: showsPlants = true,
  stage = FILLED,
  marks,
  hasHandles = false,
}: SectionProps) {
  const prefix = svgPrefix(useId())
  const lampCm = highestLampCm(figures)
  const { lengthCm, widthCm, heightCm, glassCm, freeboardCm } = figures.vessel
  const hasPlants = showsPlants && stage.phase !== 'dark'
  const filled = useMemo(
    () => sectionLayout({ lengthCm, widthCm, heightCm, glassCm, freeboardCm }, width, mostHeight, lampCm),
    [lengthCm, widthCm, heightCm, glassCm, freeboardCm, width, mostHeight, lampCm],
  )
  const layout = atStage(filled, stage)
  const { front, side, floorY, rimY, pxPerCm, height } = layout
  const { inner, ground } = figures
  const atCm = Math.min(Math.max(cutAtCm ?? inner.lengthCm / 2, 0.1), inner.lengthCm - 0.1)
  const bottom = floorY + figures.vessel.glassCm * pxPerCm
  const frontCm = groundHeightCm(ground, atCm, 0.05)
  const backCm = groundHeightCm(ground, atCm, inner.widthCm - 0.05)
  const titleY = height - titleBlockHeight(labels.titleRows.length) - 3
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role={hasHandles ? 'group' : 'img'}
      aria-label={labels.description}
      data-px-per-cm={pxPerCm}
      style={{ display: 'block' }}
    >
      <Hatches prefix={prefix} />
      <FrontElevation
        figures={figures}
        layout={filled}
        ageDays={ageDays}
        prefix={prefix}
        chosenPieceId={chosenPieceId}
        hasPlants={showsPlants}
        stage={stage}
      />
      <rect
        x={side.innerLeft}
        y={layout.waterY}
        width={side.innerRight - side.innerLeft}
        height={floorY - layout.waterY}
        fill="var(--water-fill)"
        opacity="0.55"
      />
      <PlacedSide pieces={figures.pieces} layout={layout} prefix={prefix} atCm={atCm} />
      <GroundSide ground={ground} view={side} layout={layout} prefix={prefix} atCm={atCm} />
      {hasPlants && (
        <>
          <SideBeds layout={layout} figures={figures} weeks={ageDays / 7} atCm={atCm} />
          <SidePlants plan={plan} layout={layout} figures={figures} ageDays={ageDays} atCm={atCm} />
        </>
      )}
      {figures.gasLines.length > 0 && stage.phase === 'planted' && (
        <Diffuser layout={layout} groundCm={groundHeightCm(ground, inner.lengthCm - 1, inner.widthCm * 0.8)} label={labels.gas} />
      )}
      <Glass view={side} rimY={rimY} bottom={bottom} waterY={layout.waterY} glassPx={figures.vessel.glassCm * pxPerCm} />
      {stage.phase === 'dry' && <Film view={side} layout={layout} />}
      <LampBars view={side} layout={filled} lamps={figures.lamps} isSide />
      <text x={front.left} y={bottom + 16} fontSize="13" fill="var(--ink-2)">
        {labels.front}
      </text>
      <text x={side.left} y={bottom + 16} fontSize="13" fill="var(--ink-2)">
        {labels.side}
      </text>
      <Dimension x1={front.left} y1={bottom + 32} x2={front.right} y2={bottom + 32} label={labels.length} />
      <Dimension x1={side.left} y1={bottom + 32} x2={side.right} y2={bottom + 32} label={labels.width} />
      <Dimension x1={front.left - 24} y1={rimY} x2={front.left - 24} y2={bottom} label={labels.height} />
      {ground.groundL > 0 && (
        <g fontSize="12" fill="var(--ink)">
          <text x={side.left - 4} y={floorY - frontCm * pxPerCm - 3} textAnchor="end">
            {labels.groundFront}
          </text>
          <text x={side.right + 3} y={floorY - backCm * pxPerCm - 3}>
            {labels.groundBack}
          </text>
        </g>
      )}
      {marks?.(layout)}
      <ScaleBar x={front.left} y={height - 16} pxPerCm={pxPerCm} label={labels.scaleBar} />
      <TitleBlock x={width - TITLE_WIDTH - 3} y={titleY} width={TITLE_WIDTH} title={plan.name} rows={labels.titleRows} />
    </svg>
  )
}
