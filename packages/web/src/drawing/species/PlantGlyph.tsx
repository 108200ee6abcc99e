import type { PlantSpecies } from '@jovrin/core'
import { memo } from 'react'
import { INK } from '../ink.js'
import { plantShape, type PlantShape } from './plantShape.js'
import { shadeInk, shadesAt } from './shades.js'

/** The parts of a plant in its shades; lines keep their weight at any scale. */
export function PlantParts({
  shape,
  plant,
  light,
}: {
  readonly shape: PlantShape
  readonly plant: Pick<PlantSpecies, 'colour'>
  readonly light: number
}) {
  const { leaf, tip } = shadesAt(plant.colour, light)
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round">
      {shape.root !== '' && <path d={shape.root} stroke="var(--ink-2)" strokeWidth={INK.medium} vectorEffect="non-scaling-stroke" />}
      {shape.stalk !== '' && <path d={shape.stalk} stroke={shadeInk(leaf)} strokeWidth={INK.medium} vectorEffect="non-scaling-stroke" />}
      {shape.fine !== '' && <path d={shape.fine} stroke={shadeInk(tip)} strokeWidth={INK.medium} vectorEffect="non-scaling-stroke" />}
      {shape.blade !== '' && (
        <path
          d={shape.blade}
          fill={shadeInk(tip)}
          fillOpacity={0.55}
          stroke={shadeInk(leaf)}
          strokeWidth={INK.thin}
          vectorEffect="non-scaling-stroke"
        />
      )}
    </g>
  )
}

/** Of a tall stem its top: leaves must be seen. What spreads is shown as wide as the box. */
function glyphSize(plant: PlantSpecies, ratio: number): { readonly heightCm: number; readonly widthCm: number } {
  const { value: grown } = plant.matureHeightCm
  const isStem = plant.form === 'stem' || plant.form === 'free-stem'
  const heightCm = isStem ? Math.min(grown, plant.spreadCm.value * 1.5) : grown
  const widest = heightCm * ratio
  return {
    heightCm,
    widthCm: isStem || plant.kind === 'carpet' ? widest : Math.min(Math.max(plant.spreadCm.value, plant.leafLengthCm.value), widest),
  }
}

interface PlantGlyphProps {
  readonly plant: PlantSpecies
  readonly widthPx: number
  readonly heightPx: number
}

/** One plant as it grows in good light, as large as the box allows. Decoration: its name stands beside it. */
export const PlantGlyph = memo(function PlantGlyph({ plant, widthPx, heightPx }: PlantGlyphProps) {
  const isFloating = plant.form === 'floater'
  const { heightCm, widthCm } = glyphSize(plant, widthPx / heightPx)
  const tallCm = isFloating ? Math.max(heightCm, plant.leafLengthCm.value) * 2 : heightCm
  const perCm = Math.min((widthPx - 4) / Math.max(widthCm, 0.1), (heightPx - 4) / tallCm)
  const shape = plantShape(plant, { heightCm, widthCm, light: 1, seed: 5 })
  return (
    <svg
      width={widthPx}
      height={heightPx}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      aria-hidden
      focusable="false"
      style={{ display: 'block' }}
    >
      <g transform={`translate(${widthPx / 2} ${isFloating ? heightPx * 0.45 : heightPx - 2}) scale(${perCm})`}>
        <PlantParts shape={shape} plant={plant} light={1} />
      </g>
      {isFloating && <path d={`M0 ${heightPx * 0.45}H${widthPx}`} stroke="var(--clean)" strokeWidth={INK.thin} />}
    </svg>
  )
})
