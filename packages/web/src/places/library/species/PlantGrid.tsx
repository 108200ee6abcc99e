import { plantFormWords, speciesWords } from '@jovrin/contract'
import { VERDICTS, type PlantSpecies, type Verdict } from '@jovrin/core'
import { Box } from '@mui/material'
import type { GridColDef } from '@mui/x-data-grid'
import { memo, useMemo } from 'react'
import { Link, useNavigate } from 'react-router'
import { PlantGlyph } from '../../../drawing/species/PlantGlyph.js'
import { Grid } from '../../../ui/grid/Grid.js'
import { useUnits, type Units } from '../../../ui/units.js'
import { carbonText, easeText, growthText, lightText, placesText, rangeText } from '../../shared/species.text.js'
import type { TankSites } from './useTankSite.js'
import { VerdictMark } from '../../shared/VerdictMark.js'

/** A plant with how it stands in the chosen tank. */
export interface FoundPlant {
  readonly id: string
  readonly plant: PlantSpecies
  readonly verdict: Verdict | null
  readonly older: readonly string[]
}

interface PlantGridProps {
  readonly rows: readonly FoundPlant[]
  readonly sites: TankSites
  readonly tankId: string | null
}
/** Plants in a table that is sorted by its heads. */
export const PlantGrid = memo(function PlantGrid({ rows, sites, tankId }: PlantGridProps) {
  const units = useUnits()
  const navigate = useNavigate()
  const columns = useMemo(() => columnsFor(units, sites, tankId), [units, sites, tankId])
  return (
    <Box sx={{ flexGrow: 1, minHeight: 420, height: 0 }}>
      <Grid<FoundPlant>
        label={speciesWords.title}
        fileName={speciesWords.title}
        rows={rows}
        columns={columns}
        rowHeight={66}
        slotProps={NO_SEARCH_OF_ITS_OWN}
        hideFooter
        onCellKeyDown={({ id }, event) => {
          if (event.key === 'Enter') void navigate(`/library/species/${id}${addressTail(tankId)}`)
        }}
        empty={speciesWords.none}
      />
    </Box>
  )
})
const NO_SEARCH_OF_ITS_OWN = { toolbar: { showQuickFilter: false } } as const

const addressTail = (tank: string | null): string => (tank === null ? '' : `?tank=${tank}`)

function columnsFor(units: Units, { tank }: TankSites, tankId: string | null): GridColDef<FoundPlant>[] {
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
      minWidth: 205,
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
            valueGetter: (_value: never, { verdict }: FoundPlant) => (verdict === null ? -1 : VERDICTS.indexOf(verdict)),
            valueFormatter: (_value: never, { verdict }: FoundPlant) => verdict ?? '',
            renderCell: ({ row }: { readonly row: FoundPlant }) => (row.verdict === null ? null : <VerdictMark verdict={row.verdict} />),
          } satisfies GridColDef<FoundPlant>,
        ]),
    column('form', speciesWords.head.form, 128, ({ plant }) => plantFormWords[plant.form]),
    column('places', speciesWords.head.places, 128, ({ plant }) => placesText(plant)),
    {
      ...column('height', speciesWords.head.height, 124, ({ plant }) => rangeText('matureHeightCm', plant.matureHeightCm, units)),
      valueGetter: (_value, { plant }) => plant.matureHeightCm.value,
      valueFormatter: (_value, { plant }) => rangeText('matureHeightCm', plant.matureHeightCm, units),
    },
    {
      ...column('light', speciesWords.head.light, 112, ({ plant }) => lightText(plant)),
      valueGetter: (_value, { plant }) => rank(plant),
      valueFormatter: (_value, { plant }) => lightText(plant),
    },
    column('gas', speciesWords.head.gas, 112, ({ plant }) => carbonText(plant)),
    {
      ...column('growth', speciesWords.head.growth, 106, ({ plant }) => growthText(plant)),
      valueGetter: (_value, { plant }) => plant.doublingDays.value,
      valueFormatter: (_value, { plant }) => growthText(plant),
    },
    column('ease', speciesWords.head.ease, 122, ({ plant }) => easeText(plant)),
  ]
}
const column = (field: string, headerName: string, width: number, text: (row: FoundPlant) => string): GridColDef<FoundPlant> => ({
  field,
  headerName,
  width,
  valueGetter: (_value, row) => text(row),
})
