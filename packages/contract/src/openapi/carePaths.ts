import { TankCondition } from '../condition.js'
import { JobList, Round } from '../job.js'
import { JobRecordSchema } from '../journal.js'
import { ok, problem, query, path, body, refusals, type Paths } from './parts.js'

/** What is to be done, and how the tank stands. */
export const carePaths = (): Paths => ({
  '/api/tanks/{id}/condition': {
    get: {
      summary: 'What is judged of the tank now: gas, ammonia and nitrite',
      parameters: [path('id')],
      responses: { '200': ok('Judged', TankCondition), ...refusals() },
    },
  },
  '/api/tanks/{id}/jobs': {
    get: {
      summary: 'Jobs between two days, with what became of them',
      parameters: [path('id'), query('from'), query('to')],
      responses: { '200': ok('Jobs', JobList), ...refusals() },
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
        ...refusals(),
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
})
