import type { z } from 'zod'
import { PlanSchema } from '../plan.js'
import { Problem } from '../problem.js'
import { schemaOf, type Json } from './components.js'

interface Operation {
  readonly summary: string
  readonly parameters?: readonly Json[]
  readonly requestBody?: Json
  readonly responses: Readonly<Record<string, Json>>
}
export type Paths = Readonly<Record<string, Readonly<Partial<Record<'get' | 'post' | 'put' | 'delete', Operation>>>>>

export const json = (type: z.ZodType, io: 'input' | 'output' = 'output'): Json => ({ 'application/json': { schema: schemaOf(type, io) } })
export const ok = (description: string, type: z.ZodType, headers?: Json): Json => ({
  description,
  content: json(type),
  ...(headers ? { headers } : {}),
})
export const problem = (description: string): Json => ({
  description,
  content: { 'application/problem+json': { schema: schemaOf(Problem) } },
})
export const refusals = () => ({ '400': problem('Not accepted'), '422': problem('Out of range') })
export const query = (name: string): Json => ({ name, in: 'query', schema: { type: 'string' } })
export const recordRefusals = () => ({
  '404': problem('No such record'),
  '412': problem('Somebody changed it'),
  '428': problem('If-Match is missing'),
  ...refusals(),
})
export const path = (name: string): Json => ({ name, in: 'path', required: true, schema: { type: 'string' } })
export const IF_MATCH = {
  name: 'If-Match',
  in: 'header',
  required: true,
  schema: { type: 'string' },
  description: 'ETag of the revision that is being changed',
}
export const ETAG = { ETag: { schema: { type: 'string' }, description: 'The revision' } }
export const body = (type: z.ZodType): Json => ({ required: true, content: json(type, 'input') })
export const planReplies = () => ({
  '200': ok('The newest plan; its revision is the ETag', PlanSchema, ETAG),
  '404': problem('No such tank'),
  '412': problem('Another revision is newest'),
  '428': problem('If-Match is missing'),
})
