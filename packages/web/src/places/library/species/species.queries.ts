import { PlantNote, PlantSpeciesSchema } from '@jovrin/contract'
import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '../../../api/http.js'

export const allPlants = () =>
  queryOptions({
    queryKey: ['species'],
    queryFn: ({ signal }) => getJson('/api/species?group=plant', z.array(PlantSpeciesSchema), signal),
    staleTime: Infinity,
  })
export const notesOfPlant = (plantId: string) =>
  queryOptions({
    queryKey: ['plant-notes', plantId],
    queryFn: ({ signal }) => getJson(`/api/species/${plantId}/notes`, z.array(PlantNote), signal),
  })
