import { z } from 'zod'
import { RestoreReport, RowImportReport, RowMappingSchema, TankFile, TankImportReport } from '../tankFile.js'
import { Unreadable } from '../unreadable.js'
import { WorkProgress } from '../work.js'
import { ok, problem, query, path, json, refusals, type Paths } from './parts.js'

/** What goes out and comes in whole. */
export const filePaths = (): Paths => ({
  '/api/tanks/{id}/readings.csv': {
    get: {
      summary: 'All readings as CSV',
      parameters: [path('id')],
      responses: { '200': { description: 'The file', content: { 'text/csv': { schema: { type: 'string' } } } } },
    },
    post: {
      summary: 'Readings from a CSV file, all or none; mapping as JSON in the query, dryRun=true only reports',
      parameters: [
        path('id'),
        { name: 'mapping', in: 'query', required: true, content: json(RowMappingSchema, 'input') },
        ...['dryRun', 'recordedBy', 'work'].map(query),
      ],
      requestBody: { required: true, content: { 'text/csv': { schema: { type: 'string' } } } },
      responses: { '201': ok('Kept', RowImportReport), '200': ok('Only reported', RowImportReport), ...refusals() },
    },
  },
  '/api/tanks/{id}/file': {
    get: {
      summary: 'The tank with all that is known of it, as one file',
      parameters: [path('id')],
      responses: { '200': ok('The file', TankFile) },
    },
  },
  '/api/tanks/{id}/file.zip': {
    get: {
      summary: 'The tank’s file and its pictures, as one archive',
      parameters: [path('id')],
      responses: {
        '200': { description: 'The archive', content: { 'application/zip': { schema: { type: 'string', format: 'binary' } } } },
      },
    },
  },
  '/api/tank-files': {
    post: {
      summary: 'Bring a tank’s file in, all or nothing; dryRun=true only reports, as=copy gives new ids',
      parameters: ['dryRun', 'as', 'work'].map(query),
      requestBody: {
        required: true,
        content: { ...json(TankFile, 'input'), 'application/zip': { schema: { type: 'string', format: 'binary' } } },
      },
      responses: {
        '201': ok('Kept', TankImportReport),
        '200': ok('Only reported', TankImportReport),
        '409': problem('Already here'),
        ...refusals(),
      },
    },
  },
  '/api/backup.zip': {
    get: {
      summary: 'Everything in one archive',
      responses: {
        '200': { description: 'The archive', content: { 'application/zip': { schema: { type: 'string', format: 'binary' } } } },
      },
    },
  },
  '/api/restore': {
    post: {
      summary: 'Put a backup in the place of the data; the old data is kept beside',
      parameters: [query('work')],
      requestBody: { required: true, content: { 'application/zip': { schema: { type: 'string', format: 'binary' } } } },
      responses: { '200': ok('Restored', RestoreReport), '422': problem('Not a whole backup') },
    },
  },
  '/api/works/{id}': {
    get: {
      summary: 'How far a long piece of work is; its id is the one given as work when it was begun',
      parameters: [path('id')],
      responses: { '200': ok('Done, and of how much; 0 of 0 where nothing is known of it', WorkProgress) },
    },
    delete: {
      summary: 'Call it off; nothing of it is kept',
      parameters: [path('id')],
      responses: { '204': { description: 'Called off, or over' } },
    },
  },
  '/api/unreadable': {
    get: {
      summary: 'Tanks whose plan cannot be read any more; all=true looks every stored entry over. Everything else is unharmed',
      parameters: [query('all')],
      responses: { '200': ok('The first of them', z.array(Unreadable)) },
    },
  },
  '/api/schemas': {
    get: {
      summary: 'JSON Schemas of the files',
      responses: { '200': ok('The list', z.array(z.object({ name: z.string(), href: z.string() }))) },
    },
  },
  '/api/schemas/{file}': {
    get: {
      summary: 'One of them',
      parameters: [path('file')],
      responses: { '200': { description: 'The schema', content: { 'application/schema+json': { schema: { type: 'object' } } } } },
    },
  },
})
