import {
  PlantImport,
  PlantImportQuery,
  PlantNote,
  PlantRowSchema,
  refusalWords,
  SpeciesExportQuery,
  SpeciesId,
  SpeciesQuery,
} from '@jovrin/contract'
import { animalsNamed } from '@jovrin/core'
import { Router } from 'express'
import { Refusal } from '../http/refusal.js'
import type { SpeciesService } from './species.service.js'

export const speciesRoutes = (species: SpeciesService): Router =>
  Router()
    .get('/species', async (req, res) => {
      const { group, search } = SpeciesQuery.parse(req.query)
      res.json(group === 'animal' ? animalsNamed(search) : await species.list(search))
    })
    .get('/species.csv', async (req, res) => {
      const { which } = SpeciesExportQuery.parse(req.query)
      res
        .attachment('plants.csv')
        .type('text/csv')
        .send(await species.table(which))
    })
    .get('/species.json', async (req, res) => {
      const { which } = SpeciesExportQuery.parse(req.query)
      res
        .attachment('plants.json')
        .type('application/json')
        .send(await species.document(which))
    })
    .post('/species', async (req, res) => {
      const { dryRun } = PlantImportQuery.parse(req.query)
      const { kind, text } = PlantImport.parse(req.body)
      res.json(await species.bringIn(kind, text, dryRun === 'true'))
    })
    .get('/species/:id', async (req, res) => void res.json(await species.one(req.params.id)))
    .put('/species/:id', async (req, res) => {
      const row = PlantRowSchema.parse(req.body)
      if (row.id !== req.params.id) throw new Refusal(409, 'other_record', refusalWords.otherBody)
      res.json(await species.put(row))
    })
    .delete('/species/:id', async (req, res) => {
      await species.remove(SpeciesId.parse(req.params.id))
      res.json({})
    })
    .get('/species/:id/notes', async (req, res) => void res.json(await species.notes(req.params.id)))
    .put('/species/:id/notes/:noteId', async (req, res) => {
      const note = PlantNote.parse(req.body)
      if (note.plantId !== req.params.id || note.id !== req.params.noteId) throw new Refusal(409, 'other_record', refusalWords.otherBody)
      res.json(await species.putNote(note))
    })
    .delete('/species/:id/notes/:noteId', async (req, res) => {
      await species.removeNote(req.params.id, req.params.noteId)
      res.json({})
    })
