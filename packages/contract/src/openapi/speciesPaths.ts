import { z } from 'zod'
import { PlantImport, PlantImportReport, PlantRowSchema, PlantSpeciesSchema } from '../species/plantSchemas.js'
import { AnimalSpeciesSchema } from '../species/animalSchemas.js'
import { PlantNote } from '../species/plantNote.js'
import { body, ok, path, problem, query, refusals, type Paths } from './parts.js'

const file = (type: string) => ({ '200': { description: 'The file', content: { [type]: { schema: { type: 'string' } } } } })
const OTHER_ID = { '409': problem('The id in the address is another one') }

/** The library of species, the grower's own plants, and notes on how they did. */
export const speciesPaths = (): Paths => ({
  '/api/species': {
    get: {
      summary: 'Plants, or with group=animal animals, by name, older names included, best first; without a search all of them',
      parameters: [query('group'), query('search')],
      responses: { '200': ok('Species', z.array(z.union([PlantSpeciesSchema, AnimalSpeciesSchema]))), ...refusals() },
    },
    post: {
      summary: 'Look over a file of plants row by row and keep the sound ones; with dryRun=true keep none',
      parameters: [query('dryRun')],
      requestBody: body(PlantImport),
      responses: { '200': ok('What became of each row', PlantImportReport), ...refusals() },
    },
  },
  '/api/species.csv': {
    get: { summary: 'Plants as a table; which=own for one’s own alone', parameters: [query('which')], responses: file('text/csv') },
  },
  '/api/species.json': {
    get: { summary: 'Plants as a document', parameters: [query('which')], responses: file('application/json') },
  },
  '/api/species/{id}': {
    get: { summary: 'One species, every trait', parameters: [path('id')], responses: { '200': ok('The species', PlantSpeciesSchema) } },
    put: {
      summary: 'Keep a plant of one’s own, or what one says of a plant of the library',
      parameters: [path('id')],
      requestBody: body(PlantRowSchema),
      responses: { '200': ok('The species as it is now', PlantSpeciesSchema), ...OTHER_ID, ...refusals() },
    },
    delete: {
      summary: 'Take one’s own out; what the library says comes back',
      parameters: [path('id')],
      responses: { '200': ok('Taken out', z.object({})), '409': problem('Another plant takes traits from it') },
    },
  },
  '/api/species/{id}/notes': {
    get: { summary: 'How it did, newest first', parameters: [path('id')], responses: { '200': ok('Notes', z.array(PlantNote)) } },
  },
  '/api/species/{id}/notes/{noteId}': {
    put: {
      summary: 'Keep a note',
      parameters: [path('id'), path('noteId')],
      requestBody: body(PlantNote),
      responses: { '200': ok('Kept', PlantNote), ...OTHER_ID, ...refusals() },
    },
    delete: { summary: 'Take a note out', parameters: [path('id'), path('noteId')], responses: { '200': ok('Taken out', z.object({})) } },
  },
})
