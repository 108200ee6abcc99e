import { commonAnswers, cylinderForecast, type CylinderForecast, type Plan } from '@jovrin/core'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { readingsOfTank } from '../../api/journal.queries.js'

/** What the weighings of the journal say of a tank's cylinder; `null` where they say nothing yet. */
export function useCylinder(tankId: string, { gasLines }: Pick<Plan, 'gasLines'>): CylinderForecast | null {
  const series = useQuery(readingsOfTank(tankId, 'cylinderMass')).data
  const line = gasLines.find(({ control }) => control !== 'none')
  const fullKg = commonAnswers().number('gasLines/*/cylinderKg', line?.cylinderKg ?? null)
  const emptyKg = line?.emptyKg ?? null
  return useMemo(
    () =>
      series === undefined
        ? null
        : cylinderForecast(
            series.at.map((atMs, place) => ({ atMs, kg: series.value[place] ?? 0 })),
            { emptyKg, fullKg },
          ),
    [series, emptyKg, fullKg],
  )
}
