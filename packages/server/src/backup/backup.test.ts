import { spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import { once } from 'node:events'
import { existsSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, renameSync, rmSync, utimesSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { basename, dirname, join } from 'node:path'
import { strToU8, unzipSync, zipSync } from 'fflate'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { readyDataFolder, restoredFolder, RESTORED_MARK, sweepLeftovers } from '../dataFolder.js'
import { openDatabase } from '../db/connection.js'
import { lockFolder } from '../folderLock.js'
import { plainPlan, TANK_ID, testServer } from '../testing/testServer.js'
import { prepareRestore, swapFolders } from './restore.js'
import { backupBytes } from './writeBackup.js'

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
  for await (const chunk of backupBytes({ dataFolder: folder, writtenAt: NOW, copyTo: (path) => server.db.raw('VACUUM INTO ?', [path]) }))
    parts.push(chunk)
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

  /** A backup whose parts agree with each other, but whose database was made up. */
  const forged = async (zip: string, spoil: (db: Awaited<ReturnType<typeof openDatabase>>) => Promise<unknown>): Promise<string> => {
    const folder = mkdtempSync(join(home, 'forged-'))
    const files = unzipSync(readFileSync(zip))
    writeFileSync(join(folder, 'jovrin.sqlite'), files['jovrin.sqlite']!)
    const db = await openDatabase(folder)
    await spoil(db)
    await db.raw('PRAGMA wal_checkpoint(TRUNCATE)')
    await db.destroy()
    return rewritten(zip, new Uint8Array(readFileSync(join(folder, 'jovrin.sqlite'))))
  }
  const rewritten = (zip: string, database: Uint8Array): string =>
    spoiled(zip, (files) => {
      const manifest = JSON.parse(Buffer.from(files['manifest.json']!).toString()) as { files: Record<string, object> }
      const sha256 = createHash('sha256').update(database).digest('hex')
      const told = { ...manifest, files: { ...manifest.files, 'jovrin.sqlite': { sha256, bytes: database.length } } }
      return { ...files, 'jovrin.sqlite': database, 'manifest.json': strToU8(JSON.stringify(told)) }
    })

  test.each<[string, (db: Awaited<ReturnType<typeof openDatabase>>) => Promise<unknown>, RegExp]>([
    ['without a table', (db) => db.schema.dropTable('job_record'), /the table job_record is missing/],
    ['with a renamed column', (db) => db.raw('ALTER TABLE reading RENAME COLUMN value TO worth'), /the table reading has other columns/],
    ['with an empty plan', (db) => db('plan_revision').update({ document: '{}' }), /cannot be read \(plan 1\)/],
    ['with a plan that is no JSON', (db) => db('plan_revision').update({ document: 'x' }), /cannot be read \(plan 1\)/],
    [
      'with an event of no kind',
      (db) =>
        db('event').insert({
          id: TANK_ID,
          tank_id: TANK_ID,
          at: '2026-11-24T09:00:00.000Z',
          kind: 'glance',
          detail: '{}',
          version: 1,
          created_at: 'x',
        }),
      /cannot be read \(record /,
    ],
    [
      'with a setting of a place that no plan has',
      (db) =>
        db('setting_change').insert({
          id: TANK_ID,
          tank_id: TANK_ID,
          effective_on: '2026-10-01',
          path: '/__proto__/polluted',
          from_value: '1',
          to_value: '2',
          plan_revision: 1,
        }),
      /cannot be read \(setting /,
    ],
  ])('whose database was forged %s is refused whole, though its own list agrees', async (_what, spoil, sentence) => {
    const { folder, zip } = await backedUp()
    await expect(prepareRestore(await forged(zip, spoil), folder)).rejects.toThrow(sentence)
    expect(existsSync(restoredFolder(folder))).toBe(false)
    expect(await tanksIn(folder)).toBe(1)
  })

  test('with pages of the database overwritten names the tables; even so it can be taken where only entries are unreadable', async () => {
    const { folder, zip } = await backedUp()
    const database = unzipSync(readFileSync(zip))['jovrin.sqlite']!
    const holed = Uint8Array.from(database)
    holed.fill(0x5a, 4096 * 2, 4096 * 4)
    await expect(prepareRestore(rewritten(zip, holed), folder)).rejects.toThrow(/is damaged \(\w+/)
    const withBadKit = await forged(zip, (db) => db('kit').insert({ quantity: 'pH', document: '{}' }))
    await expect(prepareRestore(withBadKit, folder)).rejects.toThrow(/kit pH.*--even-damaged/)
    expect(await prepareRestore(withBadKit, folder, { evenDamaged: true })).toMatchObject({ tanks: 1 })
  })

  test('of many small files is looked through', async () => {
    const { folder, zip } = await backedUp()
    const many = Object.fromEntries(
      Array.from({ length: 500 }, (_, index) => [`photos/${index.toString(16).padStart(64, '0')}.jpg`, strToU8(String(index))]),
    )
    await expect(
      prepareRestore(
        spoiled(zip, (files) => ({ ...files, ...many })),
        folder,
      ),
    ).rejects.toThrow(/own list says/)
  })

  test('a backup of the first database is brought up to date while it is restored', async () => {
    const { folder, zip } = await backedUp()
    const files = unzipSync(readFileSync(zip))
    const past = join(home, 'past')
    mkdirSync(past)
    writeFileSync(join(past, 'jovrin.sqlite'), files['jovrin.sqlite']!)
    const db = await openDatabase(past)
    await db('plan_revision').update({ effective_on: '2026-10-01', edits: JSON.stringify([{ path: '/temperatureC', from: 20, to: 24.5 }]) })
    await db.raw('DROP INDEX plan_acts')
    for (const table of ['product', 'photo', 'kit', 'setting_change', 'job_record', 'event', 'reading']) await db.schema.dropTable(table)
    await db('knex_migrations').whereIn('name', ['0002_journal', '0003_product', '0004_hardened']).delete()
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

test('one process at a time: a live holder is refused, one that was killed holds nothing, and no clock or number has a say', async () => {
  const holder = spawn(
    process.execPath,
    [
      '--import',
      'tsx',
      '-e',
      `import { lockFolder } from ${JSON.stringify(join(import.meta.dirname, '../folderLock.ts'))}; lockFolder(${JSON.stringify(home)}); console.log('held'); setInterval(() => {}, 1000)`,
    ],
    { cwd: import.meta.dirname, stdio: ['ignore', 'pipe', 'inherit'] },
  )
  await once(holder.stdout, 'data')
  expect(() => lockFolder(home)).toThrow(`is in use by a running Jovrin (process ${holder.pid})`)
  const gone = once(holder, 'exit')
  holder.kill('SIGKILL')
  await gone
  // What a dead process left says that it lives, and is dated in the future.
  writeFileSync(join(home, 'server.pid'), String(process.pid))
  utimesSync(join(home, 'folder.lock'), new Date('2099-01-01'), new Date('2099-01-01'))
  const unlock = lockFolder(home)
  expect(() => lockFolder(home)).toThrow(/is in use/)
  unlock()
  unlock()
  lockFolder(home)()
})

test('what a process that died left half done is cleared away at the start, and nothing else', async () => {
  const { folder } = await backedUp()
  const photos = join(folder, 'photos')
  const dead = spawn(process.execPath, ['-e', ''])
  await once(dead, 'exit')
  mkdirSync(restoredFolder(folder))
  for (const name of ['.inbox', '.outbox']) {
    mkdirSync(join(folder, name))
    writeFileSync(join(folder, name, 'abc.zip'), 'half')
  }
  writeFileSync(join(photos, `${'b'.repeat(64)}.jpg.0a1b2c.part`), 'half')
  const left = ['.backup-0a1b2c3d4e5f.sqlite', `.backup-${dead.pid}-0a1b2c3d4e5f.sqlite`, `.backup-${dead.pid}-0a1b2c3d4e5f.sqlite-journal`]
  const ours = [`.backup-${process.ppid}-0a1b2c3d4e5f.sqlite`, 'notes.txt', 'jovrin.sqlite']
  for (const name of [...left, 'notes.txt', ours[0]!]) writeFileSync(join(folder, name), 'x')
  sweepLeftovers(folder)
  const there = readdirSync(folder)
  expect(left.filter((name) => there.includes(name))).toEqual([])
  expect(ours.filter((name) => !there.includes(name))).toEqual([])
  expect([there.includes('.inbox'), there.includes('.outbox'), existsSync(restoredFolder(folder))]).toEqual([false, false, false])
  expect(readdirSync(photos)).toEqual([`${'a'.repeat(64)}.jpg`])
})
