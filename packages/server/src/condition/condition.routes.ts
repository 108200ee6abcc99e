import { TankId } from '@jovrin/contract'
import { Router } from 'express'
import type { TankService } from '../tank/tank.service.js'
import type { ConditionService } from './condition.service.js'

export const conditionRoutes = (conditions: ConditionService, tanks: TankService): Router =>
  Router().get(
    '/tanks/:id/condition',
    async (req, res) => void res.json(await conditions.ofTank(await tanks.standing(TankId.safeParse(req.params['id']).data ?? null))),
  )
