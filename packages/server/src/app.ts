import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { refusalWords, openApi, PLANT_FILE_MOST_BYTES } from '@jovrin/contract'
import compression from 'compression'
import express, { type Express } from 'express'
import type { Knex } from 'knex'
import type { Logger } from 'pino'
import { pinoHttp } from 'pino-http'
import { accessRoutes, onlySignedIn } from './access/access.routes.js'
import { LOOPBACK_NAMES } from './access/localNames.js'
import type { Access } from './access/passphrase.js'
import { backupRoutes, type Restore } from './backup/backup.routes.js'
import { backupService } from './backup/backup.service.js'
import { calendarRoutes } from './calendar/calendar.routes.js'
import type { Clock } from './clock.js'
import { forecastRoutes } from './forecast/forecast.routes.js'
import type { ForecastService } from './forecast/forecast.service.js'
import { conditionRoutes } from './condition/condition.routes.js'
import { conditionService } from './condition/condition.service.js'
import { errorHandler } from './http/errorHandler.js'
import { docsPage } from './http/docsPage.js'
import { Refusal } from './http/refusal.js'
import { schemaRoutes } from './http/schemas.routes.js'
import { nonceOf, onlyOwnHost, securityHeaders } from './http/security.js'
import { onlyWellFormed } from './http/wellFormed.js'
import { jobRepository } from './job/job.repository.js'
import { jobRoutes } from './job/job.routes.js'
import { jobService } from './job/job.service.js'
import { journalRoutes } from './journal/journal.routes.js'
import { journalService } from './journal/journal.service.js'
import { kitRoutes } from './kit/kit.routes.js'
import { kitService } from './kit/kit.service.js'
import { gasFitRoutes } from './gasFit/gasFit.routes.js'
import { recipeRoutes } from './recipe/recipe.routes.js'
import { lightFieldRoutes } from './lightField/lightField.routes.js'
import { leverRoutes } from './levers/lever.routes.js'
import { leverService } from './levers/lever.service.js'
import { workRoutes } from './longWork/work.routes.js'
import type { Workers } from './longWork/workers.js'
import { works } from './longWork/works.js'
import type { Developer } from './photo/developer.js'
import { photoRoutes } from './photo/photo.routes.js'
import { photoService } from './photo/photo.service.js'
import { planRoutes } from './plan/plan.routes.js'
import { planService } from './plan/plan.service.js'
import { productRoutes } from './product/product.routes.js'
import { productService } from './product/product.service.js'
import { speciesRoutes } from './species/species.routes.js'
import { speciesService } from './species/species.service.js'
import { deleteForGood } from './tank/deleteForGood.js'
import { tankRoutes } from './tank/tank.routes.js'
import { tankService } from './tank/tank.service.js'
import { timelineRoutes } from './timeline/timeline.routes.js'
import { timelineService } from './timeline/timeline.service.js'
import { albumService } from './transfer/album.service.js'
import { outgoing } from './transfer/outgoing.js'
import { readingFileService } from './transfer/readingFile.service.js'
import { tankFileService } from './transfer/tankFile.service.js'
import { transferRoutes } from './transfer/transfer.routes.js'
import { unreadableRoutes } from './unreadable/unreadable.routes.js'
import { VERSION } from './version.js'
import { workingRoutes } from './working/working.routes.js'

export interface Parts {
  readonly db: Knex
  readonly clock: Clock
  readonly log: Logger
  readonly forecasts: ForecastService
  readonly workers: Workers
  readonly pictures: Developer
  /** Folder of the built pages; `null` serves the API alone. */
  readonly webFolder: string | null
  /** Where the tables of species lie. */
  readonly libraryFolder: string
  /** Where the database and the pictures lie. */
  readonly dataFolder: string
  readonly restore: Restore
  /** Who may come in from the local network; `null` on the loopback interface alone. */
  readonly access: Access | null
  readonly hostNames?: ReadonlySet<string>
}

/** What a page names by a fixed address. */
const PAGE_FILES = ['icon.svg', 'icon-180.png', 'icon-192.png', 'icon-512.png', 'manifest.webmanifest'] as const

/** Plans and forecasts with their states are the largest bodies. */
const BODY_LIMIT = '256kb'

/** The only place where the parts meet. */
export function app({
  db,
  clock,
  log,
  forecasts,
  workers,
  pictures,
  webFolder,
  libraryFolder,
  dataFolder,
  restore,
  access,
  hostNames = LOOPBACK_NAMES,
}: Parts): Express {
  const underWay = works()
  const plans = planService(db, clock)
  const photos = photoService(db, clock, dataFolder, pictures)
  const tanks = tankService(db, clock)
  const tankFiles = tankFileService(db, clock, workers)
  const journal = journalService(db, clock, photos.knows)
  const timelines = timelineService(clock, plans, journal, (tankId) => jobRepository(db).ofTank(tankId))
  const conditions = conditionService(clock, timelines, plans, journal)
  const jobs = jobService(db, clock, { timelines, journal, conditions })
  const server = express()
  server.disable('x-powered-by')
  server.set('query parser', 'simple')
  server.use(pinoHttp({ logger: log, quietReqLogger: true, customLogLevel: (_req, res) => (res.statusCode >= 500 ? 'error' : 'debug') }))
  server.use(...securityHeaders)
  server.use(onlyOwnHost(hostNames))
  // A third of the bytes for a phone on the local network; what is packed already, pictures and archives, goes as it is.
  server.use(compression())

  const api = express.Router()
  api.use((_req, res, next) => {
    res.set('Cache-Control', 'no-store')
    next()
  })
  api.get('/health', (_req, res) => void res.json({ status: 'ok', version: VERSION }))
  api.use('/session', express.json({ limit: '4kb', strict: true }), onlyWellFormed)
  api.use(accessRoutes(access, clock))
  api.use(onlySignedIn(access, clock))
  // Files have bodies of their own kind and size.
  api.use(
    transferRoutes({
      albums: albumService(tankFiles, photos),
      dataFolder,
      tankFiles,
      readingFiles: readingFileService(db, clock, workers),
      outgoing: outgoing(dataFolder, clock, workers),
      tanks,
      works: underWay,
    }),
    photoRoutes(photos, tanks, plans),
    backupRoutes(backupService(clock, dataFolder, workers), dataFolder, restore, underWay),
    workRoutes(underWay),
    unreadableRoutes(dataFolder, tanks, workers, underWay),
  )
  api.use((req, _res, next) => {
    const hasBody = req.headers['content-length'] !== undefined && req.headers['content-length'] !== '0'
    if (hasBody && !req.is(['application/json', 'application/*+json'])) throw new Refusal(415, 'wrong_kind', refusalWords.wrongMedia)
    next()
  })
  api.post('/species', express.json({ limit: PLANT_FILE_MOST_BYTES * 2, strict: true }))
  api.use(express.json({ limit: BODY_LIMIT, strict: true }), onlyWellFormed)
  api.get('/openapi.json', (_req, res) => void res.json(openApi(VERSION)))
  api.get('/docs', (_req, res) => void res.type('html').send(docsPage(openApi(VERSION) as never))) // its own document, as it is described
  api.use(
    tankRoutes(tanks, deleteForGood(db, photos)),
    planRoutes(plans, tanks),
    timelineRoutes(timelines, tanks),
    conditionRoutes(conditions, tanks),
    leverRoutes(leverService(db, clock), tanks),
    forecastRoutes(forecasts),
    workingRoutes(),
    lightFieldRoutes(),
    gasFitRoutes(),
    recipeRoutes(),
  )
  api.use(
    journalRoutes(journal, tanks),
    jobRoutes(jobs, tanks),
    calendarRoutes(jobs, tanks, clock),
    kitRoutes(kitService(db)),
    productRoutes(productService(db, clock)),
    speciesRoutes(speciesService(db, clock, libraryFolder)),
    schemaRoutes(),
  )
  api.use(() => {
    throw new Refusal(404, 'no_such_route', refusalWords.noSuchRoute)
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
  for (const file of PAGE_FILES) server.get(`/${file}`, (_req, res) => res.sendFile(join(folder, file)))
  server.get('/{*path}', (_req, res) => {
    res
      .set('Cache-Control', 'no-store')
      .type('html')
      .send(page.replaceAll('__NONCE__', nonceOf(res)))
  })
  server.use(() => {
    throw new Refusal(404, 'no_such_route', refusalWords.noSuchRoute)
  })
}
