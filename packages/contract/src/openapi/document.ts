import { WORKINGS } from '@jovrin/core'
import { inputsSchema, WorkedResponse } from '../working.js'
import { carePaths } from './carePaths.js'
import { namedSchemas, type Json } from './components.js'
import { filePaths } from './filePaths.js'
import { journalPaths } from './journalPaths.js'
import { otherPaths } from './otherPaths.js'
import { body, ok, problem, refusals, type Paths } from './parts.js'
import { speciesPaths } from './speciesPaths.js'
import { tankPaths } from './tankPaths.js'

const workingPaths = (): Paths =>
  Object.fromEntries(
    WORKINGS.map((working) => [
      `/api/workings/${working.id}`,
      {
        post: {
          summary: working.formula,
          requestBody: body(inputsSchema(working)),
          responses: { '200': ok('The figure', WorkedResponse), ...refusals() },
        },
      },
    ]),
  )
const TAGS: readonly (readonly [tag: string, paths: () => Paths])[] = [
  ['Tanks', tankPaths],
  ['Journal', journalPaths],
  ['Care', carePaths],
  ['Files', filePaths],
  ['Species', speciesPaths],
  ['Sums and the rest', otherPaths],
  ['Worked figures', workingPaths],
]
/** Open to whoever reaches the server. */
const OPEN = ['/api/health', '/api/session']

/** The description of the API, made from the same schemas that check it. */
export function openApi(version: string): Json {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Jovrin',
      version,
      license: { name: 'MIT', identifier: 'MIT' },
      description:
        'Tanks, their plans, journals and forecasts. On this machine no one need sign in; in the local network a passphrase does. Faults come as problem documents.',
    },
    servers: [{ url: '/' }],
    tags: TAGS.map(([name]) => ({ name })),
    security: [{}, { session: [] }],
    paths: Object.fromEntries(
      TAGS.flatMap(([tag, paths]) => Object.entries(paths()).map(([path, methods]) => [path, described(path, methods, tag)])),
    ),
    components: {
      schemas: namedSchemas(),
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'jovrin_session', description: 'Set by signing in.' } },
    },
  }
}

function described(path: string, methods: Paths[string], tag: string): Json {
  return Object.fromEntries(
    Object.entries(methods).map(([method, operation]) => {
      const { responses } = operation
      return [
        method,
        {
          operationId: operationId(method, path),
          tags: [tag],
          ...operation,
          ...(OPEN.includes(path) ? { security: [] } : {}),
          responses: {
            ...responses,
            ...(OPEN.includes(path) ? {} : { '401': problem('Sign in first') }),
            ...(path.includes('{') && responses['404'] === undefined ? { '404': problem('There is no such thing') } : {}),
          },
        },
      ]
    }),
  )
}

/** Method and address as one word: getTank, putTankPlan, postWorkingGasCo2FromPh. What an id follows is told as one of its kind. */
export function operationId(method: string, path: string): string {
  const parts = path.replace('/api/', '').split('/')
  const words = parts.flatMap((part, index) => {
    if (part.startsWith('{')) return []
    const isOne = parts[index + 1]?.startsWith('{') === true || (part === 'workings' && parts.length > 1)
    return (isOne ? part.replace(/ies$/, 'y').replace(/s$/, '') : part).split(/[^A-Za-z0-9]+/)
  })
  return method + words.map((word) => word.charAt(0).toUpperCase() + word.slice(1)).join('')
}
