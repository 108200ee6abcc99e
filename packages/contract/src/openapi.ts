import { WORKINGS } from '@jovrin/core'
import { z } from 'zod'
import { ForecastRequest, ForecastResponse } from './forecast.js'
import { LeversSchema } from './levers.js'
import { PlanSchema } from './plan.js'
import { Problem } from './problem.js'
import { NewTank, PlanRevision, TankEntry, Timeline } from './tank.js'
import { inputsSchema, WorkedResponse } from './working.js'

type Json = Record<string, unknown>
const schema = (type: z.ZodType, io: 'input' | 'output' = 'output'): Json => z.toJSONSchema(type, { io, unrepresentable: 'any', target: 'draft-2020-12' })
const json = (type: z.ZodType, io: 'input' | 'output' = 'output'): Json => ({ 'application/json': { schema: schema(type, io) } })
const ok = (description: string, type: z.ZodType, headers?: Json): Json => ({ description, content: json(type), ...(headers ? { headers } : {}) })
const problem = (description: string): Json => ({ description, content: { 'application/problem+json': { schema: schema(Problem) } } })
const REFUSALS = { '400': problem('Not accepted'), '422': problem('Out of range') }
const path = (name: string): Json => ({ name, in: 'path', required: true, schema: { type: 'string' } })
const IF_MATCH = { name: 'If-Match', in: 'header', required: true, schema: { type: 'string' }, description: 'ETag of the revision that is being changed' }
const ETAG = { ETag: { schema: { type: 'string' }, description: 'The revision' } }
const body = (type: z.ZodType): Json => ({ required: true, content: json(type, 'input') })

/** The description of the API, made from the same schemas that check it. */
export function openApi(version: string): Json {
  const planReplies = { '200': ok('The newest plan; its revision is the ETag', PlanSchema, ETAG), '404': problem('No such tank'), '412': problem('Another revision is newest'), '428': problem('If-Match is missing') }
  return {
    openapi: '3.1.0',
    info: { title: 'Jovrin', version, license: { name: 'MIT' } },
    paths: {
      '/api/health': { get: { summary: 'Whether the server runs', responses: { '200': ok('It does', z.object({ status: z.literal('ok'), version: z.string() })) } } },
      '/api/tanks': {
        get: { summary: 'All tanks', responses: { '200': ok('Tanks with their newest plans', z.array(TankEntry)) } },
        post: { summary: 'Keep a new tank; the same body again is not an error', requestBody: body(NewTank), responses: { '201': ok('Kept', TankEntry), '200': ok('Was kept before', TankEntry), '409': problem('The id is taken'), ...REFUSALS } },
      },
      '/api/tanks/{id}': {
        get: { summary: 'One tank', parameters: [path('id')], responses: { '200': ok('The tank', TankEntry), '404': problem('No such tank') } },
        delete: { summary: 'Put a tank away; it can be restored', parameters: [path('id')], responses: { '204': { description: 'Put away' }, '404': problem('No such tank') } },
      },
      '/api/tanks/{id}/restore': { post: { summary: 'Bring a tank back', parameters: [path('id')], responses: { '200': ok('The tank', TankEntry), '404': problem('No such tank') } } },
      '/api/tanks/{id}/plan': {
        get: { summary: 'The newest plan', parameters: [path('id')], responses: { '200': planReplies['200'], '404': planReplies['404'] } },
        put: {
          summary: 'A new revision; with effectiveOn it is a change of settings from that day',
          parameters: [path('id'), IF_MATCH, { name: 'effectiveOn', in: 'query', schema: { type: 'string', format: 'date' } }],
          requestBody: body(PlanSchema),
          responses: { ...planReplies, ...REFUSALS },
        },
      },
      '/api/tanks/{id}/plan/revision': { get: { summary: 'The newest plan with its revision, and what can be undone', parameters: [path('id')], responses: { '200': ok('The revision', PlanRevision, ETAG), '404': planReplies['404'] } } },
      '/api/tanks/{id}/plan/undo': { post: { summary: 'Take the last edit back, as a new revision', parameters: [path('id'), IF_MATCH], responses: { ...planReplies, '200': ok('The new revision', PlanRevision, ETAG), '409': problem('Nothing to undo') } } },
      '/api/tanks/{id}/plan/redo': { post: { summary: 'Do it again, as a new revision', parameters: [path('id'), IF_MATCH], responses: { ...planReplies, '200': ok('The new revision', PlanRevision, ETAG), '409': problem('Nothing to redo') } } },
      '/api/tanks/{id}/timeline': { get: { summary: 'What was in force since when', parameters: [path('id')], responses: { '200': ok('Plans by date', Timeline), '404': problem('No such tank') } } },
      '/api/tanks/{id}/levers': {
        get: { summary: 'The draft of levers', parameters: [path('id')], responses: { '200': ok('The draft', LeversSchema), '404': problem('No such tank') } },
        put: { summary: 'Keep the draft of levers', parameters: [path('id')], requestBody: body(LeversSchema), responses: { '200': ok('Kept', LeversSchema), '404': problem('No such tank'), ...REFUSALS } },
      },
      '/api/forecasts': {
        post: {
          summary: 'Run the model on a plan; CSV with Accept: text/csv',
          requestBody: body(ForecastRequest),
          responses: { '200': { description: 'Daily series', content: { ...json(ForecastResponse), 'text/csv': { schema: { type: 'string' } } } }, ...REFUSALS },
        },
      },
      '/api/workings': { get: { summary: 'Every worked figure, its inputs as JSON Schema', responses: { '200': ok('The list', z.array(z.object({ id: z.string(), title: z.string(), inputs: z.unknown(), unit: z.string(), source: z.string() }))) } } },
      ...Object.fromEntries(
        WORKINGS.map((working) => [`/api/workings/${working.id}`, { post: { summary: working.formula, requestBody: body(inputsSchema(working)), responses: { '200': ok('The figure', WorkedResponse), ...REFUSALS } } }]),
      ),
    },
  }
}

export const inputsJsonSchema = (type: z.ZodType): Json => schema(type, 'input')
