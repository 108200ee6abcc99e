import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import express from 'express'
import supertest from 'supertest'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { errorHandler } from '../http/errorHandler.js'
import { onlyOwnHost } from '../http/security.js'
import { pino } from 'pino'
import { accessRoutes, onlySignedIn } from './access.routes.js'
import { lanNames } from './localNames.js'
import { accessOf, type Access } from './passphrase.js'

const PASSPHRASE = 'correct wet sponge'
let folder: string
let access: Access
const clock = (): Date => new Date('2026-11-24T09:00:00Z')

/** The guards before a single route, as a phone meets them: its address is not this machine's. */
const guarded = (address: () => string = () => '192.0.2.7') => {
  const server = express()
  server.set('query parser', 'simple')
  server.use(onlyOwnHost(lanNames('tanks.test')))
  server.use((req, _res, next) => {
    Object.defineProperty(req.socket, 'remoteAddress', { value: address(), configurable: true })
    next()
  })
  server.use('/session', express.json())
  server.use(accessRoutes(access, clock))
  server.use(onlySignedIn(access, clock))
  server.get('/{*path}', (_req, res) => void res.json({ secret: 'seen' }))
  server.use(errorHandler(pino({ level: 'silent' })))
  return supertest.agent(server).host('localhost')
}

beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'jovrin-access-'))
  access = accessOf(folder, PASSPHRASE)
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

describe('from the local network', () => {
  test('nothing without signing in; everything after it; nothing after signing out', async () => {
    const phone = guarded()
    const refused = await phone.get('/tanks').set('Host', 'tanks.test').expect(401)
    expect(refused.body.code).toBe('sign_in')
    await phone.post('/session').set('Host', 'tanks.test').send({ passphrase: PASSPHRASE }).expect(204)
    const cookie = (await phone.post('/session').set('Host', 'tanks.test').send({ passphrase: PASSPHRASE })).headers[
      'set-cookie'
    ] as unknown as string[]
    expect(cookie[0]).toMatch(/HttpOnly.*SameSite=Strict/)
    await phone.get('/tanks').set('Host', 'tanks.test').set('Cookie', cookie[0]!.split(';')[0]!).expect(200)
    await phone.delete('/session').set('Host', 'tanks.test').set('Cookie', cookie[0]!.split(';')[0]!).expect(204)
    // Not only the browser has forgotten it: a copy of the cookie opens nothing.
    await phone.get('/tanks').set('Host', 'tanks.test').set('Cookie', cookie[0]!.split(';')[0]!).expect(401)
  })
  test('forged, foreign and expired sessions are none', async () => {
    const phone = guarded()
    const expired = access.open(clock().getTime() - 40 * 86_400_000)
    const forged = 'a'.repeat(43)
    for (const token of [expired, forged, 'x', '', `${access.open(clock().getTime())}x`])
      await phone.get('/tanks').set('Host', 'tanks.test').set('Cookie', `jovrin_session=${token}`).expect(401)
  })
  test('five wrong guesses in a minute are enough', async () => {
    const phone = guarded()
    const statuses: number[] = []
    for (let guess = 0; guess < 7; guess++)
      statuses.push(
        (
          await phone
            .post('/session')
            .set('Host', 'tanks.test')
            .send({ passphrase: `guess ${guess}` })
        ).status,
      )
    expect(statuses).toEqual([403, 403, 403, 403, 403, 429, 429])
    await phone.post('/session').set('Host', 'tanks.test').send({ passphrase: PASSPHRASE }).expect(429)
  })
  test('one device that guesses locks no other out', async () => {
    let address = '192.0.2.66'
    const phones = guarded(() => address)
    const guess = (passphrase: string) => phones.post('/session').set('Host', 'tanks.test').send({ passphrase })
    for (let time = 0; time < 24; time++) await guess(`guess ${time}`)
    expect((await guess('once more')).status).toBe(429)
    address = '192.0.2.67'
    expect((await guess(PASSPHRASE)).status).toBe(204)
  })
  test('names that are not this machine’s are refused even with a session', async () => {
    const phone = guarded()
    await phone
      .get('/tanks')
      .set('Host', 'evil.test')
      .set('Cookie', `jovrin_session=${access.open(clock().getTime())}`)
      .expect(403)
  })
  test('the calendar’s key opens the calendar and nothing else', async () => {
    const phone = guarded()
    const key = access.calendarKey
    await phone.get(`/calendar.ics?key=${key}`).set('Host', 'tanks.test').expect(200)
    await phone.get(`/tanks?key=${key}`).set('Host', 'tanks.test').expect(401)
    await phone.get('/calendar.ics?key=guess').set('Host', 'tanks.test').expect(401)
    const report = await phone.get('/session').set('Host', 'tanks.test').expect(200)
    expect(report.body).toEqual({ isLan: true, isSignedIn: false, calendarKey: null, addresses: [] })
  })
})

describe('the passphrase', () => {
  test('is kept as a hash; it survives a restart, and a new one ends all sessions', async () => {
    expect(readFileSync(join(folder, 'access.json'), 'utf8')).not.toContain('sponge')
    const again = accessOf(folder, undefined)
    expect(await again.isPassphrase(PASSPHRASE)).toBe(true)
    expect(await again.isPassphrase('wrong')).toBe(false)
    const session = again.open(0)
    expect(again.isOpen(session, 1)).toBe(true)
    // A restart signs nobody out; the list holds no token that could be used.
    expect(accessOf(folder, undefined).isOpen(session, 1)).toBe(true)
    expect(readFileSync(join(folder, 'sessions.json'), 'utf8')).not.toContain(session)
    expect(accessOf(folder, 'another wet sponge').isOpen(session, 1)).toBe(false)
  })
  test('a list of sessions that was spoiled signs nobody in; a spoiled passphrase file is told in a sentence', () => {
    writeFileSync(join(folder, 'sessions.json'), '{"everybody": true}')
    expect(accessOf(folder, undefined).isOpen('x', 1)).toBe(false)
    const spoiled = mkdtempSync(join(tmpdir(), 'jovrin-access-'))
    for (const text of ['', '{', '[]', '{"salt":1}']) {
      writeFileSync(join(spoiled, 'access.json'), text)
      expect(() => accessOf(spoiled, undefined)).toThrow(/access\.json cannot be read\. Delete it/)
    }
    rmSync(spoiled, { recursive: true, force: true })
  })
  test('only so many sessions are kept, the newest', () => {
    const many = accessOf(folder, undefined)
    const tokens = Array.from({ length: 205 }, () => many.open(0))
    expect(tokens.filter((token) => many.isOpen(token, 1))).toEqual(tokens.slice(5))
  })
  test('none, or a short one, is refused at the start', () => {
    const empty = mkdtempSync(join(tmpdir(), 'jovrin-access-'))
    expect(() => accessOf(empty, undefined)).toThrow(/needs a passphrase/)
    expect(() => accessOf(empty, 'short')).toThrow(/at least 10 characters/)
    expect(() => accessOf(empty, '   short   ')).toThrow(/at least 10 characters/)
    expect(() => accessOf(empty, ' '.repeat(20))).toThrow(/is blank/)
    rmSync(empty, { recursive: true, force: true })
  })
})
