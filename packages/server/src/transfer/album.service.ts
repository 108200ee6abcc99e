import type { TankImportReport } from '@jovrin/contract'
import type { PhotoService } from '../photo/photo.service.js'
import type { Work } from '../longWork/works.js'
import { calledOff } from '../longWork/calledOff.js'
import { readAlbum } from './albumFile.js'
import type { GivenTankFile, TankFileService } from './tankFile.service.js'

/** Takes a tank's file together with its pictures. The pictures stand before the records that name them; when the tank is not taken, they go again. */
export const albumService = (tankFiles: TankFileService, photos: PhotoService) => ({
  take: async (path: string, { as, isDry }: Omit<GivenTankFile, 'bytes' | 'brought'>, work: Work): Promise<TankImportReport> => {
    const brought: string[] = []
    const adopted: string[] = []
    try {
      const bytes = await readAlbum(path, async (sha256, picture) => {
        if (work.signal.aborted) throw calledOff()
        const found = await photos.adopt(sha256, picture, isDry)
        if (found !== 'refused') brought.push(sha256)
        // Whatever was here before stays, also a picture that its record has still to name.
        if (found === 'new' && !isDry) adopted.push(sha256)
      })
      return await tankFiles.take({ bytes, as, isDry, brought }, work)
    } catch (error) {
      await photos.forget(adopted)
      throw error
    }
  },
})
export type AlbumService = ReturnType<typeof albumService>
