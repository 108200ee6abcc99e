import { randomBytes } from 'node:crypto'
import { uuidV7 } from '@jovrin/core'
import { openDatabase } from '../db/connection.js'
import { journalService } from '../journal/journal.service.js'
import { planService } from '../plan/plan.service.js'
import { tankService } from '../tank/tank.service.js'
import { plainPlan } from './plainPlan.js'

/** A process to be killed: logs records through the services and tells the id of each one that it acknowledges. */
const [folder = '', tankId = ''] = process.argv.slice(2)
const clock = (): Date => new Date()
const db = await openDatabase(folder)
await tankService(db, clock).add({ id: tankId, plan: plainPlan() })
const journal = journalService(db, clock, () => Promise.resolve(false))
const plans = planService(db, clock)
const newId = (): string => uuidV7(Date.now(), randomBytes(16))
const say = (line: string): void => void process.stdout.write(`${line}\n`)

const log = async (): Promise<never> => {
  for (;;) {
    const id = newId()
    await journal.add(tankId, {
      kind: 'reading',
      id,
      at: '2026-11-24T08:00:00.000Z',
      recordedBy: null,
      note: null,
      quantity: 'pH',
      value: 6.6,
      qualifier: '=',
      enteredText: '6.6',
      enteredUnit: '',
      basis: null,
      method: null,
      moment: null,
      eventId: null,
    })
    say(id)
  }
}
const change = async (): Promise<never> => {
  for (;;) {
    const { revision, plan } = await plans.newest(tankId)
    await plans.put(tankId, revision, { ...plan, temperatureC: 20 + (revision % 10) }, '2026-10-01')
    say(`revision ${revision + 1}`)
  }
}
say('ready')
await Promise.all([log(), log(), change()])
