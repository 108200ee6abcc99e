import { speciesWords } from '@jovrin/contract'
import { foundByOlderName, standingOf, VERDICTS, type PlantSpecies, type Verdict } from '@jovrin/core'
import { Box, Button, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useDeferredValue, useMemo, useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { QueryState } from '../../../ui/QueryState.js'
import { useKeptState } from '../../../ui/useKeptState.js'
import { LibraryHead } from '../LibraryHead.js'
import { BringInPlants } from './BringInPlants.js'
import { EditPlant } from './EditPlant.js'
import { newPlantRow } from './ownPlant.js'
import { filterOf, foundPlants, plantList, type PlantFilter, type PlantList } from './plantFilter.js'
import { PlantFilters } from './PlantFilters.js'
import { PlantGrid, type FoundPlant } from './PlantGrid.js'
import { allPlants } from './species.queries.js'
import { useTankSite, type TankSites } from './useTankSite.js'

/** The plants of the library: found by any name, sorted, filtered, and held against a tank. */
export function SpeciesPlace() {
  const plants = useQuery(allPlants())
  const list = useMemo(() => (plants.data === undefined ? null : plantList(plants.data)), [plants.data])
  return list === null ? <QueryState error={plants.error} onRetry={() => void plants.refetch()} /> : <FoundPlants list={list} />
}

function FoundPlants({ list }: { readonly list: PlantList }) {
  const navigate = useNavigate()
  const [search] = useSearchParams()
  const address = search.toString()
  // Kept by the tab, not by the address: a key and a filter at once would take each other's place there.
  const [typed, setTyped] = useKeptState('jovrin.library.find', search.get('q') ?? '', keptText)
  const [open, setOpen] = useState<'new' | 'file' | null>(null)
  const sites = useTankSite()
  const filter = useMemo(() => filterOf(new URLSearchParams(address)), [address])
  const onlyFitting = search.get('fits') === '1'
  const found = useMemo(() => foundRows(list, { text: typed, filter, sites, onlyFitting }), [list, typed, filter, sites, onlyFitting])
  // The number is told at once; the table may come a moment later.
  const rows = useDeferredValue(found)
  return (
    <Box sx={{ px: 2, py: 1.5, display: 'flex', flexDirection: 'column', flexGrow: 1, minWidth: 0 }}>
      <LibraryHead>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button onClick={() => setOpen('new')}>{speciesWords.addOwn}</Button>
          <Button onClick={() => setOpen('file')}>{speciesWords.files}</Button>
        </Box>
      </LibraryHead>
      <Box role="search" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'end', my: 1 }}>
        <TextField
          type="search"
          label={speciesWords.find}
          value={typed}
          autoComplete="off"
          onChange={(event) => setTyped(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ minWidth: 240, flexGrow: { xs: 1, md: 0 } }}
        />
        <PlantFilters filter={filter} sites={sites} onlyFitting={onlyFitting} />
        <Box role="status" sx={{ color: 'text.secondary', fontSize: 14, pb: 0.5 }}>
          {speciesWords.count(found.length)}
        </Box>
      </Box>
      <PlantGrid rows={rows} sites={sites} tankId={search.get('tank')} />
      {open === 'new' && (
        <EditPlant
          title={speciesWords.addOwn}
          row={newPlantRow()}
          base={null}
          onClose={() => setOpen(null)}
          onKept={({ id }) => void navigate(`/library/species/${id}`)}
        />
      )}
      {open === 'file' && <BringInPlants onClose={() => setOpen(null)} />}
    </Box>
  )
}

const keptText = (kept: unknown): string | null => (typeof kept === 'string' ? kept : null)

interface Wanted {
  readonly text: string
  readonly filter: PlantFilter
  readonly sites: TankSites
  readonly onlyFitting: boolean
}
const foundRows = (list: PlantList, { text, filter, sites, onlyFitting }: Wanted): FoundPlant[] =>
  foundPlants(list, text, filter).flatMap((plant): FoundPlant[] => {
    const verdict = verdictIn(plant, sites)
    return onlyFitting && verdict !== null && verdict !== 'fits'
      ? []
      : [{ id: plant.id, plant, verdict, older: foundByOlderName(plant, text) }]
  })

/** At the best of its usual places. */
function verdictIn(plant: PlantSpecies, { siteAt }: TankSites): Verdict | null {
  const verdicts = plant.places.flatMap((place) => {
    const site = siteAt(place)
    return site === null ? [] : [standingOf(plant, site).verdict]
  })
  return VERDICTS.find((verdict) => verdicts.includes(verdict)) ?? null
}
