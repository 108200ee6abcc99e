import { plantingWords } from '@jovrin/contract'
import { foundByOlderName, nameIndex, searchNames, type PlantSpecies } from '@jovrin/core'
import { Autocomplete, Box, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState, type ReactNode } from 'react'
import { PlantGlyph } from '../../drawing/species/PlantGlyph.js'
import { allPlants } from '../library/species/species.queries.js'

interface PlantSearchProps {
  readonly label: string
  /** Stays in the field when it is picked; `null` for a field that each pick empties. */
  readonly picked: PlantSpecies | null
  readonly onPick: (plant: PlantSpecies | null) => void
  /** Offered first while nothing is typed. */
  readonly isFirst: (plant: PlantSpecies) => boolean
  readonly noneFound: string
  readonly besideName?: (plant: PlantSpecies) => ReactNode
  readonly keepsPicked?: boolean
}

const MOST_SHOWN = 40

/** A plant of the library by any of its names. */
export function PlantSearch({ label, picked, onPick, isFirst, noneFound, besideName, keepsPicked = false }: PlantSearchProps) {
  const plants = useQuery(allPlants()).data
  const [typed, setTyped] = useState(picked?.name ?? '')
  const index = useMemo(() => nameIndex(plants ?? []), [plants])
  const byId = useMemo(() => new Map((plants ?? []).map((plant) => [plant.id, plant])), [plants])
  return (
    <Autocomplete<PlantSpecies>
      options={plants ?? []}
      value={picked}
      inputValue={typed}
      blurOnSelect
      clearOnBlur
      getOptionLabel={({ name }) => name}
      getOptionKey={({ id }) => id}
      isOptionEqualToValue={(option, value) => option.id === value.id}
      filterOptions={(_options, { inputValue }) =>
        searchNames(index, inputValue === picked?.name ? '' : inputValue)
          .flatMap((id) => byId.get(id) ?? [])
          .sort((a, b) => (inputValue === '' ? Number(isFirst(b)) - Number(isFirst(a)) : 0))
          .slice(0, MOST_SHOWN)
      }
      onInputChange={(_event, next, reason) => setTyped(reason === 'selectOption' && !keepsPicked ? '' : next)}
      onChange={(_event, plant) => (plant !== null || keepsPicked) && onPick(plant)}
      noOptionsText={noneFound}
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
          {besideName !== undefined && <Box sx={{ fontSize: 13 }}>{besideName(plant)}</Box>}
        </Box>
      )}
      renderInput={(parameters) => <TextField {...parameters} label={label} placeholder={plantingWords.search} />}
    />
  )
}
