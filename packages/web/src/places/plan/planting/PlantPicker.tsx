import { plantingWords } from '@jovrin/contract'
import { foundByOlderName, nameIndex, searchNames, standingOf, type PlantSite, type PlantSpecies } from '@jovrin/core'
import { Autocomplete, Box, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { PlantGlyph } from '../../../drawing/species/PlantGlyph.js'
import { allPlants } from '../../library/species/species.queries.js'
import { VerdictMark } from '../../shared/VerdictMark.js'

interface PlantPickerProps {
  readonly label: string
  readonly site: PlantSite
  readonly onPick: (plant: PlantSpecies) => void
}

const MOST_SHOWN = 40

/** A plant of the library by any of its names, each with how it would stand here. */
export function PlantPicker({ label, site, onPick }: PlantPickerProps) {
  const plants = useQuery(allPlants()).data
  const [typed, setTyped] = useState('')
  const index = useMemo(() => nameIndex(plants ?? []), [plants])
  const byId = useMemo(() => new Map((plants ?? []).map((plant) => [plant.id, plant])), [plants])
  return (
    <Autocomplete<PlantSpecies>
      options={plants ?? []}
      value={null}
      inputValue={typed}
      blurOnSelect
      clearOnBlur
      getOptionLabel={({ name }) => name}
      getOptionKey={({ id }) => id}
      filterOptions={(_options, { inputValue }) =>
        searchNames(index, inputValue)
          .flatMap((id) => byId.get(id) ?? [])
          .sort((a, b) => (inputValue === '' ? Number(b.places.includes(site.place)) - Number(a.places.includes(site.place)) : 0))
          .slice(0, MOST_SHOWN)
      }
      onInputChange={(_event, next, reason) => setTyped(reason === 'selectOption' ? '' : next)}
      onChange={(_event, plant) => plant !== null && onPick(plant)}
      noOptionsText={plantingWords.noPlant}
      renderOption={({ key, ...props }, plant) => (
        <Box component="li" key={key} {...props} sx={{ display: 'flex', gap: 1, py: '2px !important' }}>
          <PlantGlyph plant={plant} widthPx={34} heightPx={28} />
          <Box sx={{ flexGrow: 1, fontStyle: 'italic', lineHeight: 1.15 }}>
            {plant.name}
            {foundByOlderName(plant, typed).map((older) => (
              <Box key={older} sx={{ fontSize: 12, color: 'text.secondary' }}>
                {older}
              </Box>
            ))}
          </Box>
          <Box sx={{ fontSize: 13 }}>
            <VerdictMark verdict={standingOf(plant, site).verdict} />
          </Box>
        </Box>
      )}
      renderInput={(parameters) => <TextField {...parameters} label={label} placeholder={plantingWords.search} />}
    />
  )
}
