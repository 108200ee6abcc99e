import { enRefusal, FILE_SCHEMAS } from '@jovrin/contract'
import { Router } from 'express'
import { Refusal } from './refusal.js'

/** What the files in and out look like, as JSON Schema. */
export const schemaRoutes = (): Router =>
  Router()
    .get('/schemas', (_req, res) => void res.json(Object.keys(FILE_SCHEMAS).map((name) => ({ name, href: `/api/schemas/${name}.json` }))))
    .get('/schemas/:file', (req, res) => {
      const make = FILE_SCHEMAS[req.params.file.replace(/\.json$/, '')]
      if (make === undefined) throw new Refusal(404, 'no_such_schema', enRefusal.noSuchRoute)
      res.type('application/schema+json').send(JSON.stringify(make()))
    })
