import { existsSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, renameSync, rmSync, utimesSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { basename, dirname, join } from 'node:path'
import { strToU8, unzipSync, zipSync } from 'fflate'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { readyDataFolder, restoredFolder, RESTORED_MARK } from '../dataFolder.js'
import { openDatabase } from '../db/connection.js'
import { lockFolder } from '../folderLock.js'
import { plainPlan, TANK_ID, testServer } from '../testing/testServer.js'
import { prepareRestore, swapFolders } from './restore.js'
import { writeBackup } from './writeBackup.js'

let home: string
beforeEach(() => {
  home = mkdtempSync(join(tmpdir(), 'jovrin-backup-'))
})
afterEach(() => rmSync(home, { recursive: true, force: true }))
const NOW = new Date('2026-11-24T09:00:00Z')

/** A data folder with a tank, and its backup. */
async function backedUp(): Promise<{ folder: string; zip: string }> {
  const folder = join(home, 'data')
  mkdirSync(folder)
  const server = await testServer(folder)
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
  mkdirSync(join(folder, 'photos'))
  writeFileSync(join(folder, 'photos', `${'a'.repeat(64)}.jpg`), 'picture')
  const zip = join(home, 'backup.zip')
  const parts: Uint8Array[] = []
  await writeBackup(server.db, folder, NOW, (chunk) => {
    parts.push(chunk)
    return Promise.resolve()
  })
  writeFileSync(zip, Buffer.concat(parts))
  await server.close(true)
  return { folder, zip }
}
const spoiled = (zip: string, change: (files: Record<string, Uint8Array>) => Record<string, Uint8Array>): string => {
  const path = join(home, 'spoiled.zip')
  writeFileSync(path, zipSync(change(unzipSync(readFileSync(zip))), { level: 9 }))
  return path
}
const tanksIn = async (folder: string): Promise<number> => {
  const db = await openDatabase(folder)
  const tanks = await db('tank')
  await db.destroy()
  return tanks.length
}

describe('a backup', () => {
  test('holds database, pictures and a manifest; restored it is the same, and the old data is kept', async () => {
    const { folder, zip } = await backedUp()
    expect(Object.keys(unzipSync(readFileSync(zip))).sort()).toEqual(['jovrin.sqlite', 'manifest.json', `photos/${'a'.repeat(64)}.jpg`])
    expect(readdirSync(folder).filter((name) => name.startsWith('.backup'))).toEqual([])
    const db = await openDatabase(folder)
    await db('plan_revision').delete()
    await db('tank').delete()
    await db.destroy()
    expect(await prepareRestore(zip, folder)).toEqual({ tanks: 1, records: 0, photos: 1 })
    const old = swapFolders(folder, NOW)
    expect(await tanksIn(folder)).toBe(1)
    expect(await tanksIn(old)).toBe(0)
    expect(readFileSync(join(folder, 'photos', `${'a'.repeat(64)}.jpg`), 'utf8')).toBe('picture')
    expect(existsSync(join(folder, RESTORED_MARK))).toBe(false)
  })

  test.each([
    ['no archive at all', () => Buffer.from('not a zip, but long enough to look at '.repeat(50)), /not a whole backup/],
    ['cut off', (zip: Buffer) => zip.subarray(0, Math.floor(zip.length * 0.6)), /not a whole backup/],
    ['empty', () => Buffer.alloc(0), /not a whole backup/],
  ])('%s is refused and leaves nothing behind', async (_what, spoil, sentence) => {
    const { folder, zip } = await backedUp()
    const path = join(home, 'spoiled.zip')
    writeFileSync(path, spoil(readFileSync(zip)))
    await expect(prepareRestore(path, folder)).rejects.toThrow(sentence)
    expect(existsSync(restoredFolder(folder))).toBe(false)
    expect(await tanksIn(folder)).toBe(1)
  })

  test.each([
    ['a path out of the folder', (files: Record<string, Uint8Array>) => ({ ...files, '../evil.sh': strToU8('rm') }), /holds “..\/evil.sh”/],
    [
      'a file of another kind',
      (files: Record<string, Uint8Array>) => ({ ...files, 'photos/x.exe': strToU8('x') }),
      /holds “photos\/x.exe”/,
    ],
    [
      'a picture that was exchanged',
      (files: Record<string, Uint8Array>) => ({ ...files, [`photos/${'a'.repeat(64)}.jpg`]: strToU8('forged') }),
      /not what the backup’s own list says/,
    ],
    [
      'a picture that is missing',
      (files: Record<string, Uint8Array>) => Object.fromEntries(Object.entries(files).filter(([name]) => !name.startsWith('photos'))),
      /not what the backup’s own list says/,
    ],
    [
      'a newer format',
      (files: Record<string, Uint8Array>) => ({ ...files, 'manifest.json': strToU8('{"formatVersion": 2}') }),
      /newer Jovrin/,
    ],
    [
      'a newer database',
      (files: Record<string, Uint8Array>) => ({
        ...files,
        'manifest.json': strToU8(Buffer.from(files['manifest.json']!).toString().replace('"0002_journal"', '"0099_future"')),
      }),
      /newer Jovrin/,
    ],
    [
      'a manifest that is none',
      (files: Record<string, Uint8Array>) => ({ ...files, 'manifest.json': strToU8('[]') }),
      /not a whole backup/,
    ],
    [
      'a bomb',
      (files: Record<string, Uint8Array>) => ({ ...files, [`photos/${'b'.repeat(64)}.jpg`]: new Uint8Array(60 * 1024 * 1024) }),
      /unpacks to far more/,
    ],
  ])('%s is refused', async (_what, change, sentence) => {
    const { folder, zip } = await backedUp()
    await expect(prepareRestore(spoiled(zip, change), folder)).rejects.toThrow(sentence)
    expect(existsSync(restoredFolder(folder))).toBe(false)
    expect(existsSync(join(home, 'evil.sh'))).toBe(false)
  })

  test('a backup of the first database is brought up to date while it is restored', async () => {
    const { folder, zip } = await backedUp()
    const files = unzipSync(readFileSync(zip))
    const past = join(home, 'past')
    mkdirSync(past)
    writeFileSync(join(past, 'jovrin.sqlite'), files['jovrin.sqlite']!)
    const db = await openDatabase(past)
    await db('plan_revision').update({ effective_on: '2026-10-01', edits: JSON.stringify([{ path: '/temperatureC', from: 20, to: 24.5 }]) })
    for (const table of ['product', 'photo', 'kit', 'setting_change', 'job_record', 'event', 'reading']) await db.schema.dropTable(table)
    await db('knex_migrations').whereIn('name', ['0002_journal', '0003_product']).delete()
    await db.destroy()
    // Opened again, it has every table of today, and the dated revision has become a dated setting.
    const today = await openDatabase(past)
    expect(await today('setting_change')).toMatchObject([{ path: '/temperatureC', effective_on: '2026-10-01', plan_revision: 1 }])
    await today.destroy()
    expect(await tanksIn(folder)).toBe(1)
  })
})

test('a restore that was cut off between its two renames is finished at the next start', async () => {
  const { folder, zip } = await backedUp()
  await prepareRestore(zip, folder)
  writeFileSync(join(restoredFolder(folder), RESTORED_MARK), '')
  renameSync(folder, `${folder}.before-x`)
  expect(readyDataFolder(folder, {})).toBe(folder)
  expect(await tanksIn(folder)).toBe(1)
  expect(readdirSync(dirname(folder)).includes(basename(restoredFolder(folder)))).toBe(false)
})

test('one process at a time: a live lock is refused, a dead one taken over', () => {
  const unlock = lockFolder(home)
  writeFileSync(join(home, 'server.lock'), String(process.ppid))
  expect(() => lockFolder(home)).toThrow(/is in use by a running Jovrin/)
  utimesSync(join(home, 'server.lock'), new Date('2001-01-01'), new Date('2001-01-01')) // written before the machine was started
  expect(() => lockFolder(home)).not.toThrow()
  writeFileSync(join(home, 'server.lock'), '999999')
  lockFolder(home)()
  unlock()
  expect(existsSync(join(home, 'server.lock'))).toBe(false)
})
