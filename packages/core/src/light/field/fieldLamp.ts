/** A lamp as the field sees it: a flat rectangle that shines evenly, nothing backwards. Lengths in cm, origin front left, x right, y back. */
export interface FieldLamp {
  readonly xCm: number
  readonly yCm: number
  /** Along the tank, and across it before tilting. */
  readonly lengthCm: number
  readonly widthCm: number
  readonly aboveWaterCm: number
  /** All that leaves it. */
  readonly fluxUmolPerS: number
  /** Intensity goes by the cosine to this power: 1 shines evenly to all sides (Lambert 1760), 3 has a lens. */
  readonly beamExponent: number
  /** About its long axis; above 0 the beam leans to the back. */
  readonly tiltDeg: number
}

/** Water under glass, or the air of an empty tank, down to the plane that is lit. */
export interface WaterBox {
  readonly lengthCm: number
  readonly widthCm: number
  /** From the surface down to the plane. */
  readonly depthCm: number
  readonly attenuationPerM: number
  /** Kept at each bounce on top of what the glass itself sends back, 0–1: dirt, algae, silicone. */
  readonly paneKeeps: number
  readonly isEmpty?: boolean
  /** Let through by what lies on the surface, 0–1: floating plants, film. */
  readonly surfaceKeeps: number
}

/** A row of equal elements of a lamp, parallel to its long axis. */
export interface ElementRow {
  readonly yCm: number
  readonly aboveCm: number
  readonly xsCm: readonly number[]
  /** Size of each element, along the lamp and across it. */
  readonly longCm: number
  readonly deepCm: number
}

/** A lamp that lies on the water still has a gap. */
const LEAST_ABOVE_CM = 0.5

/** A lamp cut into elements no longer than `pitchCm`. */
export function elementsOf({ xCm, yCm, lengthCm, widthCm, aboveWaterCm, tiltDeg }: FieldLamp, pitchCm: number): readonly ElementRow[] {
  const tilt = (tiltDeg * Math.PI) / 180
  const [along, across] = [Math.max(1, Math.ceil(lengthCm / pitchCm)), Math.max(1, Math.ceil(widthCm / pitchCm))]
  const xsCm = Array.from({ length: along }, (_, place) => xCm + ((place + 0.5) / along - 0.5) * lengthCm)
  return Array.from({ length: across }, (_, place): ElementRow => {
    const offCm = ((place + 0.5) / across - 0.5) * widthCm
    return {
      yCm: yCm + offCm * Math.cos(tilt),
      aboveCm: Math.max(LEAST_ABOVE_CM, aboveWaterCm + offCm * Math.sin(tilt)),
      xsCm,
      longCm: lengthCm / along,
      deepCm: (widthCm / across) * Math.cos(tilt),
    }
  })
}
