import { shoppingWords } from '@jovrin/contract'
import { plantSiteOf, sameJob, type CountedSpecies, type PlantSpecies } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { allPlants } from '../../library/species/species.queries.js'
import type { Desk } from '../desk.js'

const MOST = 2

interface SubstitutesProps {
  readonly desk: Desk
  readonly plants: readonly CountedSpecies[]
}

/** What would do the same job in this tank where a shop does not have a plant. Sought when it is opened. */
export function Substitutes({ desk: { plan, figures, tankId }, plants }: SubstitutesProps) {
  const [isOpen, setOpen] = useState(false)
  const { data } = useQuery({ ...allPlants(), enabled: isOpen })
  const rows = useMemo(() => {
    if (!isOpen || data === undefined) return []
    return distinct(plants).map((plant) => {
      const site = plantSiteOf(plan, figures, plant.places[0] ?? 'mid')
      const others = sameJob(plant, data, site, MOST).flatMap(({ plant: other, verdict }) => (verdict === 'fails' ? [] : [other]))
      return { plant, others }
    })
  }, [isOpen, data, plants, plan, figures])
  return (
    <Box
      component="details"
      className="no-print"
      sx={{ fontSize: 13, color: 'text.secondary' }}
      onToggle={(event: React.SyntheticEvent<HTMLDetailsElement>) => setOpen(event.currentTarget.open)}
    >
      <summary style={{ cursor: 'pointer' }}>{shoppingWords.substitutes}</summary>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {rows.map(({ plant, others }) => (
          <li key={plant.id}>
            <i>{plant.name}</i>:{' '}
            {others.length === 0
              ? shoppingWords.noSubstitute
              : others.map((other, index) => (
                  <span key={other.id}>
                    {index > 0 && `, ${shoppingWords.or} `}
                    <Link to={`/library/species/${other.id}?tank=${tankId}`} style={{ color: 'inherit', fontStyle: 'italic' }}>
                      {other.name}
                    </Link>
                  </span>
                ))}
          </li>
        ))}
      </Box>
    </Box>
  )
}
const distinct = (plants: readonly CountedSpecies[]): PlantSpecies[] => [...new Map(plants.map(({ plant }) => [plant.id, plant])).values()]
