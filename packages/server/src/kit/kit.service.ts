import { unitsOf, USUAL_KITS, type Kit } from '@jovrin/core'
import { refusalWords } from '@jovrin/contract'
import type { Knex } from 'knex'
import { Refusal } from '../http/refusal.js'
import { kitRepository } from './kit.repository.js'

/** One kit a quantity: the user's own, else the usual one. */
export const kitService = (db: Knex) => ({
  all: async (): Promise<Kit[]> => {
    const own = await kitRepository(db).all()
    return [...own, ...USUAL_KITS.filter(({ quantity }) => !own.some((kit) => kit.quantity === quantity))]
  },
  put: async (kit: Kit): Promise<Kit> => {
    if (!unitsOf(kit.quantity).includes(kit.unit))
      throw new Refusal(422, 'out_of_range', refusalWords.kitUnit(unitsOf(kit.quantity).join(', ')))
    await kitRepository(db).put(kit)
    return kit
  },
})
export type KitService = ReturnType<typeof kitService>
