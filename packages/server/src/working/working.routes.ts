import { WORKINGS, work } from '@jovrin/core'
import { refusedWords, workingTitleWords, inputsJsonSchema, inputsSchema, type WorkedResponse } from '@jovrin/contract'
import { Router } from 'express'
import { Refusal } from '../http/refusal.js'

const SCHEMA_OF = new Map(WORKINGS.map((working) => [working.id, { working, schema: inputsSchema(working) }]))

export const workingRoutes = (): Router =>
  Router()
    .get('/workings', (_req, res) => {
      res.json(
        [...SCHEMA_OF.values()].map(({ working, schema }) => ({
          id: working.id,
          title: workingTitleWords[working.id] ?? working.id,
          inputs: inputsJsonSchema(schema),
          unit: working.unit,
          source: working.source,
        })),
      )
    })
    .post('/workings/:id', (req, res) => {
      const found = SCHEMA_OF.get(req.params.id)
      if (found === undefined) throw new Refusal(404, 'no_such_working', refusedWords.noSuchWorking)
      const { working, schema } = found
      const { figure, inputs } = work(working, schema.parse(req.body))
      const answer: WorkedResponse = {
        id: working.id,
        ...figure,
        unit: working.unit,
        formula: working.formula,
        inputs: { ...inputs },
        source: working.source,
      }
      res.json(answer)
    })
