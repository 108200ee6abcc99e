import { refusalWords, FILE_SCHEMA_NAMES, fileSchema } from '@jovrin/contract'
import { Router } from 'express'
import { Refusal } from './refusal.js'

/** What the files in and out look like, as JSON Schema. */
export const schemaRoutes = (): Router =>
  Router()
    .get('/schemas', (_req, res) => void res.json(FILE_SCHEMA_NAMES.map((name) => ({ name, href: `/api/schemas/${name}.json` }))))
    .get('/schemas/:file', (req, res) => {
      const schema = fileSchema(req.params.file.replace(/\.json$/, ''))
      if (schema === null) throw new Refusal(404, 'no_such_schema', refusalWords.noSuchRoute)
      res.type('application/schema+json').send(JSON.stringify(schema))
    })
