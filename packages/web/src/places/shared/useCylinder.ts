import { cylinderOf, type CylinderForecast, type Plan } from '@jovrin/core'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { readingsOfTank } from '../../api/journal.queries.js'
import { allTanks } from '../../api/tanks.queries.js'

/** What the weighings of the journal say of the cylinder that a tank hangs on, its own or another tank's; `null` where they say nothing yet. */
export function useCylinder(tankId: string, plan: Pick<Plan, 'gasLines'>): CylinderForecast | null {
  const owner = plan.gasLines.find(({ control }) => control !== 'none')?.sharedWith ?? tankId
  const tanks = useQuery({ ...allTanks(), enabled: owner !== tankId }).data
  const owning = owner === tankId ? plan : tanks?.find(({ id }) => id === owner)?.plan
  const series = useQuery({ ...readingsOfTank(owner, 'cylinderMass'), enabled: owning !== undefined }).data
  return useMemo(
    () =>
      series === undefined || owning === undefined
        ? null
        : cylinderOf(
            owning,
            series.at.map((atMs, place) => ({ atMs, kg: series.value[place] ?? 0 })),
          ),
    [series, owning],
  )
}
