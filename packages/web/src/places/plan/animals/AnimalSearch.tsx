import { animalsWords } from '@jovrin/contract'
import { ANIMALS, animalsNamed, animalVerdict, foundByOlderName, usualOrder, type AnimalSpecies } from '@jovrin/core'
import { Autocomplete, Box, TextField } from '@mui/material'
import { useState } from 'react'
import { useUnits } from '../../../ui/units.js'
import { VerdictMark } from '../../shared/VerdictMark.js'
import type { Desk } from '../desk.js'
import { animalFacts } from '../../shared/animals/animalFacts.text.js'

const MOST_SHOWN = 40
const inOrder = [...ANIMALS].sort(usualOrder)

interface SearchProps {
  readonly desk: Pick<Desk, 'plan' | 'figures'>
  readonly onPick: (animal: AnimalSpecies) => void
}

/** An animal of the library by any of its names, or by its plain word; each with how it would stand here. */
export function AnimalSearch({ desk: { plan, figures }, onPick }: SearchProps) {
  const units = useUnits()
  const [typed, setTyped] = useState('')
  return (
    <Autocomplete<AnimalSpecies>
      options={inOrder}
      value={null}
      inputValue={typed}
      blurOnSelect
      clearOnBlur
      getOptionLabel={({ name }) => name}
      getOptionKey={({ id }) => id}
      filterOptions={(_options, { inputValue }) => (inputValue === '' ? inOrder : animalsNamed(inputValue)).slice(0, MOST_SHOWN)}
      onInputChange={(_event, next, reason) => setTyped(reason === 'selectOption' ? '' : next)}
      onChange={(_event, animal) => animal !== null && onPick(animal)}
      noOptionsText={animalsWords.noneFound}
      renderOption={({ key, ...props }, animal) => (
        <Box component="li" key={key} {...props} sx={{ display: 'block !important', py: '2px !important', lineHeight: 1.2 }}>
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Box sx={{ fontStyle: 'italic', flexGrow: 1 }}>{animal.name}</Box>
            <VerdictMark verdict={animalVerdict(plan, figures, animal)} />
          </Box>
          <Box sx={{ fontSize: 12, color: 'text.secondary' }}>
            {[...foundByOlderName(animal, typed), animal.word, ...animalFacts(animal, units)].join(' · ')}
          </Box>
        </Box>
      )}
      renderInput={(parameters) => <TextField {...parameters} label={animalsWords.searchLabel} placeholder={animalsWords.search} />}
    />
  )
}
