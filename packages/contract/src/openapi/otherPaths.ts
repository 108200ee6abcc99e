import { z } from 'zod'
import { SessionReport, SignIn } from '../access.js'
import { ForecastRequest, ForecastResponse } from '../forecast.js'
import { GasFitRequest, GasFitResponse } from '../gasFit.js'
import { RecipeRequest, RecipeResponse } from '../recipe.js'
import { LightFieldRequest, LightFieldResponse } from '../lightField.js'
import { ProductSchema } from '../product.js'
import { ok, problem, path, body, json, refusals, type Paths } from './parts.js'

/** Whether the server runs, who may come in, sums, the library. */
export const otherPaths = (): Paths => ({
  '/api/health': {
    get: {
      summary: 'Whether the server runs',
      responses: { '200': ok('It does', z.object({ status: z.literal('ok'), version: z.string() })) },
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
      responses: { '200': ok('Kept', ProductSchema), '409': problem('The id in the address is another one'), ...refusals() },
    },
    delete: {
      summary: 'Take an own entry out; a sample that it replaced comes back',
      parameters: [path('id')],
      responses: { '200': ok('Taken out', z.object({})), '404': problem('No such entry') },
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
  '/api/forecasts': {
    post: {
      summary: 'Run the model on a plan; CSV with Accept: text/csv',
      requestBody: body(ForecastRequest),
      responses: {
        '200': { description: 'Daily series', content: { ...json(ForecastResponse), 'text/csv': { schema: { type: 'string' } } } },
        ...refusals(),
      },
    },
  },
  '/api/light-fields': {
    post: {
      summary: 'Light on the ground of an open tank, cell by cell',
      requestBody: body(LightFieldRequest),
      responses: { '200': ok('The field', LightFieldResponse), ...refusals() },
    },
  },
  '/api/gas-fits': {
    post: {
      summary: 'Loss and injection of a tank from its pH over some hours, or why the log cannot tell',
      requestBody: body(GasFitRequest),
      responses: { '200': ok('The fit', GasFitResponse), ...refusals() },
    },
  },
  '/api/recipes': {
    post: {
      summary: 'Grams of salts for wanted additions, minerals for soft water, a blend of two waters',
      requestBody: body(RecipeRequest),
      responses: { '200': ok('The recipe', RecipeResponse), ...refusals() },
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
})
