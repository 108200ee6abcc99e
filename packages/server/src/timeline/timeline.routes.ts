import { TankId } from '@jovrin/contract'
import { Router } from 'express'
import type { TankService } from '../tank/tank.service.js'
import type { TimelineService } from './timeline.service.js'

export const timelineRoutes = (timelines: TimelineService, tanks: TankService): Router =>
  Router().get(
    '/tanks/:id/timeline',
    async (req, res) => void res.json(await timelines.ofTank(await tanks.standing(TankId.safeParse(req.params['id']).data ?? null))),
  )
