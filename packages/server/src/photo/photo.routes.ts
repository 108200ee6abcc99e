import { refusalWords, PICTURE_MOST_BYTES, TankId } from '@jovrin/contract'
import { Router, type RequestHandler } from 'express'
import multer from 'multer'
import { Refusal } from '../http/refusal.js'
import type { PlanService } from '../plan/plan.service.js'
import type { TankService } from '../tank/tank.service.js'
import type { PhotoService } from './photo.service.js'

export const photoRoutes = (photos: PhotoService, tanks: TankService, plans: PlanService): Router => {
  return Router()
    .post('/tanks/:id/photos', onePicture, async (req, res) => {
      const tankId = await tanks.standing(TankId.safeParse(req.params['id']).data ?? null)
      if (req.file === undefined) throw new Refusal(400, 'not_accepted', refusalWords.notPicture)
      res.status(201).json(await photos.keep(req.file.buffer, (await plans.newest(tankId)).plan.timeZone))
    })
    .get('/photos/:sha256', (req, res) => {
      const path = photos.path(req.params.sha256, req.query['size'] === 'small' ? 'small' : 'full')
      // Named by what is in it: it never changes.
      res.set('Cache-Control', 'private, max-age=31536000, immutable').type('image/jpeg').sendFile(path, { dotfiles: 'allow' })
    })
}

const upload = multer({
  storage: multer.memoryStorage(),
  limits: { fileSize: PICTURE_MOST_BYTES, files: 1, fields: 0, headerPairs: 50 },
}).single('photo')

/** The picture of an upload. Whatever is wrong with how it is packed, the sender is told so. */
const onePicture: RequestHandler = (req, res, next) => {
  void upload(req, res, (error: unknown) => {
    if (error === undefined || error === null) return next()
    const isTooBig = (error as { code?: unknown }).code === 'LIMIT_FILE_SIZE'
    next(isTooBig ? new Refusal(413, 'too_large', refusalWords.tooBig) : new Refusal(400, 'not_accepted', refusalWords.notMultipart))
  })
}
