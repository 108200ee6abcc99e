import type { TankEntry } from '@jovrin/contract'
import { plantSiteOf, tankFigures, type PlantPlace, type PlantSite } from '@jovrin/core'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { useSearchParams } from 'react-router'
import { allTanks } from '../../../api/tanks.queries.js'

export interface TankSites {
  readonly tanks: readonly TankEntry[]
  readonly tank: TankEntry | null
  /** The tanks have been told. */
  readonly isReady: boolean
  /** A place of the chosen tank as a plant meets it. */
  readonly siteAt: (place: PlantPlace) => PlantSite | null
}

/** The tank of the address, and its places; each is reckoned once. */
export function useTankSite(standard: string | null = null): TankSites {
  const [search] = useSearchParams()
  const tanks = useQuery(allTanks()).data
  const wanted = search.get('tank') ?? standard
  return useMemo(() => {
    const tank = tanks?.find(({ id }) => id === wanted) ?? null
    const sites = new Map<PlantPlace, PlantSite>()
    const figures = tank === null ? null : tankFigures(tank.plan)
    return {
      tanks: tanks ?? [],
      tank,
      isReady: tanks !== undefined,
      siteAt: (place) => {
        if (tank === null || figures === null) return null
        const known = sites.get(place) ?? plantSiteOf(tank.plan, figures, place)
        sites.set(place, known)
        return known
      },
    }
  }, [tanks, wanted])
}
