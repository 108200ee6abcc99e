import { type Unreadable, UnreadableQuery } from '@jovrin/contract'
import { Router } from 'express'
import type { Works } from '../longWork/works.js'
import type { TankService } from '../tank/tank.service.js'
import type { Workers } from '../longWork/workers.js'

const FINDER = new URL('./findUnreadable.process.ts', import.meta.url)

/** What is stored and cannot be read: tanks at once, everything else when it is asked for. */
export const unreadableRoutes = (dataFolder: string, tanks: TankService, { processes }: Workers, works: Works): Router =>
  Router().get('/unreadable', async (req, res) => {
    if (UnreadableQuery.parse(req.query).all === 'false') return void res.json(await tanks.unreadable())
    res.json(await works.within(undefined, res, (work) => processes.run<Unreadable[]>(FINDER, { folder: dataFolder }, work)))
  })
