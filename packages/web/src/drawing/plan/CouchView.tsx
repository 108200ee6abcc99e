import { centreOf, groundHeightCm, type Eye, type TankFigures } from '@jovrin/core'
import { useId } from 'react'
import { Hatches } from '../Hatches.js'
import { hatchFill, INK, svgPrefix } from '../ink.js'
import { drawnBeds } from '../section/bedRow.js'
import { BedRows } from '../section/BedRows.js'
import { FAINT } from '../section/FrontBeds.js'
import { SpotPlants } from '../section/FrontSpots.js'
import { pieceHatch } from '../section/Pieces.js'

interface CouchViewProps {
  readonly figures: TankFigures
  readonly eye: Eye
  readonly width: number
  readonly pxPerCm: number
  readonly left: number
  readonly height: number
  readonly description: string
  /** Left out: without plants. */
  readonly weeks?: number
  readonly chosenBedId?: string | null
  readonly isCut?: boolean
}

const STRIPES = 9
const STEPS = 12

/** The tank as an eye in front of it sees it: straight lines to the eye cut the front pane (one-point perspective, Alberti 1435). Refraction, which brings everything a quarter nearer, is left out. */
export function CouchView({
  figures,
  eye,
  width,
  pxPerCm,
  left,
  height,
  description,
  weeks,
  chosenBedId = null,
  isCut = false,
}: CouchViewProps) {
  const prefix = svgPrefix(useId())
  const { inner, ground, vessel, pieces } = figures
  const floorY = height - vessel.glassCm * pxPerCm - 4
  const eyeX = eye.share * inner.lengthCm
  const shrinkOf = (yCm: number): number => eye.awayCm / (eye.awayCm + yCm)
  const at = (xCm: number, yCm: number, zCm: number): readonly [number, number] => {
    const shrink = shrinkOf(yCm)
    return [left + (eyeX + (xCm - eyeX) * shrink) * pxPerCm, floorY - (eye.highCm + (zCm - eye.highCm) * shrink) * pxPerCm]
  }
  const path = (points: readonly (readonly [number, number])[], isClosed: boolean): string =>
    `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}${isClosed ? 'Z' : ''}`
  const pane = (yCm: number): string =>
    path([at(0, yCm, inner.heightCm), at(0, yCm, 0), at(inner.lengthCm, yCm, 0), at(inner.lengthCm, yCm, inner.heightCm)], false)
  const stripe = (yCm: number) =>
    Array.from({ length: STEPS + 1 }, (_, step) => {
      const xCm = Math.min(Math.max((inner.lengthCm * step) / STEPS, 0.05), inner.lengthCm - 0.05)
      return at(xCm, yCm, groundHeightCm(ground, xCm, Math.min(Math.max(yCm, 0.05), inner.widthCm - 0.05)))
    })
  const depths = Array.from({ length: STRIPES }, (_, index) => (inner.widthCm * (STRIPES - 1 - index)) / (STRIPES - 1))
  /** Upright at a depth, one centimetre a unit. */
  const placeAt =
    (yCm: number) =>
    (xCm: number, zCm: number): string =>
      `translate(${at(xCm, yCm, zCm).join(' ')}) scale(${pxPerCm * shrinkOf(yCm)})`
  const beds = weeks === undefined ? [] : drawnBeds(figures)
  const bedOf = (bed: (typeof beds)[number], depthCm: number) => (
    <g key={bed.bed.id} opacity={chosenBedId === null || chosenBedId === bed.bed.id ? 1 : FAINT}>
      <BedRows
        bed={bed}
        figures={figures}
        weeks={weeks ?? 0}
        isCut={isCut}
        isChosen={bed.bed.id === chosenBedId}
        along="length"
        place={placeAt(depthCm)}
      />
    </g>
  )
  const standing = [
    ...pieces.flatMap(({ placed }) => (placed === null ? [] : [{ bed: undefined, piece: placed, yCm: placed.centre.yCm }])),
    ...beds.flatMap((bed) => (bed.isFloating ? [] : [{ bed, piece: undefined, yCm: centreOf(bed.ring).yCm }])),
  ].sort((a, b) => b.yCm - a.yCm)
  return (
    <svg viewBox={`0 0 ${width} ${height}`} width="100%" role="img" aria-label={description} style={{ display: 'block' }}>
      <Hatches prefix={prefix} />
      <path d={pane(inner.widthCm)} fill="var(--water-fill)" fillOpacity="0.4" stroke="var(--ink-2)" strokeWidth={INK.thin} />
      {[0, inner.lengthCm].map((xCm) => (
        <path
          key={xCm}
          d={[0, inner.heightCm].map((zCm) => path([at(xCm, 0, zCm), at(xCm, inner.widthCm, zCm)], false)).join('')}
          stroke="var(--ink-2)"
          strokeWidth={INK.thin}
          fill="none"
        />
      ))}
      {depths.map((yCm) => {
        const line = stripe(yCm)
        return (
          <g key={yCm}>
            <path d={path([...line, at(inner.lengthCm, yCm, 0), at(0, yCm, 0)], true)} fill="var(--sheet)" />
            <path d={path([...line, at(inner.lengthCm, yCm, 0), at(0, yCm, 0)], true)} fill={hatchFill(prefix, 'sand')} opacity="0.5" />
            <path d={path(line, false)} fill="none" stroke="var(--ink-2)" strokeWidth={INK.thin} />
            {standing
              .filter((one) => one.yCm <= yCm && one.yCm > yCm - inner.widthCm / (STRIPES - 1))
              .map(({ bed, piece, yCm: depthCm }) => {
                if (bed !== undefined) return bedOf(bed, depthCm)
                const d = path(
                  piece.silhouette.map(({ xCm, zCm }) => at(xCm, depthCm, zCm)),
                  true,
                )
                return (
                  <g key={piece.piece.id}>
                    <path d={d} fill="var(--sheet)" />
                    <path
                      d={d}
                      fill={hatchFill(prefix, pieceHatch(piece.piece.material))}
                      stroke="var(--ink)"
                      strokeWidth={INK.medium}
                      strokeLinejoin="round"
                    />
                    {weeks !== undefined &&
                      figures.spots
                        .filter(({ spot }) => spot.piece === piece.piece.id)
                        .map((laid) => (
                          <SpotPlants key={laid.spot.id} laid={laid} figures={figures} weeks={weeks} place={placeAt(depthCm)} />
                        ))}
                  </g>
                )
              })}
          </g>
        )
      })}
      {beds.filter(({ isFloating }) => isFloating).map((bed) => bedOf(bed, centreOf(bed.ring).yCm))}
      <path d={pane(0)} fill="none" stroke="var(--ink)" strokeWidth={INK.heavy} />
      <path
        d={path([at(0, 0, inner.waterDepthCm), at(inner.lengthCm, 0, inner.waterDepthCm)], false)}
        stroke="var(--clean)"
        strokeWidth={INK.medium}
      />
    </svg>
  )
}
