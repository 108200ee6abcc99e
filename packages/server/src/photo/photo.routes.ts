import { enRefusal, TankId } from '@jovrin/contract'
import { Router } from 'express'
import multer from 'multer'
import { Refusal } from '../http/refusal.js'
import type { PlanService } from '../plan/plan.service.js'
import type { TankService } from '../tank/tank.service.js'
import type { PhotoService } from './photo.service.js'

const MOST_BYTES = 40 * 1024 * 1024

export const photoRoutes = (photos: PhotoService, tanks: TankService, plans: PlanService): Router => {
  const upload = multer({ storage: multer.memoryStorage(), limits: { fileSize: MOST_BYTES, files: 1, fields: 0 } })
  return Router()
    .post('/tanks/:id/photos', upload.single('photo'), async (req, res) => {
      const tankId = await tanks.standing(TankId.safeParse(req.params['id']).data ?? null)
      if (req.file === undefined) throw new Refusal(400, 'not_accepted', enRefusal.notPicture)
      res.status(201).json(await photos.keep(req.file.buffer, (await plans.newest(tankId)).plan.timeZone))
    })
    .get('/photos/:sha256', (req, res) => {
      const path = photos.path(req.params.sha256, req.query['size'] === 'small' ? 'small' : 'full')
      // Named by what is in it: it never changes.
      res.set('Cache-Control', 'private, max-age=31536000, immutable').type('image/jpeg').sendFile(path, { dotfiles: 'allow' })
    })
}
