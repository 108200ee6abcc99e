import { plainProfile, type HardscapeMaterial, type PlacedPiece, type TankFigures, type WeighedPiece } from '@jovrin/core'
import { memo } from 'react'
import { hatchFill, INK, type Hatch } from '../ink.js'
import { pieceOutlines } from './hardscape.js'
import type { SectionLayout } from './layout.js'

export const pieceHatch = (material: HardscapeMaterial): Hatch => (material === 'wood' || material === 'staining-wood' ? 'wood' : 'stone')

interface PiecesProps {
  readonly pieces: readonly WeighedPiece[]
  readonly layout: SectionLayout
  readonly prefix: string
}

/** Placed pieces from the front, those behind first. */
export const PlacedFront = memo(function PlacedFront({
  pieces,
  layout,
  prefix,
  chosenId = null,
}: PiecesProps & { readonly chosenId?: string | null }) {
  const { front, floorY, pxPerCm } = layout
  const placed = pieces.flatMap((entry) => (entry.placed === null ? [] : [entry.placed])).sort((a, b) => b.centre.yCm - a.centre.yCm)
  return (
    <g>
      {placed.map((piece) => (
        <FrontSolid
          key={piece.piece.id}
          placed={piece}
          left={front.innerLeft}
          floorY={floorY}
          pxPerCm={pxPerCm}
          prefix={prefix}
          isChosen={piece.piece.id === chosenId}
        />
      ))}
    </g>
  )
})

interface FrontSolidProps {
  readonly placed: PlacedPiece
  readonly left: number
  readonly floorY: number
  readonly pxPerCm: number
  readonly prefix: string
  readonly isChosen: boolean
}
/** A piece's silhouette as a path on the sheet. */
export const frontPath = ({ silhouette }: PlacedPiece, left: number, floorY: number, pxPerCm: number): string =>
  `M${silhouette.map(({ xCm, zCm }) => `${(left + xCm * pxPerCm).toFixed(1)} ${(floorY - zCm * pxPerCm).toFixed(1)}`).join('L')}Z`

const FrontSolid = memo(function FrontSolid({ placed, left, floorY, pxPerCm, prefix, isChosen }: FrontSolidProps) {
  return <Solid d={frontPath(placed, left, floorY, pxPerCm)} material={placed.piece.material} prefix={prefix} isChosen={isChosen} />
})

/** Placed pieces from the left, those farther from the cut first. */
export const PlacedSide = memo(function PlacedSide({ pieces, layout, prefix, atCm }: PiecesProps & { readonly atCm: number }) {
  const { side, floorY, pxPerCm } = layout
  const away = ({ bounds }: PlacedPiece): number =>
    atCm < bounds.left ? bounds.left - atCm : atCm > bounds.right ? atCm - bounds.right : 0
  const placed = pieces.flatMap((entry) => (entry.placed === null ? [] : [entry.placed])).sort((a, b) => away(b) - away(a))
  return (
    <g>
      {placed.map((piece) => {
        const shape = plainProfile(piece.piece.material, { left: piece.bounds.front, right: piece.bounds.back }, piece.heightCm)
        const d = `M${shape.map(({ xCm, zCm }) => `${(side.innerLeft + xCm * pxPerCm).toFixed(1)} ${(floorY - (piece.footCm + zCm) * pxPerCm).toFixed(1)}`).join('L')}Z`
        return <Solid key={piece.piece.id} d={d} material={piece.piece.material} prefix={prefix} isChosen={false} />
      })}
    </g>
  )
})

function Solid({ d, material, prefix, isChosen }: { d: string; material: HardscapeMaterial; prefix: string; isChosen: boolean }) {
  return (
    <g>
      <path d={d} fill="var(--sheet)" />
      <path
        d={d}
        fill={hatchFill(prefix, pieceHatch(material))}
        stroke="var(--ink)"
        strokeWidth={isChosen ? INK.heavy : INK.medium}
        strokeLinejoin="round"
      />
    </g>
  )
}

/** Main pieces near the thirds, the smaller ones beside them. */
const PLACES = [0.36, 0.63, 0.5, 0.2, 0.8, 0.45, 0.7] as const

/** Pieces of which only material and mass are known, as large as their mass makes them. */
export function UnplacedPieces({ figures, layout, y, prefix }: { figures: TankFigures; layout: SectionLayout; y: number; prefix: string }) {
  const { front, pxPerCm } = layout
  const width = front.innerRight - front.innerLeft
  let next = 0
  return (
    <g>
      {figures.pieces.flatMap(({ piece, massKg, placed }, index) =>
        placed !== null
          ? []
          : pieceOutlines(piece.material, massKg, pxPerCm, index + 3).pieces.map((drawn, at) => {
              const place = PLACES[next++ % PLACES.length] ?? 0.5
              const x = Math.min(Math.max(place * width, drawn.widthPx / 2 + 2), width - drawn.widthPx / 2 - 2)
              return (
                <g key={`${piece.id}-${at}`} transform={`translate(${front.innerLeft + x} ${y + 3})`}>
                  <path d={drawn.d} fill="var(--sheet)" />
                  <path
                    d={drawn.d}
                    fill={hatchFill(prefix, drawn.hatch)}
                    stroke="var(--ink)"
                    strokeWidth={INK.medium}
                    strokeLinejoin="round"
                  />
                </g>
              )
            }),
      )}
    </g>
  )
}
