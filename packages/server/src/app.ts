import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { en, openApi } from '@jovrin/contract'
import express, { type Express } from 'express'
import type { Knex } from 'knex'
import type { Logger } from 'pino'
import { pinoHttp } from 'pino-http'
import type { Clock } from './clock.js'
import { forecastRoutes } from './forecast/forecast.routes.js'
import type { ForecastService } from './forecast/forecast.service.js'
import { errorHandler } from './http/errorHandler.js'
import { Refusal } from './http/refusal.js'
import { nonceOf, onlyOwnHost, securityHeaders } from './http/security.js'
import { leverRoutes } from './levers/lever.routes.js'
import { leverService } from './levers/lever.service.js'
import { planRoutes } from './plan/plan.routes.js'
import { planService } from './plan/plan.service.js'
import { tankRoutes } from './tank/tank.routes.js'
import { tankService } from './tank/tank.service.js'
import { VERSION } from './version.js'
import { workingRoutes } from './working/working.routes.js'

export interface Parts {
  readonly db: Knex
  readonly clock: Clock
  readonly log: Logger
  readonly forecasts: ForecastService
  /** Folder of the built pages; `null` serves the API alone. */
  readonly webFolder: string | null
}

/** Plans and forecasts with their states are the largest bodies. */
const BODY_LIMIT = '256kb'

/** The only place where the parts meet. */
export function app({ db, clock, log, forecasts, webFolder }: Parts): Express {
  const tanks = tankService(db, clock)
  const plans = planService(db, clock)
  const server = express()
  server.disable('x-powered-by')
  server.set('query parser', 'simple')
  server.use(pinoHttp({ logger: log, quietReqLogger: true, customLogLevel: (_req, res) => (res.statusCode >= 500 ? 'error' : 'debug') }))
  server.use(...securityHeaders)
  server.use(onlyOwnHost)

  const api = express.Router()
  api.use((_req, res, next) => {
    res.set('Cache-Control', 'no-store')
    next()
  })
  api.use((req, _res, next) => {
    const hasBody = req.headers['content-length'] !== undefined && req.headers['content-length'] !== '0'
    if (hasBody && !req.is(['application/json', 'application/*+json'])) throw new Refusal(415, 'wrong_kind', en.refused.wrongMedia)
    next()
  })
  api.use(express.json({ limit: BODY_LIMIT, strict: true }))
  api.get('/health', (_req, res) => void res.json({ status: 'ok', version: VERSION }))
  api.get('/openapi.json', (_req, res) => void res.json(openApi(VERSION)))
  api.use(tankRoutes(tanks), planRoutes(plans, tanks), leverRoutes(leverService(db, clock), tanks), forecastRoutes(forecasts), workingRoutes())
  api.use(() => {
    throw new Refusal(404, 'no_such_route', en.refused.noSuchRoute)
  })
  server.use('/api', api)

  if (webFolder !== null) servePages(server, webFolder)
  server.use(errorHandler(log))
  return server
}

function servePages(server: Express, folder: string): void {
  const page = readFileSync(join(folder, 'index.html'), 'utf8')
  // A missing asset is a 404, not the page.
  server.use('/assets', express.static(join(folder, 'assets'), { fallthrough: false, immutable: true, maxAge: '1y' }))
  server.get('/icon.svg', (_req, res) => res.sendFile(join(folder, 'icon.svg')))
  server.get('/{*path}', (_req, res) => {
    res.set('Cache-Control', 'no-store').type('html').send(page.replaceAll('__NONCE__', nonceOf(res)))
  })
  server.use(() => {
    throw new Refusal(404, 'no_such_route', en.refused.noSuchRoute)
  })
}
