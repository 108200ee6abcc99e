import { MATERIAL, randomOf, type HardscapeMaterial } from '@jovrin/core'
import type { Hatch } from '../ink.js'

export interface DrawnPiece {
  readonly d: string
  readonly hatch: Hatch
}

/** Outlines of one entry of hardscape in front view [px, y down, standing on y = 0], as large as its mass makes it: two or three pieces, the main one about three fifths. */
export function pieceOutlines(
  material: HardscapeMaterial,
  massKg: number,
  pxPerCm: number,
  seed: number,
): { readonly pieces: readonly (DrawnPiece & { readonly widthPx: number })[] } {
  const random = randomOf(seed, Math.round(massKg * 10))
  const isWood = material === 'wood' || material === 'staining-wood'
  const shares = massKg > 4 ? [0.6, 0.27, 0.13] : massKg > 1.5 ? [0.7, 0.3] : [1]
  return {
    pieces: shares.map((share) => {
      const volumeCm3 = ((massKg * share) / MATERIAL[material].densityKgPerL) * 1000
      const edgePx = Math.cbrt(volumeCm3) * pxPerCm
      return isWood ? { ...branch(edgePx, random), hatch: 'wood' } : { ...stone(edgePx, random), hatch: 'stone' }
    }),
  }
}

function stone(edge: number, random: () => number): { d: string; widthPx: number } {
  const width = edge * 1.35
  const height = edge * 1.05
  const corners = 7
  const points = Array.from({ length: corners }, (_, index) => {
    const angle = Math.PI * (1 - index / (corners - 1))
    const radius = 0.82 + 0.28 * random()
    return `${(((Math.cos(angle) * width) / 2) * radius).toFixed(1)} ${(-Math.sin(angle) * height * radius).toFixed(1)}`
  })
  return { d: `M${points.join('L')}Z`, widthPx: width }
}

function branch(edge: number, random: () => number): { d: string; widthPx: number } {
  const length = edge * 2.6
  const girth = edge * 0.42
  const lift = edge * (1.1 + 0.5 * random())
  const f = (value: number): string => value.toFixed(1)
  return {
    d:
      `M${f(-length / 2)} 0q${f(length * 0.2)} ${f(-lift * 0.3)} ${f(length * 0.48)} ${f(-lift * 0.55)}t${f(length * 0.45)} ${f(-lift * 0.75)}l${f(girth * 0.3)} ${f(girth * 0.4)}` +
      `q${f(-length * 0.22)} ${f(lift * 0.25)} ${f(-length * 0.3)} ${f(lift * 0.62)}l${f(length * 0.26)} ${f(-lift * 0.12)}l${f(girth * 0.1)} ${f(girth * 0.5)}` +
      `q${f(-length * 0.3)} ${f(lift * 0.1)} ${f(-length * 0.42)} ${f(lift * 0.5)}z`,
    widthPx: length,
  }
}
