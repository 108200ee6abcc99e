import { z } from 'zod'
import { JournalEntry, JournalPage, JournalRecordSchema, KitSchema, ReadingSeries, StoredPhoto } from '../journal.js'
import { ok, problem, query, path, body, IF_MATCH, ETAG, refusals, recordRefusals, type Paths } from './parts.js'

/** What happened: records, readings, pictures, kits. */
export const journalPaths = (): Paths => ({
  '/api/tanks/{id}/journal': {
    get: {
      summary: 'Records, newest first; filter by from, to, kinds, quantity, q; page by before',
      parameters: [path('id'), ...['from', 'to', 'kinds', 'quantity', 'q', 'limit', 'before'].map(query)],
      responses: { '200': ok('One page', JournalPage), '404': problem('No such tank'), ...refusals() },
    },
    post: {
      summary: 'Log a record; the same body again is not an error',
      parameters: [path('id')],
      requestBody: body(JournalRecordSchema),
      responses: {
        '201': ok('Kept', JournalEntry, ETAG),
        '200': ok('Was kept before', JournalEntry, ETAG),
        '409': problem('The id is taken'),
        ...refusals(),
      },
    },
  },
  '/api/tanks/{id}/journal/{recordId}': {
    put: {
      summary: 'Change a record',
      parameters: [path('id'), path('recordId'), IF_MATCH],
      requestBody: body(JournalRecordSchema),
      responses: { '200': ok('Changed', JournalEntry, ETAG), ...recordRefusals() },
    },
    delete: {
      summary: 'Put a record away; it can be restored',
      parameters: [path('id'), path('recordId'), IF_MATCH],
      responses: { '200': ok('Deleted', JournalEntry, ETAG), ...recordRefusals() },
    },
  },
  '/api/tanks/{id}/journal/{recordId}/restore': {
    post: {
      summary: 'Bring a record back',
      parameters: [path('id'), path('recordId'), IF_MATCH],
      responses: { '200': ok('Back', JournalEntry, ETAG), ...recordRefusals() },
    },
  },
  '/api/tanks/{id}/readings': {
    get: {
      summary: 'All readings of one quantity, in columns',
      parameters: [path('id'), query('quantity')],
      responses: { '200': ok('Oldest first', ReadingSeries), ...refusals() },
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
  '/api/kits': { get: { summary: 'Test kits and instruments, one a quantity', responses: { '200': ok('Kits', z.array(KitSchema)) } } },
  '/api/kits/{quantity}': {
    put: {
      summary: 'Say which kit is used',
      parameters: [path('quantity')],
      requestBody: body(KitSchema),
      responses: { '200': ok('Kept', KitSchema), ...refusals() },
    },
  },
})
