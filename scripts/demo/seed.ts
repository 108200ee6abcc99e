import { existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { civilDate } from '@jovrin/core'
import { en } from '@jovrin/contract'
import { clockFrom } from '../../packages/server/src/clock.js'
import { openDatabase } from '../../packages/server/src/db/connection.js'
import { tankService } from '../../packages/server/src/tank/tank.service.js'
import { DEMO_TANKS, startOf } from './tanks.js'

/** A folder with this file belongs to the demo and is emptied at each start; no other folder is ever touched. */
const MARK = 'jovrin-demo-folder'

function freshFolder(folder: string): void {
  if (existsSync(folder) && readdirSync(folder).length > 0) {
    if (!existsSync(join(folder, MARK))) throw new Error(en.start.notDemoFolder(folder))
    rmSync(folder, { recursive: true })
  }
  mkdirSync(folder, { recursive: true })
  writeFileSync(join(folder, MARK), '')
}

async function seed(folder: string): Promise<void> {
  freshFolder(folder)
  const clock = clockFrom(process.env['JOVRIN_NOW'])
  const db = await openDatabase(folder)
  try {
    const tanks = tankService(db, clock)
    const today = civilDate(clock(), 'Europe/Berlin')
    for (const { id, age, plan } of DEMO_TANKS) await tanks.add({ id, plan: plan(startOf(today, age)) })
  } finally {
    await db.destroy()
  }
}

seed(resolve(process.env['JOVRIN_DATA'] ?? '.demo')).catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error)
  process.exit(1)
})
