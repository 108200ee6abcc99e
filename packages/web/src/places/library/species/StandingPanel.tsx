import { plantPlaceWords, speciesWords, standingAspectWords, type PlantNote } from '@jovrin/contract'
import { PLANT_PLACES, sameJob, standingOf, type PlantPlace, type PlantSpecies } from '@jovrin/core'
import { Box, MenuItem, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { Link, useSearchParams } from 'react-router'
import { PlantGlyph } from '../../../drawing/species/PlantGlyph.js'
import { useSetParam } from '../../../ui/useSetParam.js'
import { longDate, useUnits } from '../../../ui/units.js'
import { allPlants, notesOfPlant } from './species.queries.js'
import { remarkText } from '../../shared/species.text.js'
import { TankSelect } from './TankSelect.js'
import type { TankSites } from './useTankSite.js'
import { VerdictMark } from '../../shared/VerdictMark.js'

/** Chosen, against the tank that was looked at last. */
const NO_TANK = 'none'

/** How a plant would stand in a tank, each reason by name, and what would do the same job. */
export function StandingPanel({ plant, sites }: { readonly plant: PlantSpecies; readonly sites: TankSites }) {
  const units = useUnits()
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const all = useQuery(allPlants()).data
  const notes = useQuery(notesOfPlant(plant.id)).data
  const place = PLANT_PLACES.find((one) => one === search.get('at')) ?? plant.places[0] ?? 'mid'
  const site = sites.siteAt(place)
  const standing = useMemo(() => (site === null ? null : standingOf(plant, site)), [plant, site])
  const others = useMemo(() => (site === null || all === undefined ? [] : sameJob(plant, all, site)), [plant, all, site])
  const own = ownNote(notes ?? [], sites.tank?.id ?? null)
  return (
    <Box component="section" sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'end' }}>
        <TankSelect sites={sites} onChoose={(id) => setParam('tank', id ?? NO_TANK)} />
        <TextField
          select
          label={speciesWords.place}
          value={place}
          onChange={(event) => setParam('at', event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ minWidth: 150 }}
        >
          {PLANT_PLACES.map((one: PlantPlace) => (
            <MenuItem key={one} value={one}>
              {plantPlaceWords[one]}
            </MenuItem>
          ))}
        </TextField>
        {standing !== null && (
          <Box role="status" sx={{ fontSize: 19, pb: 0.25 }}>
            <VerdictMark verdict={standing.verdict} />
          </Box>
        )}
      </Box>
      {standing === null && <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{speciesWords.chooseTank}</Box>}
      {own !== null && (
        <Box sx={{ fontWeight: 700 }}>{speciesWords.yourNote(speciesWords.outcome[own.outcome], longDate(own.notedOn))}</Box>
      )}
      {standing !== null && sites.tank !== null && (
        <>
          <Box
            component="table"
            aria-label={speciesWords.standing(sites.tank.plan.name)}
            sx={{
              borderCollapse: 'collapse',
              fontSize: 14.5,
              '& td, & th': {
                textAlign: 'left',
                verticalAlign: 'top',
                fontWeight: 400,
                pr: 1.25,
                py: '3px',
                borderBottom: '1px solid var(--hair)',
              },
            }}
          >
            <tbody>
              {standing.remarks.map((remark) => (
                <tr key={remark.code}>
                  <Box component="th" scope="row" className="lettering">
                    {standingAspectWords[remark.aspect]}
                  </Box>
                  <td>
                    <VerdictMark verdict={remark.verdict} />
                  </td>
                  <td>{remarkText(remark, units)}</td>
                </tr>
              ))}
            </tbody>
          </Box>
          <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{speciesWords.shadeLeftOut}</Box>
          <Box component="h2" className="lettering" sx={{ m: 0, mt: 0.5, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
            {speciesWords.sameJob}
          </Box>
          {others.length === 0 && <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{speciesWords.sameJobNone}</Box>}
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {others.map(({ plant: other, verdict, isEasier }) => (
              <Box key={other.id} component="li" sx={{ display: 'flex', alignItems: 'center', gap: 1, py: '1px' }}>
                <PlantGlyph plant={other} widthPx={34} heightPx={28} />
                <Box
                  component={Link}
                  to={`/library/species/${other.id}?${search.toString()}`}
                  sx={{ color: 'inherit', fontStyle: 'italic', flexGrow: 1 }}
                >
                  {other.name}
                </Box>
                {isEasier && <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{speciesWords.easier}</Box>}
                <Box sx={{ fontSize: 14 }}>
                  <VerdictMark verdict={verdict} />
                </Box>
              </Box>
            ))}
          </Box>
        </>
      )}
    </Box>
  )
}

/** The newest note on this tank: it goes before the library. Notes come newest first. */
const ownNote = (notes: readonly PlantNote[], tankId: string | null): PlantNote | null =>
  notes.find((note) => tankId !== null && note.tankId === tankId) ?? null
