import { lightClassWords, plantClassWords, plantFormWords, plantKindWords, plantPlaceWords, speciesWords } from '@jovrin/contract'
import { foundByOlderName, standingOf, VERDICTS, type PlantSpecies, type Verdict } from '@jovrin/core'
import { Box, Button, Checkbox, FormControlLabel, MenuItem, TextField } from '@mui/material'
import type { GridColDef } from '@mui/x-data-grid'
import { useQuery } from '@tanstack/react-query'
import { useDeferredValue, useMemo, useState } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { PlantGlyph } from '../../../drawing/species/PlantGlyph.js'
import { Grid } from '../../../ui/grid/Grid.js'
import { QueryState } from '../../../ui/QueryState.js'
import { useSetParam } from '../../../ui/useSetParam.js'
import { useUnits, type Units } from '../../../ui/units.js'
import { LibraryHead } from '../LibraryHead.js'
import { BringInPlants } from './BringInPlants.js'
import { EditPlant } from './EditPlant.js'
import { newPlantRow } from './ownPlant.js'
import { FILTER_NAMES, FILTERS, filterOf, foundPlants, plantList, type FilterName } from './plantFilter.js'
import { allPlants } from './species.queries.js'
import { carbonText, easeText, growthText, lightText, placesText, rangeText } from './species.text.js'
import { useTankSite, type TankSites } from './useTankSite.js'
import { VerdictMark } from './VerdictMark.js'

const WORDS_OF_FILTER: Readonly<Record<FilterName, Readonly<Record<string, string>>>> = {
  kind: plantKindWords,
  place: plantPlaceWords,
  light: lightClassWords,
  gas: plantClassWords.carbon,
  ease: plantClassWords.ease,
}

/** A plant with how it stands in the chosen tank. */
interface Row {
  readonly id: string
  readonly plant: PlantSpecies
  readonly verdict: Verdict | null
  readonly older: readonly string[]
}

/** The plants of the library: found by any name, sorted, filtered, and held against a tank. */
export function SpeciesPlace() {
  const units = useUnits()
  const navigate = useNavigate()
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const [typed, setTyped] = useState(search.get('q') ?? '')
  const [open, setOpen] = useState<'new' | 'file' | null>(null)
  const text = useDeferredValue(typed)
  const plants = useQuery(allPlants())
  const sites = useTankSite()
  const list = useMemo(() => (plants.data === undefined ? null : plantList(plants.data)), [plants.data])
  const filter = useMemo(() => filterOf(search), [search])
  const onlyFitting = search.get('fits') === '1'
  const rows = useMemo(() => {
    const found = list === null ? [] : foundPlants(list, text, filter)
    return found.flatMap((plant): Row[] => {
      const verdict = verdictIn(plant, sites)
      return onlyFitting && verdict !== null && verdict !== 'fits'
        ? []
        : [{ id: plant.id, plant, verdict, older: foundByOlderName(plant, text) }]
    })
  }, [list, text, filter, sites, onlyFitting])
  const columns = useMemo(() => columnsFor(units, sites, search.get('tank')), [units, sites, search])
  if (list === null) return <QueryState error={plants.error} onRetry={() => void plants.refetch()} />
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
          onChange={(event) => {
            setTyped(event.target.value)
            setParam('q', event.target.value.trim() === '' ? null : event.target.value)
          }}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ minWidth: 240, flexGrow: { xs: 1, md: 0 } }}
        />
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
        <TextField
          select
          label={speciesWords.inTank}
          value={sites.tank?.id ?? ''}
          onChange={(event) => setParam('tank', event.target.value === '' ? null : event.target.value)}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
          sx={{ minWidth: 150 }}
        >
          <MenuItem value="">{speciesWords.noTank}</MenuItem>
          {sites.tanks.map(({ id, plan }) => (
            <MenuItem key={id} value={id}>
              {plan.name}
            </MenuItem>
          ))}
        </TextField>
        {sites.tank !== null && (
          <FormControlLabel
            control={
              <Checkbox size="small" checked={onlyFitting} onChange={(event) => setParam('fits', event.target.checked ? '1' : null)} />
            }
            label={speciesWords.onlyFitting}
          />
        )}
        <FormControlLabel
          control={
            <Checkbox size="small" checked={filter.isOwn} onChange={(event) => setParam('own', event.target.checked ? '1' : null)} />
          }
          label={speciesWords.onlyOwn}
        />
        <Box role="status" sx={{ color: 'text.secondary', fontSize: 14, pb: 0.5 }}>
          {speciesWords.count(rows.length)}
        </Box>
      </Box>
      <Box sx={{ flexGrow: 1, minHeight: 420, height: 0 }}>
        <Grid<Row>
          label={speciesWords.title}
          fileName={speciesWords.title}
          rows={rows}
          columns={columns}
          rowHeight={66}
          slotProps={{ toolbar: { showQuickFilter: false } }}
          hideFooter
          onRowDoubleClick={({ id }) => void navigate(`/library/species/${id}`)}
          onCellKeyDown={({ id }, event) => {
            if (event.key === 'Enter') void navigate(`/library/species/${id}${addressTail(search.get('tank'))}`)
          }}
          empty={speciesWords.none}
        />
      </Box>
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

const addressTail = (tank: string | null): string => (tank === null ? '' : `?tank=${tank}`)

/** At the best of its usual places. */
function verdictIn(plant: PlantSpecies, { siteAt }: TankSites): Verdict | null {
  const verdicts = plant.places.flatMap((place) => {
    const site = siteAt(place)
    return site === null ? [] : [standingOf(plant, site).verdict]
  })
  return VERDICTS.find((verdict) => verdicts.includes(verdict)) ?? null
}

function columnsFor(units: Units, { tank }: TankSites, tankId: string | null): GridColDef<Row>[] {
  const rank = ({ light }: PlantSpecies): number => light.good
  return [
    {
      field: 'glyph',
      headerName: '',
      width: 66,
      sortable: false,
      filterable: false,
      disableExport: true,
      renderCell: ({ row }) => <PlantGlyph plant={row.plant} widthPx={54} heightPx={44} />,
    },
    {
      field: 'name',
      headerName: speciesWords.head.name,
      flex: 1,
      minWidth: 230,
      valueGetter: (_value, { plant }) => plant.name,
      renderCell: ({ row: { plant, older } }) => (
        <Box sx={{ lineHeight: 1.2, overflow: 'hidden', alignContent: 'center', height: '100%' }}>
          <Box
            component={Link}
            to={`/library/species/${plant.id}${addressTail(tankId)}`}
            sx={{ color: 'inherit', fontStyle: 'italic', fontSize: 16 }}
          >
            {plant.name}
          </Box>
          {plant.isOwn && <Box component="span" sx={{ fontSize: 12.5, ml: 1 }}>{`(${speciesWords.own})`}</Box>}
          {older.length > 0 && <Box sx={{ fontSize: 12.5, color: 'text.secondary' }}>{speciesWords.older(older.join(', '))}</Box>}
        </Box>
      ),
    },
    ...(tank === null
      ? []
      : [
          {
            field: 'verdict',
            headerName: tank.plan.name,
            width: 112,
            valueGetter: (_value: never, { verdict }: Row) => (verdict === null ? -1 : VERDICTS.indexOf(verdict)),
            valueFormatter: (_value: never, { verdict }: Row) => verdict ?? '',
            renderCell: ({ row }: { readonly row: Row }) => (row.verdict === null ? null : <VerdictMark verdict={row.verdict} />),
          } satisfies GridColDef<Row>,
        ]),
    column('form', speciesWords.head.form, 140, ({ plant }) => plantFormWords[plant.form]),
    column('places', speciesWords.head.places, 150, ({ plant }) => placesText(plant)),
    {
      ...column('height', speciesWords.head.height, 132, ({ plant }) => rangeText('matureHeightCm', plant.matureHeightCm, units)),
      valueGetter: (_value, { plant }) => plant.matureHeightCm.value,
      valueFormatter: (_value, { plant }) => rangeText('matureHeightCm', plant.matureHeightCm, units),
    },
    {
      ...column('light', speciesWords.head.light, 118, ({ plant }) => lightText(plant)),
      valueGetter: (_value, { plant }) => rank(plant),
      valueFormatter: (_value, { plant }) => lightText(plant),
    },
    column('gas', speciesWords.head.gas, 124, ({ plant }) => carbonText(plant)),
    {
      ...column('growth', speciesWords.head.growth, 112, ({ plant }) => growthText(plant)),
      valueGetter: (_value, { plant }) => plant.doublingDays.value,
      valueFormatter: (_value, { plant }) => growthText(plant),
    },
    column('ease', speciesWords.head.ease, 142, ({ plant }) => easeText(plant)),
  ]
}
const column = (field: string, headerName: string, width: number, text: (row: Row) => string): GridColDef<Row> => ({
  field,
  headerName,
  width,
  valueGetter: (_value, row) => text(row),
})
