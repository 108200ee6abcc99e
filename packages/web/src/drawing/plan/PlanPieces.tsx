import { lineOf, type Plan } from '@jovrin/core'
import { memo } from 'react'
import { hatchFill, INK } from '../ink.js'
import { pieceHatch } from '../section/Pieces.js'
import { pathOf, type PlanLayout } from './planLayout.js'

/** Outlines of placed pieces from above, in the order of the list: later ones lie over earlier ones. */
export const PlanPieces = memo(function PlanPieces({
  layout,
  pieces,
  prefix,
  isFaint = false,
}: {
  layout: PlanLayout
  pieces: Plan['hardscape']
  prefix: string
  isFaint?: boolean
}) {
  return (
    <g opacity={isFaint ? 0.45 : 1}>
      {pieces.map((piece) => piece.outline !== null && <PieceShape key={piece.id} layout={layout} piece={piece} prefix={prefix} />)}
    </g>
  )
})

const PieceShape = memo(function PieceShape({
  layout,
  piece,
  prefix,
}: {
  layout: PlanLayout
  piece: Plan['hardscape'][number]
  prefix: string
}) {
  const d = pathOf(layout, lineOf(piece.outline ?? []))
  return (
    <g>
      <path d={d} fill="var(--sheet)" />
      <path
        d={d}
        fill={hatchFill(prefix, pieceHatch(piece.material))}
        stroke="var(--ink)"
        strokeWidth={INK.medium}
        strokeLinejoin="round"
      />
    </g>
  )
})
