import { leversOf, LeversSchema, TankId } from '@jovrin/contract'
import { Router, type Request } from 'express'
import type { TankService } from '../tank/tank.service.js'
import type { LeverService } from './lever.service.js'

export const leverRoutes = (levers: LeverService, tanks: TankService): Router => {
  const tankId = async (req: Request): Promise<string> => tanks.standing(TankId.safeParse(req.params['id']).data ?? null)
  return Router()
    .get('/tanks/:id/levers', async (req, res) => void res.json(await levers.ofTank(await tankId(req))))
    .put(
      '/tanks/:id/levers',
      async (req, res) => void res.json(await levers.keep(await tankId(req), leversOf(LeversSchema.parse(req.body)))),
    )
}
