import { refusalWords, KitSchema } from '@jovrin/contract'
import { Router } from 'express'
import { Refusal } from '../http/refusal.js'
import type { KitService } from './kit.service.js'

export const kitRoutes = (kits: KitService): Router =>
  Router()
    .get('/kits', async (_req, res) => void res.json(await kits.all()))
    .put('/kits/:quantity', async (req, res) => {
      const kit = KitSchema.parse(req.body)
      if (kit.quantity !== req.params.quantity) throw new Refusal(409, 'other_record', refusalWords.otherKind)
      res.json(await kits.put(kit))
    })
