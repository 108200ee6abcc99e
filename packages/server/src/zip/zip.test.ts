import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strToU8, unzipSync, zipSync } from 'fflate'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { readZip, type ZipLimits } from './readZip.js'
import { zipBytes, type ZipEntry } from './writeZip.js'

let home: string
beforeAll(() => {
  home = mkdtempSync(join(tmpdir(), 'jovrin-zip-'))
})
afterAll(() => rmSync(home, { recursive: true, force: true }))
const WRITTEN = new Date('2026-11-24T09:00:00Z')
const LIMITS: ZipLimits = { totalBytes: 1e9, files: 100_000, ratio: 250 }

const entry = (name: string, text: string, isPacked = true): ZipEntry => ({
  name,
  isPacked,
  bytes: async function* () {
    yield await Promise.resolve(Buffer.from(text))
  },
})
async function written(entries: Iterable<ZipEntry>, isWide = false): Promise<string> {
  const path = join(home, 'archive.zip')
  const parts: Uint8Array[] = []
  for await (const chunk of zipBytes(entries, { writtenAt: WRITTEN, isWide })) parts.push(chunk)
  writeFileSync(path, Buffer.concat(parts))
  return path
}
async function readBack(path: string, limits = LIMITS, isAllowed: (name: string) => boolean = () => true): Promise<Record<string, string>> {
  const files: [string, string][] = []
  await readZip(path, {
    limits,
    isAllowed,
    take: async (name, bytes) => {
      const parts: Buffer[] = []
      for await (const chunk of bytes) parts.push(chunk)
      files.push([name, Buffer.concat(parts).toString()])
    },
  })
  return Object.fromEntries(files)
}
const spoiled = (bytes: Uint8Array): string => {
  const path = join(home, 'spoiled.zip')
  writeFileSync(path, bytes)
  return path
}

describe('an archive', () => {
  test('comes back as it went, packed or not, and another reader reads it too', async () => {
    const path = await written([entry('a.txt', 'water '.repeat(5000)), entry('photos/b.jpg', 'picture', false)])
    expect(await readBack(path)).toEqual({ 'a.txt': 'water '.repeat(5000), 'photos/b.jpg': 'picture' })
    expect(Buffer.from(unzipSync(readFileSync(path))['photos/b.jpg']!).toString()).toBe('picture')
  })
  test('with wide fields, as one over 4 GiB has them', async () => {
    const path = await written([entry('a.txt', 'water '.repeat(5000)), entry('b.txt', 'x', false)], true)
    expect(readFileSync(path).includes(Buffer.from('PK\u0006\u0006'))).toBe(true)
    expect(await readBack(path)).toEqual({ 'a.txt': 'water '.repeat(5000), 'b.txt': 'x' })
  })
  // Half a minute of small files: in a long run only.
  test.runIf(process.env['JOVRIN_LONG'] !== undefined)(
    'of more files than narrow fields can count keeps every one',
    async () => {
      const count = 66_000
      const path = await written(Array.from({ length: count }, (_, index) => entry(String(index), '', false)))
      expect(Object.keys(await readBack(path))).toHaveLength(count)
    },
    120_000,
  )
  test('whose entry cannot be read ends with that fault', async () => {
    const broken: ZipEntry = {
      name: 'a',
      isPacked: false,
      bytes: async function* () {
        yield await Promise.resolve(Buffer.from('half'))
        throw new Error('the disk has gone')
      },
    }
    await expect(written([broken, entry('b', 'b')])).rejects.toThrow('the disk has gone')
  })
})

describe('a foreign archive', () => {
  const reading = (path: string, limits: Partial<ZipLimits> = {}, isAllowed?: (name: string) => boolean) =>
    readBack(path, { ...LIMITS, ...limits }, isAllowed)
  test('is read only as far as its names are allowed, and no further than the limits', async () => {
    const path = spoiled(zipSync({ '../evil.sh': strToU8('rm'), 'a.txt': strToU8('a') }))
    await expect(reading(path, {}, (name) => name === 'a.txt')).rejects.toMatchObject({ fault: 'foreign', entry: '../evil.sh' })
    const two = spoiled(zipSync({ a: strToU8('1'.repeat(100)), b: strToU8('2'.repeat(100)) }, { level: 0 }))
    await expect(reading(two, { files: 1 })).rejects.toMatchObject({ fault: 'too-large' })
    await expect(reading(two, { totalBytes: 150 })).rejects.toMatchObject({ fault: 'too-large', entry: 'b' })
  })
  test('that swells is noticed while it unpacks', async () => {
    const bomb = spoiled(zipSync({ a: new Uint8Array(60 * 1024 * 1024) }, { level: 9 }))
    await expect(reading(bomb)).rejects.toMatchObject({ fault: 'too-large', entry: 'a' })
  })
  test('that lies about a size, names a file twice, or is cut off is broken', async () => {
    const bytes = zipSync({ aa: strToU8('water '.repeat(100)), ab: strToU8('b') })
    const lying = Uint8Array.from(bytes)
    const list = Buffer.from(lying.buffer).indexOf('PK\u0001\u0002')
    new DataView(lying.buffer).setUint32(list + 24, 10, true)
    await expect(reading(spoiled(lying))).rejects.toMatchObject({ fault: 'broken', entry: 'aa' })
    const twice = Uint8Array.from(bytes)
    for (let at = Buffer.from(twice.buffer).indexOf('ab'); at >= 0; at = Buffer.from(twice.buffer).indexOf('ab', at + 1)) twice[at + 1] = 97
    await expect(reading(spoiled(twice))).rejects.toMatchObject({ fault: 'twice', entry: 'aa' })
    await expect(reading(spoiled(bytes.slice(0, 90)))).rejects.toMatchObject({ fault: 'broken' })
    await expect(reading(spoiled(new Uint8Array(0)))).rejects.toMatchObject({ fault: 'broken' })
  })
})
