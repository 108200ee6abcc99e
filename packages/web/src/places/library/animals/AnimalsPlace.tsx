import { animalsWords, libraryWords } from '@jovrin/contract'
import { ANIMALS, animalsNamed, foundByOlderName, usualOrder, type AnimalSpecies, type Bearing } from '@jovrin/core'
import { Box, TextField } from '@mui/material'
import type { GridColDef } from '@mui/x-data-grid'
import { useDeferredValue, useMemo } from 'react'
import { useSearchParams } from 'react-router'
import { Grid } from '../../../ui/grid/Grid.js'
import { useKeptState } from '../../../ui/useKeptState.js'
import { significant, useUnits, type Units } from '../../../ui/units.js'
import { animalTraits } from '../../shared/animals/animalFacts.text.js'
import { LibraryHead } from '../LibraryHead.js'

const inOrder = [...ANIMALS].sort(usualOrder)
const NO_SEARCH_OF_ITS_OWN = { toolbar: { showQuickFilter: false } } as const
const keptText = (kept: unknown): string | null => (typeof kept === 'string' ? kept : null)

interface FoundAnimal {
  readonly id: string
  readonly animal: AnimalSpecies
  readonly older: readonly string[]
}

/** The animals of the library, found by any name or plain word: what they bear, want and do. */
export function AnimalsPlace() {
  const units = useUnits()
  const [search] = useSearchParams()
  const [typed, setTyped] = useKeptState('jovrin.library.animals', search.get('q') ?? '', keptText)
  const found = useMemo(
    () =>
      (typed === '' ? inOrder : animalsNamed(typed)).map((animal): FoundAnimal => ({
        id: animal.id,
        animal,
        older: foundByOlderName(animal, typed),
      })),
    [typed],
  )
  const rows = useDeferredValue(found)
  const columns = useMemo(() => columnsFor(units), [units])
  const text = animalsWords.library
  return (
    <Box sx={{ px: 2, py: 1.5, display: 'flex', flexDirection: 'column', flexGrow: 1, minWidth: 0 }}>
      <LibraryHead />
      <Box role="search" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'end', my: 1 }}>
        <TextField
          type="search"
          label={text.find}
          value={typed}
          autoComplete="off"
          onChange={(event) => setTyped(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ minWidth: 240, flexGrow: { xs: 1, md: 0 } }}
        />
        <Box role="status" sx={{ color: 'text.secondary', fontSize: 14, pb: 0.5 }}>
          {text.count(found.length, significant(found.length))}
        </Box>
      </Box>
      <Box sx={{ fontSize: 14, color: 'text.secondary', mb: 1, maxWidth: 900 }}>{text.hint}</Box>
      <Box sx={{ flexGrow: 1, minHeight: 420, height: 0 }}>
        <Grid<FoundAnimal>
          label={libraryWords.animals}
          fileName={libraryWords.animals}
          rows={rows}
          columns={columns}
          rowHeight={66}
          slotProps={NO_SEARCH_OF_ITS_OWN}
          hideFooter
          empty={animalsWords.noneFound}
        />
      </Box>
    </Box>
  )
}

function columnsFor(units: Units): GridColDef<FoundAnimal>[] {
  const head = animalsWords.library.head
  const span = (low: number, high: number, digits = 2): string => `${significant(low, digits)}–${significant(high, digits)}`
  const bearing = (dimension: 'temperature' | 'hardness' | 'alkalinity' | 'pH', { min, goodLow, goodHigh, max }: Bearing): string => {
    const told = (value: number): number => (dimension === 'pH' ? value : units.to(dimension, value))
    return `${span(told(goodLow), told(goodHigh))} (${span(told(min), told(max))})`
  }
  const inUnit = (name: string, dimension: 'length' | 'temperature' | 'hardness' | 'alkalinity' | 'volume'): string =>
    `${name}, ${units.unitOf(dimension)}`
  return [
    {
      field: 'name',
      headerName: head.name,
      flex: 1,
      minWidth: 182,
      valueGetter: (_value, { animal }) => animal.name,
      renderCell: ({ row: { animal, older } }) => (
        <Box sx={{ lineHeight: 1.2, py: 0.75 }}>
          <Box sx={{ fontStyle: 'italic' }}>{animal.name}</Box>
          <Box sx={{ fontSize: 12, color: 'text.secondary' }}>{[...older, animal.word].join(' · ')}</Box>
        </Box>
      ),
    },
    {
      field: 'size',
      headerName: inUnit(head.size, 'length'),
      width: 80,
      valueGetter: (_value, { animal }) => animal.adultCm.value,
      renderCell: ({ row: { animal } }) => span(units.to('length', animal.adultCm.low), units.to('length', animal.adultCm.high)),
    },
    {
      field: 'warmth',
      headerName: inUnit(head.warmth, 'temperature'),
      width: 128,
      valueGetter: (_value, { animal }) => animal.temperatureC.goodLow,
      renderCell: ({ row: { animal } }) => bearing('temperature', animal.temperatureC),
    },
    {
      field: 'pH',
      headerName: head.pH,
      width: 134,
      valueGetter: (_value, { animal }) => animal.pH.goodLow,
      renderCell: ({ row: { animal } }) => bearing('pH', animal.pH),
    },
    {
      field: 'gh',
      headerName: inUnit(head.gh, 'hardness'),
      width: 106,
      valueGetter: (_value, { animal }) => animal.hardnessMmolPerL.goodLow,
      renderCell: ({ row: { animal } }) => bearing('hardness', animal.hardnessMmolPerL),
    },
    {
      field: 'kh',
      headerName: inUnit(head.kh, 'alkalinity'),
      width: 106,
      valueGetter: (_value, { animal }) => animal.alkalinityMeqPerL.goodLow,
      renderCell: ({ row: { animal } }) => bearing('alkalinity', animal.alkalinityMeqPerL),
    },
    { field: 'least', headerName: head.least, width: 72, valueGetter: (_value, { animal }) => animal.leastCount },
    {
      field: 'litres',
      headerName: inUnit(head.litres, 'volume'),
      width: 72,
      valueGetter: (_value, { animal }) => animal.leastL,
      renderCell: ({ row: { animal } }) => significant(units.to('volume', animal.leastL), 2),
    },
    { field: 'week', headerName: head.week, width: 84, valueGetter: (_value, { animal }) => animal.earliestWeek },
    {
      field: 'traits',
      headerName: head.traits,
      flex: 1,
      minWidth: 230,
      sortable: false,
      valueGetter: (_value, { animal }) => animalTraits(animal).join(', '),
      renderCell: ({ value }) => (
        <Box sx={{ whiteSpace: 'normal', lineHeight: 1.2, fontSize: 13, alignContent: 'center', height: '100%' }}>{String(value)}</Box>
      ),
    },
    { field: 'confidence', headerName: head.confidence, width: 62, valueGetter: (_value, { animal }) => animal.confidence },
  ]
}
