import { LightFieldRequest, type LightFieldResponse } from '@jovrin/contract'
import { budgetOf, cellsOf } from '@jovrin/core'
import { Router } from 'express'

/** Light on the ground of any open tank, without one being kept. */
export const lightFieldRoutes = (): Router =>
  Router().post('/light-fields', (req, res) => {
    const { vessel, water, walls, lamps: asked, gridCm } = LightFieldRequest.parse(req.body)
    const lamps = asked.map(({ heightAboveWaterCm, ...lamp }) => ({ ...lamp, aboveWaterCm: heightAboveWaterCm }))
    const box = {
      lengthCm: vessel.lengthCm,
      widthCm: vessel.widthCm,
      depthCm: vessel.waterDepthCm,
      attenuationPerM: water.kPerM,
      paneKeeps: walls.perBounce,
      surfaceKeeps: 1,
    }
    const field = cellsOf(lamps, box, gridCm)
    const { missed, surfaceReflection, wallTransmitted, wallAbsorbed, water: inWater, floor } = budgetOf(lamps, box)
    const answer: LightFieldResponse = {
      gridCm,
      ppfd: field.ppfd.map((row) => [...row]),
      mean: field.mean,
      minOverMean: field.minOverMean,
      budget: { missedOpening: missed, surfaceReflection, wallTransmitted, wallAbsorbed, waterAbsorption: inWater, floor },
    }
    res.json(answer)
  })
