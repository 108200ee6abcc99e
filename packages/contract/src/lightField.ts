import { z } from 'zod'

const Cm = (min: number, max: number) => z.number().min(min).max(max)
/** A case of light on the level ground of an open tank: inner sizes, lamps as flat rectangles over the water. */
export const LightFieldRequest = z.strictObject({
  vessel: z.strictObject({
    lengthCm: Cm(5, 400),
    widthCm: Cm(5, 200),
    heightCm: Cm(1, 200).optional(),
    waterDepthCm: Cm(1, 200),
  }),
  water: z.strictObject({ kPerM: z.number().min(0).max(20).meta({ description: '1/m, natural logarithm' }) }),
  walls: z.strictObject({
    perBounce: z.number().min(0).max(1).meta({ description: 'kept at each bounce, on top of what clean glass sends back' }),
  }),
  lamps: z
    .array(
      z.strictObject({
        xCm: Cm(-400, 800).meta({ description: 'middle of the lamp, from the left pane' }),
        yCm: Cm(-200, 400).meta({ description: 'middle of the lamp, from the front pane' }),
        lengthCm: Cm(0.1, 400),
        widthCm: Cm(0.1, 200),
        heightAboveWaterCm: Cm(0, 300),
        fluxUmolPerS: z.number().min(0).max(100_000),
        beamExponent: z.number().min(0).max(100),
        tiltDeg: z.number().min(-80).max(80).meta({ description: 'above 0 the beam leans to the back' }),
      }),
    )
    .max(8),
  gridCm: Cm(0.5, 50),
})
export type LightFieldRequest = z.output<typeof LightFieldRequest>

const Share = z.number().min(0).max(1)
export const LightFieldResponse = z.object({
  gridCm: z.number(),
  ppfd: z.array(z.array(z.number())).meta({ description: 'µmol/(m² s), mean of each cell; row 0 in front' }),
  mean: z.number(),
  minOverMean: z.number(),
  budget: z
    .object({
      missedOpening: Share,
      surfaceReflection: Share,
      wallTransmitted: Share,
      wallAbsorbed: Share,
      waterAbsorption: Share,
      floor: Share,
    })
    .meta({ description: 'where the photons end, as shares that add up to 1' }),
})
export type LightFieldResponse = z.output<typeof LightFieldResponse>
