import { refusalWords, SessionReport, SignIn } from '@jovrin/contract'
import { Router, type Request, type RequestHandler, type Response } from 'express'
import { rateLimit } from 'express-rate-limit'
import type { Clock } from '../clock.js'
import { Refusal } from '../http/refusal.js'
import { lanAddresses } from './localNames.js'
import { isEqual, type Access } from './passphrase.js'

const COOKIE = 'jovrin_session'
const MONTH_MS = 30 * 86_400_000
const MINUTE_MS = 60_000
/** Wrong guesses a minute from one device. There is no limit for all together: one device could use it up and lock the others out. */
const GUESSES = 5

const cookieOf = (req: Request): string =>
  (req.headers.cookie ?? '')
    .split(';')
    .map((part) => part.trim())
    .find((part) => part.startsWith(`${COOKIE}=`))
    ?.slice(COOKIE.length + 1) ?? ''

/** The keeper of the machine itself needs no passphrase; the address is the socket's, which cannot be claimed. */
const isOwnMachine = (req: Request): boolean => ['127.0.0.1', '::1', '::ffff:127.0.0.1'].includes(req.socket.remoteAddress ?? '')

export const isSignedIn = (access: Access | null, clock: Clock, req: Request): boolean =>
  access === null || isOwnMachine(req) || access.isOpen(cookieOf(req), clock().getTime())

/** Everything but signing in needs a session; the calendar takes its own key. */
export const onlySignedIn =
  (access: Access | null, clock: Clock): RequestHandler =>
  (req, _res, next) => {
    if (isSignedIn(access, clock, req)) return next()
    const key = req.query['key']
    if (
      access !== null &&
      req.method === 'GET' &&
      req.path.endsWith('/calendar.ics') &&
      typeof key === 'string' &&
      isEqual(key, access.calendarKey)
    )
      return next()
    throw new Refusal(401, 'sign_in', refusalWords.signIn)
  }

export const accessRoutes = (access: Access | null, clock: Clock): Router => {
  const refuse = (): never => {
    throw new Refusal(429, 'too_many_guesses', refusalWords.tooManyGuesses)
  }
  // The address is the socket's, which cannot be claimed.
  const throttled = rateLimit({ windowMs: MINUTE_MS, limit: GUESSES, skipSuccessfulRequests: true, handler: refuse, legacyHeaders: false })
  const setCookie = (res: Response, value: string, maxAge: number): void =>
    void res.cookie(COOKIE, value, { httpOnly: true, sameSite: 'strict', path: '/', maxAge })
  return Router()
    .get('/session', (req, res) => {
      const isIn = isSignedIn(access, clock, req)
      res.json(
        SessionReport.parse({
          isLan: access !== null,
          isSignedIn: isIn,
          calendarKey: isIn ? (access?.calendarKey ?? null) : null,
          addresses: isIn && access !== null ? lanAddresses() : [],
        }),
      )
    })
    .post('/session', throttled, async (req, res) => {
      const { passphrase } = SignIn.parse(req.body)
      if (access === null || !(await access.isPassphrase(passphrase)))
        throw new Refusal(403, 'wrong_passphrase', refusalWords.wrongPassphrase)
      setCookie(res, access.open(clock().getTime()), MONTH_MS)
      res.status(204).end()
    })
    .delete('/session', (req, res) => {
      access?.end(cookieOf(req))
      setCookie(res, '', 0)
      res.status(204).end()
    })
}
