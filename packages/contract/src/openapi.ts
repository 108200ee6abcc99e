import { WORKINGS } from '@jovrin/core'
import { z } from 'zod'
import { ForecastRequest, ForecastResponse } from './forecast.js'
import { LeversSchema } from './levers.js'
import { PlanSchema } from './plan.js'
import { ProductSchema } from './product.js'
import { Problem } from './problem.js'
import { SessionReport, SignIn } from './access.js'
import { TankCondition } from './condition.js'
import { JobList, Round } from './job.js'
import {
  FieldPast,
  JobRecordSchema,
  JournalEntry,
  JournalPage,
  JournalRecordSchema,
  KitSchema,
  ReadingSeries,
  SettingChangeSchema,
  StoredPhoto,
} from './journal.js'
import { ArchivedTank, NewTank, PlanRevision, TankEntry, Timeline } from './tank.js'
import { BackupManifest, RestoreReport, RowImportReport, RowMappingSchema, TankFile, TankImportReport } from './tankFile.js'
import { Unreadable } from './unreadable.js'
import { WorkProgress } from './work.js'
import { inputsSchema, WorkedResponse } from './working.js'

type Json = Record<string, unknown>
const schema = (type: z.ZodType, io: 'input' | 'output' = 'output'): Json =>
  z.toJSONSchema(type, { io, unrepresentable: 'any', target: 'draft-2020-12' })
const json = (type: z.ZodType, io: 'input' | 'output' = 'output'): Json => ({ 'application/json': { schema: schema(type, io) } })
const ok = (description: string, type: z.ZodType, headers?: Json): Json => ({
  description,
  content: json(type),
  ...(headers ? { headers } : {}),
})
const problem = (description: string): Json => ({ description, content: { 'application/problem+json': { schema: schema(Problem) } } })
const REFUSALS = { '400': problem('Not accepted'), '422': problem('Out of range') }
const query = (name: string): Json => ({ name, in: 'query', schema: { type: 'string' } })
const RECORD_REFUSALS = {
  '404': problem('No such record'),
  '412': problem('Somebody changed it'),
  '428': problem('If-Match is missing'),
  ...REFUSALS,
}
const path = (name: string): Json => ({ name, in: 'path', required: true, schema: { type: 'string' } })
const IF_MATCH = {
  name: 'If-Match',
  in: 'header',
  required: true,
  schema: { type: 'string' },
  description: 'ETag of the revision that is being changed',
}
const ETAG = { ETag: { schema: { type: 'string' }, description: 'The revision' } }
const body = (type: z.ZodType): Json => ({ required: true, content: json(type, 'input') })

/** The description of the API, made from the same schemas that check it. */
export function openApi(version: string): Json {
  const planReplies = {
    '200': ok('The newest plan; its revision is the ETag', PlanSchema, ETAG),
    '404': problem('No such tank'),
    '412': problem('Another revision is newest'),
    '428': problem('If-Match is missing'),
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Jovrin', version, license: { name: 'MIT' } },
    paths: {
      '/api/health': {
        get: {
          summary: 'Whether the server runs',
          responses: { '200': ok('It does', z.object({ status: z.literal('ok'), version: z.string() })) },
        },
      },
      '/api/tanks': {
        get: { summary: 'All tanks', responses: { '200': ok('Tanks with their newest plans', z.array(TankEntry)) } },
        post: {
          summary: 'Keep a new tank; the same body again is not an error',
          requestBody: body(NewTank),
          responses: {
            '201': ok('Kept', TankEntry),
            '200': ok('Was kept before', TankEntry),
            '409': problem('The id is taken'),
            ...REFUSALS,
          },
        },
      },
      '/api/tanks/{id}': {
        get: {
          summary: 'One tank',
          parameters: [path('id')],
          responses: { '200': ok('The tank', TankEntry), '404': problem('No such tank') },
        },
        delete: {
          summary: 'Archive a tank; it can be restored',
          parameters: [path('id')],
          responses: { '204': { description: 'Archived' }, '404': problem('No such tank') },
        },
      },
      '/api/archive': {
        get: { summary: 'Archived tanks, newest first', responses: { '200': ok('What is kept of each', z.array(ArchivedTank)) } },
      },
      '/api/archive/{id}': {
        delete: {
          summary: 'Delete an archived tank for good, with all its records',
          parameters: [path('id')],
          responses: { '204': { description: 'Deleted' }, '404': problem('No such tank'), '409': problem('Not archived') },
        },
      },
      '/api/tanks/{id}/restore': {
        post: {
          summary: 'Restore an archived tank',
          parameters: [path('id')],
          responses: { '200': ok('The tank', TankEntry), '404': problem('No such tank') },
        },
      },
      '/api/tanks/{id}/plan': {
        get: { summary: 'The newest plan', parameters: [path('id')], responses: { '200': planReplies['200'], '404': planReplies['404'] } },
        put: {
          summary: 'A new revision; with effectiveOn it is a change of settings from that day',
          parameters: [path('id'), IF_MATCH, { name: 'effectiveOn', in: 'query', schema: { type: 'string', format: 'date' } }],
          requestBody: body(PlanSchema),
          responses: { ...planReplies, ...REFUSALS },
        },
      },
      '/api/tanks/{id}/plan/revision': {
        get: {
          summary: 'The newest plan with its revision, and what can be undone',
          parameters: [path('id')],
          responses: { '200': ok('The revision', PlanRevision, ETAG), '404': planReplies['404'] },
        },
      },
      '/api/tanks/{id}/plan/undo': {
        post: {
          summary: 'Take the last edit back, as a new revision',
          parameters: [path('id'), IF_MATCH],
          responses: { ...planReplies, '200': ok('The new revision', PlanRevision, ETAG), '409': problem('Nothing to undo') },
        },
      },
      '/api/tanks/{id}/plan/redo': {
        post: {
          summary: 'Do it again, as a new revision',
          parameters: [path('id'), IF_MATCH],
          responses: { ...planReplies, '200': ok('The new revision', PlanRevision, ETAG), '409': problem('Nothing to redo') },
        },
      },
      '/api/tanks/{id}/settings': {
        get: {
          summary: 'Settings that changed, with their day and reason',
          parameters: [path('id')],
          responses: { '200': ok('Changes, by revision', z.array(SettingChangeSchema)), '404': problem('No such tank') },
        },
        put: {
          summary: 'Write the past of one field anew',
          parameters: [path('id')],
          requestBody: body(FieldPast),
          responses: {
            '200': ok('All changes of the tank', z.array(SettingChangeSchema)),
            '404': problem('No such tank'),
            '409': problem('Too many changes'),
            '412': problem('Somebody changed it'),
            ...REFUSALS,
          },
        },
      },
      '/api/tanks/{id}/journal': {
        get: {
          summary: 'Records, newest first; filter by from, to, kinds, quantity, q; page by before',
          parameters: [path('id'), ...['from', 'to', 'kinds', 'quantity', 'q', 'limit', 'before'].map(query)],
          responses: { '200': ok('One page', JournalPage), '404': problem('No such tank'), ...REFUSALS },
        },
        post: {
          summary: 'Log a record; the same body again is not an error',
          parameters: [path('id')],
          requestBody: body(JournalRecordSchema),
          responses: {
            '201': ok('Kept', JournalEntry, ETAG),
            '200': ok('Was kept before', JournalEntry, ETAG),
            '409': problem('The id is taken'),
            ...REFUSALS,
          },
        },
      },
      '/api/tanks/{id}/journal/{recordId}': {
        put: {
          summary: 'Change a record',
          parameters: [path('id'), path('recordId'), IF_MATCH],
          requestBody: body(JournalRecordSchema),
          responses: { '200': ok('Changed', JournalEntry, ETAG), ...RECORD_REFUSALS },
        },
        delete: {
          summary: 'Put a record away; it can be restored',
          parameters: [path('id'), path('recordId'), IF_MATCH],
          responses: { '200': ok('Deleted', JournalEntry, ETAG), ...RECORD_REFUSALS },
        },
      },
      '/api/tanks/{id}/journal/{recordId}/restore': {
        post: {
          summary: 'Bring a record back',
          parameters: [path('id'), path('recordId'), IF_MATCH],
          responses: { '200': ok('Back', JournalEntry, ETAG), ...RECORD_REFUSALS },
        },
      },
      '/api/tanks/{id}/readings': {
        get: {
          summary: 'All readings of one quantity, in columns',
          parameters: [path('id'), query('quantity')],
          responses: { '200': ok('Oldest first', ReadingSeries), ...REFUSALS },
        },
      },
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
          responses: { '201': ok('Kept', RowImportReport), '200': ok('Only reported', RowImportReport), ...REFUSALS },
        },
      },
      '/api/tanks/{id}/file': {
        get: {
          summary: 'The tank with all that is known of it, as one file',
          parameters: [path('id')],
          responses: { '200': ok('The file', TankFile) },
        },
      },
      '/api/tank-files': {
        post: {
          summary: 'Bring a tank’s file in, all or nothing; dryRun=true only reports, as=copy gives new ids',
          parameters: ['dryRun', 'as', 'work'].map(query),
          requestBody: body(TankFile),
          responses: {
            '201': ok('Kept', TankImportReport),
            '200': ok('Only reported', TankImportReport),
            '409': problem('Already here'),
            ...REFUSALS,
          },
        },
      },
      '/api/tanks/{id}/photos': {
        post: {
          summary: 'Store a picture (field photo); a journal record then names it',
          parameters: [path('id')],
          requestBody: {
            required: true,
            content: { 'multipart/form-data': { schema: { type: 'object', properties: { photo: { type: 'string', format: 'binary' } } } } },
          },
          responses: { '201': ok('Stored', StoredPhoto), '415': problem('Not a picture') },
        },
      },
      '/api/photos/{sha256}': {
        get: {
          summary: 'A picture; size=small for a small one',
          parameters: [path('sha256'), query('size')],
          responses: { '200': { description: 'The picture', content: { 'image/jpeg': { schema: { type: 'string', format: 'binary' } } } } },
        },
      },
      '/api/tanks/{id}/condition': {
        get: {
          summary: 'What is judged of the tank now: gas, ammonia and nitrite',
          parameters: [path('id')],
          responses: { '200': ok('Judged', TankCondition), ...REFUSALS },
        },
      },
      '/api/tanks/{id}/jobs': {
        get: {
          summary: 'Jobs between two days, with what became of them',
          parameters: [path('id'), query('from'), query('to')],
          responses: { '200': ok('Jobs', JobList), ...REFUSALS },
        },
      },
      '/api/tanks/{id}/jobs/{ruleId}/{dueOn}': {
        put: {
          summary: 'Tell what became of a job; If-Match with the instant of the record it replaces',
          parameters: [path('id'), path('ruleId'), path('dueOn')],
          requestBody: body(JobRecordSchema),
          responses: {
            '201': ok('Told', JobRecordSchema),
            '200': ok('Was told before, or told anew', JobRecordSchema),
            '409': problem('Somebody told otherwise'),
            ...REFUSALS,
          },
        },
        delete: {
          summary: 'Take that back',
          parameters: [path('id'), path('ruleId'), path('dueOn')],
          responses: { '204': { description: 'Taken back' } },
        },
      },
      '/api/round': {
        get: { summary: 'All tanks with what is open today, in the order to walk them', responses: { '200': ok('Stops', Round) } },
      },
      '/api/calendar.ics': {
        get: {
          summary: 'Care of all tanks as iCalendar',
          responses: { '200': { description: 'The calendar', content: { 'text/calendar': { schema: { type: 'string' } } } } },
        },
      },
      '/api/tanks/{id}/calendar.ics': {
        get: {
          summary: 'Care of one tank as iCalendar',
          parameters: [path('id')],
          responses: { '200': { description: 'The calendar', content: { 'text/calendar': { schema: { type: 'string' } } } } },
        },
      },
      '/api/products': {
        get: {
          summary: 'Grounds and root tabs of the library, own entries and samples',
          responses: { '200': ok('Products', z.array(ProductSchema)) },
        },
      },
      '/api/products/{id}': {
        put: {
          summary: 'Keep an entry of the library',
          parameters: [path('id')],
          requestBody: body(ProductSchema),
          responses: { '200': ok('Kept', ProductSchema), '409': problem('The id in the address is another one'), ...REFUSALS },
        },
        delete: {
          summary: 'Take an own entry out; a sample that it replaced comes back',
          parameters: [path('id')],
          responses: { '200': ok('Taken out', z.object({})), '404': problem('No such entry') },
        },
      },
      '/api/kits': { get: { summary: 'Test kits and instruments, one a quantity', responses: { '200': ok('Kits', z.array(KitSchema)) } } },
      '/api/kits/{quantity}': {
        put: {
          summary: 'Say which kit is used',
          parameters: [path('quantity')],
          requestBody: body(KitSchema),
          responses: { '200': ok('Kept', KitSchema), ...REFUSALS },
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
      '/api/session': {
        get: { summary: 'Whether one is signed in', responses: { '200': ok('The session', SessionReport) } },
        post: {
          summary: 'Sign in',
          requestBody: body(SignIn),
          responses: { '204': { description: 'Signed in' }, '403': problem('Wrong passphrase'), '429': problem('Too many guesses') },
        },
        delete: { summary: 'Sign out', responses: { '204': { description: 'Signed out' } } },
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
      '/api/tanks/{id}/timeline': {
        get: {
          summary: 'What was in force since when',
          parameters: [path('id')],
          responses: { '200': ok('Plans by date', Timeline), '404': problem('No such tank') },
        },
      },
      '/api/tanks/{id}/levers': {
        get: {
          summary: 'The draft of levers',
          parameters: [path('id')],
          responses: { '200': ok('The draft', LeversSchema), '404': problem('No such tank') },
        },
        put: {
          summary: 'Keep the draft of levers',
          parameters: [path('id')],
          requestBody: body(LeversSchema),
          responses: { '200': ok('Kept', LeversSchema), '404': problem('No such tank'), ...REFUSALS },
        },
      },
      '/api/forecasts': {
        post: {
          summary: 'Run the model on a plan; CSV with Accept: text/csv',
          requestBody: body(ForecastRequest),
          responses: {
            '200': { description: 'Daily series', content: { ...json(ForecastResponse), 'text/csv': { schema: { type: 'string' } } } },
            ...REFUSALS,
          },
        },
      },
      '/api/workings': {
        get: {
          summary: 'Every worked figure, its inputs as JSON Schema',
          responses: {
            '200': ok(
              'The list',
              z.array(z.object({ id: z.string(), title: z.string(), inputs: z.unknown(), unit: z.string(), source: z.string() })),
            ),
          },
        },
      },
      ...Object.fromEntries(
        WORKINGS.map((working) => [
          `/api/workings/${working.id}`,
          {
            post: {
              summary: working.formula,
              requestBody: body(inputsSchema(working)),
              responses: { '200': ok('The figure', WorkedResponse), ...REFUSALS },
            },
          },
        ]),
      ),
    },
  }
}

export const inputsJsonSchema = (type: z.ZodType): Json => schema(type, 'input')

/** Schemas of everything that goes out and in as a file. */
const FILES: Readonly<Record<string, () => Json>> = {
  'tank-file': () => schema(TankFile),
  plan: () => schema(PlanSchema),
  'journal-record': () => schema(JournalRecordSchema),
  'job-record': () => schema(JobRecordSchema),
  'setting-change': () => schema(SettingChangeSchema),
  'reading-mapping': () => schema(RowMappingSchema, 'input'),
  'backup-manifest': () => schema(BackupManifest),
}
export const FILE_SCHEMA_NAMES = Object.keys(FILES)
/** The schema of one of them; `null` where there is no such file. */
export const fileSchema = (name: string): Json | null => (Object.hasOwn(FILES, name) ? FILES[name]!() : null)
