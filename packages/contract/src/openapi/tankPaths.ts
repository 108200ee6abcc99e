import { z } from 'zod'
import { FieldPast, SettingChangeSchema } from '../journal.js'
import { LeversSchema } from '../levers.js'
import { PlanSchema } from '../plan.js'
import { ArchivedTank, NewTank, PlanRevision, TankEntry, Timeline } from '../tank.js'
import { ok, problem, path, body, IF_MATCH, ETAG, refusals, planReplies, type Paths } from './parts.js'

/** Tanks, their plans, what was in force when. */
export const tankPaths = (): Paths => ({
  '/api/tanks': {
    get: { summary: 'All tanks', responses: { '200': ok('Tanks with their newest plans', z.array(TankEntry)) } },
    post: {
      summary: 'Keep a new tank; the same body again is not an error',
      requestBody: body(NewTank),
      responses: {
        '201': ok('Kept', TankEntry),
        '200': ok('Was kept before', TankEntry),
        '409': problem('The id is taken'),
        ...refusals(),
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
    get: { summary: 'The newest plan', parameters: [path('id')], responses: { '200': planReplies()['200'], '404': planReplies()['404'] } },
    put: {
      summary: 'A new revision; with effectiveOn it is a change of settings from that day',
      parameters: [path('id'), IF_MATCH, { name: 'effectiveOn', in: 'query', schema: { type: 'string', format: 'date' } }],
      requestBody: body(PlanSchema),
      responses: { ...planReplies(), ...refusals() },
    },
  },
  '/api/tanks/{id}/plan/revision': {
    get: {
      summary: 'The newest plan with its revision, and what can be undone',
      parameters: [path('id')],
      responses: { '200': ok('The revision', PlanRevision, ETAG), '404': planReplies()['404'] },
    },
  },
  '/api/tanks/{id}/plan/undo': {
    post: {
      summary: 'Take the last edit back, as a new revision',
      parameters: [path('id'), IF_MATCH],
      responses: { ...planReplies(), '200': ok('The new revision', PlanRevision, ETAG), '409': problem('Nothing to undo') },
    },
  },
  '/api/tanks/{id}/plan/redo': {
    post: {
      summary: 'Do it again, as a new revision',
      parameters: [path('id'), IF_MATCH],
      responses: { ...planReplies(), '200': ok('The new revision', PlanRevision, ETAG), '409': problem('Nothing to redo') },
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
        ...refusals(),
      },
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
      responses: { '200': ok('Kept', LeversSchema), '404': problem('No such tank'), ...refusals() },
    },
  },
})
