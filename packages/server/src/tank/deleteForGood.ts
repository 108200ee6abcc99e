import { refusalWords } from '@jovrin/contract'
import type { Knex } from 'knex'
import { Refusal } from '../http/refusal.js'
import { journalRepository } from '../journal/journal.repository.js'
import type { PhotoService } from '../photo/photo.service.js'
import { tankRepository } from './tank.repository.js'
import { noSuchTank } from './tank.service.js'

/** Removes an archived tank with everything that is kept of it; pictures go where no other tank's records name them. What stands on the shelf is archived first. */
export const deleteForGood =
  (db: Knex, photos: PhotoService) =>
  async (id: string | null): Promise<void> => {
    const tanks = tankRepository(db)
    if (id !== null && (await tanks.one(id)) !== null) throw new Refusal(409, 'not_archived', refusalWords.notArchived)
    if (id === null || !(await tanks.isArchived(id))) throw noSuchTank()
    const pictures = await journalRepository(db).pictures(id)
    await db.transaction((trx) => tankRepository(trx).remove(id))
    await photos.forget(pictures)
  }
export type DeleteForGood = ReturnType<typeof deleteForGood>
