import { lightClassWords, plantClassWords, plantKindWords, plantPlaceWords, speciesWords } from '@jovrin/contract'
import { Checkbox, FormControlLabel, MenuItem, TextField } from '@mui/material'
import { memo } from 'react'
import { useSetParam } from '../../../ui/useSetParam.js'
import { FILTER_NAMES, FILTERS, type FilterName, type PlantFilter } from './plantFilter.js'
import { TankSelect } from './TankSelect.js'
import type { TankSites } from './useTankSite.js'

const WORDS_OF_FILTER: Readonly<Record<FilterName, Readonly<Record<string, string>>>> = {
  kind: plantKindWords,
  place: plantPlaceWords,
  light: lightClassWords,
  gas: plantClassWords.carbon,
  ease: plantClassWords.ease,
}

interface PlantFiltersProps {
  readonly filter: PlantFilter
  readonly sites: TankSites
  readonly onlyFitting: boolean
}
/** What a plant must be to stay in the list. Kept in the address. */
export const PlantFilters = memo(function PlantFilters({ filter, sites, onlyFitting }: PlantFiltersProps) {
  const setParam = useSetParam()
  return (
    <>
      {FILTER_NAMES.map((name) => (
        <TextField
          key={name}
          select
          label={speciesWords.filter[name]}
          value={filter[name] ?? ''}
          onChange={(event) => setParam(name, event.target.value === '' ? null : event.target.value)}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
          sx={{ minWidth: 96 }}
        >
          <MenuItem value="">{speciesWords.any}</MenuItem>
          {FILTERS[name].map((value) => (
            <MenuItem key={value} value={value}>
              {WORDS_OF_FILTER[name][value]}
            </MenuItem>
          ))}
        </TextField>
      ))}
      <TankSelect sites={sites} onChoose={(id) => setParam('tank', id)} />
      {sites.tank !== null && (
        <FormControlLabel
          control={
            <Checkbox size="small" checked={onlyFitting} onChange={(event) => setParam('fits', event.target.checked ? '1' : null)} />
          }
          label={speciesWords.onlyFitting}
        />
      )}
      <FormControlLabel
        control={<Checkbox size="small" checked={filter.isOwn} onChange={(event) => setParam('own', event.target.checked ? '1' : null)} />}
        label={speciesWords.onlyOwn}
      />
    </>
  )
})
