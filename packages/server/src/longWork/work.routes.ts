import { WorkId } from '@jovrin/contract'
import { Router, type Request } from 'express'
import type { Works } from './works.js'

/** How far a long piece of work is, and the way to call it off. */
export const workRoutes = (works: Works): Router => {
  const nameOf = (req: Request): string => WorkId.safeParse(req.params['id']).data ?? ''
  return Router()
    .get('/works/:id', (req, res) => void res.json(works.progress(nameOf(req))))
    .delete('/works/:id', (req, res) => {
      works.callOff(nameOf(req))
      res.status(204).end()
    })
}
