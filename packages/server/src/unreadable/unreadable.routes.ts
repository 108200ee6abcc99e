import type { Unreadable } from '@jovrin/contract'
import { Router } from 'express'
import type { Works } from '../longWork/works.js'
import type { Workers } from '../longWork/workers.js'

const FINDER = new URL('./findUnreadable.process.ts', import.meta.url)

/** What is stored and cannot be read, for whoever looks after the data. */
export const unreadableRoutes = (dataFolder: string, { processes }: Workers, works: Works): Router =>
  Router().get('/unreadable', async (_req, res) => {
    res.json(await works.within(undefined, res, (work) => processes.run<Unreadable[]>(FINDER, { folder: dataFolder }, work)))
  })
