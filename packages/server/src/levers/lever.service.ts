import type { Levers } from '@jovrin/core'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { leverRepository } from './lever.repository.js'

export const leverService = (db: Knex, clock: Clock) => ({
  ofTank: (tankId: string): Promise<Levers> => leverRepository(db).ofTank(tankId),
  keep: async (tankId: string, levers: Levers): Promise<Levers> => {
    await leverRepository(db).put(tankId, levers, clock().toISOString())
    return levers
  },
})
export type LeverService = ReturnType<typeof leverService>
