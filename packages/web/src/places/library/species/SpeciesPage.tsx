import { appWords, describeWords, nameStandingWords, speciesWords } from '@jovrin/contract'
import type { PlantSpecies } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { z } from 'zod'
import { changeJson } from '../../../api/http.js'
import { lastTank } from '../../../ui/lastTank.js'
import { useNotice } from '../../../ui/notice.js'
import { QueryState } from '../../../ui/QueryState.js'
import { LibraryHead } from '../LibraryHead.js'
import { EditPlant } from './EditPlant.js'
import { copyOfSpecies, rowOfSpecies } from './ownPlant.js'
import { PlantNotes } from './PlantNotes.js'
import { PlantPortrait } from './PlantPortrait.js'
import { allPlants } from './species.queries.js'
import { StandingPanel } from './StandingPanel.js'
import { TraitTable } from './TraitTable.js'
import { useTankSite } from './useTankSite.js'

/** One plant of the library. */
export function SpeciesPage() {
  const { speciesId } = useParams()
  const plants = useQuery(allPlants())
  if (plants.data === undefined) return <QueryState error={plants.error} onRetry={() => void plants.refetch()} />
  const plant = plants.data.find(({ id }) => id === speciesId)
  return (
    <Box sx={{ px: 2, py: 1.5, minWidth: 0 }}>
      <LibraryHead />
      {plant === undefined ? (
        <Box sx={{ py: 2 }}>
          {speciesWords.notFound} <Link to="/library">{speciesWords.back}</Link>
        </Box>
      ) : (
        <OnePlant key={plant.id} plant={plant} />
      )}
    </Box>
  )
}

function OnePlant({ plant }: { readonly plant: PlantSpecies }) {
  const [search] = useSearchParams()
  const navigate = useNavigate()
  const sites = useTankSite(lastTank())
  const [open, setOpen] = useState<'edit' | 'copy' | null>(null)
  const takeBack = useTakeBack(plant)
  // Of a plant that the library knows it is the library's word that comes back.
  const isAlone = plant.source === 'own'
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1.5, mt: 0.75, mb: 1 }}>
        <Box component={Link} to={`/library?${search.toString()}`} sx={{ color: 'inherit' }}>
          {speciesWords.back}
        </Box>
        <Box component="h2" sx={{ m: 0, fontSize: 25, fontStyle: 'italic', fontWeight: 600 }}>
          {plant.name}
        </Box>
        <span>{plant.family}</span>
        {plant.isOwn && <span>{`(${speciesWords.own})`}</span>}
        <Box sx={{ flexGrow: 1 }} />
        <Button onClick={() => setOpen('edit')}>{speciesWords.change}</Button>
        <Button onClick={() => setOpen('copy')}>{speciesWords.copy}</Button>
        {plant.isOwn && <Button onClick={() => void takeBack()}>{isAlone ? speciesWords.remove : speciesWords.takeBack}</Button>}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14, mb: 1 }}>
        {plant.olderNames.length === 0 ? speciesWords.noOlderNames : speciesWords.olderNames(plant.olderNames.join(', '))}{' '}
        {nameStandingWords[plant.nameStanding]}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1.1fr) minmax(0,1fr)' },
          gap: 2.5,
          alignItems: 'start',
        }}
      >
        <PlantPortrait plant={plant} />
        <Box sx={{ gridRow: { md: 'span 2' }, display: 'grid', gap: 2.5 }}>
          <StandingPanel plant={plant} sites={sites} />
          <PlantNotes plant={plant} tanks={sites.tanks} tank={sites.tank} isReady={sites.isReady} />
        </Box>
        <TraitTable plant={plant} />
      </Box>
      {open === 'edit' && (
        <EditPlant
          title={speciesWords.change}
          row={rowOfSpecies(plant, 'own')}
          base={plant}
          onClose={() => setOpen(null)}
          onKept={() => undefined}
        />
      )}
      {open === 'copy' && (
        <EditPlant
          title={speciesWords.copy}
          row={copyOfSpecies(plant)}
          base={plant}
          onClose={() => setOpen(null)}
          onKept={({ id }) => void navigate(`/library/species/${id}`)}
        />
      )}
    </>
  )
}

/** Deletes what the grower says; of a library plant the library's own comes back. */
function useTakeBack(plant: PlantSpecies): () => Promise<void> {
  const client = useQueryClient()
  const tell = useNotice()
  const own = rowOfSpecies(plant, 'own')
  return async () => {
    const again = async (): Promise<void> => {
      await changeJson('PUT', `/api/species/${plant.id}`, z.unknown(), { body: own })
      await client.invalidateQueries({ queryKey: ['species'] })
    }
    const refused = (error: unknown): void => tell({ text: error instanceof Error ? error.message : appWords.failed })
    try {
      await changeJson('DELETE', `/api/species/${plant.id}`, z.object({}))
      await client.invalidateQueries({ queryKey: ['species'] })
      tell({ text: speciesWords.removed(plant.name), action: { label: describeWords.undo, run: () => void again().catch(refused) } })
    } catch (error) {
      refused(error)
    }
  }
}
